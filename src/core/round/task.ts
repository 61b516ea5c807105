import type { DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Work } from "../log";
import type { PlantingLife, Site } from "../plan";
import type { Wording } from "../wording";

/** One thing to do, as it follows from the garden's state. */
export interface Task {
  /** The same for the same work on the same thing, so that it can be ticked once and stays ticked. */
  id: string;
  kind: Work;
  /** What is worked on: "Spinach, winter type". */
  subject: string;
  /** Where, in words: a bed, a tray, a shelter, the shed. */
  place: string;
  bedId: string | null;
  plantingId: string | null;
  /** The sowing in a tray that is worked on, and how many plants a cell keeps; null elsewhere. */
  tray: { trayId: string; sowingId: string; plantsPerCell: number } | null;
  /** Pieces of cover that it puts on a bed, or brings in. */
  pieces: readonly { id: string; bedId: string | null }[];
  /** Ids of `data/cautions.json`: said where the act is. */
  cautions: readonly string[];
  /** The days in which it should be done. */
  fromDay: DayNumber;
  untilDay: DayNumber;
  /** Why, in a sentence. */
  reason: string;
  /** Seeds, litres, metres in words; null where there is nothing to measure. */
  howMuch: string | null;
  /** When it counts as done. */
  endsWhen: string;
  /** What happens if it is left. */
  ifLeft: string;
  isLate: boolean;
}

/** What most tasks have none of. */
export const PLAIN = { tray: null, pieces: [], cautions: [] } as const;

/** What the rules look at. */
export interface Round {
  site: Site;
  garden: Garden;
  day: DayNumber;
  wording: Wording;
}

/** What the rules for one planting look at. */
export interface PlantingRound extends Round {
  life: PlantingLife;
  name: string;
  place: string;
}
