import commons from "./commons.testdata.json";
import fc from "fast-check";
import { siteFor } from "../plantings";
import { COLLECTIONS, emptyGarden, type Garden } from "../garden";
import { fromGardenFile, toGardenFile } from "./asFile";
import type { GardenFile } from "./fileSchema";
import { damagedIn } from "./damaged";
import { without } from "./without";
import { checkGardenFile } from "./checkFile";
import { english, inEnglish } from "@/words/told.testdata";

const tarnholt = fromGardenFile(commons as GardenFile);
/** By its few numbers: thirty years of weather are checked in the first test. */
const light: Garden = {
  ...tarnholt,
  record: null,
  place: tarnholt.place && { ...tarnholt.place, climateFrom: "sketch" },
};
const withEntity = (name: keyof Garden, id: string, entity: unknown): Garden =>
  ({
    ...light,
    [name]: new Map([...(light[name] as Map<string, unknown>), [id, entity]]),
  }) as Garden;

test("a sound garden has nothing damaged", () => {
  expect(damagedIn(tarnholt)).toEqual([]);
});

test("a damaged bed goes with what stood in it, each named, and the rest is whole", () => {
  const broken = withEntity("beds", "bed-1", { ...tarnholt.beds.get("bed-1"), lengthM: "long" });
  const damaged = damagedIn(broken);
  expect(inEnglish(damaged[0])).toMatchObject({ kind: "bed", id: "bed-1", what: "the bed Bed 1" });
  expect(english(damaged[0]?.message)).toMatch(/^lengthM: Give a length in metres/);
  const stood = [...tarnholt.plantings.values()].filter(({ bedId }) => bedId === "bed-1");
  expect(stood.length).toBeGreaterThan(0);
  for (const { id } of stood) {
    expect(damaged).toContainEqual(expect.objectContaining({ kind: "planting", id }));
  }
  const sound = without(broken, damaged);
  expect(sound.beds.size).toBe(light.beds.size - 1);
  expect(checkGardenFile(toGardenFile(sound), 1).ok).toBe(true);
});

test("of damaged settings what reads is kept", () => {
  const settings = { ...tarnholt.settings, units: "imperial", frostRisk: NaN, school: 3 };
  const broken = { ...light, settings } as unknown as Garden;
  const [one, ...others] = damagedIn(broken);
  expect(others).toEqual([]);
  expect(one).toMatchObject({
    kind: "settings",
    instead: { units: "imperial", frostRisk: emptyGarden().settings.frostRisk, school: "growth" },
  });
});

test("whatever is damaged, what is left is a garden that can be saved, checked and computed", () => {
  const junk = fc.oneof(
    fc.constantFrom<unknown>({}, [], "x", 7, { id: {} }, { id: "bed-1", name: { toString: 1 } }),
    fc.dictionary(fc.string(), fc.anything()),
  );
  const lists = Object.values(COLLECTIONS);
  fc.assert(
    fc.property(
      fc.constantFrom(...lists),
      fc.nat(),
      junk,
      fc.nat(),
      (name, which, entity, part) => {
        const ids = [...tarnholt[name].keys()];
        const id = ids[which % Math.max(1, ids.length)] ?? "new-1";
        const before = tarnholt[name].get(id) as Record<string, unknown> | undefined;
        const keys = Object.keys(before ?? {});
        const field = keys[part % Math.max(1, keys.length)] ?? "id";
        // All of it, or one field.
        const broken = withEntity(
          name,
          id,
          part % 2 === 0 ? entity : { ...before, [field]: entity },
        );
        const sound = without(broken, damagedIn(broken));
        expect(checkGardenFile(toGardenFile(sound), 1)).toMatchObject({ ok: true });
        expect(siteFor(sound)).not.toBeNull();
      },
    ),
    { numRuns: 150 },
  );
});
