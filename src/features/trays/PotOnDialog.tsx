"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { isoDate } from "@/core/calendar";
import type { SowingState } from "@/core/propagation";
import { freeCells, seedlingsIn, type Tray } from "@/core/trays";
import { gardenStore, newId } from "@/store/index";
import { FormDialog } from "@/ui/inputs/index";
import { setView, tell } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { TrayFormFields } from "./TrayFormFields";
import { nextTrayName, trayFieldsFor, trayFrom } from "./trayFields";

interface Props extends SectionProps {
  tray: Tray;
  state: SowingState;
  onClose: () => void;
}

const NEW_TRAY = "new";
const LARGER = 3;

/** Moves seedlings into larger cells, each cell's together or one plant to a cell. */
export default function PotOnDialog({ garden, tray, state, today, onClose }: Props) {
  const { units } = garden.settings;
  const { sowing, crop } = state;
  const cells = sowing.seedlings?.filter((count) => count > 0).length ?? 0;
  const plants = seedlingsIn(sowing) ?? 0;
  const others = [...garden.trays.values()].filter(
    (one) => one.id !== tray.id && freeCells(one).length > 0,
  );
  const [how, setHow] = useState<"together" | "split">("together");
  const [intoId, setIntoId] = useState(NEW_TRAY);
  const [fields, setFields] = useState(() =>
    trayFieldsFor(units, nextTrayName(garden.trays.values()), [...garden.stands.keys()][0] ?? "", {
      cells,
      cellMl: Math.round(tray.cellMl * LARGER),
    }),
  );
  const [refusal, setRefusal] = useState("");
  const move = async () => {
    const newTray = intoId === NEW_TRAY ? trayFrom(fields, units, today) : undefined;
    if (typeof newTray === "string") return setRefusal(newTray);
    const intoTrayId = newTray?.id ?? intoId;
    const done = await gardenStore().dispatch("tray.potOn", {
      trayId: tray.id,
      sowingId: sowing.id,
      on: isoDate(today),
      intoTrayId,
      ...(newTray ? { newTray } : {}),
      how,
      newId: newId("sowing"),
    });
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    setView({ selectedTrayId: intoTrayId });
    tell(
      `The ${crop.name.toLowerCase()} is ${how === "split" ? "split" : "potted on"}.`,
      "done",
      true,
    );
  };
  const needed = how === "split" ? plants : cells;
  return (
    <FormDialog
      title={`Pot on the ${crop.name.toLowerCase()}`}
      refusal={refusal}
      keepLabel="Moved"
      width="sm"
      onSubmit={() => void move()}
      onClose={onClose}
    >
      <TextField
        select
        label="How"
        value={how}
        onChange={(event) => setHow(event.target.value as "together" | "split")}
      >
        <MenuItem value="together">each cell as it is, into a larger one</MenuItem>
        <MenuItem value="split">split: one plant to a cell</MenuItem>
      </TextField>
      <TextField
        select
        label="Into"
        value={intoId}
        onChange={(event) => setIntoId(event.target.value)}
      >
        <MenuItem value={NEW_TRAY}>A new tray</MenuItem>
        {others.map((one) => (
          <MenuItem key={one.id} value={one.id}>
            {one.name}: {freeCells(one).length} cells free
          </MenuItem>
        ))}
      </TextField>
      {intoId === NEW_TRAY && (
        <TrayFormFields garden={garden} fields={fields} onFields={setFields} />
      )}
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
        {needed} cells are needed; what finds no room stays where it is. Set leggy seedlings deeper,
        up to the seed leaves; not onions, and never over the heart of lettuce.
      </Box>
    </FormDialog>
  );
}
