"use client";

import Box from "@mui/material/Box";
import { useWatch, type Control } from "react-hook-form";
import { spacingEffectWords } from "@/core/plantings";
import { ChoiceField, NumberField } from "@/ui/forms";
import type { EditFields } from "./editFields";

interface Props {
  control: Control<EditFields>;
  /** The unit of short distances. */
  short: string;
}

const ARRANGEMENTS = [
  { value: "rows", words: "in rows" },
  { value: "offset", words: "offset: every second row shifted" },
  { value: "pots", words: "in round pots, distances from edge to edge" },
];

/** How the plants stand: in rows, shifted, in pots, in clusters; wider or closer than the book. */
export function StandingFields({ control, short }: Props) {
  const { arrangement, spacingFactor } = useWatch({ control });
  const factor = spacingFactor && Number.isFinite(spacingFactor) ? spacingFactor : 1;
  const effect = spacingEffectWords(factor);
  return (
    <>
      <ChoiceField control={control} name="arrangement" label="Stand" choices={ARRANGEMENTS} />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        <NumberField control={control} name="plantsPerStation" label="Plants together" />
        <NumberField control={control} name="spacingFactor" label="Spacing ×" />
        {arrangement === "pots" && (
          <NumberField control={control} name="pot" label={`Pots (${short})`} />
        )}
      </Box>
      {effect && (
        <Box sx={{ fontSize: 14, color: "var(--ash-text)" }} aria-live="polite">
          Against the book: {effect}
        </Box>
      )}
    </>
  );
}
