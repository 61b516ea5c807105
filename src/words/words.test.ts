import { readdirSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { british } from "./british";
import { languageOf } from "./language";
import { oddsIn10 } from "./odds";
import { pseudo } from "./pseudo";
import { plural, tableIn } from "./table";

const words = {
  title: "Gray mold in fall",
  told: ({ crop, count }: { crop: string; count: number }) =>
    `${crop}: ${count} ${plural(count, "bed", "beds")}`,
};

test.each([
  ["en-US", "American", "en-US"],
  ["en-GB", "British", "en-GB"],
  ["en-AU", "British", "en-AU"],
  ["en-CA", "American", "en-CA"],
  ["en", "American", "en"],
  // The sentences are English: so is a date within them, in the order of the reader's region.
  ["de-AT", "British", "en-AT"],
  ["ar", "British", "en-EG"],
])("a reader of %s reads %s English, dates as in %s", (wanted, spelling, locale) => {
  expect(languageOf(wanted)).toEqual({ locale, spelling, isPseudo: false });
  expect(() => new Intl.DateTimeFormat(locale)).not.toThrow();
});

test("names and spelling follow the region, whole words alone", () => {
  const said = tableIn(languageOf("en-GB"), words);
  expect(said.title).toBe("Grey mould in autumn");
  expect(said.told({ crop: "Kale", count: 1 })).toBe("Kale: 1 bed");
  expect(british("Colors of molds")).toBe("Colours of moulds");
  expect(british("temperatures fall in the coloratura")).toBe(
    "temperatures fall in the coloratura",
  );
  expect(tableIn(languageOf("en-US"), words)).toBe(words);
});

test("the pseudo-locale marks every sentence, and makes it longer by four tenths", () => {
  const said = tableIn(languageOf("en-XA"), words);
  expect(said.told({ crop: "Kale", count: 2 })).toMatch(/^⟦Kálé: 2 béds ~+ ?~*⟧$/);
  fc.assert(
    fc.property(fc.string({ minLength: 1 }), (text) => {
      if (text.trim() === "") return expect(pseudo(text)).toBe(text);
      const inner = pseudo(text).slice(1, -1);
      expect(inner.length).toBe(text.length + Math.ceil(text.length * 0.4));
    }),
  );
});

test.each([
  [1, "every year"],
  [0.97, "almost every year"],
  [0.8, "8 years in 10"],
  [0.1, "1 year in 10"],
  [0.04, "1 year in 10"],
  [0.01, "almost never"],
])("a chance of %d is %s", (chance, said) => {
  expect(oddsIn10(chance)).toBe(said);
});

test("no table says the same thing under two names, or nothing", async () => {
  const folder = join(__dirname, "en");
  for (const file of readdirSync(folder).filter((name) => name.endsWith(".ts"))) {
    const tables = (await import(join(folder, file))) as Record<string, Record<string, unknown>>;
    for (const [name, table] of Object.entries(tables)) {
      const texts = Object.values(table).filter((text) => typeof text === "string");
      expect([name, texts.filter((text) => text.trim() === "")]).toEqual([name, []]);
      expect([name, texts.filter((text, at) => texts.indexOf(text) !== at)]).toEqual([name, []]);
    }
  }
});

test("one is one, and everything else is many", () => {
  expect([0, 1, 2, 1.5].map((count) => plural(count, "day", "days"))).toEqual([
    "days",
    "day",
    "days",
    "days",
  ]);
});
