import type { FoodGroup } from "../food";

/** What can be eaten of a source, or of a metre of a candidate: units, and what one is worth in each week. */
export interface Lot {
  group: FoodGroup;
  units: number;
  worth: Float64Array;
}

/** Something that may be planned, as long as it is made: a sowing, a round of shoots, a cover. */
export interface Candidate {
  id: string;
  /** Its crop; null for what is no crop, such as a cover. */
  cropId: string | null;
  /** As a length of bed: none at all, or from the least to the most, m. */
  leastM: number;
  mostM: number;
  /** Work of making it, and for each metre, hours. */
  hoursEach: number;
  hoursPerM: number;
  /** Is planned already, and stays unless something else leaves less unmet. */
  isPlanned: boolean;
  /** What a metre of it gives. */
  lots: readonly Lot[];
}

/**
 * Something of which candidates together take no more than there is: ground at a time, room on a bench,
 * cloth. A candidate may also give of it: a negative share.
 */
export interface Shared {
  uses: readonly { candidate: number; perM: number }[];
  most: number;
}

/**
 * Parts that keep apart, such as sowings of one family on different days: each bed takes one of them, as
 * much of it as the bed is long.
 */
export interface Apart {
  parts: readonly (readonly number[])[];
  beds: number;
  bedM: number;
}

/** What the grower can do, null where it is not limited. */
export interface FillLimits {
  hours: number | null;
  kinds: number | null;
  /** Whether what is planned but not sown yet may make way. */
  mayMove?: boolean;
}

/** Which candidates leave least unmet. */
export interface FillProblem {
  needKg: Record<FoodGroup, Float64Array>;
  /** What is there without any of them. */
  sources: readonly Lot[];
  candidates: readonly Candidate[];
  shared: readonly Shared[];
  apart: readonly Apart[];
  limits: FillLimits;
}
