import type { Planting } from "../garden";
import { WHOLE_WIDTH } from "../layout";

/** How a planting stands when nothing is said: single plants in rows, at the book's distances, alone and from side to side. */
export const BY_THE_BOOK: Pick<
  Planting,
  | "across"
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
  across: WHOLE_WIDTH,
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
