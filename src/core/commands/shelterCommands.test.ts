import { inverse, withChanges, type Bed, type Garden, type Shelter } from "../garden";
import { PLAIN_SHELTER } from "../gardenFile";
import { within } from "../layout";
import { builtBeside } from "../bedSpace";
import { tarnholt } from "../plantings/tarnholt.testdata";
import { commands } from "./index";
import { inEnglish } from "@/words/told.testdata";

const FLOOR = { lengthM: 10, widthM: 4, beds: 3 };
function newHouse(garden: Garden, floor = FLOOR): { shelter: Shelter; beds: Bed[] } {
  const { outline, beds } = builtBeside(garden, floor);
  return {
    shelter: {
      id: "house-new",
      name: "New house",
      covers: ["greenhouse-double", "row-cover-light"],
      outline,
      ...PLAIN_SHELTER,
    },
    beds: beds.map((bed, index) => ({
      ...bed,
      id: `new-${index}`,
      name: `New ${index + 1}`,
      shelterId: "house-new",
      covers: [],
      horizon: null,
      history: [],
    })),
  };
}

test("a house is built beside everything, its beds lie within it, the plot grows, and undo takes all back", () => {
  const built = newHouse(tarnholt);
  const outcome = commands["shelter.build"].apply(tarnholt, built);
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  const { garden } = outcome;
  const shelter = garden.shelters.get("house-new");
  if (!shelter?.outline) throw new Error("built");
  for (const { position, lengthM, widthM } of built.beds) {
    if (!position) throw new Error("laid out");
    expect(within({ ...position, lengthM, widthM }, shelter.outline)).toBe(true);
  }
  expect(garden.plot?.lengthM).toBeGreaterThan(tarnholt.plot?.lengthM ?? Infinity);
  expect(withChanges(garden, inverse(outcome.changes))).toEqual(tarnholt);
});

test.each([
  [
    "zero height",
    (one: Shelter) => ({ ...one, heightM: 0 }),
    /some height to hold air: at least 0.1 m/,
  ],
  [
    "a vent that opens in frost",
    (one: Shelter) => ({ ...one, vent: { kind: "automatic" as const, opensAtC: -2, wideAtC: 10 } }),
    /lets the frost in: give at least 1 °C/,
  ],
  [
    "a vent that is wide open before it opens",
    (one: Shelter) => ({ ...one, vent: { kind: "automatic" as const, opensAtC: 20, wideAtC: 15 } }),
    /Fully open must be a higher temperature/,
  ],
  ["no cover", (one: Shelter) => ({ ...one, covers: [] }), /at least one cover/],
  ["an unknown cover", (one: Shelter) => ({ ...one, covers: ["straw"] }), /no covering "straw"/],
])("%s is refused in plain words and changes nothing", (_what, spoilt, words) => {
  const { shelter, beds } = newHouse(tarnholt);
  const outcome = commands["shelter.build"].apply(tarnholt, { shelter: spoilt(shelter), beds });
  expect(inEnglish(outcome)).toMatchObject({ ok: false, refusal: expect.stringMatching(words) });
});

test("a bed larger than its shelter is refused with both sizes", () => {
  const { shelter, beds } = newHouse(tarnholt, { ...FLOOR, beds: 1 });
  const long = beds.map((bed) => ({ ...bed, lengthM: 12 }));
  expect(
    inEnglish(commands["shelter.build"].apply(tarnholt, { shelter, beds: long })),
  ).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/New 1 \(12 m × .*\) does not fit in New house \(10 m × 4 m\)/),
  });
});

test("a shelter is changed, not below its beds; taken down, its beds stand in the open and its readings go", () => {
  const small = commands["shelter.edit"].apply(tarnholt, {
    id: "greenhouse",
    outline: { xM: 15.4, yM: 9, angleDeg: 90, lengthM: 3, widthM: 2 },
  });
  expect(inEnglish(small)).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/out of Greenhouse/),
  });
  const read = commands["thermometer.set"].apply(tarnholt, {
    days: [
      {
        id: "night-1",
        under: { kind: "shelter", id: "greenhouse" },
        on: "2026-09-20",
        insideMinC: 5,
        outsideMinC: 3,
        insideMaxC: null,
        outsideMaxC: null,
        source: "typed",
      },
    ],
  });
  if (!read.ok) throw new Error(read.refusal.code);
  const down = commands["shelter.remove"].apply(read.garden, { id: "greenhouse" });
  if (!down.ok) throw new Error(down.refusal.code);
  expect(down.garden.beds.get("house-1")?.shelterId).toBeNull();
  expect(down.garden.thermometerDays.size).toBe(0);
});

test("readings that cannot be are refused: swapped, in Fahrenheit, of a shelter that is not there", () => {
  const day = {
    id: "night-1",
    under: { kind: "shelter" as const, id: "greenhouse" },
    on: "2026-09-20",
    insideMinC: 5,
    outsideMinC: 3,
    insideMaxC: 12,
    outsideMaxC: 9,
    source: "typed" as const,
  };
  const refusal = (some: object) =>
    commands["thermometer.set"].apply(tarnholt, { days: [{ ...day, ...some }] });
  expect(inEnglish(refusal({ insideMaxC: 2 }))).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/swapped/),
  });
  expect(inEnglish(refusal({ insideMaxC: 86 }))).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/Fahrenheit/),
  });
  expect(inEnglish(refusal({ under: { kind: "shelter", id: "barn" } }))).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/no shelter "barn"/),
  });
});
