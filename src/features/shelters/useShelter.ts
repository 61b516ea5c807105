"use client";

import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { nightOf, oneMoreLayer, shelterDays, ventAdvice, type Site } from "@/core/plan";
import { SHUT, type CoverIds, type Working } from "@/core/shelter";

const NO_DAYS: readonly never[] = [];

/** Everything that is told about one stack of covers on the date in view. */
export function useShelter(
  garden: Garden,
  site: Site,
  covers: CoverIds,
  day: DayNumber,
  working: Working,
) {
  const outlook = garden.outlook?.outlook.days ?? NO_DAYS;
  return useMemo(() => {
    const days = shelterDays(site, covers, outlook, day, working);
    return {
      days,
      night: nightOf(days),
      vent: ventAdvice(shelterDays(site, covers, outlook, day, SHUT)),
      more: oneMoreLayer(site, covers, outlook, day, working),
    };
  }, [site, covers, outlook, day, working]);
}
