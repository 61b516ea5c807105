/** Loaders of parts of the program that are fetched when they are first needed. */
const waiting = new Set<() => Promise<unknown>>();

/**
 * A part of the program that is fetched when it is first needed, or when the page has come to rest:
 * a phone that goes offline in the garden finds everything that an open page can do.
 *
 * @returns the loader; each call gives the same part
 */
export function whenNeeded<T>(load: () => Promise<T>): () => Promise<T> {
  waiting.add(load);
  return () => {
    waiting.delete(load);
    return load();
  };
}

/**
 * Something that costs the processor more than the network: done once, after everything else has been
 * fetched and the page has rested on.
 *
 * @param onlyFetches whether it does nothing but fetch ahead what is kept here anyway, where a browser
 *   keeps the program
 */
export function whenIdle(work: () => Promise<unknown>, onlyFetches = false): void {
  afterwards.set(work, onlyFetches);
}

const afterwards = new Map<() => Promise<unknown>, boolean>();
const RESTS_ON_MS = 6_000;

/** Fetches every part there is, one after the other; also those that come to be known on the way. */
export async function loadAllParts(): Promise<void> {
  for (;;) {
    const [load] = waiting;
    if (!load) return;
    waiting.delete(load);
    // What cannot be fetched now is asked for again when it is needed, and told then.
    await load().catch(() => undefined);
  }
}

/** Does what waits for the page to have rested on, with or without what only fetches ahead. */
export async function runWhenIdle(isFetching: boolean): Promise<void> {
  if (afterwards.size > 0) await new Promise((resolve) => setTimeout(resolve, RESTS_ON_MS));
  for (const [work, onlyFetches] of afterwards) {
    if (isFetching || !onlyFetches) await work().catch(() => undefined);
  }
  afterwards.clear();
}
