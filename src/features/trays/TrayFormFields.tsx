"use client";

import Box from "@mui/material/Box";
import type { Control } from "react-hook-form";
import type { Garden } from "@/core/garden";
import { ChoiceField, NumberField, WordsField } from "@/ui/forms";
import type { TrayFields } from "./trayFields";

interface Props {
  garden: Garden;
  control: Control<TrayFields>;
}

/** A tray's grid, size and place. */
export function TrayFormFields({ garden, control }: Props) {
  const imperial = garden.settings.units === "imperial";
  const number = (name: "cells" | "columns" | "cellVolume" | "length" | "width", label: string) => (
    <NumberField control={control} name={name} label={label} />
  );
  return (
    <>
      <WordsField control={control} name="name" label="Name" />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("cells", "Cells")}
        {number("columns", "In rows of")}
        {number("cellVolume", imperial ? "A cell (cu in)" : "A cell (mL)")}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("length", imperial ? "Length (in)" : "Length (cm)")}
        {number("width", imperial ? "Width (in)" : "Width (cm)")}
        <ChoiceField
          control={control}
          name="standId"
          label="Stands on"
          choices={[
            { value: "", words: "Nowhere yet" },
            ...[...garden.stands.values()].map(({ id, name }) => ({ value: id, words: name })),
          ]}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        />
      </Box>
    </>
  );
}
