"use client";

import Box from "@mui/material/Box";
import { useWatch, type Control } from "react-hook-form";
import { spacingEffectFact } from "@/core/plantings";
import { ChoiceField, LengthField, NumberField } from "@/ui/forms";
import type { EditFields } from "./editFields";
import { planting as say } from "@/words/en/planting";
import { told } from "@/ui/wording";
import "@/words/en/facts/plantings";

interface Props {
  control: Control<EditFields>;
  /** The unit of short distances. */
  short: string;
  shortUnit: "in" | "cm";
}

const ARRANGEMENTS = [
  { value: "rows", words: say.inRows },
  { value: "offset", words: say.staggeredRows },
  { value: "pots", words: say.inPotsSpacedEdgeToEdge },
];

/** How the plants stand: in rows, shifted, in pots, in clusters; wider or closer than the book. */
export function StandingFields({ control, short, shortUnit }: Props) {
  const { arrangement, spacingFactor } = useWatch({ control });
  const factor = spacingFactor && Number.isFinite(spacingFactor) ? spacingFactor : 1;
  const effect = spacingEffectFact(factor);
  return (
    <>
      <ChoiceField
        control={control}
        name="arrangement"
        label={say.arrangement}
        choices={ARRANGEMENTS}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        <NumberField control={control} name="plantsPerStation" label={say.plantsPerStation} />
        <NumberField control={control} name="spacingFactor" label={say.spacing} />
        {arrangement === "pots" && (
          <LengthField unit={shortUnit} control={control} name="pot" label={say.pots({ short })} />
        )}
      </Box>
      {effect && (
        <Box sx={{ fontSize: 14, color: "var(--ash-text)" }} aria-live="polite">
          {say.comparedWithUsualSpacing({ effect: told(effect) })}
        </Box>
      )}
    </>
  );
}
