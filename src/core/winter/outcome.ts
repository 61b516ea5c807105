/** Why a planting reached no harvest in a winter, or what ended it after one. */
export const CAUSES = [
  "none",
  "cold",
  "dark",
  "bolting",
  "heat",
  "tooLate",
  "spent",
  "pulled",
] as const;
export type Cause = (typeof CAUSES)[number];

/** The place of a cause in arrays of them. */
export const causeCode = (cause: Cause) => CAUSES.indexOf(cause);

/** What became of a garden in one winter; one value a planting but for the weeks. */
export interface WinterOutcome {
  winter: number;
  /** Day of the first picking; 0 where there was none. */
  firstDay: Int32Array;
  lastDay: Int32Array;
  /** Harvested from the first day of the rehearsal on, kg. */
  kg: Float64Array;
  /** Why it reached no harvest; "none" where it did. */
  lostBy: Uint8Array;
  /** What ended it in the end, and when; 0 where it still stands. */
  endedBy: Uint8Array;
  endDay: Int32Array;
  /** Harvested in each week, kg. */
  weekKg: Float64Array;
  /** The coldest night outside, and the mean of the winter half, °C. */
  coldestC: number;
  meanC: number;
  totalKg: number;
  /** How often a piece of cover was laid for a night. */
  coverNights: number;
}

/** An outcome to be filled. */
export function emptyOutcome(plantings: number, weeks: number): WinterOutcome {
  return {
    winter: -1,
    firstDay: new Int32Array(plantings),
    lastDay: new Int32Array(plantings),
    kg: new Float64Array(plantings),
    lostBy: new Uint8Array(plantings),
    endedBy: new Uint8Array(plantings),
    endDay: new Int32Array(plantings),
    weekKg: new Float64Array(weeks),
    coldestC: 0,
    meanC: 0,
    totalKg: 0,
    coverNights: 0,
  };
}

/** What happened in a winter, told as it happens: for living through one again. */
export interface WinterTelling {
  sown?: (planting: number, day: number) => void;
  up?: (planting: number, day: number) => void;
  setOut?: (planting: number, day: number) => void;
  picked?: (planting: number, day: number, kg: number, isLast: boolean) => void;
  /** Plants killed in a night, as a share of all that were there at the start. */
  killed?: (planting: number, day: number, share: number) => void;
  leavesLost?: (planting: number, day: number, share: number) => void;
  over?: (planting: number, day: number, by: Cause) => void;
  /** A piece was laid on a bed in the evening before a day. */
  covered?: (pieceId: string, bedId: string, day: number) => void;
}
