import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import type { Bed, Garden } from "../garden";
import type { Work } from "../log";
import { timelineIfSown, type PlantingState, type StandingPlants } from "../plantings";
import type { Site } from "../growth";
import type { Timeline } from "../schedule";
import { fact, type Told } from "../facts";

/** One thing to do, as it follows from the garden's state. */
export interface Task {
  /** The same for the same work on the same thing, so that it can be ticked once and stays ticked. */
  id: string;
  kind: Work;
  /** What is worked on: "Spinach, winter type". */
  subject: Told;
  /** Where, in words: a bed, a tray, a shelter, the shed. */
  place: Told;
  bedId: string | null;
  plantingId: string | null;
  /** The sowing in a tray that is worked on, and how many plants a cell keeps; null elsewhere. */
  tray: { trayId: string; sowingId: string; plantsPerCell: number } | null;
  /** Pieces of cover that it puts on a bed, or brings in. */
  pieces: readonly { id: string; bedId: string | null }[];
  /** The days in which it should be done. */
  fromDay: DayNumber;
  untilDay: DayNumber;
  /** Why, in a sentence. */
  reason: Told;
  /** Seeds, litres, metres in words; null where there is nothing to measure. */
  howMuch: Told | null;
  /** When it counts as done. */
  endsWhen: Told;
  /** What happens if it is left. */
  ifLeft: Told;
  /** More of the how, a sentence each: mildest first where there are ways. */
  more: readonly Told[];
  /** Ids of `data/cautions.json`: said where the act is. */
  cautions: readonly string[];
  /** Ids of `data/pests.json` that are looked for: what was found can be said with a tap. */
  pestIds: readonly string[];
  isLate: boolean;
}

/** What most tasks have none of. */
export const PLAIN = {
  bedId: null,
  plantingId: null,
  tray: null,
  pieces: [],
  howMuch: null,
  more: [],
  cautions: [],
  pestIds: [],
  isLate: false,
} as const;

/** What the rules look at. */
export interface Round {
  site: Site;
  garden: Garden;
  day: DayNumber;
  /** The day up to which the log tells: of days after it what they ask for is taken as done in time. */
  today: DayNumber;
  /** The day's usual mean in the open, °C. */
  meanC: number;
  /** What stands in each bed on the day, by its id: several rules look at it. */
  standing: ReadonlyMap<string, readonly StandingPlants[]>;
}

/** What the rules for one planting look at. */
export interface PlantingRound extends Round {
  life: PlantingState;
  name: string;
  bed: Bed;
}

/** What is due is asked for from its day on, and so long after it. */
export const ASKED_AFTER_DAYS = 10;

/** Whether something is known to have happened by the day looked at: later entries are not yet written then. */
export function isKnown(factDay: DayNumber | null, { day }: Round): boolean {
  return factDay !== null && factDay <= day;
}

interface Words extends Pick<Task, "reason" | "endsWhen" | "ifLeft"> {
  howMuch?: Told | null;
  more?: readonly Told[];
  cautions?: readonly string[];
  /** Set apart from the same work on the same planting at another time. */
  again?: string;
}

/**
 * A planting's life if what is due is done today: as planned while its day has not passed, and so many
 * days later where it was missed.
 *
 * @param dueDay the day for which the work was planned: its sowing, or its planting out
 */
export function ifDoneNow(
  { site, garden, day }: Round,
  { timeline, growing }: PlantingState,
  dueDay: DayNumber,
): Timeline {
  const missedDays = Math.max(0, day - dueDay);
  if (missedDays === 0) return timeline;
  return timelineIfSown(site, garden.settings, growing, timeline.sowDay + missedDays);
}

/**
 * What a week's wait would cost a planting, in words: little in summer, months at the cliff.
 *
 * @param dueDay the day for which the work that waits was planned
 */
export function weekLater(round: Round, life: PlantingState, dueDay: DayNumber): Told {
  const { site, garden } = round;
  const { growing } = life;
  // What was missed by some days is weighed from today, not from the day that was planned.
  const timeline = ifDoneNow(round, life, dueDay);
  const later = timelineIfSown(site, garden.settings, growing, timeline.sowDay + DAYS_PER_WEEK);
  if (timeline.readyDay === null) return fact("tasks.asPlannedItWillNotBeReadyHere");
  if (later.readyDay === null) return fact("tasks.aWeekLaterItWouldNotBeReadyHere");
  const costs = later.readyDay - timeline.readyDay;
  return costs === 0
    ? fact("tasks.aWeekLaterItWouldBeReadyTheSameDay")
    : fact("tasks.aWeekLaterItWouldBeReadyOn", {
        costs,
        readyDay: later.readyDay,
        sowDay: timeline.sowDay,
      });
}

/** A task on a planting; its id names the planting, the kind of work and which time it is. */
export function plantingTask(
  { life, name, bed, day }: PlantingRound,
  kind: Work,
  fromDay: DayNumber,
  untilDay: DayNumber,
  words: Words,
): Task {
  const { planting } = life;
  const time = words.again === undefined ? "" : `-${words.again}`;
  return {
    id: `${planting.id}-${kind}${time}`,
    kind,
    subject: name,
    place: bed.name,
    bedId: planting.bedId,
    plantingId: planting.id,
    tray: null,
    pieces: PLAIN.pieces,
    fromDay,
    untilDay,
    reason: words.reason,
    howMuch: words.howMuch ?? null,
    endsWhen: words.endsWhen,
    ifLeft: words.ifLeft,
    more: words.more ?? PLAIN.more,
    cautions: words.cautions ?? PLAIN.cautions,
    pestIds: PLAIN.pestIds,
    isLate: day > untilDay,
  };
}
