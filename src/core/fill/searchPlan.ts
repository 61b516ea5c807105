import type { Need } from "../food";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import type { Weeks } from "../supply";
import { gapToBest } from "./fillGap";
import { fillModel } from "./fillModel";
import { fillPlan, type FillPlan } from "./fillPlan";
import type { FillLimits } from "./fillProblem";
import { gardenFill } from "./gardenFill";
import { greedyFill } from "./greedyFill";

/** An answer to a mixed-integer programme: values by name, and what no answer can be less than. */
interface Answer {
  values: ReadonlyMap<string, number>;
  bound: number;
}

/**
 * Whatever solves a mixed-integer programme in the LP format, from an answer that is known, for as long
 * as it may; null when there is none.
 */
export type Solve = (
  text: string,
  asked: { start: ReadonlyMap<string, number>; onFound: (found: Answer) => void },
) => Promise<Answer | null>;

/** The best plan so far. */
export interface PlanFound {
  plan: FillPlan;
  /** How far it may be from the best that is possible, as a share of what stays unmet; 1 at first. */
  gap: number;
  isFinal: boolean;
}

/** What is searched, and how long. */
export interface PlanWanted {
  need: Need;
  weeks: Weeks;
  limits: FillLimits;
}

/**
 * Searches for what leaves least unmet: first as a grower would go about it, a gap after another, then
 * for better until the best is proven or the time is over.
 */
export async function searchPlan(
  site: Site,
  garden: Garden,
  { need, weeks, limits }: PlanWanted,
  solve: Solve,
  onFound: (found: PlanFound) => void = () => undefined,
): Promise<PlanFound> {
  const question = gardenFill(site, garden, need, weeks, limits);
  const planOf = (lengths: readonly number[]) =>
    fillPlan(site, garden, need, weeks, question, lengths);
  const greedy = greedyFill(question.problem);
  let best = planOf(greedy);
  onFound({ plan: best, gap: 1, isFinal: false });
  const model = fillModel(question.problem);
  // A better answer to the question may come out worse in the beds, where pieces must lie in one.
  const better = (values: ReadonlyMap<string, number>) => {
    const plan = planOf(question.options.map((_, index) => values.get(model.lengthOf(index)) ?? 0));
    if (plan.afterKg < best.afterKg) best = plan;
    return best;
  };
  const found = (values: ReadonlyMap<string, number>, bound: number, isFinal: boolean) => {
    const plan = better(values);
    return { plan, gap: gapToBest(plan.afterKg, bound), isFinal };
  };
  const solved = await solve(model.text, {
    start: model.startOf(greedy),
    onFound: ({ bound, values }) => onFound(found(values, bound, false)),
  });
  return solved ? found(solved.values, solved.bound, true) : { plan: best, gap: 1, isFinal: true };
}
