import commons from "../gardenFile/commons.testdata.json";
import fc from "fast-check";
import { overlap, type Outline } from "../layout";
import { commands, type CommandName } from "./registry";
import { fromGardenFile, toGardenFile, type GardenFile } from "../gardenFile";
import { inverse, withChanges, type Bed, type Garden } from "../garden";
import { english, inEnglish } from "@/words/told.testdata";

const tarnholt = fromGardenFile(commons as GardenFile);

function done(garden: Garden, name: CommandName, input: unknown): Garden {
  const outcome = commands[name].apply(garden, input);
  if (!outcome.ok) throw new Error(`${name}: ${english(outcome.refusal)}`);
  const undone = withChanges(outcome.garden, inverse(outcome.changes));
  expect(toGardenFile(undone)).toEqual(toGardenFile(garden));
  return outcome.garden;
}
function refusal(garden: Garden, name: CommandName, input: unknown): string {
  const outcome = commands[name].apply(garden, input);
  if (outcome.ok) throw new Error(`${name} was not refused`);
  return english(outcome.refusal);
}
const move = (id: string, xM: number, yM: number, angleDeg = 90) => ({
  beds: [{ id, position: { xM, yM, angleDeg } }],
  shelters: [],
});
const outlineOf = (bed: Bed): Outline | null =>
  bed.position && { ...bed.position, lengthM: bed.lengthM, widthM: bed.widthM };

test("a bed is moved and turned; over another, out of the plot or under a roof it is not", () => {
  const moved = done(tarnholt, "layout.set", move("bed-1", 1.9, 15.4));
  expect(moved.beds.get("bed-1")?.position).toEqual({ xM: 1.9, yM: 15.4, angleDeg: 90 });
  expect(refusal(tarnholt, "layout.set", move("bed-1", 3.4, 15.5))).toBe(
    "Bed 1 would overlap Bed 2: beds may touch, not overlap.",
  );
  expect(refusal(tarnholt, "layout.set", move("bed-1", 2, 19))).toMatch(
    /Bed 1 would be outside the plot \(20 m × 22 m\): move it in or make the plot larger/,
  );
  // Across the greenhouse's wall it stands neither in nor out.
  expect(refusal(tarnholt, "layout.set", move("bed-7", 12.9, 9))).toMatch(
    /Bed 7 would be under Greenhouse/,
  );
  expect(refusal(tarnholt, "layout.set", move("house-1", 12.9, 9))).toMatch(
    /would stick out of Greenhouse/,
  );
  expect(refusal(tarnholt, "layout.set", move("bed-1", 2, 15.5, 200))).toMatch(/Less than 180°/);
});

test("a bed moved into a shelter stands in it, and out of it in the open again", () => {
  const room = done(tarnholt, "bed.remove", { id: "house-1", withPlantings: true });
  const { xM, yM } = tarnholt.beds.get("house-1")?.position ?? { xM: NaN, yM: NaN };
  const inside = done(room, "layout.set", move("bed-7", xM, yM));
  expect(inside.beds.get("bed-7")?.shelterId).toBe("greenhouse");
  const out = done(inside, "layout.set", move("bed-7", 10.4, 15.5));
  expect(out.beds.get("bed-7")?.shelterId).toBeNull();
});

test("a bed is resized and renamed; too short for what grows there, or of no length, it is not", () => {
  const wider = done(tarnholt, "bed.edit", { id: "bed-1", name: "By the wall", widthM: 1 });
  expect(inEnglish(wider.beds.get("bed-1"))).toMatchObject({
    name: "By the wall",
    widthM: 1,
    lengthM: 8,
  });
  expect(refusal(tarnholt, "bed.edit", { id: "bed-1", lengthM: 5 })).toBe(
    "A planting in Bed 1 reaches to 8 m. Shorten or move it first, or keep the bed that long.",
  );
  expect(refusal(tarnholt, "bed.edit", { id: "bed-1", lengthM: 0 })).toMatch(/At least 0.1 m/);
  expect(refusal(tarnholt, "bed.edit", { id: "bed-1", widthM: 2.5 })).toMatch(/overlap Bed 2/);
});

test("a bed with plantings goes only with them", () => {
  expect(refusal(tarnholt, "bed.remove", { id: "house-1" })).toBe(
    "House 1 has 3 plantings: move them to another bed, or remove them with it.",
  );
  const gone = done(tarnholt, "bed.remove", { id: "house-1", withPlantings: true });
  expect([...gone.plantings.values()].some(({ bedId }) => bedId === "house-1")).toBe(false);
  expect(gone.trays.get("tray-1")?.sowings[0]?.plantingId).toBeNull();
});

test("after any moves, turns and sizes no two beds share ground", () => {
  const ids = [...tarnholt.beds.keys()];
  const anyCommand = fc.oneof(
    fc.record({
      name: fc.constant("layout.set" as const),
      input: fc
        .tuple(
          fc.constantFrom(...ids),
          fc.double({ min: 0, max: 20, noNaN: true }),
          fc.double({ min: 0, max: 22, noNaN: true }),
          fc.integer({ min: 0, max: 179 }),
        )
        .map(([id, xM, yM, angleDeg]) => move(id, xM, yM, angleDeg)),
    }),
    fc.record({
      name: fc.constant("bed.edit" as const),
      input: fc.record({
        id: fc.constantFrom(...ids),
        widthM: fc.double({ min: 0.2, max: 3, noNaN: true }),
      }),
    }),
  );
  let taken = 0;
  fc.assert(
    fc.property(fc.array(anyCommand, { maxLength: 30 }), (list) => {
      let garden = tarnholt;
      for (const { name, input } of list) {
        const outcome = commands[name].apply(garden, input);
        if (!outcome.ok) continue;
        garden = outcome.garden;
        taken += 1;
      }
      const outlines = [...garden.beds.values()].flatMap((bed) => outlineOf(bed) ?? []);
      outlines.forEach((one, index) => {
        for (const other of outlines.slice(index + 1)) expect(overlap(one, other)).toBe(false);
      });
    }),
    { numRuns: 60 },
  );
  expect(taken).toBeGreaterThan(20);
});
