import * as Comlink from "comlink";
import type { FillAsked, FillFound, FillWorker } from "./fill.worker";
import { inWorker, type Job } from "./inWorker";

/** Searches in a worker for the sowings that leave least unmet; stopping ends it at once. */
export function fillGaps(
  asked: FillAsked,
  onFound: (found: FillFound) => void,
): Job<FillFound | null> {
  return inWorker<FillWorker, FillFound | null>(startFillWorker(), (api) =>
    api.fill(asked, Comlink.proxy(onFound)),
  );
}

function startFillWorker(): Worker {
  return new Worker(new URL("./fill.worker.ts", import.meta.url), { type: "module" });
}
