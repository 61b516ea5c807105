"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { civilDate } from "@/core/calendar";
import { bedsInOrder, type Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { materials, type Piece } from "@/core/shelter";
import { feet, metres } from "@/core/wording";
import { gardenStore, todayOf, newId } from "@/store/index";
import { FormDialog, readTyped } from "@/ui/inputs/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { CONDITION_WORDS } from "./pieceWords";

interface Props {
  garden: Garden;
  /** The piece to change; null for a new one. */
  piece: Piece | null;
  onClose: () => void;
}

interface Fields {
  kind: Piece["kind"];
  materialId: string;
  length: string;
  width: string;
  condition: "good" | "worn" | "torn";
  firstYear: string;
  bedId: string;
  count: string;
}

/** One piece of the shed: what it is, how large, in what condition, and where it lies. */
export default function PieceDialog({ garden, piece, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const [fields, setFields] = useState<Fields>(() =>
    fieldsFrom(piece, imperial, civilDate(todayOf(garden)).year),
  );
  const [refusal, setRefusal] = useState("");
  const set = (some: Partial<Fields>) => setFields({ ...fields, ...some });
  const keep = async () => {
    const id = piece?.id ?? newId("piece");
    const done = await gardenStore().dispatch("piece.set", pieceFrom(id, fields, imperial));
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    tell("The stock is changed.", "done", true);
  };
  const remove = async () => {
    if (!piece) return;
    const done = await gardenStore().dispatch("piece.remove", { id: piece.id });
    if (!done.ok) return tellRefusal(done);
    onClose();
    tell("The piece is out of the stock.", "done", true);
  };
  const unit = imperial ? "ft" : "m";
  const text = (name: keyof Fields, label: string) => (
    <TextField
      label={label}
      value={fields[name]}
      onChange={(event) => set({ [name]: event.target.value })}
      slotProps={{ htmlInput: { inputMode: "decimal" } }}
    />
  );
  const sheets = [...materials.values()].filter(({ kind }) => kind !== "house");
  return (
    <FormDialog
      title={piece ? "Change a piece" : "Add to the stock"}
      refusal={refusal}
      more={
        piece && (
          <Button color="inherit" onClick={() => void remove()}>
            Take it out
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      {!piece && (
        <TextField
          select
          label="What"
          value={fields.kind}
          onChange={(event) => set({ kind: event.target.value as Piece["kind"] })}
        >
          <MenuItem value="cover">A piece of cover</MenuItem>
          <MenuItem value="hoops">Hoops</MenuItem>
          <MenuItem value="weights">Weights for the edges</MenuItem>
        </TextField>
      )}
      {fields.kind === "cover" ? (
        <>
          <TextField
            select
            label="Material"
            value={fields.materialId}
            onChange={(event) => set({ materialId: event.target.value })}
          >
            {sheets.map(({ id, name }) => (
              <MenuItem key={id} value={id}>
                {name}
              </MenuItem>
            ))}
          </TextField>
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
            {text("length", `Length (${unit})`)}
            {text("width", `Width (${unit})`)}
            <TextField
              select
              label="Condition"
              value={fields.condition}
              onChange={(event) => set({ condition: event.target.value as Fields["condition"] })}
            >
              {Object.entries(CONDITION_WORDS).map(([key, words]) => (
                <MenuItem key={key} value={key}>
                  {words}
                </MenuItem>
              ))}
            </TextField>
            {text("firstYear", "First used in (year)")}
          </Box>
          <TextField
            select
            label="Where it lies"
            value={fields.bedId}
            onChange={(event) => set({ bedId: event.target.value })}
          >
            <MenuItem value="">In the shed</MenuItem>
            {bedsInOrder(garden).map(({ id, name }) => (
              <MenuItem key={id} value={id}>
                {name}
              </MenuItem>
            ))}
          </TextField>
        </>
      ) : (
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
          {text("count", "How many")}
          {fields.kind === "hoops" && text("width", `They span (${unit})`)}
        </Box>
      )}
    </FormDialog>
  );
}

function fieldsFrom(piece: Piece | null, imperial: boolean, year: number): Fields {
  const long = (m: number) => String(Math.round((imperial ? feet(m) : m) * 100) / 100);
  const usual: Fields = {
    kind: "cover",
    materialId: "row-cover-light",
    length: long(9),
    width: long(2.1),
    condition: "good",
    firstYear: String(year),
    bedId: "",
    count: "20",
  };
  if (!piece) return usual;
  switch (piece.kind) {
    case "cover":
      return {
        ...usual,
        materialId: piece.materialId,
        length: long(piece.lengthM),
        width: long(piece.widthM),
        condition: piece.condition,
        firstYear: piece.firstYear === null ? "" : String(piece.firstYear),
        bedId: piece.bedId ?? "",
      };
    case "hoops":
      return { ...usual, kind: "hoops", count: String(piece.count), width: long(piece.spanM) };
    case "weights":
      return { ...usual, kind: "weights", count: String(piece.count) };
  }
}

function pieceFrom(id: string, fields: Fields, imperial: boolean): Piece {
  const number = readTyped;
  const toM = (text: string) => exactM(imperial ? metres(number(text)) : number(text));
  switch (fields.kind) {
    case "cover":
      return {
        id,
        kind: "cover",
        materialId: fields.materialId,
        lengthM: toM(fields.length),
        widthM: toM(fields.width),
        condition: fields.condition,
        firstYear: fields.firstYear.trim() === "" ? null : number(fields.firstYear),
        bedId: fields.bedId === "" ? null : fields.bedId,
      };
    case "hoops":
      return { id, kind: "hoops", count: number(fields.count), spanM: toM(fields.width) };
    case "weights":
      return { id, kind: "weights", count: number(fields.count) };
  }
}
