"use client";

import Alert from "@mui/material/Alert";
import { lackOfSun, type PlantingState } from "@/core/plantings";
import { shortfallWords } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { told } from "@/ui/wording";
import "@/words/en/facts/schedule";

interface Props {
  site: Site;
  state: PlantingState;
}

/** A warning where the skyline leaves the crop less direct sun than it needs; nothing otherwise. */
export function SunWarning({ site, state }: Props) {
  const shortfall = lackOfSun(site, state);
  if (!shortfall) return null;
  return (
    <Alert severity="warning" sx={{ mt: 1.5, py: 0.25 }}>
      {told(shortfallWords(state.growing.crop.name, shortfall))}
    </Alert>
  );
}
