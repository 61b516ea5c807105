import type { Garden, History } from "@/core/garden";
import { inWorker, type Job } from "./inWorker";
import type { JoiningWorker, ReadForJoin } from "./joining.worker";

/** Joins another device's file with the garden here, in a worker. */
export function joinIn(here: Garden, file: Blob): Job<ReadForJoin> {
  return inWorker<JoiningWorker, ReadForJoin>(startJoiningWorker(), (api) => api.join(here, file));
}

/** A garden's history, brought up to what it holds now, in a worker. */
export function historyIn(garden: Garden): Job<History | null> {
  return inWorker<JoiningWorker, History | null>(startJoiningWorker(), (api) =>
    api.historyOf(garden),
  );
}

export function startJoiningWorker(): Worker {
  return new Worker(new URL("./joining.worker.ts", import.meta.url), { type: "module" });
}
