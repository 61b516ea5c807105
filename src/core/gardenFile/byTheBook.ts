import type { Planting } from "../garden";

/** How a planting stands when nothing is said: single plants in rows, at the book's distances, alone. */
export const BY_THE_BOOK: Pick<
  Planting,
  | "arrangement"
  | "potCm"
  | "plantsPerStation"
  | "seedsPerHole"
  | "bought"
  | "mix"
  | "spacingFactor"
  | "successionId"
  | "interplanted"
  | "clearOn"
  | "worth"
  | "setup"
> = {
  arrangement: "rows",
  potCm: null,
  plantsPerStation: 1,
  seedsPerHole: null,
  bought: null,
  mix: null,
  spacingFactor: 1,
  successionId: null,
  interplanted: false,
  clearOn: null,
  worth: "full",
  setup: null,
};
