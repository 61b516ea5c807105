"use client";

import { useMemo } from "react";
import { dayNumber, isIsoDate } from "@/core/calendar";
import { placesOf, stillGives, turnOverOn, turnOvers } from "@/core/bedSpace";
import { plantsIn } from "@/core/plantings";
import type { BedSectionProps } from "../section";

/** What the grower has chosen so far. */
export interface TurnOverChoice {
  /** Places left standing, by planting. */
  leaves: Readonly<Record<string, number>>;
  atHand: boolean;
  /** The crop that follows; null for the best. */
  cropId: string | null;
  /** The day as typed; null for the recommended. */
  typedDate: string | null;
}

/** What still stands against what could follow, for the choice so far. */
export function useTurnOver(
  { garden, site, bed, day }: Omit<BedSectionProps, "wording">,
  { leaves, atHand, cropId, typedDate }: TurnOverChoice,
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
        const { places } = placesOf(one.planting, one.life.growing, bed);
        const share = 1 - Math.min(1, (leaves[one.planting.id] ?? 0) / Math.max(1, places));
        const keptKg = one.keptKg.map((kg) => kg * share);
        return { ...one, keptKg, totalKg: one.totalKg * share, share };
      }),
    [gives, leaves, bed],
  );
  const lengthM = pulled.reduce((sum, { planting, share }) => sum + planting.lengthM * share, 0);
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
