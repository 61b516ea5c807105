import * as Comlink from "comlink";
import { searchPlan, type FillLimits, type PlanFound } from "@/core/fill";
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

export type FillFound = PlanFound;

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
    return searchPlan(
      site,
      garden,
      { need, weeks, limits },
      (text, options) => solve(text, { ...options, seconds, wasmAddress }),
      onFound,
    );
  },
};

Comlink.expose(worker);
