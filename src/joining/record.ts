import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import type { Garden, History } from "@/core/garden";
import { Automerge, type Doc, type Kept } from "./engine";
import { isSame, textsOf, type Fields, type Texts } from "./fields";

const CHARACTERS_AT_ONCE = 32_768;
/** The engine's names for who changed something are 16 bytes. */
const ACTOR_HEX = 32;

/** A history as the engine reads it; null where there is none, or none that reads: a new one begins. */
export function docOf(history: History | null): Doc | null {
  if (!history) return null;
  try {
    const binary = atob(history.bytes);
    return Automerge.load<Kept>(Uint8Array.from(binary, (character) => character.charCodeAt(0)));
  } catch {
    return null;
  }
}

export function historyOf(doc: Doc): History {
  const bytes = Automerge.save(doc);
  let binary = "";
  for (let from = 0; from < bytes.length; from += CHARACTERS_AT_ONCE) {
    binary += String.fromCharCode(...bytes.subarray(from, from + CHARACTERS_AT_ONCE));
  }
  return { id: "history", engine: "automerge-3", bytes: btoa(binary) };
}

/** What a history holds. */
export function textsIn(doc: Doc): Texts {
  return new Map(
    Object.entries(doc).map(([key, kept]): [string, Fields] => [
      key,
      Automerge.isImmutableString(kept)
        ? String(kept)
        : new Map(Object.entries(kept).map(([name, text]) => [name, String(text)])),
    ]),
  );
}

/**
 * A history after its garden has come to hold what it holds now, as one change. Who made it is named by
 * what it is: the same change made in two places is one and the same.
 *
 * @param doc null where there is no history yet
 */
export function recorded(doc: Doc | null, texts: Texts): Doc {
  const before = doc ? textsIn(doc) : new Map<string, Fields>();
  const gone = [...before.keys()].filter((key) => !texts.has(key));
  const set = [...texts].filter(([key, fields]) => !isSame(before.get(key), fields));
  if (doc && gone.length === 0 && set.length === 0) return doc;
  const content = JSON.stringify([
    doc ? [...Automerge.getHeads(doc)].sort() : [],
    gone,
    set.map(([key, fields]) => [key, typeof fields === "string" ? fields : [...fields]]),
  ]);
  const actor = bytesToHex(sha256(utf8ToBytes(content))).slice(0, ACTOR_HEX);
  const from = doc ? Automerge.clone(doc, actor) : Automerge.init<Kept>(actor);
  return Automerge.change(from, { time: 0 }, (kept) => {
    for (const key of gone) Reflect.deleteProperty(kept, key);
    for (const [key, fields] of set) put(kept, key, fields, before.get(key));
  });
}

function put(kept: Kept, key: string, fields: Fields, before: Fields | undefined): void {
  if (typeof fields === "string") {
    kept[key] = new Automerge.ImmutableString(fields);
    return;
  }
  if (!before || typeof before === "string") {
    kept[key] = Object.fromEntries(
      [...fields].map(([name, text]) => [name, new Automerge.ImmutableString(text)]),
    );
    return;
  }
  const entity = kept[key] as Record<string, Automerge.ImmutableString>;
  for (const name of before.keys()) if (!fields.has(name)) Reflect.deleteProperty(entity, name);
  for (const [name, text] of fields) {
    if (before.get(name) !== text) entity[name] = new Automerge.ImmutableString(text);
  }
}

/** A garden with its history brought up to what it holds: what a device gives to others. */
export function withHistory(garden: Garden): Garden {
  const doc = docOf(garden.history);
  const now = recorded(doc, textsOf(garden));
  return now === doc ? garden : { ...garden, history: historyOf(now) };
}
