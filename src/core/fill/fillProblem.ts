import type { FoodGroup } from "../food";

/** What can be eaten of a source, or of a metre of a candidate: units, and what one is worth in each week. */
export interface Lot {
  group: FoodGroup;
  units: number;
  worth: Float64Array;
}

/** A sowing that may be planned, as long as it is made. */
export interface Candidate {
  id: string;
  cropId: string;
  bedId: string;
  family: string;
  /** As a length of bed: none at all, or from the least to the most, m. */
  leastM: number;
  mostM: number;
  /** Work of making it, and for each metre, hours. */
  hoursEach: number;
  hoursPerM: number;
  /** What a metre of it gives. */
  lots: readonly Lot[];
}

/** Candidates that want the same ground at the same time, and how much there is of it, m. */
export interface Ground {
  candidates: readonly number[];
  lengthM: number;
}

/** Candidates of which one at most may be taken. */
export type OneOf = readonly number[];

/** What the grower can do, null where it is not limited. */
export interface FillLimits {
  hours: number | null;
  kinds: number | null;
}

/** Which sowings leave least unmet. */
export interface FillProblem {
  needKg: Record<FoodGroup, Float64Array>;
  /** What is there without any of them. */
  sources: readonly Lot[];
  candidates: readonly Candidate[];
  ground: readonly Ground[];
  oneOf: readonly OneOf[];
  limits: FillLimits;
}
