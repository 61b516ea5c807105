import * as Comlink from "comlink";
import type { DayNumber } from "@/core/calendar";
import type { Fact } from "@/core/facts";
import type { Garden } from "@/core/garden";
import { preparedSoFar } from "@/core/plantings";
import {
  pairedOf,
  Tally,
  type Paired,
  type RehearsalAsked,
  type RehearsalReport,
  type RehearsedLife,
  type WinterOutcome,
} from "@/core/winter";
import type { Begun, RehearseWorker } from "./rehearse.worker";

/** How a rehearsal stands. */
export interface RehearsalState {
  /**
   * `stopped`: by the grower, to be resumed. `clear`: every change has its answer. `done`: all winters that
   * were wanted, or all there are. `broken`: no worker is left; what there is stays.
   */
  status: "starting" | "running" | "stopped" | "clear" | "done" | "refused" | "broken";
  refusal: Fact | null;
  wanted: number;
  /** Workers that broke on the way; the others took over what they had begun. */
  brokenWorkers: number;
  fromDay: DayNumber;
  untilDay: DayNumber;
  /** Of the plan, then of each change; empty before the first winter. */
  reports: readonly RehearsalReport[];
  /** Each change against the plan. */
  paired: readonly Paired[];
}

/** A rehearsal under way in workers. */
export interface RehearsalRun {
  getState(): RehearsalState;
  subscribe(listener: () => void): () => void;
  /** Stops after the winters that have begun; what there is stays. */
  stop(): void;
  /** Goes on where it was, up to so many winters. */
  resume(wanted?: number): void;
  /** Lives through one winter again and tells what happened; null where that cannot be. */
  tell(winter: number, garden: number): Promise<RehearsedLife | null>;
  /** Ends it, with its workers. */
  end(): void;
}

/** What a worker answers, each call a promise. */
export interface Remote {
  begin(...args: Parameters<RehearseWorker["begin"]>): Promise<ReturnType<RehearseWorker["begin"]>>;
  live(from: number, to: number): Promise<WinterOutcome[][]>;
  tell(winter: number, garden: number): Promise<RehearsedLife | null>;
}

/** A worker of a rehearsal, seen from outside. */
export interface Connected {
  remote: Remote;
  end(): void;
}

export interface RunOptions {
  /** @param onBroken called when it can answer nothing any more */
  connect: (onBroken: (error: Error) => void) => Connected;
  workers: number;
  wanted: number;
  /** Ends by itself once every change has a clear answer. */
  untilClear: boolean;
}

/** Winters handed out at once: few at first, so that there are odds soon; then about so long, ms. */
const CHUNK_MS = 250;
const MOST_AT_ONCE = 40;
/** The report is made anew this often, ms: often enough to watch, seldom enough to scroll meanwhile. */
const REPORT_EVERY_MS = 300;

/** Rehearses a garden, and changes to it, in several workers at once. */
export function startRehearsal(
  garden: Garden,
  asked: RehearsalAsked,
  { connect, workers, wanted, untilClear }: RunOptions,
): RehearsalRun {
  const listeners = new Set<() => void>();
  let state: RehearsalState = {
    status: "starting",
    refusal: null,
    wanted,
    brokenWorkers: 0,
    fromDay: asked.fromDay,
    untilDay: asked.fromDay,
    reports: [],
    paired: [],
  };
  const set = (some: Partial<RehearsalState>) => {
    state = { ...state, ...some };
    for (const listener of listeners) listener();
  };
  const preparation = preparedSoFar(garden);
  const alive = new Set<Hand>();
  const idle = new Set<Hand>();
  /** Parts that a broken worker left. */
  const left: [number, number][] = [];
  let tallies: Tally[] = [];
  let count = Infinity;
  let isBegun = false;
  let next = 0;
  let under = 0;
  let winterMs = CHUNK_MS;
  let reportedAt = 0;

  const report = (isLast: boolean) => {
    const now = performance.now();
    if (!isLast && now - reportedAt < REPORT_EVERY_MS) return;
    reportedAt = now;
    const totals = tallies.map((tally) => tally.totals());
    const [plan, ...changes] = totals;
    set({
      reports: tallies.map((tally) => tally.report()),
      paired: plan ? changes.map((change) => pairedOf(plan, change)) : [],
    });
  };
  const isClear = () =>
    untilClear && state.paired.length > 0 && state.paired.every(({ verdict }) => verdict !== null);

  const nextPart = (): [number, number] | null => {
    const again = left.shift();
    if (again) return again;
    const end = Math.min(state.wanted, count);
    if (next >= end) return null;
    const many = Math.max(1, Math.min(MOST_AT_ONCE, Math.round(CHUNK_MS / winterMs)));
    const from = next;
    next = Math.min(end, from + (from === 0 ? 1 : many));
    return [from, next];
  };

  /** Hands out what is left to whoever waits; ends where nothing is. */
  const handOut = () => {
    if (state.status !== "running") return;
    if (isClear()) return finish("clear");
    for (const hand of idle) {
      const part = nextPart();
      if (!part) break;
      idle.delete(hand);
      under += 1;
      void hand.live(...part);
    }
    if (under === 0 && left.length === 0 && next >= Math.min(state.wanted, count)) finish("done");
  };
  const finish = (status: RehearsalState["status"]) => {
    report(true);
    set({ status });
  };
  const take = (outcomes: WinterOutcome[][]) => {
    for (const winter of outcomes) {
      for (const [at, outcome] of winter.entries()) tallies[at]?.add(outcome);
    }
    report(state.status !== "running");
  };

  class Hand {
    private readonly connected: Connected;
    private part: [number, number] | null = null;
    private readonly broken: Promise<never>;

    constructor() {
      let fail: (error: Error) => void = () => undefined;
      this.broken = new Promise<never>((_resolve, reject) => (fail = reject));
      this.broken.catch(() => undefined);
      this.connected = connect((error) => fail(error));
      alive.add(this);
    }

    async begin(): Promise<void> {
      try {
        const begun = await this.within(this.connected.remote.begin(garden, preparation, asked));
        if (!begun.ok) return refuse(begun.refusal);
        start(begun);
        idle.add(this);
        handOut();
      } catch {
        this.drop();
      }
    }

    async live(from: number, to: number): Promise<void> {
      this.part = [from, to];
      const began = performance.now();
      try {
        const outcomes = await this.within(this.connected.remote.live(from, to));
        this.part = null;
        under -= 1;
        winterMs = (performance.now() - began) / (to - from);
        take(outcomes);
        idle.add(this);
        handOut();
      } catch {
        under -= 1;
        this.drop();
      }
    }

    tell(winter: number, at: number): Promise<RehearsedLife | null> {
      return this.within(this.connected.remote.tell(winter, at));
    }

    end(): void {
      this.connected.end();
    }

    private within<T>(answer: Promise<T>): Promise<T> {
      return Promise.race([answer, this.broken]);
    }

    /** Another takes over what it had begun. */
    private drop(): void {
      alive.delete(this);
      idle.delete(this);
      this.end();
      if (this.part) left.push(this.part);
      set({ brokenWorkers: state.brokenWorkers + 1 });
      if (alive.size === 0) return finish("broken");
      handOut();
    }
  }

  const refuse = (refusal: Fact) => {
    if (state.status === "refused") return;
    set({ status: "refused", refusal });
    end();
  };
  const start = ({ plantingIds, fromDay, untilDay, count: most }: Begun) => {
    if (isBegun) return;
    isBegun = true;
    count = most;
    tallies = plantingIds.map((ids) => new Tally(ids, { fromDay, untilDay }));
    // Stopped before it had begun, it waits.
    const status = state.status === "starting" ? "running" : state.status;
    set({ status, fromDay, untilDay, wanted: Math.min(state.wanted, most) });
  };
  const end = () => {
    for (const hand of alive) hand.end();
    alive.clear();
    idle.clear();
  };

  for (let at = 0; at < workers; at += 1) void new Hand().begin();

  return {
    getState: () => state,
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    stop() {
      if (state.status === "running" || state.status === "starting") finish("stopped");
    },
    resume(more = state.wanted) {
      if (state.status === "refused" || alive.size === 0) return;
      const status = isBegun ? "running" : "starting";
      set({ status, wanted: Math.min(Math.max(more, state.wanted), count) });
      handOut();
    },
    async tell(winter, at) {
      for (const hand of alive) {
        try {
          return await hand.tell(winter, at);
        } catch {
          // Another may still answer.
        }
      }
      return null;
    },
    end,
  };
}

/** A worker of the browser's. */
export function connectRehearseWorker(onBroken: (error: Error) => void): Connected {
  const worker = new Worker(new URL("./rehearse.worker.ts", import.meta.url), { type: "module" });
  worker.onerror = (event) => onBroken(new Error(event.message || "The worker broke."));
  // Every call of a wrapped worker is a promise of what it gives.
  const remote = Comlink.wrap<RehearseWorker>(worker) as unknown as Remote;
  return { remote, end: () => worker.terminate() };
}

/** As many workers as the machine has cores: the page has little to do meanwhile. */
export function workersHere(): number {
  return Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency || USUAL_CORES));
}
const USUAL_CORES = 2;
const MOST_WORKERS = 32;
