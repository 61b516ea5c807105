import * as Comlink from "comlink";

/** Work under way in a worker of its own. */
export interface Job<Result> {
  /** Never settles once the job is stopped. */
  result: Promise<Result>;
  stop(): void;
}

/** Fetches what a worker is made of, so that it starts where the network has ended. */
export async function warmUp(worker: Worker): Promise<void> {
  const { ready } = Comlink.wrap<{ ready(): void }>(worker);
  try {
    await Promise.race([ready(), brokenOf(worker)]);
  } finally {
    worker.terminate();
  }
}

/**
 * Has one piece of work done in a worker that ends with it; stopping ends it at once.
 *
 * @param worker just started, exposing `Api` through Comlink
 */
export function inWorker<Api, Result>(
  worker: Worker,
  work: (api: Comlink.Remote<Api>) => Promise<Result>,
): Job<Result> {
  const stop = () => worker.terminate();
  const result = Promise.race([work(Comlink.wrap<Api>(worker)), brokenOf(worker)]);
  return { result: result.finally(stop), stop };
}

/** Rejects where the worker cannot start or breaks; what it was asked then would never be answered. */
export function brokenOf(worker: Worker): Promise<never> {
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || "The worker could not start."));
  });
  // Whoever waits for an answer is told; without one nobody needs to be.
  broken.catch(() => undefined);
  return broken;
}
