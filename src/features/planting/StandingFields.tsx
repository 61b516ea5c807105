"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useWatch, type Control, type UseFormRegister } from "react-hook-form";
import { spacingEffectWords } from "@/core/plantings";
import { asNumber } from "@/ui/inputs/index";
import { Choice } from "./Choice";
import type { EditFields } from "./editFields";

interface Props {
  control: Control<EditFields>;
  register: UseFormRegister<EditFields>;
  /** The unit of short distances. */
  small: string;
}

/** How the plants stand: in rows, shifted, in pots, in clusters; wider or closer than the book. */
export function StandingFields({ control, register, small }: Props) {
  const { arrangement, spacingFactor } = useWatch({ control });
  const effect = spacingEffectWords(Number(spacingFactor) || 1);
  const number = (name: "pot" | "plantsPerStation" | "spacingFactor", label: string) => (
    <TextField
      label={label}
      slotProps={{ htmlInput: { inputMode: "decimal" } }}
      {...register(name, asNumber)}
    />
  );
  return (
    <>
      <Choice control={control} name="arrangement" label="Stand">
        <MenuItem value="rows">in rows</MenuItem>
        <MenuItem value="offset">offset: every second row shifted</MenuItem>
        <MenuItem value="pots">in round pots, distances from edge to edge</MenuItem>
      </Choice>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("plantsPerStation", "Plants together")}
        {number("spacingFactor", "Spacing ×")}
        {arrangement === "pots" && number("pot", `Pots (${small})`)}
      </Box>
      {effect && (
        <Box sx={{ fontSize: 14, color: "var(--ash-text)" }} aria-live="polite">
          Against the book: {effect}
        </Box>
      )}
    </>
  );
}
