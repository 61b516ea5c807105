"use client";

import { useMemo } from "react";
import { dayNumber, isIsoDate } from "@/core/calendar";
import { freeBesideM, placesOf, stillGives, turnOverOn, turnOvers } from "@/core/bedSpace";
import { plantsIn } from "@/core/plantings";
import type { BedSectionProps } from "../section";

/** What the grower has chosen so far. */
export interface TurnOverChoice {
  /** Places left standing, counted along the bed, by planting. */
  keeps: Readonly<Record<string, readonly number[]>>;
  atHand: boolean;
  /** Whether the next crop also stands between those kept, or along both sides of them. */
  beside: "between" | "sides" | "nowhere";
  /** The crop that follows; null for the best. */
  cropId: string | null;
  /** The day as typed; null for the recommended. */
  typedDate: string | null;
}

/** What still stands against what could follow, for the choice so far. */
export function useTurnOver(
  { garden, site, bed, day }: Omit<BedSectionProps, "wording">,
  { keeps, atHand, beside, cropId, typedDate }: TurnOverChoice,
) {
  const standing = useMemo(
    () => plantsIn(site, garden, bed, day).filter(({ planting }) => !planting.interplanted),
    [site, garden, bed, day],
  );
  const gives = useMemo(
    () => standing.flatMap(({ planting }) => stillGives(site, garden, planting, day) ?? []),
    [standing, site, garden, day],
  );
  // Only the share that is pulled is weighed.
  const pulled = useMemo(
    () =>
      gives.map((one) => {
        const { count } = placesOf(one.planting, one.life.growing, bed);
        const share = 1 - Math.min(1, (keeps[one.planting.id]?.length ?? 0) / Math.max(1, count));
        const keptKg = one.keptKg.map((kg) => kg * share);
        return { ...one, keptKg, totalKg: one.totalKg * share, share };
      }),
    [gives, keeps, bed],
  );
  // Along both sides of those kept a part of the width is free, too.
  const lengthM = pulled.reduce((sum, { planting, life, share }) => {
    const isSides = beside === "sides" && share < 1;
    const sides = isSides ? freeBesideM(planting, life.growing, bed) / bed.widthM : 0;
    return sum + planting.lengthM * (share + (1 - share) * sides);
  }, 0);
  const found = useMemo(
    () => turnOvers(site, garden, bed, pulled, Math.max(0.1, lengthM), day, atHand),
    [site, garden, bed, pulled, lengthM, day, atHand],
  );
  const best = found.find(({ growing }) => growing.crop.id === cropId) ?? found[0];
  const typed = typedDate !== null && isIsoDate(typedDate) ? dayNumber(typedDate) : null;
  const isInReach = typed !== null && best && typed >= day && typed < day + best.gainKg.length;
  const typedDay = isInReach ? typed : null;
  const chosen =
    best &&
    turnOverOn(
      site,
      garden,
      bed,
      best.growing,
      best.gainKg,
      pulled,
      day,
      (typedDay ?? best.onDay) - day,
    );
  return { standing, gives, pulled, found, best, typedDay, chosen };
}
