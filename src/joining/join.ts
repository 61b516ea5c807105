import type { Fact } from "@/core/facts";
import type { Garden } from "@/core/garden";
import type { Conflict } from "./choices";
import { areRelated, settle } from "./conflicts";
import { Automerge, type Doc } from "./engine";
import { commonOf, isSame, textsOf, type Texts } from "./fields";
import { docOf, historyOf, recorded, textsIn } from "./record";
import { soundGarden } from "./sound";

/** Two gardens that have become one. */
export interface Joined {
  garden: Garden;
  /** How many things came from either that the other had not, or had otherwise. */
  fromA: number;
  fromB: number;
  conflicts: Conflict[];
  /** What stood on the same ground, and what was done for it. */
  mends: Fact[];
  /** What could not be kept, a line each. */
  left: Fact[];
}

/**
 * Joins what two devices made of one garden. What either did is kept; the same in either order; and
 * joining again changes nothing.
 *
 * @param base what both began with, for gardens that have no history in common
 */
export function joinGardens(a: Garden, b: Garden, base?: Garden): Joined {
  const [textsA, textsB] = [textsOf(a), textsOf(b)];
  const from = begunFrom(a, b, textsA, textsB, base);
  const [docA, docB] = [recorded(from.a, textsA), recorded(from.b, textsB)];
  const merged = Automerge.merge(Automerge.clone(docA), docB);
  const settled = settle(
    { doc: docA, texts: textsA },
    { doc: docB, texts: textsB },
    { doc: merged, texts: textsIn(merged) },
  );
  const sound = soundGarden(a, settled.texts, textsA, textsB);
  const texts = textsOf(sound.garden);
  const history = historyOf(recorded(merged, texts));
  return {
    garden: { ...sound.garden, outlook: newer(a.outlook, b.outlook), history },
    fromA: differing(texts, textsB),
    fromB: differing(texts, textsA),
    conflicts: [...settled.conflicts, ...sound.conflicts],
    mends: sound.mends,
    left: sound.left,
  };
}

/** The histories that both go on from. */
function begunFrom(
  a: Garden,
  b: Garden,
  textsA: Texts,
  textsB: Texts,
  base: Garden | undefined,
): { a: Doc; b: Doc } {
  const [docA, docB] = [docOf(a.history), docOf(b.history)];
  if (!base && docA && docB && areRelated(docA, docB)) return { a: docA, b: docB };
  const begun = recorded(null, base ? textsOf(base) : commonOf(textsA, textsB));
  return { a: begun, b: begun };
}

function newer(a: Garden["outlook"], b: Garden["outlook"]): Garden["outlook"] {
  if (!a || !b) return a ?? b;
  const order = (one: NonNullable<Garden["outlook"]>) => JSON.stringify([one.receivedAt, one]);
  return order(a) >= order(b) ? a : b;
}

/** How many things one has that the other has not, or has otherwise. */
function differing(texts: Texts, others: Texts): number {
  return [...texts].filter(([key, fields]) => !isSame(fields, others.get(key))).length;
}
