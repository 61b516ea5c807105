import foodJson from "@data/food.json";
import { DAYS_PER_WEEK, dayNumber, type DayNumber } from "../calendar";
import type { Crop } from "../crops";
import type { LogEntry } from "../log";
import type { StoreLot, StorePlace } from "./storeLotSchema";

const { store: PLACES, wrongAirLifeShare, freshWeeks } = foodJson;

/** How long a crop keeps in a place, and what of it rots or dries up in a week. */
export interface Keeping {
  weeks: number;
  /** Share lost a week, 0 to 1. */
  lossAWeek: number;
  /** Whether the place is too moist or too dry for it. */
  isWrongAir: boolean;
}

/**
 * How a crop keeps in a place: by its own weeks where the air is right, far shorter where it is not;
 * frozen or in jars nearly a year.
 *
 * @source weeks by crop: USDA Agriculture Handbook 66; shares for clamps, mulch and wrong air: estimates
 */
export function keepingIn({ storage }: Pick<Crop, "storage">, place: StorePlace): Keeping {
  const there = PLACES[place];
  if ("weeks" in there)
    return { weeks: there.weeks, lossAWeek: there.lossAWeek, isWrongAir: false };
  const isWrongAir = storage !== undefined && there.air !== storage.air;
  const share = there.lifeShare * (isWrongAir ? wrongAirLifeShare : 1);
  const weeks = Math.max(freshWeeks, (storage?.weeks ?? freshWeeks) * share);
  return { weeks, lossAWeek: there.lossAWeek, isWrongAir };
}

/** What has been taken out of a lot so far, g. */
export function takenGrams(
  logEntries: ReadonlyMap<string, Pick<LogEntry, "what">>,
  storeLotId: string,
): number {
  let sum = 0;
  for (const { what } of logEntries.values()) {
    if (what.kind === "taken" && what.storeLotId === storeLotId) sum += what.grams;
  }
  return sum;
}

/** The last day on which a lot is expected to be good. */
export function keepsUntilDay(crop: Pick<Crop, "storage">, lot: StoreLot): DayNumber {
  return dayNumber(lot.since) + Math.floor(keepingIn(crop, lot.place).weeks * DAYS_PER_WEEK);
}
