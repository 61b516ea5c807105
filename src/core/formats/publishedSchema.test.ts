import { readdirSync, readFileSync } from "node:fs";
import Ajv2020 from "ajv/dist/2020";
import fc from "fast-check";
import commons from "../gardenFile/commons.testdata.json";
import { isIsoDate } from "../calendar";
import { fromGardenFile } from "../gardenFile";
import { gardenFileJsonSchema, readGardenFile, writeGardenFile } from "./index";

// Its own validator knows no formats: what is refused is refused by the schema alone.
const ajv = new Ajv2020({ strict: true, strictTypes: false, validateFormats: false });
const schema = gardenFileJsonSchema();
const validate = ajv.compile(schema);

type Json = Record<string, unknown> & { plantings: { id: string; sowOn: string }[] };
const fresh = () => JSON.parse(JSON.stringify(commons)) as Json;
const isTaken = (file: unknown) => readGardenFile(JSON.stringify(file)).ok;

test("it has an id of its own, and takes what the program writes, also of every older version", () => {
  expect(schema.$id).toBe(`urn:late-ember:schema:garden:${commons.version}`);
  expect(validate(commons)).toBe(true);
  const folder = "tests/fixtures/gardens";
  for (const name of readdirSync(folder)) {
    const read = readGardenFile(readFileSync(`${folder}/${name}`, "utf8"));
    if (!read.ok) throw new Error(name);
    const written: unknown = JSON.parse(writeGardenFile(fromGardenFile(read.file)));
    expect([name, validate(written), validate.errors]).toEqual([name, true, null]);
  }
});

test.each([
  [
    "a date that does not exist",
    (file: Json) => void ((file.plantings[0] ?? { sowOn: "" }).sowOn = "2026-02-30"),
  ],
  [
    "the same planting twice",
    (file: Json) =>
      void file.plantings.push(JSON.parse(JSON.stringify(file.plantings[0])) as never),
  ],
  ["a blank name", (file: Json) => void ((file.garden as { name: string }).name = "   ")],
  [
    "a name with a mark that turns writing round",
    (file: Json) => void ((file.garden as { name: string }).name = "Hill\u202Eside"),
  ],
  ["a field of nobody's", (file: Json) => void (file.strange = 1)],
])("%s is refused by both", (_what, spoil) => {
  const file = fresh();
  spoil(file);
  expect(isTaken(file)).toBe(false);
  expect(validate(file)).toBe(false);
});

test("the days that exist are the days it takes", () => {
  const dates = new Ajv2020({ validateFormats: false }).compile({
    type: "string",
    pattern: patternOf(schema, "sowOn"),
  });
  fc.assert(
    fc.property(
      fc.tuple(fc.integer({ min: 1790, max: 2210 }), fc.nat(13), fc.nat(32)),
      ([year, month, day]) => {
        const two = (number: number) => String(number).padStart(2, "0");
        const text = `${year}-${two(month)}-${two(day)}`;
        expect([text, dates(text)]).toEqual([text, isIsoDate(text)]);
      },
    ),
    { numRuns: 5000 },
  );
  for (const year of [1900, 2000, 2024, 2026, 2100]) {
    expect([year, dates(`${year}-02-29`)]).toEqual([year, isIsoDate(`${year}-02-29`)]);
  }
});

/** The pattern of the first field of a name, however deep it lies. */
function patternOf(part: unknown, name: string): string {
  const found: string[] = [];
  JSON.stringify(part, (key, value: { pattern?: string }) => {
    if (key === name && value.pattern) found.push(value.pattern);
    return value;
  });
  return found[0] ?? "";
}
