import type * as Comlink from "comlink";
import { differences, emptyGarden, type Garden } from "@/core/garden";
import { preparedSoFar, type Preparation } from "@/core/plantings";
import { whenNeeded } from "@/store";
import type { DeriverWorker } from "./deriver.worker";
import type { AnswerTo, ArgumentsOf, QuestionName } from "./questions";
import type { News } from "./replica";

/** Has work done in a worker that holds a second garden in step with the one on the screen. */
export interface Deriver {
  /** Whether the worker is up: before that, and where none can start, work is done here. */
  isReady(): boolean;
  /** Fetches and starts the worker; resolves to whether it is up. */
  start(): Promise<boolean>;
  prepare(garden: Garden): Promise<Preparation>;
  /** @returns null where the garden has no place */
  ask<Q extends QuestionName>(
    garden: Garden,
    name: Q,
    args: ArgumentsOf<Q>,
  ): Promise<AnswerTo<Q> | null>;
}

type Remote = Pick<DeriverWorker, "ready" | "prepare" | "ask">;

/**
 * Makes a deriver.
 *
 * @param connect starts a worker and gives its side of the talk; throws where there are no workers
 */
export function createDeriver(
  connect: (onBroken: () => void) => Comlink.Remote<Remote> | Promise<Comlink.Remote<Remote>>,
): Deriver {
  let remote: Comlink.Remote<Remote> | null = null;
  let starting: Promise<boolean> | null = null;
  let isUp = false;
  let sent = emptyGarden();
  let isFirst = true;

  const newsOf = (garden: Garden): News => {
    const changes = differences(sent, garden);
    sent = garden;
    // What was worked out for the first view need not be worked out there again.
    const preparation = isFirst ? preparedSoFar(garden) : null;
    isFirst = false;
    return { changes, preparation, rehearsed: garden.rehearsed };
  };
  let fail: (error: Error) => void = () => undefined;
  // A worker that breaks answers nothing any more: whoever waits for it is told.
  const broken = new Promise<never>((_resolve, reject) => (fail = reject));
  broken.catch(() => undefined);
  const drop = () => {
    remote = null;
    isUp = false;
    fail(new Error("The worker broke."));
  };

  return {
    isReady: () => isUp,
    start() {
      starting ??= (async () => {
        try {
          remote = await connect(drop);
          await Promise.race([remote.ready(), broken]);
          isUp = remote !== null;
        } catch {
          drop();
        }
        return isUp;
      })();
      return starting;
    },
    async prepare(garden) {
      if (!remote) throw new Error("The worker is not up.");
      return Promise.race([remote.prepare(newsOf(garden)), broken]);
    },
    async ask(garden, name, args) {
      if (!remote) throw new Error("The worker is not up.");
      const found = await Promise.race([remote.ask(newsOf(garden), name, args), broken]);
      return found as AnswerTo<typeof name> | null;
    },
  };
}

/** The first view is drawn without the worker and what talks to it: they come once it is on the screen. */
const AFTER_FIRST_VIEW_MS = 150;
const comlinkPart = whenNeeded(() => import("comlink"));

let browsers: Deriver | null = null;

/** The page's one deriver. */
export function deriver(): Deriver {
  browsers ??= createDeriver(async (onBroken) => {
    await new Promise((resolve) => setTimeout(resolve, AFTER_FIRST_VIEW_MS));
    const { wrap } = await comlinkPart();
    const worker = new Worker(new URL("./deriver.worker.ts", import.meta.url), { type: "module" });
    worker.onerror = onBroken;
    return wrap<DeriverWorker>(worker);
  });
  return browsers;
}
