"use client";

import Box from "@mui/material/Box";
import type { Control } from "react-hook-form";
import type { Garden } from "@/core/garden";
import { ChoiceField, NumberField, WordsField } from "@/ui/forms";
import type { TrayFields } from "./trayFields";
import { trays as say } from "@/words/en/trays";

interface Props {
  garden: Garden;
  control: Control<TrayFields>;
}

/** A tray's grid, size and place. */
export function TrayFormFields({ garden, control }: Props) {
  const imperial = garden.settings.units === "imperial";
  const number = (name: "cells" | "columns" | "cellVolume" | "length" | "width", label: string) => (
    <NumberField
      control={control}
      name={name}
      label={label}
      unit={name === "length" || name === "width" ? (imperial ? "in" : "cm") : undefined}
    />
  );
  return (
    <>
      <WordsField control={control} name="name" label={say.name} />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("cells", "Cells")}
        {number("columns", say.cellsPerRow)}
        {number("cellVolume", imperial ? say.cellVolumeCuIn : say.cellVolumeMl)}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("length", imperial ? say.lengthIn : say.lengthCm)}
        {number("width", imperial ? say.widthIn : say.widthCm)}
        <ChoiceField
          control={control}
          name="standId"
          label={say.location}
          choices={[
            { value: "", words: say.notPlacedYet },
            ...[...garden.stands.values()].map(({ id, name }) => ({ value: id, words: name })),
          ]}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        />
      </Box>
    </>
  );
}
