/** What tables and texts are written in where growers' programs write them. */
export type Encoding = "utf-8" | "utf-16le" | "utf-16be" | "windows-1252";

/** So much of a file tells how it is written: a table's head and its first lines. */
const SNIFFED_BYTES = 65_536;
/** In Western texts nearly every other byte of UTF-16 is nought. */
const MANY_NOUGHTS = 0.3;

/**
 * How a file's bytes are to be read: by its byte order mark; by the noughts of UTF-16; as UTF-8 where
 * that is what they are; and otherwise as Windows-1252, which spreadsheets write in Western Europe and
 * America.
 *
 * @param bytes the file, or its beginning
 */
export function encodingOf(bytes: Uint8Array): Encoding {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return "utf-16le";
  if (first === 0xfe && second === 0xff) return "utf-16be";
  const head = bytes.subarray(0, SNIFFED_BYTES);
  const noughts = [0, 0];
  head.forEach((byte, at) => {
    if (byte === 0) noughts[at % 2] = (noughts[at % 2] ?? 0) + 1;
  });
  const [even = 0, odd = 0] = noughts;
  const pairs = head.length / 2;
  if (odd > pairs * MANY_NOUGHTS && odd > even) return "utf-16le";
  if (even > pairs * MANY_NOUGHTS) return "utf-16be";
  return isUtf8(head, bytes.length > head.length) ? "utf-8" : "windows-1252";
}

/** A whole file as text, without its byte order mark. */
export function decoded(bytes: Uint8Array): string {
  const encoding = encodingOf(bytes);
  const text = new TextDecoder(encoding).decode(bytes);
  return encoding === "windows-1252" ? text.replace(C1, printed) : text;
}

/** Node reads Windows-1252 as Latin-1, in which these are control characters. */
const C1 = /[\u0080-\u009f]/g;
const PRINTED = "€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ";

/** What stands at 0x80 to 0x9F (WHATWG Encoding, index windows-1252). */
function printed(letter: string): string {
  return PRINTED[letter.charCodeAt(0) - 0x80] ?? letter;
}

/** @param isCut whether more follows, so that the last character may be incomplete */
function isUtf8(bytes: Uint8Array, isCut: boolean): boolean {
  try {
    new TextDecoder("utf-8", { fatal: true }).decode(bytes, { stream: isCut });
    return true;
  } catch {
    return false;
  }
}
