import hardinessJson from "@data/hardiness.json";
import learningJson from "@data/learning.json";
import type { ColdNightSeen } from "./coldSeen";

const { hardiness: HARDINESS, confidence: CONFIDENCE } = learningJson;
const SLOPE_C = hardinessJson.damageSlopeC;
const STEP_C = 0.1;
const STEPS = Math.round((2 * HARDINESS.mostC) / STEP_C) + 1;
/** A logistic curve is about as steep as a normal one whose deviation is so many times its slope. */
const LOGISTIC_SD = 1.7;

/** How many degrees more a crop stands than the library says, by the nights it stood through. */
export interface Hardier {
  meanC: number;
  lowC: number;
  highC: number;
  /** How far the nights count against the library, 0 to 1. */
  weight: number;
  /** Of each night, how likely it is none that is odd, 0 to 1. */
  counts: number[];
}

/**
 * Degrees by which a crop is hardier, over a grid: a normal belief about 0, and of each stand the share
 * that died, one stand counting as one plant, since all of it stood through the same night. One night in
 * so many is taken to tell nothing at all.
 *
 * @source Bayes over a grid; the share that dies is logistic in the temperature, as in the plan
 */
export function hardierBy(nights: readonly ColdNightSeen[]): Hardier {
  const degrees = Float64Array.from({ length: STEPS }, (_, at) => at * STEP_C - HARDINESS.mostC);
  const logs = degrees.map((c) => -0.5 * (c / HARDINESS.priorC) ** 2);
  const likely = nights.map((night) => degrees.map((c) => chanceOf(night, c)));
  for (const chances of likely) {
    for (let at = 0; at < STEPS; at += 1) {
      logs[at] = (logs[at] ?? 0) + Math.log(withOdd(chances[at] ?? 0));
    }
  }
  const most = Math.max(...logs);
  const raw = logs.map((log) => Math.exp(log - most));
  const total = raw.reduce((sum, one) => sum + one, 0);
  const chance = raw.map((one) => one / total);
  const meanC = chance.reduce((sum, one, at) => sum + one * (degrees[at] ?? 0), 0);
  const outside = (1 - CONFIDENCE.share) / 2;
  const counts = likely.map((chances) =>
    chance.reduce((sum, one, at) => sum + one * isNotOdd(chances[at] ?? 0), 0),
  );
  const told = nights.reduce((sum, { spreadC }, at) => {
    const sdC = LOGISTIC_SD * Math.hypot(SLOPE_C, spreadC / LOGISTIC_SD);
    return sum + (counts[at] ?? 0) / sdC ** 2;
  }, 0);
  return {
    meanC,
    lowC: quantile(degrees, chance, outside),
    highC: quantile(degrees, chance, 1 - outside),
    weight: told / (told + 1 / HARDINESS.priorC ** 2),
    counts,
  };
}

/** How likely it is that so much of a stand died, where the crop is so many degrees hardier. */
function chanceOf({ belowC, lostShare, spreadC }: ColdNightSeen, hardierC: number): number {
  const scale = Math.hypot(SLOPE_C, spreadC / LOGISTIC_SD);
  const dies = 1 / (1 + Math.exp(-(belowC - hardierC) / scale));
  return dies ** lostShare * (1 - dies) ** (1 - lostShare);
}

const withOdd = (chance: number) =>
  (1 - HARDINESS.oddShare) * chance + HARDINESS.oddShare * ANY_SHARE;
const isNotOdd = (chance: number) => ((1 - HARDINESS.oddShare) * chance) / withOdd(chance);
/** How likely a share of dead is where the night tells nothing. */
const ANY_SHARE = 0.5;

function quantile(values: Float64Array, chance: Float64Array, share: number): number {
  let sum = 0;
  for (let at = 0; at < values.length; at += 1) {
    sum += chance[at] ?? 0;
    if (sum >= share) return values[at] ?? 0;
  }
  return values.at(-1) ?? 0;
}
