"use client";

import Box from "@mui/material/Box";
import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Bed, Garden } from "@/core/garden";
import { uncovering, winterWatering, type Watering } from "@/core/bedCare";
import type { Site } from "@/core/growth";
import { useWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  garden: Garden;
  site: Site;
  bed: Bed;
  day: DayNumber;
  /** The night to come at the crop. */
  cropMinC: number;
  /** Mean of the day at 5 cm. */
  soilC: number;
}

/** Whether to water now, and when the covers come off for good in spring. */
export function SeasonWords({ garden, site, bed, day, cropMinC, soilC }: Props) {
  const wording = useWording();
  // Pointing at another hour draws this again: the spring stays what it is.
  const off = useMemo(() => uncovering(site, garden, bed, day), [site, garden, bed, day]);
  const water = waterWords(winterWatering(site.latitudeDeg, day, cropMinC, soilC));
  if (!water && !off) return null;
  return (
    <Box sx={{ fontSize: 15, lineHeight: 1.5, my: 1 }}>
      {water}{" "}
      {off &&
        say.removeTheInSpringAboutAfterThat({
          coverNames: off.coverNames,
          isPlural: off.isPlural,
          date: wording.date(off.day, day),
        })}
    </Box>
  );
}

function waterWords(watering: Watering): string {
  switch (watering.kind) {
    case "asUsual":
      return "";
    case "hardly":
      return say.waterVeryLittleDaysAreShortAnd;
    case "none":
      return watering.because === "frost"
        ? say.doNotWaterTodayItFreezesAtThe
        : say.doNotWaterRootsTakeUpAlmostNothing;
  }
}
