import * as Comlink from "comlink";
import type { DayNumber } from "@/core/calendar";
import {
  livePractice,
  review,
  type Choice,
  type PracticeState,
  type Review,
  type Scenario,
} from "@/core/practice";

type Choices = ReadonlyMap<DayNumber, Choice>;

const worker = {
  /** Answers once everything is loaded. */
  ready: () => undefined,
  /** The winter up to the first evening that nothing was decided on, or to its end. */
  live: (scenario: Scenario, choices: Choices): PracticeState =>
    livePractice(scenario, ({ day }) => choices.get(day) ?? null),
  /** The winter looked back on. */
  review: (scenario: Scenario, choices: Choices): Review => review(scenario, choices),
};
export type PracticeWorker = typeof worker;

Comlink.expose(worker);
