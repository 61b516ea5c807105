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
    await Promise.race([ready(), new Promise((_resolve, reject) => (worker.onerror = reject))]);
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
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || "The worker could not start."));
  });
  const result = Promise.race([work(Comlink.wrap<Api>(worker)), broken]);
  return { result: result.finally(stop), stop };
}
