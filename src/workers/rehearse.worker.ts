import * as Comlink from "comlink";
import type { DayNumber } from "@/core/calendar";
import type { Fact } from "@/core/facts";
import type { Garden } from "@/core/garden";
import { takePreparation, type Preparation } from "@/core/plantings";
import {
  lifeOf,
  rehearsalOf,
  type Rehearsal,
  type RehearsalAsked,
  type RehearsedLife,
  type WinterOutcome,
} from "@/core/winter";

/** What of a rehearsal is the same in all its winters. */
export interface Begun {
  ok: true;
  /** Of the plan, then of each change, in the order of an outcome's values. */
  plantingIds: string[][];
  fromDay: DayNumber;
  untilDay: DayNumber;
  /** How many winters there are at most. */
  count: number;
}

/** What the worker can do; seen from outside every call is a promise. */
export interface RehearseWorker {
  /** Answers once everything is loaded. */
  ready(): void;
  begin(
    garden: Garden,
    preparation: Preparation,
    asked: RehearsalAsked,
  ): Begun | { ok: false; refusal: Fact };
  /** What becomes of the plan and of each change in winters from one number up to another. */
  live(from: number, to: number): WinterOutcome[][];
  /** One winter of the plan, or of a change, as it would be written down. */
  tell(winter: number, garden: number): RehearsedLife | null;
}

let rehearsal: Rehearsal | null = null;

const worker: RehearseWorker = {
  ready: () => undefined,
  begin(garden, preparation, asked) {
    takePreparation(garden, preparation);
    const made = rehearsalOf(garden, asked);
    if (!made.ok) return made;
    ({ rehearsal } = made);
    const { span, gardens, winters } = rehearsal;
    return {
      ok: true,
      plantingIds: gardens.map(({ lives }) => lives.map(({ planting }) => planting.id)),
      fromDay: span.fromDay,
      untilDay: span.untilDay,
      count: winters,
    };
  },
  live(from, to) {
    if (!rehearsal) throw new Error("Nothing is rehearsed yet.");
    return rehearsal.liveAll(from, to);
  },
  tell: (winter, garden) => rehearsal && lifeOf(rehearsal, winter, garden),
};

Comlink.expose(worker);
