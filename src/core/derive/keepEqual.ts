/**
 * A value read or computed anew, with everything in it that is as before taken from before: what is
 * equal keeps its identity, and with it all that was derived from it.
 *
 * @param before the value there was; anything where there was none
 * @param now    plain data: numbers, texts, arrays, maps and objects without classes or circles
 * @returns `before` itself when the two are equal
 */
export function keepEqual<T>(before: unknown, now: T): T {
  if (Object.is(before, now) || !isObject(before) || !isObject(now)) return now;
  if (Array.isArray(now)) return keptArray(before, now) as T;
  if (isMap(now)) return keptMap(before, now) as T;
  if (!isPlain(now) || !isPlain(before)) return now;
  const entries = Object.entries(now).map(([key, value]) => [key, keepEqual(before[key], value)]);
  const same =
    entries.length === Object.keys(before).length &&
    entries.every(([key, value]) => Object.is(before[key as string], value));
  return (same ? before : Object.fromEntries(entries)) as T;
}

/** What has an id is found by it, as one that was taken out moves all that follow; the rest by place. */
function keptArray(before: object, now: readonly unknown[]): readonly unknown[] {
  if (!Array.isArray(before)) return now;
  const byId = new Map((before as unknown[]).map((value) => [idOf(value), value]));
  const kept = now.map((value, index) => {
    const id = idOf(value);
    return keepEqual(id === undefined ? before[index] : byId.get(id), value);
  });
  const same =
    kept.length === before.length && kept.every((value, index) => Object.is(value, before[index]));
  return same ? before : kept;
}

function keptMap(
  before: object,
  now: ReadonlyMap<unknown, unknown>,
): ReadonlyMap<unknown, unknown> {
  if (!isMap(before)) return now;
  const kept = new Map([...now].map(([key, value]) => [key, keepEqual(before.get(key), value)]));
  const orderBefore = [...before.keys()];
  const same =
    kept.size === before.size &&
    [...kept].every(
      ([key, value], index) => key === orderBefore[index] && Object.is(value, before.get(key)),
    );
  return same ? before : kept;
}

function idOf(value: unknown): string | undefined {
  const { id } = (isObject(value) ? value : {}) as { id?: unknown };
  return typeof id === "string" ? id : undefined;
}

function isObject(value: unknown): value is object {
  return typeof value === "object" && value !== null;
}

/** By its tag: what comes out of a database or a worker may be of another realm. */
function isMap(value: object): value is ReadonlyMap<unknown, unknown> {
  return Object.prototype.toString.call(value) === "[object Map]";
}

function isPlain(value: object): value is Record<string, unknown> {
  if (Object.prototype.toString.call(value) !== "[object Object]") return false;
  const prototype: unknown = Object.getPrototypeOf(value);
  return prototype === null || Object.getPrototypeOf(prototype) === null;
}
