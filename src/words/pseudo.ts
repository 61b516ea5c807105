const ACCENTED: Record<string, string> = {
  a: "á",
  e: "é",
  i: "í",
  o: "ó",
  u: "ú",
  A: "Á",
  E: "É",
  I: "Í",
  O: "Ó",
  U: "Ú",
};

/** How much longer texts get in other languages: German and Finnish need some four tenths more. */
const GROWTH = 0.4;

/** A text marked at both ends, accented, and longer by four tenths. */
export function pseudo(text: string): string {
  if (text.trim() === "") return text;
  const accented = text.replace(/[aeiouAEIOU]/g, (letter) => ACCENTED[letter] ?? letter);
  const more = Math.ceil(text.length * GROWTH);
  // In words of a few letters, so that it may break where text may break.
  const filler = " ~~~~".repeat(Math.ceil(more / 5)).slice(0, more);
  return `⟦${accented}${filler}⟧`;
}
