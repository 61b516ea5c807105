import type { DayNumber } from "../calendar";
import type { Choice, Evening, Happened } from "./evening";
import { livePractice } from "./practiceWinter";
import type { Scenario } from "./scenario";
import { noChoice, toolChoice } from "./toolChoice";

/** A decision that mattered: what the harvest would have been with another one, and what came of it. */
export interface DecisionThatMattered {
  day: DayNumber;
  choice: Choice;
  /** What the program would have decided. */
  tool: Choice;
  /** More with what the program would have decided on that evening, all else the same, kg. */
  missedKg: number;
  /** More than with nothing done on that evening, all else the same, kg. */
  gainedKg: number;
  /** What happened in the days after it. */
  then: readonly Happened[];
}

/** A winter of practice looked back on. */
export interface Review {
  harvestedKg: number;
  toolKg: number;
  nothingKg: number;
  mattered: readonly DecisionThatMattered[];
  happened: readonly Happened[];
}

const MOST_TOLD = 3;
const LEAST_KG = 0.01;
/** What comes of an evening is told for so long. */
const THEN_DAYS = 4;

/**
 * Looks back on a winter: what was harvested beside what the program would have harvested and beside doing
 * nothing, and the decisions that made most of the difference. Each is judged by living through the same
 * winter with that one evening decided otherwise.
 */
export function review(scenario: Scenario, choices: ReadonlyMap<DayNumber, Choice>): Review {
  const evenings = new Map<DayNumber, Evening>();
  const own = livePractice(scenario, (evening) => {
    evenings.set(evening.day, evening);
    return choices.get(evening.day) ?? noChoice(evening);
  });
  const tool = livePractice(scenario, toolChoice);
  const nothing = livePractice(scenario, noChoice);
  const otherwise = (day: DayNumber, other: Choice) =>
    livePractice(scenario, (evening) =>
      evening.day === day ? other : (choices.get(evening.day) ?? noChoice(evening)),
    ).harvestedKg;
  const mattered = own.decided
    .flatMap(({ day, choice }): DecisionThatMattered[] => {
      const evening = evenings.get(day);
      if (!evening) return [];
      const byTool = toolChoice(evening);
      return [
        {
          day,
          choice,
          tool: byTool,
          missedKg: otherwise(day, byTool) - own.harvestedKg,
          gainedKg: own.harvestedKg - otherwise(day, noChoice(evening)),
          then: own.happened.filter((one) => one.day > day && one.day <= day + THEN_DAYS),
        },
      ];
    })
    .filter((one) => weightOf(one) >= LEAST_KG)
    .sort((a, b) => weightOf(b) - weightOf(a))
    .slice(0, MOST_TOLD);
  return {
    harvestedKg: own.harvestedKg,
    toolKg: tool.harvestedKg,
    nothingKg: nothing.harvestedKg,
    mattered,
    happened: own.happened,
  };
}

const weightOf = ({ missedKg, gainedKg }: DecisionThatMattered) =>
  Math.max(Math.abs(missedKg), Math.abs(gainedKg));
