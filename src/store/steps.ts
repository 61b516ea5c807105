import type { Told } from "@/core/facts";
import type { Change } from "@/core/garden";

/** A step that undo can take back: what it is called and what it changed. */
export interface Step {
  label: Told;
  changes: Change[];
  /** The tab that took it; missing where an earlier version kept it. */
  tab?: string;
  /** Set once it is taken back: by which tab, and at which revision. */
  undone?: { by: string | null; at: number };
}

/** Steps by number, the earliest first. */
export type Steps = ReadonlyMap<number, Step>;

/** What a write does to the steps. */
export interface StepsWritten {
  put: (readonly [number, Step])[];
  remove: number[];
}

/** A step with its number. */
export type Numbered = readonly [number, Step];

/** Steps that undo can go back. */
export const STEPS_KEPT = 100;

const isApplied = ([, { undone }]: Numbered) => undone === undefined;

/**
 * The step that undo takes back in a tab: its own last one; where it has none, the last of all.
 *
 * @returns null when there is none
 */
export function stepToUndo(steps: Steps, tab: string): Numbered | null {
  const applied = [...steps].filter(isApplied);
  return applied.filter(([, step]) => step.tab === tab).at(-1) ?? applied.at(-1) ?? null;
}

/** The step that redo brings again in a tab: the one it took back last; null when there is none. */
export function stepToRedo(steps: Steps, tab: string): Numbered | null {
  let last: Numbered | null = null;
  for (const one of steps) {
    const { undone } = one[1];
    if (!undone || (undone.by !== null && undone.by !== tab)) continue;
    if (!last || undone.at > (last[1].undone?.at ?? -Infinity)) last = one;
  }
  return last;
}

/**
 * A later step, still applied, that changed something of what a step changed: the same field of the
 * same entity, or the entity as a whole. Null when none did.
 */
export function changedSince(steps: Steps, number: number): Step | null {
  const own = steps.get(number)?.changes ?? [];
  const keys = new Set(own.map(keyOf));
  const meets = (change: Change) =>
    // Most of what was changed since is something else altogether.
    keys.has(keyOf(change)) &&
    own.some((one) => keyOf(one) === keyOf(change) && haveCommon(fieldsOf(one), fieldsOf(change)));
  const later = [...steps].filter((one) => one[0] > number && isApplied(one));
  return later.find(([, step]) => step.changes.some(meets))?.[1] ?? null;
}

/**
 * What a step changed, as changes of what there is now: only its own fields are set, so that what
 * others have changed beside them stays.
 */
export function onTopOf(
  changes: readonly Change[],
  now: (change: Change) => Change["after"],
): Change[] {
  // A step may change one thing twice: the second change finds what the first has left.
  const left = new Map<string, Change["after"]>();
  return changes.map((change) => {
    const key = keyOf(change);
    const there = left.has(key) ? (left.get(key) ?? null) : now(change);
    const after = there ? mergedInto(there, change) : change.after;
    left.set(key, after);
    return { ...change, before: there, after } as Change;
  });
}

/** An entity with the fields that a change sets; the change's own where it adds or takes out the whole. */
function mergedInto(there: NonNullable<Change["after"]>, change: Change): Change["after"] {
  const fields = fieldsOf(change);
  if (!fields || !change.after) return change.after;
  const own = Object.entries(change.after).filter(([field]) => fields.has(field));
  return { ...there, ...Object.fromEntries(own) } as Change["after"];
}

function keyOf({ kind, id }: Change): string {
  return `${kind}/${id}`;
}

/** The fields that a change sets; null where it adds or takes out the whole. */
function fieldsOf({ before, after }: Change): ReadonlySet<string> | null {
  if (!before || !after) return null;
  const [old, young] = [before, after] as unknown as Record<string, unknown>[];
  return new Set(Object.keys(young ?? {}).filter((field) => !isSame(old?.[field], young?.[field])));
}

function isSame(a: unknown, b: unknown): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b);
}

function haveCommon(a: ReadonlySet<string> | null, b: ReadonlySet<string> | null): boolean {
  return a === null || b === null || [...a].some((field) => b.has(field));
}

/** Whether any step after another is still applied. */
export function isLast(steps: Steps, number: number): boolean {
  return ![...steps].some((one) => one[0] > number && isApplied(one));
}

/** A new step: what its tab had taken back is gone with it, and so is what is too long ago. */
export function withStep(steps: Steps, step: Step & { tab: string }): StepsWritten {
  const gone = [...steps].filter(
    ([, { undone }]) => undone && (undone.by === null || undone.by === step.tab),
  );
  const stay = [...steps].filter((one) => !gone.includes(one));
  const tooOld = stay.slice(0, Math.max(0, stay.length + 1 - STEPS_KEPT));
  const remove = [...gone, ...tooOld].map(([number]) => number);
  return { put: [[lastNumber(steps) + 1, step]], remove };
}

/** A step taken back by a tab. */
export function asUndone(
  steps: Steps,
  [number, step]: Numbered,
  tab: string,
  revision: number,
): StepsWritten {
  const undone = { by: tab, at: revision };
  return { put: [...undoneBefore(steps), [number, { ...step, undone }]], remove: [] };
}

/** A step brought again. */
export function asRedone(
  steps: Steps,
  [number, { undone: _undone, ...step }]: Numbered,
): StepsWritten {
  return { put: [...undoneBefore(steps), [number, step]], remove: [] };
}

/** What an earlier version had taken back: from the first write on that is kept with each step. */
function undoneBefore(steps: Steps): Numbered[] {
  return [...steps].filter(([, { undone }]) => undone?.by === null);
}

/** The steps after a write. */
export function stepsAfter(steps: Steps, { put, remove }: StepsWritten): Steps {
  if (put.length + remove.length === 0) return steps;
  const next = new Map(steps);
  for (const number of remove) next.delete(number);
  for (const [number, step] of put) next.set(number, step);
  return next;
}

/** The number of the last step that is applied; 0 when none is. */
export function lastApplied(steps: Steps): number {
  return Math.max(0, ...[...steps].filter(isApplied).map(([number]) => number));
}

function lastNumber(steps: Steps): number {
  return Math.max(0, ...steps.keys());
}

/**
 * Steps as an earlier version kept them: it told only how far they were applied.
 *
 * @param position the last step applied
 */
export function stepsWithPosition(steps: Steps, position: number): Steps {
  return new Map(
    [...steps].map(([number, step]) => {
      const isOld = step.tab === undefined && step.undone === undefined;
      // The first of them is brought again first.
      const undone = { by: null, at: -number };
      return [number, isOld && number > position ? { ...step, undone } : step];
    }),
  );
}
