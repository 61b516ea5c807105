import * as Comlink from "comlink";
import type { PracticeWorker } from "./practice.worker";

/** A worker that lives through winters of practice, until it is ended. */
export function startPracticeWorker(): {
  remote: Comlink.Remote<PracticeWorker>;
  end: () => void;
} {
  const worker = new Worker(new URL("./practice.worker.ts", import.meta.url), { type: "module" });
  return { remote: Comlink.wrap<PracticeWorker>(worker), end: () => worker.terminate() };
}
