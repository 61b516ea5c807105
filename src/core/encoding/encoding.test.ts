import fc from "fast-check";
import { decoded, encodingOf } from "./index";

const TABLE = "Datum;Kultur;Gewicht (g)\r\n2026-10-03;Feldsalat für Gärten – 5 °C;250\r\n";

/** Windows-1252 by its table: Latin-1, and what stands at 0x80 to 0x9F. */
function windows1252(text: string): Uint8Array {
  return Uint8Array.from(text, (letter) => (letter === "–" ? 0x96 : (letter.codePointAt(0) ?? 0)));
}

test("a table reads the same in every encoding in which spreadsheets write it", () => {
  const utf8 = Buffer.from(TABLE, "utf8");
  const utf16le = Buffer.from(TABLE, "utf16le");
  const utf16be = Buffer.from(utf16le).swap16();
  const marked = (mark: number[], bytes: Uint8Array) => Uint8Array.from([...mark, ...bytes]);
  for (const [bytes, encoding] of [
    [utf8, "utf-8"],
    [marked([0xef, 0xbb, 0xbf], utf8), "utf-8"],
    [utf16le, "utf-16le"],
    [marked([0xff, 0xfe], utf16le), "utf-16le"],
    [utf16be, "utf-16be"],
    [marked([0xfe, 0xff], utf16be), "utf-16be"],
    [windows1252(TABLE), "windows-1252"],
  ] as const) {
    expect([encoding, encodingOf(bytes)]).toEqual([encoding, encoding]);
    expect(decoded(bytes)).toBe(TABLE);
  }
});

test("whatever is written as UTF-8 is read as it, also cut in the middle of a character", () => {
  fc.assert(
    fc.property(fc.string({ unit: "grapheme", minLength: 1 }), (text) => {
      fc.pre(!text.includes("\u0000") && !text.startsWith("\uFEFF"));
      expect(decoded(new TextEncoder().encode(text))).toBe(text);
    }),
  );
  const long = new TextEncoder().encode("ä".repeat(70_000));
  expect(encodingOf(long.subarray(1))).toBe("windows-1252");
  expect(encodingOf(Uint8Array.from([0x20, ...long]))).toBe("utf-8");
});

test("nothing is empty text", () => {
  expect(decoded(new Uint8Array())).toBe("");
});
