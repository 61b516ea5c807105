import { timesMore } from "../timesMore.testdata";
import commons from "../gardenFile/commons.testdata.json";
import fc from "fast-check";
import { commands, groundProblems } from "../commands";
import { usualNeed } from "../food";
import { fromGardenFile, toGardenFile, type GardenFile, GARDEN_FILE_VERSION } from "../gardenFile";
import { gardenFileJsonSchema, readGardenFile, writeGardenFile } from "./index";
import { english } from "@/words/told.testdata";

const garden = fromGardenFile(commons as GardenFile);
function problemsOf(given: string) {
  const read = readGardenFile(given);
  return read.ok ? [] : read.problems;
}
const changed = (some: object) => JSON.stringify({ ...commons, ...some });

test("a garden written is the garden read again", () => {
  const read = readGardenFile(writeGardenFile(garden));
  expect(read.ok && toGardenFile(fromGardenFile(read.file))).toEqual(toGardenFile(garden));
});

const mixOf = (cropId: string, ...shares: number[]) => ({
  as: "mixed",
  parts: shares.map((share) => ({ cropId, varietyId: "curly", share })),
});

test.each<[string, string, string, RegExp]>([
  ["nothing", "", "", /not JSON.*empty/],
  ["not JSON", "PK\u0003\u0004 zip", "", /not JSON.*saved by Late Ember/],
  ["a file cut short", '\uFEFF{"format":"late-ember', "", /cut short.*Choose another copy/],
  ["a list", "[]", "", /not a garden/],
  ["another program's file", '{"type":"FeatureCollection"}', "format", /late-ember-garden/],
  [
    "a newer version",
    changed({ version: GARDEN_FILE_VERSION + 1 }),
    "version",
    new RegExp(`newer Late Ember .file version ${GARDEN_FILE_VERSION + 1};`),
  ],
  [
    "a need below nothing",
    changed({
      need: {
        ...usualNeed(2, "usual"),
        groups: {
          ...usualNeed(2, "usual").groups,
          salad: { autumn: -1, winter: 0, spring: 0, summer: 0 },
        },
      },
    }),
    "need.groups.salad.autumn",
    /A need is 0 or more/,
  ],
  [
    "something in store of no known crop",
    changed({
      storeLots: [
        {
          id: "store-1",
          cropId: "moonroot",
          varietyId: null,
          place: "cellar",
          since: "2026-10-01",
          grams: 1000,
          plantingId: null,
          note: "",
        },
      ],
    }),
    "storeLots[0].cropId",
    /There is no crop "moonroot" in this garden/,
  ],
  [
    "a latitude past the pole",
    changed({ place: { ...commons.place, latitudeDeg: 123 } }),
    "place.latitudeDeg",
    /−90/,
  ],
  [
    "a script in a name",
    changed({ garden: { ...commons.garden, name: "<img src=x onerror=alert(1)>" } }),
    "garden.name",
    /cannot hold </,
  ],
  [
    "a broken reference",
    changed({ beds: commons.beds.slice(1) }),
    "plantings[0].bedId",
    /no bed "bed-1"/,
  ],
  [
    "an id twice",
    changed({ beds: [...commons.beds, commons.beds[0]] }),
    "beds[21].id",
    /used twice/,
  ],
  [
    "bought plants that are sown",
    changed({
      plantings: [{ ...commons.plantings[0], method: "direct", bought: { ageDays: 30 } }],
    }),
    "plantings[0].bought",
    /give the method transplant/,
  ],
  [
    "a mix with a crop nobody knows",
    changed({ plantings: [{ ...commons.plantings[0], mix: mixOf("moonroot", 0.4) }] }),
    "plantings[0].mix.parts[0].cropId",
    /no crop "moonroot"/,
  ],
  [
    "a mix of more than everything",
    changed({ plantings: [{ ...commons.plantings[0], mix: mixOf("kale", 0.6, 0.5) }] }),
    "plantings[0].mix.parts",
    /must add up to 100 %/,
  ],
  [
    "a date that is none",
    changed({ plantings: [{ ...commons.plantings[0], sowOn: "2026-02-30" }] }),
    "plantings[0].sowOn",
    /does not exist/,
  ],
  [
    "a text for a number",
    changed({ beds: [{ ...commons.beds[0], widthM: "wide" }] }),
    "beds[0].widthM",
    /length in metres/,
  ],
  ["a field nobody knows", changed({ chickens: 4 }), "", /does not know "chickens"/],
  ["a missing part", changed({ beds: undefined }), "beds", /a list/],
  [
    "a record that is not there",
    changed({ record: null }),
    "place.climateFrom",
    /no daily weather record/,
  ],
  [
    "neither record nor temperatures",
    changed({ place: { ...commons.place, climate: null, climateFrom: "sketch" } }),
    "place.climate",
    /average temperatures/,
  ],
  [
    "a skyline that turns back",
    changed({ place: { ...commons.place, horizon: [...commons.place.horizon].reverse() } }),
    "place.horizon[1].azimuthDeg",
    /turns back on itself from 300° to 260°/,
  ],
  [
    "a record with a high too few",
    changed({ record: { ...commons.record, maxTempTenthsC: [1] } }),
    "record.maxTempTenthsC",
    /as many highs as lows/,
  ],
])("%s is refused with its path and a sentence", (_what, given, path, words) => {
  const problem = problemsOf(given).find((one) => one.path === path);
  expect(english(problem?.message)).toMatch(words);
});

const TRIED_EVERY = 60;
/** Neither a text nor a number can be made of it. */
const NEITHER = { toString: 1, valueOf: 1 };

test("two thousand random mutations never crash and never half-import", () => {
  // A month of weather stands for thirty years of it: the rest is more of the same.
  const record = commons.record;
  const month = {
    ...record,
    minTempTenthsC: record.minTempTenthsC.slice(0, 31),
    maxTempTenthsC: record.maxTempTenthsC.slice(0, 31),
    precipitationTenthsMm: record.precipitationTenthsMm.slice(0, 31),
  };
  const beds = commons.beds.filter(({ id }) =>
    ["bed-1", "bed-13", "bed-7", "house-1"].includes(id),
  );
  const bedIds = new Set(beds.map((bed) => bed.id));
  const plantings = commons.plantings.filter((planting) => bedIds.has(planting.bedId)).slice(0, 8);
  const trays = commons.trays.filter(({ id }) => id === "tray-3");
  const sownLots = new Set(trays.flatMap((tray) => tray.sowings.map(({ lotId }) => lotId)));
  const seedLots = commons.seedLots.filter(({ id }) => sownLots.has(id));
  const small = {
    ...commons,
    record: month,
    beds,
    plantings,
    trays,
    seedLots,
    pieces: [],
    successions: [],
    logEntries: commons.logEntries.filter(
      ({ what }) => what.kind === "temperature" && what.under === null,
    ),
  };
  const text = JSON.stringify(small);
  // Each mutation puts something else at a random place of the file, or cuts the text.
  const paths: (string | number)[][] = [];
  const collect = (value: unknown, path: (string | number)[]) => {
    paths.push(path);
    if (Array.isArray(value)) value.forEach((inner, index) => collect(inner, [...path, index]));
    else if (typeof value === "object" && value !== null) {
      for (const [key, inner] of Object.entries(value)) collect(inner, [...path, key]);
    }
  };
  collect(small, []);
  const before = writeGardenFile(garden);
  let taken = 0;
  fc.assert(
    fc.property(
      fc.constantFrom(...paths),
      fc.oneof(
        fc.anything(),
        fc.string(),
        fc.double(),
        fc.constantFrom(null, -1, 1e308, "", "__proto__", "2026-13-01", [], {}, NEITHER),
      ),
      // Earlier versions are brought up to this one before they are checked.
      fc.integer({ min: 0, max: 9 }),
      fc.integer({ min: 1, max: GARDEN_FILE_VERSION }),
      fc.nat(),
      (path, junk, kind, version, cut) => {
        let mutated = kind === 0 ? text.slice(0, cut % text.length) : "";
        if (kind > 0) {
          const copy: unknown = { ...structuredClone(small), version };
          let holder: Record<string | number, unknown> = { root: copy };
          let key: string | number = "root";
          for (const part of path) {
            holder = holder[key] as Record<string | number, unknown>;
            key = part;
          }
          if (kind === 1) Reflect.deleteProperty(holder, key);
          else holder[key] = junk;
          const root = path.length === 0 ? holder.root : copy;
          try {
            mutated = JSON.stringify(root) ?? "undefined";
          } catch {
            mutated = String(junk).slice(0, 50); // what JSON cannot hold cannot be in a file
          }
        }
        const read = readGardenFile(mutated);
        if (!read.ok) {
          expect(read.problems.length).toBeGreaterThan(0);
          for (const { message } of read.problems)
            expect(english(message)).toMatch(/[a-z].*[.!?]$/i);
          return;
        }
        taken += 1;
        // Computing what would grow takes its time: every so often will do.
        if (taken % TRIED_EVERY !== 1) return;
        const outcome = commands["garden.replace"].apply(garden, read.file);
        const unsound = groundProblems(fromGardenFile(read.file));
        if (!outcome.ok) {
          if (unsound.length === 0) throw new Error(outcome.refusal.code);
          return;
        }
        expect(unsound).toEqual([]);
        // Taken whole: what comes out is what went in, and it computes.
        expect(toGardenFile(outcome.garden).plantings).toHaveLength(read.file.plantings.length);
      },
    ),
    { numRuns: timesMore(2_000) },
  );
  expect(taken).toBeGreaterThan(10);
  expect(writeGardenFile(garden)).toBe(before);
});

test("a flood of problems is told in twenty lines of a line each, and soon", () => {
  const flood = changed({
    plantings: Array.from({ length: 50_000 }, () => ({})),
    beds: Array.from({ length: 2000 }, () => NEITHER),
    ...Object.fromEntries(
      Array.from({ length: 100_000 }, (_, index) => [`chicken${index}`, index]),
    ),
  });
  const read = readGardenFile(flood);
  if (read.ok) throw new Error("it was taken");
  expect(read.more).toBe(true);
  expect(read.problems).toHaveLength(20);
  for (const { path, message } of read.problems) {
    expect(path.length + english(message).length).toBeLessThan(300);
  }
  expect(english(read.problems[0]?.message)).toMatch(/"chicken0".* and 99,995 more here/);
});

test("a file of the first version is read as this one would have written it", () => {
  const { record: _record, outlook: _outlook, ...rest } = commons;
  const { horizon: _horizon, climateFrom: _from, ...place } = commons.place;
  const { wetDaysPerYear: _wet, ...climate } = place.climate;
  const { stationUrl: _url, ...settings } = commons.settings;
  const beds = commons.beds.map(({ horizon: _of, ...bed }) => bed);
  // A cluster's distance was a single plant's in those days.
  const plantings = commons.plantings.map((planting) => ({
    ...planting,
    inRowCm: planting.inRowCm / planting.plantsPerStation,
  }));
  const old = { ...rest, version: 1, settings, beds, plantings, place: { ...place, climate } };
  const read = readGardenFile(JSON.stringify(old));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  expect(read.file).toMatchObject({
    version: GARDEN_FILE_VERSION,
    record: null,
    place: { climateFrom: "sketch", horizon: [], climate: { wetDaysPerYear: null } },
  });
  expect(read.file.plantings).toEqual(commons.plantings);
});

test("the published schema describes the file that is written", () => {
  const schema = gardenFileJsonSchema() as { required: string[]; properties: object };
  expect(schema.required).toEqual(expect.arrayContaining(Object.keys(toGardenFile(garden))));
});
