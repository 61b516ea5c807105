import commons from "./commons.testdata.json";
import fc from "fast-check";
import { BedSchema, PlaceSchema, PlantingSchema, SettingsSchema } from "../garden";
import { GARDEN_FILE_VERSION } from "./version";
import { GardenFileSchema } from "./fileSchema";
import { migrateEntity, migrateGardenFile } from "./migrations";
import { inEnglish } from "@/words/told.testdata";

const KINDS = ["garden", "settings", "place", "shelter", "bed", "planting", "record"] as const;

type Planted = (typeof commons.plantings)[number];

/** The fields that the second version added, taken out again. */
function asFirstVersion(kind: "settings" | "place" | "bed" | "planting") {
  if (kind === "planting") return asSecondVersion();
  if (kind === "settings") {
    const {
      stationUrl: _url,
      rotationYears: _years,
      soilSchool: _school,
      ...settings
    } = commons.settings;
    return settings;
  }
  if (kind === "bed") {
    const {
      horizon: _horizon,
      position: _position,
      history: _history,
      ...bed
    } = commons.beds[0] as (typeof commons.beds)[number];
    return bed;
  }
  const { horizon: _skyline, climateFrom: _from, climate, ...place } = commons.place;
  const { wetDaysPerYear: _wet, ...sketch } = climate;
  return { ...place, climate: sketch };
}

/** A planting without what the third version added. */
function asSecondVersion() {
  const {
    arrangement: _a,
    potCm: _p,
    plantsPerStation: _n,
    ...some
  } = commons.plantings[0] as Planted;
  const { spacingFactor: _f, successionId: _s, interplanted: _i, clearOn: _c, ...more } = some;
  const { worth: _w, setup: _u, fromM: _m, ...old } = more;
  return old;
}

test("a planting of the second version stands as the book says, by itself", () => {
  const migrated = migrateEntity("planting", asSecondVersion(), 2);
  expect(inEnglish(PlantingSchema.safeParse(migrated).error?.issues ?? [])).toEqual([]);
  expect(migrated).toMatchObject({ arrangement: "rows", plantsPerStation: 1, successionId: null });
});

test("plantings of the third version are put one after the other along their beds", () => {
  const old = (id: string, sowOn: string, lengthM: number) => {
    const { fromM: _f, interplanted: _i, clearOn: _c, ...rest } = commons.plantings[0] as Planted;
    const { worth: _w, setup: _s, ...planting } = rest;
    return { ...planting, id, sowOn, lengthM, bedId: "bed-1" };
  };
  const content = {
    ...commons,
    version: 3,
    plantings: [old("b", "2026-08-01", 3), old("a", "2026-05-01", 4), old("c", "2026-09-01", 2)],
  };
  const migrated = migrateGardenFile(content, 3, GARDEN_FILE_VERSION);
  expect(inEnglish(GardenFileSchema.safeParse(migrated).error?.issues ?? [])).toEqual([]);
  const places = (migrated.plantings as { id: string; fromM: number }[]).map((one) => [
    one.id,
    one.fromM,
  ]);
  // 4 m and 3 m fit one after the other into 8 m; the third begins at the near end again.
  expect(Object.fromEntries(places)).toEqual({ a: 0, b: 4, c: 0 });
});

test("a file of the second version gets the lists that the third one has, and keeps what it had", () => {
  const { successions: _1, seedLots: _2, trays: _3, stands: _4, mixes: _5, ...rest } = commons;
  const { ownCrops: _6, ownVarieties: _7, ...old } = rest;
  const content = { ...old, version: 2, plantings: [asSecondVersion()] };
  const migrated = migrateGardenFile(content, 2, GARDEN_FILE_VERSION);
  expect(inEnglish(GardenFileSchema.safeParse(migrated).error?.issues ?? [])).toEqual([]);
  expect(migrated).toMatchObject({ seedLots: [], trays: [], beds: commons.beds });
});

test.each([
  ["settings", SettingsSchema],
  ["place", PlaceSchema],
  ["bed", BedSchema],
  ["planting", PlantingSchema],
] as const)("a %s of the first version becomes a whole one of this version", (kind, schema) => {
  const old = asFirstVersion(kind);
  expect(schema.safeParse(old).success).toBe(false);
  const migrated = migrateEntity(kind, old, 1);
  expect(inEnglish(schema.safeParse(migrated).error?.issues ?? [])).toEqual([]);
  expect(migrated).toMatchObject(old);
});

test("what is of this version, or no entity at all, is left as it is", () => {
  fc.assert(
    fc.property(fc.constantFrom(...KINDS), fc.anything(), (kind, anything) => {
      expect(migrateEntity(kind, anything, GARDEN_FILE_VERSION)).toEqual(anything);
      const twice = migrateEntity(kind, migrateEntity(kind, anything, 1), 1);
      expect(twice).toEqual(migrateEntity(kind, anything, 1));
    }),
  );
});

test("a file keeps what it had, whatever that was, and gets what is missing", () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (content) => {
      const migrated = migrateGardenFile(content, 1, 2);
      expect(migrated.version).toBe(2);
      for (const [name, value] of Object.entries(content)) {
        if (
          ["version", "garden", "settings", "place", "shelters", "beds", "plantings"].includes(name)
        )
          continue;
        expect(migrated[name]).toEqual(value);
      }
      expect(Object.keys(migrated)).toEqual(expect.arrayContaining(["record", "outlook"]));
    }),
  );
});

test("a shelter of the fourth version is aired as usual, and its file gets a stock and thermometers", () => {
  const shelters = commons.shelters.map(
    ({ heightM: _h, vent: _v, barrelLitres: _b, film: _f, ...old }) => old,
  );
  const { pieces: _p, thermometerDays: _t, ...rest } = commons;
  const { degreesSchool: _s, ...settings } = commons.settings;
  const migrated = migrateGardenFile(
    { ...rest, version: 4, shelters, settings },
    4,
    GARDEN_FILE_VERSION,
  );
  expect(inEnglish(GardenFileSchema.safeParse(migrated).error?.issues ?? [])).toEqual([]);
  expect(migrated).toMatchObject({
    pieces: [],
    thermometerDays: [],
    settings: { degreesSchool: "measured" },
  });
  expect((migrated.shelters as { vent: object }[])[0]?.vent).toEqual({
    kind: "automatic",
    opensAtC: 15,
    wideAtC: 25,
  });
});

test("a file of the fifth version gets an empty logbook, and its beds no order of walking yet", () => {
  const { logEntries: _l, garden, ...rest } = commons;
  const { walk: _w, ...head } = garden;
  const migrated = migrateGardenFile({ ...rest, version: 5, garden: head }, 5, GARDEN_FILE_VERSION);
  expect(inEnglish(GardenFileSchema.safeParse(migrated).error?.issues ?? [])).toEqual([]);
  expect(migrated).toMatchObject({ logEntries: [], garden: { walk: [] } });
});

test("work that was logged in English words is kept by its code; the grower's own words stay", () => {
  const worked = (subject: string, place: string) => ({
    id: "e",
    on: "2026-09-20",
    taskId: null,
    what: { kind: "worked", work: "water", subject, place, bedId: null, plantingId: null },
    note: "Whole garden",
  });
  const entity = (kept: unknown) =>
    (migrateEntity("logEntry", kept, 7) as ReturnType<typeof worked>).what;
  expect(entity(worked("3 beds", "Uncovered beds"))).toMatchObject({
    subject: "3 beds",
    place: "tasks.uncoveredBeds",
  });
  expect(entity(worked("hoses, timers and vents", "Whole garden"))).toMatchObject({
    subject: "tasks.hosesTimersAndVents",
    place: "tasks.wholeGarden",
  });
  for (const own of [worked("Bench 2", "My Store"), worked("constructor", "toString")]) {
    expect(migrateEntity("logEntry", own, 7)).toEqual(own);
  }
});

test("until version 8 a cluster's distance was multiplied by its plants: the same stations stand on", () => {
  const old = (some: object) => {
    const { seedsPerHole: _s, bought: _b, mix: _m, ...planting } = commons.plantings[0] as Planted;
    return migrateEntity("planting", { ...planting, inRowCm: 10, ...some }, 8);
  };
  const bought = { seedsPerHole: null, bought: null, mix: null };
  expect(old({ plantsPerStation: 4 })).toMatchObject({ inRowCm: 40, ...bought });
  expect(old({ plantsPerStation: 1 })).toMatchObject({ inRowCm: 10, ...bought });
  expect(old({ plantsPerStation: 4, arrangement: "pots", potCm: 12 })).toMatchObject({
    inRowCm: 10,
  });
  expect(old({ plantsPerStation: 15, inRowCm: 100 })).toMatchObject({ inRowCm: 500 });
  expect(
    inEnglish(PlantingSchema.safeParse(old({ plantsPerStation: 4 })).error?.issues ?? []),
  ).toEqual([]);
});
