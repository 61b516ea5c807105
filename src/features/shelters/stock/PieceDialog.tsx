"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import { civilDate } from "@/core/calendar";
import { bedsInOrder, type Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { materials, type Piece } from "@/core/shelter";
import { feet, metres } from "@/core/units";
import { gardenStore, todayOf, newId } from "@/store/index";
import { ChoiceField, maybeAmount, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";
import { CONDITION_WORDS } from "./pieceWords";
import { materialWords } from "@/words/covers";
import { useWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  garden: Garden;
  /** The piece to change; null for a new one. */
  piece: Piece | null;
  onClose: () => void;
}

const PieceFieldsSchema = z
  .object({
    kind: z.enum(["cover", "hoops", "weights"]),
    materialId: z.string(),
    length: maybeAmount,
    width: maybeAmount,
    condition: z.enum(["good", "worn", "torn"]),
    firstYear: maybeAmount,
    bedId: z.string(),
    count: maybeAmount,
  })
  .superRefine((fields, context) => {
    const needs = {
      cover: ["length", "width"],
      hoops: ["count", "width"],
      weights: ["count"],
    } as const;
    for (const name of needs[fields.kind]) {
      if (!Number.isNaN(fields[name])) continue;
      context.addIssue({ code: "custom", path: [name], message: MISSING[name] });
    }
  });
type Fields = z.infer<typeof PieceFieldsSchema>;

const MISSING = {
  length: say.enterItsLength,
  width: say.enterItsWidth,
  count: say.enterHowManyThereAre,
} as const;

/** One piece of the shed: what it is, how large, in what condition, and where it lies. */
export default function PieceDialog({ garden, piece, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const form = useFields(
    PieceFieldsSchema,
    fieldsFrom(piece, imperial, civilDate(todayOf(garden)).year),
  );
  const { control } = form;
  const { dirtyFields } = form.formState;
  const kind = form.watch("kind");
  const keep = form.handleSubmit(async (typed) => {
    const next = pieceFrom(piece?.id ?? newId("piece"), typed, imperial);
    // What is shown is rounded: a size that was not touched keeps its exact value.
    const exact = piece && untouchedSizes(piece, dirtyFields);
    const done = await gardenStore().dispatch("piece.set", { ...next, ...exact } as Piece);
    if (!done.ok) return form.refuse(done.refusal);
    onClose();
    tell(say.coversSaved, "done", true);
  });
  const remove = async () => {
    if (!piece) return;
    const done = await gardenStore().dispatch("piece.remove", { id: piece.id });
    if (!done.ok) return tellRefusal(done);
    onClose();
    tell(say.coverRemoved, "done", true);
  };
  const wording = useWording();
  const unit = imperial ? "ft" : "m";
  const number = (name: "length" | "width" | "firstYear" | "count", label: string) => (
    <NumberField
      control={control}
      name={name}
      label={label}
      unit={name === "length" || name === "width" ? unit : undefined}
    />
  );
  const sheets = [...materials.values()].filter(({ kind }) => kind !== "house");
  return (
    <FormDialog
      title={piece ? say.editACover : say.addACover}
      refusal={form.refusal}
      more={
        piece && (
          <Button color="inherit" onClick={() => void remove()}>
            {say.remove2}
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      {!piece && (
        <ChoiceField
          control={control}
          name="kind"
          label={say.item}
          choices={[
            { value: "cover", words: say.cover },
            { value: "hoops", words: say.hoops },
            { value: "weights", words: say.edgeWeights },
          ]}
        />
      )}
      {kind === "cover" ? (
        <>
          <ChoiceField
            control={control}
            name="materialId"
            label={say.material}
            choices={sheets.map((one) => ({ value: one.id, words: materialWords(one, wording) }))}
          />
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
            {number("length", say.length2({ unit }))}
            {number("width", say.width2({ unit }))}
            <ChoiceField
              control={control}
              name="condition"
              label={say.condition}
              choices={Object.entries(CONDITION_WORDS).map(([value, words]) => ({ value, words }))}
            />
            {number("firstYear", say.firstUsedYear)}
          </Box>
          <ChoiceField
            control={control}
            name="bedId"
            label={say.whereItIsNow}
            choices={[
              { value: "", words: say.inStorage },
              ...bedsInOrder(garden).map(({ id, name }) => ({ value: id, words: name })),
            ]}
          />
        </>
      ) : (
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
          {number("count", say.howMany)}
          {kind === "hoops" && number("width", say.span({ unit }))}
        </Box>
      )}
    </FormDialog>
  );
}

/** The sizes of a piece that nobody has typed over. */
function untouchedSizes(
  piece: Piece,
  dirty: { length?: boolean; width?: boolean },
): Partial<{ lengthM: number; widthM: number; spanM: number }> {
  if (piece.kind === "cover") {
    return {
      ...(dirty.length ? {} : { lengthM: piece.lengthM }),
      ...(dirty.width ? {} : { widthM: piece.widthM }),
    };
  }
  return piece.kind === "hoops" && !dirty.width ? { spanM: piece.spanM } : {};
}

function fieldsFrom(piece: Piece | null, imperial: boolean, year: number): Fields {
  const long = (m: number) => Math.round((imperial ? feet(m) : m) * 100) / 100;
  const usual: Fields = {
    kind: "cover",
    materialId: "row-cover-light",
    length: long(9),
    width: long(2.1),
    condition: "good",
    firstYear: year,
    bedId: "",
    count: 20,
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
        firstYear: piece.firstYear ?? NaN,
        bedId: piece.bedId ?? "",
      };
    case "hoops":
      return { ...usual, kind: "hoops", count: piece.count, width: long(piece.spanM) };
    case "weights":
      return { ...usual, kind: "weights", count: piece.count };
  }
}

function pieceFrom(id: string, fields: Fields, imperial: boolean): Piece {
  const toM = (typed: number) => exactM(imperial ? metres(typed) : typed);
  switch (fields.kind) {
    case "cover":
      return {
        id,
        kind: "cover",
        materialId: fields.materialId,
        lengthM: toM(fields.length),
        widthM: toM(fields.width),
        condition: fields.condition,
        firstYear: Number.isNaN(fields.firstYear) ? null : fields.firstYear,
        bedId: fields.bedId === "" ? null : fields.bedId,
      };
    case "hoops":
      return { id, kind: "hoops", count: fields.count, spanM: toM(fields.width) };
    case "weights":
      return { id, kind: "weights", count: fields.count };
  }
}
