import fc from "fast-check";
import { toGardenFile } from "../gardenFile";
import { withChanges, type Bed, type Garden, type Planting } from "../garden";
import { tarnholt } from "../plantings/tarnholt.testdata";
import { groundProblems, mendGround } from "./beds/ground";
import { commands } from "./registry";
import { english } from "@/words/told.testdata";

const beds = [...tarnholt.beds.values()];
const named = (id: string) => tarnholt.beds.get(id) as Bed;
const withBeds = (...changed: Bed[]): Garden =>
  withChanges(
    tarnholt,
    changed.map((bed) => ({ kind: "bed", id: bed.id, before: named(bed.id), after: bed })),
  );
/** Bed 3 laid over Bed 4, as a file written by hand may have it. */
const overlapping = withBeds({ ...named("bed-3"), position: named("bed-4").position });

test("the demo garden is in order, and mending it changes nothing", () => {
  expect(groundProblems(tarnholt)).toEqual([]);
  expect(mendGround(tarnholt)).toEqual({ garden: tarnholt, mends: [] });
});

test("an overlap that is there already stands in nobody else's way, but a new one is refused", () => {
  for (const [name, input] of [
    ["bed.edit", { id: "bed-1", name: "By the wall" }],
    ["bed.edit", { id: "bed-3", widthM: 0.7 }],
    ["shelter.edit", { id: "greenhouse", barrelLitres: 200 }],
  ] as const) {
    const outcome = commands[name].apply(overlapping, input);
    expect(outcome.ok ? "" : english(outcome.refusal)).toBe("");
  }
  const over = commands["bed.edit"].apply(overlapping, {
    id: "bed-1",
    position: named("bed-2").position,
  });
  expect(over.ok ? "" : english(over.refusal)).toMatch(/Bed 1 would overlap Bed 2/);
});

test("a file with an overlap, a planting past its bed or two on one ground is refused with its path", () => {
  const [one, two] = [...tarnholt.plantings.values()].filter(({ bedId }) => bedId === "bed-1");
  const first = one ?? (tarnholt.plantings.values().next().value as Planting);
  const put = (planting: Planting, some: Partial<Planting>) =>
    withChanges(tarnholt, [
      { kind: "planting", id: planting.id, before: planting, after: { ...planting, ...some } },
    ]);
  const cases: [Garden, RegExp, RegExp][] = [
    [overlapping, /^beds\[\d+\]\.position$/, /Bed 3 would overlap Bed 4/],
    [put(first, { fromM: 6, lengthM: 5 }), /^plantings\[\d+\]/, /reaches to 11 m/],
  ];
  if (two)
    cases.push([put(two, { fromM: first.fromM }), /^plantings\[\d+\]/, /overlap|same space/]);
  for (const [garden, path, words] of cases) {
    const outcome = commands["garden.replace"].apply(tarnholt, toGardenFile(garden));
    if (outcome.ok) throw new Error("it was let in");
    expect(english(outcome.refusal)).toMatch(words);
    expect(outcome.path).toMatch(path);
  }
});

test("whatever lies wrong can be mended: nothing clashes then, and what went is told by name", () => {
  const anyBed = fc.constantFrom(...beds.map(({ id }) => id));
  const moves = fc.array(
    fc.record({
      which: fc.nat(),
      bedId: anyBed,
      fromM: fc.double({ min: 0, max: 12, noNaN: true }),
      lengthM: fc.double({ min: 0.1, max: 12, noNaN: true }),
    }),
    { minLength: 1, maxLength: 12 },
  );
  const laid = fc.array(fc.tuple(anyBed, anyBed), { maxLength: 4 });
  let mended = 0;
  fc.assert(
    fc.property(moves, laid, (moved, over) => {
      const plantings = new Map(tarnholt.plantings);
      const all = [...plantings.values()];
      for (const { which, ...some } of moved) {
        const planting = all[which % all.length] as Planting;
        plantings.set(planting.id, { ...planting, ...some });
      }
      const positions = over.map(([a, b]) => ({ ...named(a), position: named(b).position }));
      const garden = { ...withBeds(...positions), plantings };
      const { garden: sound, mends } = mendGround(garden);
      expect(groundProblems(sound)).toEqual([]);
      expect(sound.beds.size).toBe(garden.beds.size);
      const gone = garden.plantings.size - sound.plantings.size;
      expect(mends.filter((words) => english(words).endsWith("is left out."))).toHaveLength(gone);
      const outcome = commands["garden.replace"].apply(tarnholt, toGardenFile(sound));
      expect(outcome.ok ? "" : english(outcome.refusal)).toBe("");
      mended += mends.length;
    }),
    { numRuns: 4 },
  );
  expect(mended).toBeGreaterThan(4);
});
