import { DAYS_PER_YEAR, civilDate, dayNumber, type DayNumber } from "../calendar";
import type { Crop } from "../crops";
import type { SeedLot } from "./seedLotSchema";

/** What a lot is expected to do, and on what that rests. */
export interface LotSprouting {
  /** Share of its seeds that will sprout in good conditions, 0 to 1. */
  share: number;
  /** Between these the share lies, nine times in ten; null when there was no test. */
  interval: { low: number; high: number } | null;
  /** How much thicker to sow than fresh seed; 1 is no thicker. */
  sowThicker: number;
}

/**
 * The share of seeds that a test of so many leaves likely: the score interval.
 *
 * @param confidence 0.9 leaves one time in ten outside
 * @source Wilson (1927)
 *
 * @example germinationInterval(8, 10) // from 0.54 to 0.93: ten seeds say little
 */
export function germinationInterval(
  sprouted: number,
  seeds: number,
  confidence = 0.9,
): { low: number; high: number } {
  const z = CONFIDENCE_Z[confidence] ?? CONFIDENCE_Z[0.9] ?? 1.645;
  const share = sprouted / seeds;
  const middle = share + (z * z) / (2 * seeds);
  const reach = z * Math.sqrt((share * (1 - share)) / seeds + (z * z) / (4 * seeds * seeds));
  const scale = 1 + (z * z) / seeds;
  return {
    low: Math.max(0, (middle - reach) / scale),
    high: Math.min(1, (middle + reach) / scale),
  };
}

/** Two-sided points of the normal distribution. */
const CONFIDENCE_Z: Readonly<Record<number, number>> = { 0.8: 1.2816, 0.9: 1.6449, 0.95: 1.96 };

/**
 * How a lot is expected to sprout on a day: from its test, aged since then, or from the crop's usual
 * share, aged since it was packed.
 *
 * A test of a few seeds is drawn toward what is usual at that age, the more the fewer they were, as
 * if twelve seeds had already been seen to behave as usual.
 */
export function lotSprouting(crop: Crop, lot: SeedLot, today: DayNumber): LotSprouting {
  const fresh = crop.sowing.sproutShare;
  const aged = (years: number) => 0.5 ** (Math.max(0, years) / crop.sowing.halfLifeYears);
  const yearsNow = lotAgeYears(crop, lot, today);
  const test = lot.germinationTest;
  if (!test) {
    const share = fresh * aged(yearsNow);
    return { share, interval: null, sowThicker: thicker(fresh, share) };
  }
  const testedDay = dayNumber(test.testedOn);
  const since = aged((today - testedDay) / DAYS_PER_YEAR);
  const usualThen = fresh * aged(lotAgeYears(crop, lot, testedDay));
  const then =
    (test.sprouted + SEEDS_OF_EXPERIENCE * usualThen) / (test.seeds + SEEDS_OF_EXPERIENCE);
  const interval = germinationInterval(test.sprouted, test.seeds);
  const share = then * since;
  return {
    share,
    interval: { low: interval.low * since, high: interval.high * since },
    sowThicker: thicker(fresh, share),
  };
}

/** Weight of what is usual beside a test, in seeds (estimate). */
const SEEDS_OF_EXPERIENCE = 12;
/** Nobody sows more than so many times as thick: the seed is spent, and new seed is cheaper. */
const MOST_SOWN_THICKER = 5;

function thicker(freshShare: number, share: number): number {
  return Math.min(MOST_SOWN_THICKER, Math.max(1, freshShare / Math.max(share, 0.01)));
}

/** Whether a lot is too old to count on: less than a third of fresh seed's sprouting is left. */
export function isSpent(crop: Crop, lot: SeedLot, today: DayNumber): boolean {
  return lotSprouting(crop, lot, today).share < crop.sowing.sproutShare / 3;
}

/** Cloves, sets and tubers are lifted in summer and sound until winter; seed was ripe the fall before. */
const PIECES_SOUND_MONTHS = 11;

/** Years for which a lot has aged. */
function lotAgeYears(crop: Crop, lot: SeedLot, today: DayNumber): number {
  const { year, month } = civilDate(today);
  const soundMonths = crop.startedFrom === "seed" ? 0 : PIECES_SOUND_MONTHS;
  return Math.max(0, year - lot.packedYear + (month - 1 - soundMonths) / 12);
}

/** Seeds (cloves, sets, tubers) left in a lot. */
export function seedsIn(crop: Crop, lot: SeedLot): number {
  const { unit, value } = lot.amount;
  return unit === "seeds" ? Math.floor(value) : Math.floor(value * crop.sowing.seedsPerGram + 1e-9);
}

/** A lot after so many seeds were taken from it; never less than nothing. */
export function withoutSeeds(crop: Crop, lot: SeedLot, seeds: number): SeedLot {
  const taken = lot.amount.unit === "seeds" ? seeds : seeds / crop.sowing.seedsPerGram;
  const value = Math.max(0, Math.round((lot.amount.value - taken) * 1000) / 1000);
  return { ...lot, amount: { ...lot.amount, value } };
}
