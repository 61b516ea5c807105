import type { Told } from "@/core/facts";
import type { LocalWording } from "./voice";

/** For each code of a room: its text, or how its sentence is made. */
export type Sentences<Facts> = {
  readonly [C in keyof Facts]: string | ((about: Facts[C], say: LocalWording) => string);
};

type Made = string | ((about: object, say: LocalWording) => string);

const known = new Map<string, Made>();
const listeners = new Set<() => void>();

/**
 * Makes a room's sentences known. A view loads those of the facts it shows; the others come with the
 * commands, or while the page rests.
 */
export function learn<Facts>(sentences: Sentences<Facts>): Sentences<Facts> {
  for (const [code, made] of Object.entries(sentences)) known.set(code, made as Made);
  for (const listener of listeners) listener();
  return sentences;
}

/** A fact as a part of a sentence, or a name as it stands. */
export function partOf(told: Told, say: LocalWording): string {
  if (typeof told === "string") return told;
  const made = known.get(told.code);
  // A code of another version's file: better told than left out.
  if (made === undefined) return told.code;
  if (typeof made === "string") return made;
  try {
    return made(told, say);
  } catch {
    // A file can hold a fact of which something is missing: its view goes on, and says which it is.
    return told.code;
  }
}

/** Whether a fact can be told by now; names always can. */
export function canTell(told: Told): boolean {
  return typeof told === "string" || known.has(told.code);
}

/** Calls back when more sentences have come to be known; gives what ends that. */
export function onLearned(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** How many sentences are known by now. */
export function learnedCount(): number {
  return known.size;
}
