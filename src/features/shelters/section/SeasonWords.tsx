"use client";

import Box from "@mui/material/Box";
import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Bed, Garden } from "@/core/garden";
import { uncovering, winterWatering, type Watering } from "@/core/bedCare";
import type { Site } from "@/core/growth";
import type { LocalWording } from "@/ui/wording";

interface Props {
  garden: Garden;
  site: Site;
  bed: Bed;
  day: DayNumber;
  /** The night to come at the crop. */
  cropMinC: number;
  /** Mean of the day at 5 cm. */
  soilC: number;
  wording: LocalWording;
}

/** Whether to water now, and when the covers come off for good in spring. */
export function SeasonWords({ garden, site, bed, day, cropMinC, soilC, wording }: Props) {
  // Pointing at another hour draws this again: the spring stays what it is.
  const off = useMemo(() => uncovering(site, garden, bed, day), [site, garden, bed, day]);
  const water = waterWords(winterWatering(site.latitudeDeg, day, cropMinC, soilC));
  if (!water && !off) return null;
  return (
    <Box sx={{ fontSize: 15, lineHeight: 1.5, my: 1 }}>
      {water}{" "}
      {off &&
        `In spring the ${off.coverNames} ${off.isPlural ? "come" : "comes"} off for good about ${wording.date(off.day, day)}: from then on it would take more light than it gives warmth, and nights that kill here are rarer than the risk you take.`}
    </Box>
  );
}

function waterWords(watering: Watering): string {
  switch (watering.kind) {
    case "asUsual":
      return "";
    case "hardly":
      return "Hardly water: days are short and growth stands still. If the soil is dry a finger deep, water it at noon on a mild day, and not the leaves.";
    case "none":
      return watering.because === "frost"
        ? "Do not water today: it freezes at the plants tonight, and water on leaves freezes and harms."
        : "Do not water: roots take up next to nothing from soil so cold.";
  }
}
