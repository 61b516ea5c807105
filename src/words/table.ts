import { language, type Language } from "./language";
import { british } from "./british";
import { pseudo } from "./pseudo";

/** A text, or a sentence that is made of what it is about. */
export type Words = string | ((about: never) => string);

/** The words of a room, as this reader's language has them. */
export function table<T extends Record<string, Words>>(words: T): T {
  return tableIn(language, words);
}

/** @internal for tests, which have several languages */
export function tableIn<T extends Record<string, Words>>(spoken: Language, words: T): T {
  const say = voiceOf(spoken);
  if (say === null) return words;
  const said = Object.entries(words).map(([key, text]) => [
    key,
    typeof text === "string" ? say(text) : (about: never) => say(text(about)),
  ]);
  return Object.fromEntries(said) as T;
}

/** What becomes of an American sentence; null where it stays as it is. */
function voiceOf({ spelling, isPseudo }: Language): ((text: string) => string) | null {
  if (isPseudo) return pseudo;
  return spelling === "British" ? british : null;
}

const voice = voiceOf(language);

/** A whole sentence in the reader's spelling. */
export function spoken(text: string): string {
  return voice === null ? text : voice(text);
}

const rules = new Intl.PluralRules(language.locale);

/** "bed" or "beds", by how many there are. */
export function plural(count: number, one: string, other: string): string {
  return rules.select(count) === "one" ? one : other;
}
