/** What was computed of some inputs. */
interface Derived {
  inputs: readonly unknown[];
  value: unknown;
}

type Compute = (...inputs: never[]) => unknown;

const derivedBy = new WeakMap<Compute, WeakMap<object, Derived[]>>();

/** Results kept for one first input: the last few, such as a date in view and the one before. */
const KEPT = 4;

/**
 * What a function makes of some inputs, computed again only when one of them is another: objects are
 * compared by identity, numbers and texts by value. Gardens are never changed in place, so what is
 * the same object is the same thing, and everything derived from it still holds.
 *
 * A result lives as long as its first input, which should be the one it belongs to.
 *
 * @param inputs  everything the function looks at, the owner of the result first
 * @param compute a function declared once, not made anew for each call; the same inputs give the same
 * @param kept    how many results are kept for one first input
 */
export function derive<const Inputs extends readonly [object, ...unknown[]], Value>(
  inputs: Inputs,
  compute: (...inputs: Inputs) => Value,
  kept = KEPT,
): Value {
  const known = knownOf(inputs[0], compute);
  const found = take(known, inputs);
  if (found) return found.value as Value;
  const value = compute(...inputs);
  keep(known, { inputs, value }, kept);
  return value;
}

/**
 * Puts in what has been computed elsewhere of the same inputs, such as in a worker.
 *
 * @param kept how many results are kept for one first input, as where it is derived
 */
export function give<const Inputs extends readonly [object, ...unknown[]], Value>(
  inputs: Inputs,
  compute: (...inputs: Inputs) => Value,
  value: Value,
  kept = KEPT,
): void {
  const known = knownOf(inputs[0], compute);
  if (!take(known, inputs)) keep(known, { inputs, value }, kept);
}

/** Whether it is at hand what a function makes of some inputs. */
export function isDerived<const Inputs extends readonly [object, ...unknown[]], Value>(
  inputs: Inputs,
  compute: (...inputs: Inputs) => Value,
): boolean {
  return take(knownOf(inputs[0], compute), inputs) !== undefined;
}

function knownOf(owner: object, compute: Compute): Derived[] {
  let byOwner = derivedBy.get(compute);
  if (!byOwner) {
    byOwner = new WeakMap();
    derivedBy.set(compute, byOwner);
  }
  let known = byOwner.get(owner);
  if (!known) {
    known = [];
    byOwner.set(owner, known);
  }
  return known;
}

/** The result for some inputs, put first: the last one asked for is the likeliest to be asked again. */
function take(known: Derived[], inputs: readonly unknown[]): Derived | undefined {
  for (let at = 0; at < known.length; at += 1) {
    const found = known[at];
    if (!found || !sameElements(found.inputs, inputs)) continue;
    if (at > 0) {
      known.splice(at, 1);
      known.unshift(found);
    }
    return found;
  }
  return undefined;
}

function keep(known: Derived[], one: Derived, kept: number): void {
  known.unshift(one);
  if (known.length > kept) known.length = kept;
}

function sameElements(a: readonly unknown[], b: readonly unknown[]): boolean {
  if (a.length !== b.length) return false;
  for (let index = 0; index < a.length; index += 1) {
    if (!Object.is(a[index], b[index])) return false;
  }
  return true;
}

/**
 * A table beside something, for values that are asked for one by one and too many to be kept each by
 * itself: `derive([site], newTable<number>)` is the same table for the same site.
 */
export function newTable<Value, Key = string>(): Map<Key, Value> {
  return new Map();
}
