import demo from "@data/demo/tarnholt-commons.json";
import commons from "../gardenFile/commons.testdata.json";
import fc from "fast-check";
import { commands, type CommandName, type Outcome } from "../commands";
import {
  changesBetween,
  emptyGarden,
  hasBegun,
  horizonOver,
  inverse,
  isEmptyGarden,
  withChanges,
  type Garden,
} from "./garden";
import { readGardenFile } from "../formats";
import { fromGardenFile, toGardenFile, type GardenFile } from "../gardenFile";
import type { Planting } from "./schema";
import { english } from "@/words/told.testdata";

const garden = fromGardenFile(commons as GardenFile);
const planting = garden.plantings.get("planting-07") as Planting;

function apply(from: Garden, name: CommandName, input: unknown) {
  return commands[name].apply(from, input);
}

test("moving a sowing changes that planting alone, and is undone exactly", () => {
  const outcome = apply(garden, "planting.moveSowing", { id: "planting-07", sowOn: "2026-08-27" });
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  expect(outcome.changes).toHaveLength(1);
  expect(outcome.garden.plantings.get("planting-07")?.sowOn).toBe("2026-08-27");
  expect(outcome.garden.beds).toBe(garden.beds);
  expect(garden.plantings.get("planting-07")?.sowOn).toBe("2026-08-20");
  expect(toGardenFile(withChanges(outcome.garden, inverse(outcome.changes)))).toEqual(
    toGardenFile(garden),
  );
});

test.each<[string, CommandName, unknown, string, RegExp]>([
  [
    "a bed that is gone",
    "planting.add",
    { ...planting, id: "p-new", bedId: "bed-99" },
    "planting.bedId",
    /no longer/,
  ],
  [
    "more length than the bed has",
    "planting.add",
    { ...planting, id: "p-new", lengthM: 9 },
    "planting.lengthM",
    /8 m long/,
  ],
  [
    "no spacing",
    "planting.add",
    { ...planting, id: "p-new", rowCm: 0 },
    "rowCm",
    /At least 0.2 cm/,
  ],
  [
    "a crop nobody knows",
    "planting.add",
    { ...planting, id: "p-new", cropId: "moonroot" },
    "planting.cropId",
    /no crop "moonroot"/,
  ],
  [
    "transplanted carrots",
    "planting.add",
    { ...planting, id: "p-new", cropId: "carrot", varietyId: "main", method: "transplant" },
    "planting.method",
    /sow it direct/,
  ],
  [
    "baby leeks",
    "planting.edit",
    { id: "planting-06", stage: "baby" },
    "planting.stage",
    /not grown for baby leaf/,
  ],
  [
    "a date that is none",
    "planting.moveSowing",
    { id: "planting-07", sowOn: "2026-02-30" },
    "sowOn",
    /does not exist/,
  ],
  ["a planting that is gone", "planting.remove", { id: "nobody" }, "", /no longer/],
  [
    "a script for a name",
    "garden.rename",
    { name: "<script>alert(1)</script>" },
    "name",
    /cannot hold </,
  ],
  [
    "a latitude past the pole",
    "place.set",
    { ...garden.place, latitudeDeg: 91 },
    "latitudeDeg",
    /−90 \(south\) to 90/,
  ],
  ["a risk of none", "settings.set", { frostRisk: 0 }, "frostRisk", /at least 1 year in 100/],
  [
    "a cover nobody knows",
    "bed.addMany",
    {
      beds: [
        {
          id: "b",
          name: "B",
          lengthM: 1,
          widthM: 1,
          shelterId: null,
          covers: ["blanket"],
          horizon: null,
          position: null,
          history: [],
        },
      ],
    },
    "bed.covers[0]",
    /no covering "blanket"/,
  ],
  ["a bed twice", "bed.addMany", { beds: [garden.beds.get("bed-1")] }, "", /already there/],
])("%s is refused in a sentence, at its field", (_what, name, input, path, words) => {
  const outcome = apply(garden, name, input);
  expect(outcome).toMatchObject({ ok: false, path });
  expect(outcome.ok ? "" : english(outcome.refusal)).toMatch(words);
});

test("any run of commands is taken back step by step to the same garden", () => {
  const step = fc.oneof(
    fc.record({
      name: fc.constant<CommandName>("planting.moveSowing"),
      input: fc.record({
        id: fc.constantFrom(...garden.plantings.keys()),
        sowOn: fc.constantFrom("2026-07-01", "2026-08-15", "2026-09-30"),
      }),
    }),
    fc.record({
      name: fc.constant<CommandName>("planting.remove"),
      input: fc.record({ id: fc.constantFrom(...garden.plantings.keys()) }),
    }),
    fc.record({
      name: fc.constant<CommandName>("settings.set"),
      input: fc.record({ school: fc.constantFrom("growth", "tenhour", "calendar") }),
    }),
  );
  fc.assert(
    fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
      let now = garden;
      const done = steps.flatMap(({ name, input }) => {
        const outcome = apply(now, name, input);
        if (!outcome.ok) return [];
        now = outcome.garden;
        return [outcome.changes];
      });
      for (const changes of done.reverse()) now = withChanges(now, inverse(changes));
      expect(toGardenFile(now)).toEqual(toGardenFile(garden));
    }),
  );
});

test("the changes between two gardens turn one into the other", () => {
  const empty = emptyGarden();
  expect(isEmptyGarden(empty)).toBe(true);
  expect(toGardenFile(withChanges(empty, changesBetween(empty, garden)))).toEqual(
    toGardenFile(garden),
  );
  const cleared = withChanges(garden, changesBetween(garden, empty));
  expect([cleared.beds.size, cleared.plantings.size]).toEqual([0, 0]);
});

test("the demo garden is two dozen plantings at Tarnholt Commons, opening on 24 September", () => {
  const read = readGardenFile(JSON.stringify(demo));
  if (!read.ok) throw new Error("the demo garden is read");
  const { head, plantings, beds } = fromGardenFile(read.file);
  expect(head).toMatchObject({ name: "Tarnholt Commons", today: "2026-09-24" });
  expect(plantings.size).toBeGreaterThanOrEqual(24);
  const inTheOpen = [...beds.values()].filter((bed) => bed.shelterId === null);
  expect(inTheOpen.filter(({ container }) => !container)).toHaveLength(14);
  expect(inTheOpen.filter(({ container }) => container)).toHaveLength(2);
});

describe("the record, the skyline and the outlook", () => {
  const record = garden.record;
  if (!record) throw new Error("the demo garden has a record");
  const after = (outcome: Outcome) => {
    if (!outcome.ok) throw new Error(outcome.refusal.code);
    return outcome.garden;
  };

  test("reading in a record makes the place go by it; taking it away goes back to the numbers", () => {
    const sketched = after(
      commands["place.set"].apply(garden, { ...garden.place, climateFrom: "sketch" }),
    );
    const bare = after(commands["record.remove"].apply(sketched, {}));
    expect(bare.record).toBeNull();
    const byRecord = after(commands["record.set"].apply(bare, record));
    expect(byRecord.place?.climateFrom).toBe("record");
    const back = after(commands["record.remove"].apply(byRecord, {}));
    expect(back.place?.climateFrom).toBe("sketch");
  });

  test("a record cannot go while nothing else is known, nor be gone by before it is there", () => {
    const only = after(commands["place.set"].apply(garden, { ...garden.place, climate: null }));
    const refused = commands["record.remove"].apply(only, {});
    expect(refused.ok ? "" : english(refused.refusal)).toMatch(/average temperatures first/);
    const missing = commands["place.set"].apply(emptyGarden(), garden.place);
    expect(missing.ok ? "" : english(missing.refusal)).toMatch(/import one first/);
  });

  test("a bed takes a skyline of its own and gives it back", () => {
    const horizon = [{ azimuthDeg: 180, elevationDeg: 30 }];
    const own = after(commands["horizon.set"].apply(garden, { bedId: "bed-1", horizon }));
    const bed = own.beds.get("bed-1");
    expect(bed && horizonOver(own, bed)).toEqual(horizon);
    const back = after(commands["horizon.set"].apply(own, { bedId: "bed-1", horizon: null }));
    const again = back.beds.get("bed-1");
    expect(again && horizonOver(back, again)).toBe(back.place?.horizon);
    const crossed = commands["horizon.set"].apply(garden, {
      bedId: null,
      horizon: [...horizon, { azimuthDeg: 90, elevationDeg: 3 }],
    });
    expect(crossed).toMatchObject({ ok: false, path: "horizon[1].azimuthDeg" });
    const gone = commands["horizon.set"].apply(garden, { bedId: "nowhere", horizon });
    expect(gone.ok ? "" : english(gone.refusal)).toMatch(/no longer in the garden/);
  });
});

test("trays, green manure, feedings or a log alone are a garden that has begun; beds alone are not", () => {
  const commonsGarden = fromGardenFile(commons as GardenFile);
  const bare = { ...emptyGarden(), place: commonsGarden.place, beds: commonsGarden.beds };
  expect(hasBegun(bare)).toBe(false);
  for (const name of ["plantings", "trays", "logEntries"] as const) {
    expect(commonsGarden[name].size).toBeGreaterThan(0);
    expect(hasBegun({ ...bare, [name]: commonsGarden[name] })).toBe(true);
  }
  const rest = { id: "r" } as never;
  expect(hasBegun({ ...bare, rests: new Map([["r", rest]]) })).toBe(true);
});
