import highsLoader, { type HighsCallbackMap, type Model } from "highs";

/** What the solver has found so far. */
export interface Found {
  /** The best answer's objective; null before there is one. */
  best: number | null;
  /** Proven: no answer has less. */
  bound: number;
  seconds: number;
  /** Its values by the names in the programme. */
  values: ReadonlyMap<string, number>;
}

/** The best answer when the solver ended, by the names in the programme. */
export interface Solved {
  values: ReadonlyMap<string, number>;
  objective: number;
  bound: number;
  /** Ended because it was proven, because the time was over, or because somebody stopped it. */
  ended: "proven" | "time" | "stopped";
}

/** How the solver is run. */
export interface Running {
  seconds: number;
  /** Asked now and then; true ends the search with the best so far. */
  isStopped?: () => boolean;
  onFound?: (found: Found) => void;
  /** Values of some unknowns of an answer that is known already, by name: the search begins there. */
  start?: ReadonlyMap<string, number>;
  /** Where the WebAssembly file is served; nothing in Node. */
  wasmAddress?: string;
}

/** Closer than so much of itself an answer is as good as proven. */
const GAP = 1e-6;
/** What the solver calls an answer that keeps all limits. */
const FEASIBLE = 2;

/**
 * Solves a mixed-integer programme in the LP format with HiGHS, compiled to WebAssembly. It takes the
 * thread: in a browser it belongs into a worker.
 *
 * @returns null when it has no answer at all
 */
export async function solve(text: string, running: Running): Promise<Solved | null> {
  const { seconds, isStopped, onFound, start, wasmAddress } = running;
  const highs = await highsLoader(
    wasmAddress === undefined ? undefined : { locateFile: () => wasmAddress },
  );
  const { callbackType, modelStatus } = highs.constants;
  return highs.withModel({ format: "lp", data: text }, (model): Solved | null => {
    model.options.set({ output_flag: false, time_limit: seconds, mip_rel_gap: GAP });
    const names = Array.from({ length: model.getDimensions().numCols }, (_, column) =>
      model.getColName(column),
    );
    if (start) {
      const known = names.flatMap((name, index) => {
        const value = start.get(name);
        return value === undefined ? [] : [{ index, value }];
      });
      model.setSolution({
        indices: known.map(({ index }) => index),
        values: known.map(({ value }) => value),
      });
    }
    const named = (values: Float64Array) =>
      new Map(names.map((name, column) => [name, values[column] ?? 0] as const));
    let stopped = false;
    const callbacks: HighsCallbackMap = {
      [callbackType.mipImprovingSolution]({ data }) {
        onFound?.({
          best: data.objective_function_value ?? null,
          bound: data.mip_dual_bound ?? 0,
          seconds: data.running_time ?? 0,
          values: named(data.mip_solution ?? new Float64Array()),
        });
        return undefined;
      },
      [callbackType.mipInterrupt](event) {
        if (isStopped?.()) {
          stopped = true;
          event.interrupt();
        }
        return undefined;
      },
    };
    const { modelStatus: status } = model.run(callbacks);
    if (model.info.get("primal_solution_status") !== FEASIBLE) return null;
    const values = named(Float64Array.from(model.getSolution().colValue, Number));
    const objective = model.getObjectiveValue();
    const proven = status === modelStatus.optimal;
    return {
      values,
      objective,
      bound: proven ? objective : boundOf(model, objective),
      ended: stopped ? "stopped" : proven ? "proven" : "time",
    };
  });
}

function boundOf(model: Model, objective: number): number {
  const bound = Number(model.info.get("mip_dual_bound"));
  return Number.isFinite(bound) ? Math.min(bound, objective) : 0;
}
