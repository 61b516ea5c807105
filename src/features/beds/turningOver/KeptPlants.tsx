"use client";

import Box from "@mui/material/Box";
import type { Places } from "@/core/bedSpace";
import { turningOver as say } from "@/words/en/turningOver";

interface Props {
  places: Places;
  name: string;
  keep: readonly number[];
  onKeep: (places: readonly number[]) => void;
}

/** The plants as they stand along the bed, from its near end: a tap keeps one, or pulls it after all. */
export function KeptPlants({ places, name, keep, onKeep }: Props) {
  const kept = new Set(keep);
  return (
    <Box sx={{ mt: 1 }}>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mb: 0.5 }}>{say.tapThoseToKeep}</Box>
      <Box
        role="group"
        aria-label={say.plantsOf({ name })}
        sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}
      >
        {Array.from({ length: places.count }, (_, at) => {
          const isKept = kept.has(at);
          return (
            <Box
              key={at}
              component="button"
              type="button"
              aria-pressed={isKept}
              aria-label={say.plantAt({ number: at + 1, across: Math.round(places.plantsAtEach) })}
              onClick={() => onKeep(isKept ? keep.filter((one) => one !== at) : [...keep, at])}
              sx={{
                width: 36,
                height: 36,
                p: 0,
                font: "inherit",
                fontSize: 13,
                fontWeight: isKept ? 700 : 400,
                color: "inherit",
                cursor: "pointer",
                borderRadius: "50%",
                border: isKept ? "2.5px solid var(--ember)" : "1px dashed var(--ash-text)",
                bgcolor: isKept ? "var(--selected)" : "transparent",
              }}
            >
              {at + 1}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
