import * as Comlink from "comlink";
import { brokenOf } from "./inWorker";
import type { PracticeWorker } from "./practice.worker";

/** Lives through winters of practice; what it is asked fails once its worker is broken. */
export interface PracticeHand {
  live(...asked: Parameters<PracticeWorker["live"]>): Promise<ReturnType<PracticeWorker["live"]>>;
  review(
    ...asked: Parameters<PracticeWorker["review"]>
  ): Promise<ReturnType<PracticeWorker["review"]>>;
  end(): void;
}

/** Starts a worker for winters of practice, which is there until it is ended. */
export function startPracticeWorker(): PracticeHand {
  const worker = new Worker(new URL("./practice.worker.ts", import.meta.url), { type: "module" });
  const broken = brokenOf(worker);
  const remote = Comlink.wrap<PracticeWorker>(worker);
  return {
    live: (...asked) => Promise.race([remote.live(...asked), broken]),
    review: (...asked) => Promise.race([remote.review(...asked), broken]),
    end: () => worker.terminate(),
  };
}
