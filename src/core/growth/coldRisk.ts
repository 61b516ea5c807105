import type { DayNumber } from "../calendar";
import { lt50At, type HardinessRange } from "../crops";
import type { GrowingSpace } from "../shelter";
import { outsideMinimumC, type Medium, type WinterGround } from "./coldMedium";
import {
  byDayOfYear,
  dayWhenGathered,
  runningSum,
  sumBetween,
  type RunningSum,
} from "./growthCurve";
import { hardenedInSpell, hardenedOnPlace, hardeningYear } from "./hardeningYear";

/** A part that may die, what kills it, and where it is. */
export interface ColdPart {
  range: HardinessRange;
  medium: Medium;
  /** How deep it is, where it is in the soil. */
  depthCm: number;
}

/** A part from the day on which it is there and decides, until the next one does. */
export interface PartFrom extends ColdPart {
  fromDay: DayNumber;
}

/**
 * Running sum of the logarithm of the chance that nights spare a part of plants that have stood there
 * for long. Turned positive, so that it rises like the growth curve and can be searched the same way.
 */
export function establishedRisk(
  space: GrowingSpace,
  part: ColdPart,
  ground: WinterGround,
): RunningSum {
  const year = hardeningYear(space);
  const outsideC = outsideMinimumC(space, part.medium, part.depthCm, ground);
  return runningSum(
    space,
    byDayOfYear(space, (index) => {
      const place = space.dayOfYear[index] ?? 0;
      const share = hardenedInSpell(year, place, year.established[place] ?? 0);
      const lt50C = lt50At(part.range, share);
      return -space.climate.logChanceOnPlace(place, outsideC(place, lt50C));
    }),
  );
}

/** Odds of deadly nights through the life of one planting. */
export interface ColdRisk {
  /** Logarithm of one over the chance that it comes through from a day up to, but not including, another. */
  between(fromDay: DayNumber, toDay: DayNumber): number;
  /** The first day before which so much risk has come since `fromDay`; null when it never does. */
  dayWhen(fromDay: DayNumber, risk: number): DayNumber | null;
}

/** Plants that differ less from those long there are as hard as these. */
const FORGOTTEN = 0.02;
const LONGEST_MEMORY_DAYS = 150;

/** Running sums of one stretch while they are made: the first stays 0. */
const youngSums = new Float64Array(LONGEST_MEMORY_DAYS + 1);

/** A stretch of a life in which one part decides. */
interface Stretch {
  fromDay: DayNumber;
  toDay: DayNumber;
  /** Running sum over the first days, while plants are softer than those long there. */
  young: Float64Array;
  base: RunningSum;
}

/**
 * The odds of cold through a planting's life: of each part from the day on which it decides, in its own
 * medium, hardened by the days since the planting came up or was set out.
 *
 * @param parts      in the order of their days; before the first there is nothing to lose
 * @param startShare how hard plants are on the first of these days, 0 to 1
 * @param baseOf     the established risk of a part, made once and kept
 */
export function coldRiskThrough(
  space: GrowingSpace,
  parts: readonly PartFrom[],
  startShare: number,
  ground: WinterGround,
  baseOf: (part: ColdPart) => RunningSum,
): ColdRisk {
  const year = hardeningYear(space);
  const { climate, firstDay, dayOfYear: places } = space;
  const young = { share: startShare, day: parts[0]?.fromDay ?? firstDay, isYoung: true };
  const stretches = parts.map((part, index): Stretch => {
    const toDay = parts[index + 1]?.fromDay ?? Infinity;
    const outsideC = outsideMinimumC(space, part.medium, part.depthCm, ground);
    const lastDay = Math.min(toDay, part.fromDay + LONGEST_MEMORY_DAYS);
    let sum = 0;
    let days = 0;
    for (; young.isYoung && young.day < lastDay; young.day += 1) {
      const at = young.day - firstDay;
      if (at < 0 || at >= places.length) break;
      const place = places[at] ?? 0;
      young.share = hardenedOnPlace(year, place, young.share);
      if (Math.abs(young.share - (year.established[place] ?? 0)) < FORGOTTEN) {
        young.isYoung = false;
        break;
      }
      const share = hardenedInSpell(year, place, young.share);
      sum -= climate.logChanceOnPlace(place, outsideC(place, lt50At(part.range, share)));
      days += 1;
      youngSums[days] = sum;
    }
    // Hardly softer after so long, it counts as hard as what has stood there for long.
    if (young.day < toDay) young.isYoung = false;
    return {
      fromDay: part.fromDay,
      toDay,
      young: youngSums.slice(0, days + 1),
      base: baseOf(part),
    };
  });
  return {
    between: (fromDay, toDay) =>
      stretches.reduce(
        (sum, one) =>
          sum + Math.max(0, totalIn(one, toDay) - totalIn(one, Math.max(fromDay, one.fromDay))),
        0,
      ),
    dayWhen(fromDay, risk) {
      let left = risk - 1e-9;
      for (const one of stretches) {
        const from = Math.max(fromDay, one.fromDay);
        if (from >= one.toDay) continue;
        const here = totalIn(one, one.toDay) - totalIn(one, from);
        if (here >= left) return dayIn(one, from, left);
        left -= here;
      }
      return null;
    },
  };
}

/** Risk of a stretch from its first day up to a day. */
function totalIn({ fromDay, toDay, young, base }: Stretch, day: DayNumber): number {
  const until = Math.min(day, toDay);
  if (until <= fromDay) return 0;
  const youngDays = young.length - 1;
  const since = until - fromDay;
  if (since <= youngDays) return young[since] ?? 0;
  return (young[youngDays] ?? 0) + sumBetween(base, fromDay + youngDays, until);
}

function dayIn(one: Stretch, from: DayNumber, risk: number): DayNumber | null {
  const { fromDay, young, base } = one;
  const youngDays = young.length - 1;
  const wanted = totalIn(one, from) + risk;
  for (let since = Math.max(1, from - fromDay); since <= youngDays; since += 1) {
    if ((young[since] ?? 0) >= wanted) return fromDay + since;
  }
  const after = Math.max(from, fromDay + youngDays);
  return dayWhenGathered(base, after, wanted - totalIn(one, after));
}
