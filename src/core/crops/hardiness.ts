import hardinessJson from "@data/hardiness.json";
import type { Crop, Variety } from "./schema";

const { damageSlopeC, leafAboveC } = hardinessJson;

/** A part or stage that stands cold otherwise than the plant as a whole. */
export type Organ = Crop["hardiness"]["organs"][number]["organ"];

/** What kills half of the plants before any hardening, and fully hardened, °C. */
export interface HardinessRange {
  unhardenedLt50C: number;
  hardenedLt50C: number;
}

/** The range of a variety, or of one part or stage of it where that differs. */
export function hardinessRange(
  crop: Pick<Crop, "hardiness">,
  variety: Pick<Variety, "hardenedLt50C"> | null,
  organ?: Organ,
): HardinessRange {
  const { unhardenedLt50C, hardenedLt50C, organs } = crop.hardiness;
  const own = variety?.hardenedLt50C;
  const part = organs.find((one) => one.organ === organ);
  // A hardy variety's parts are hardier by as much as the whole plant is.
  const by = own === undefined ? 0 : own - hardenedLt50C;
  const range = part ?? { unhardenedLt50C, hardenedLt50C };
  return {
    unhardenedLt50C: range.unhardenedLt50C,
    hardenedLt50C: Math.min(range.unhardenedLt50C, range.hardenedLt50C + by),
  };
}

/** The temperature that kills half of the plants when they are hardened so far, °C. */
export function lt50At({ unhardenedLt50C, hardenedLt50C }: HardinessRange, share: number): number {
  return unhardenedLt50C + (hardenedLt50C - unhardenedLt50C) * share;
}

/** What takes half of the leaves, which go some degrees before the plant. */
export function leafRange({ unhardenedLt50C, hardenedLt50C }: HardinessRange): HardinessRange {
  return {
    unhardenedLt50C: unhardenedLt50C + leafAboveC,
    hardenedLt50C: hardenedLt50C + leafAboveC,
  };
}

/** What a night does: shares of leaves lost and of plants whose growing point dies, 0 to 1. */
export interface NightDamage {
  leafLoss: number;
  pointDeath: number;
}

/**
 * Damage of a night by its minimum at the plants: logistic around what kills half; leaves go some
 * degrees before the growing point.
 *
 * @param spreadC standard deviation of the minimum, where it is only expected
 */
export function nightDamage(lt50C: number, minTempC: number, spreadC = 0): NightDamage {
  return {
    leafLoss: expectedShare(lt50C + leafAboveC, minTempC, spreadC),
    pointDeath: expectedShare(lt50C, minTempC, spreadC),
  };
}

/** Gauss–Hermite: five places of a normal distribution and their weights. */
const PLACES = [-2.856970013872806, -1.355626179974266, 0, 1.355626179974266, 2.856970013872806];
const WEIGHTS = [
  0.011257411327721, 0.222075922005613, 0.533333333333333, 0.222075922005613, 0.011257411327721,
];

function expectedShare(lt50C: number, minTempC: number, spreadC: number): number {
  if (spreadC <= 0) return logistic((lt50C - minTempC) / damageSlopeC);
  let sum = 0;
  for (let at = 0; at < PLACES.length; at += 1) {
    const tempC = minTempC + spreadC * (PLACES[at] ?? 0);
    sum += (WEIGHTS[at] ?? 0) * logistic((lt50C - tempC) / damageSlopeC);
  }
  return sum;
}

function logistic(x: number): number {
  return 1 / (1 + Math.exp(-x));
}
