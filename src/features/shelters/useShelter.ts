"use client";

import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Bed, Garden } from "@/core/garden";
import { exposureOver, measuredOver, plantsIn } from "@/core/plantings";
import {
  handlingOver,
  nightDegrees,
  nightOf,
  oneMoreLayer,
  shelterDays,
  ventAdvice,
} from "@/core/frostNight";
import type { Site } from "@/core/growth";
import { SHUT, type CoverIds, type Working } from "@/core/shelter";

const NO_DAYS: readonly never[] = [];

/** Everything that is told about one stack of covers on the date in view. */
export function useShelter(
  garden: Garden,
  site: Site,
  bed: Bed,
  covers: CoverIds,
  day: DayNumber,
  working: Working,
) {
  const outlook = garden.outlook?.outlook.days ?? NO_DAYS;
  return useMemo(() => {
    const { structure } = handlingOver(garden, bed, plantsIn(site, garden, bed, day));
    const handling = { working, structure };
    const days = shelterDays(site, covers, outlook, day, handling);
    const night = nightOf(days);
    const shut = shelterDays(site, covers, outlook, day, { working: SHUT, structure });
    return {
      days,
      night,
      degrees: nightDegrees(site, exposureOver(garden, bed), night),
      measured: measuredOver(garden, bed),
      vent: ventAdvice(shut),
      more: oneMoreLayer(site, covers, outlook, day, handling),
    };
  }, [garden, bed, site, covers, outlook, day, working]);
}
