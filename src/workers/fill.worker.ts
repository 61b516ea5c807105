import * as Comlink from "comlink";
import {
  fillModel,
  fillPlan,
  gapToBest,
  gardenFill,
  type FillLimits,
  type FillPlan,
} from "@/core/fill";
import type { Garden } from "@/core/garden";
import { siteFor } from "@/core/plantings";
import type { Weeks } from "@/core/supply";
import { solve } from "@/solver/solve";

/** What is to be filled, and how long may be searched. */
export interface FillAsked {
  garden: Garden;
  weeks: Weeks;
  limits: FillLimits;
  seconds: number;
}

/** The best plan so far. */
export interface FillFound {
  plan: FillPlan;
  /** How far it may be from the best that is possible, as a share of what stays unmet. */
  gap: number;
  isFinal: boolean;
}

/** What the worker can do; seen from outside every call is a promise. */
export interface FillWorker {
  /** Answers once everything is loaded. */
  ready(): void;
  /**
   * Searches for the sowings that leave least unmet.
   *
   * @param onFound told each better plan
   * @returns null where the garden has no place or nobody said what is wanted
   */
  fill(asked: FillAsked, onFound: (found: FillFound) => void): Promise<FillFound | null>;
}

const wasmAddress = new URL("../../node_modules/highs/build/highs.wasm", import.meta.url).href;

const worker: FillWorker = {
  ready: () => undefined,
  async fill({ garden, weeks, limits, seconds }, onFound) {
    const site = siteFor(garden);
    const { need } = garden;
    if (!site || !need) return null;
    const question = gardenFill(site, garden, need, weeks, limits);
    const model = fillModel(question.problem);
    const planOf = (values: ReadonlyMap<string, number>) => {
      const lengths = question.plantings.map((_, index) => values.get(model.lengthOf(index)) ?? 0);
      return fillPlan(site, garden, need, weeks, question, lengths);
    };
    const solved = await solve(model.text, {
      seconds,
      wasmAddress,
      onFound({ best, bound, values }) {
        onFound({ plan: planOf(values), gap: gapToBest(best ?? Infinity, bound), isFinal: false });
      },
    });
    if (!solved) return null;
    const gap = gapToBest(solved.objective, solved.bound);
    return { plan: planOf(solved.values), gap, isFinal: true };
  },
};

Comlink.expose(worker);
