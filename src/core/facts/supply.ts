import type { StoredAt } from "./food";

/** What the room of supply has to say, and about what. */
export interface SupplyFacts {
  "supply.noRoomForSquares": { bed: string; lengthM: number };
  "supply.notCutBeforeTheRound": { sowDay: number; cutDay: number | null; squares: number };
  "supply.keepsAbout": { place: StoredAt; untilDay: number };
  "supply.pulledThen": { untilDay: number; sowDay: number };
  "supply.liftAndStore": { untilDay: number; sowDay: number };
  "supply.beforeTheFreeze": { untilDay: number; sowDay: number };
  "supply.boltsFrom": { untilDay: number; sowDay: number };
  "supply.tooHotFrom": { untilDay: number; sowDay: number };
  "supply.thenPoor": { untilDay: number; sowDay: number };
}
