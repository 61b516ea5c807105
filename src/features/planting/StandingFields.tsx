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
  /** How many plants come of it. */
  sum: string | null;
}

const ARRANGEMENTS = [
  { value: "rows", words: say.inRows },
  { value: "offset", words: say.staggeredRows },
  { value: "pots", words: say.inPotsSpacedEdgeToEdge },
];

/** How the plants stand: in rows, shifted, in pots, in clusters; wider or closer than the book. */
export function StandingFields({ control, short, shortUnit, sum }: Props) {
  const { arrangement, spacingFactor, method, plantsPerStation } = useWatch({ control });
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
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: "1fr 1fr 1fr",
          gap: 1.5,
          alignItems: "start",
        }}
      >
        <NumberField control={control} name="plantsPerStation" label={say.plantsPerStation} />
        {method === "bought" ? (
          <NumberField control={control} name="ageWeeks" label={say.boughtAgeWeeks} />
        ) : (
          <NumberField
            control={control}
            name="seedsPerHole"
            label={say.seedsPerHole}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        )}
        <NumberField control={control} name="spacingFactor" label={say.spacing} />
        {arrangement === "pots" && (
          <LengthField unit={shortUnit} control={control} name="pot" label={say.pots({ short })} />
        )}
      </Box>
      {method !== "bought" && (
        <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
          {say.thinnedTo({ count: plantsPerStation || 1 })}
        </Box>
      )}
      {sum && (
        <Box className="tabular" aria-live="polite" sx={{ fontSize: 16, fontWeight: 700 }}>
          {sum}
        </Box>
      )}
      {effect && (
        <Box sx={{ fontSize: 14, color: "var(--ash-text)" }} aria-live="polite">
          {say.comparedWithUsualSpacing({ effect: told(effect) })}
        </Box>
      )}
    </>
  );
}
