import { timesMore } from "../timesMore.testdata";
import fc from "fast-check";
import { commands } from "../commands";
import type { Garden } from "../garden";
import { tarnholt } from "../plantings/tarnholt.testdata";
import { readGeoJson, writeGeoJson } from "./index";
import { english, inEnglish } from "@/words/told.testdata";

let ids = 0;
const newId = () => `new-${(ids += 1)}`;
const read = (content: unknown, garden: Garden = tarnholt) =>
  readGeoJson(typeof content === "string" ? content : JSON.stringify(content), garden, newId);
const problem = (content: unknown, garden?: Garden) => {
  const found = read(content, garden);
  return found.ok ? "" : english(found.problem);
};
const polygon = (ring: number[][], properties: object = {}) => ({
  type: "Feature",
  properties,
  geometry: { type: "Polygon", coordinates: [ring] },
});
const map = (...features: unknown[]) => ({ type: "FeatureCollection", features });
const place = tarnholt.place;
if (!place) throw new Error("the demo has a place");
/** A ring around metres east and north of the place. */
const ring = (corners: [number, number][]) =>
  [...corners, corners[0] ?? [0, 0]].map(([east, north]) => [
    place.longitudeDeg + east / (111_132 * Math.cos((place.latitudeDeg * Math.PI) / 180)),
    place.latitudeDeg + north / 111_132,
  ]);
const square = (side: number) =>
  ring([
    [0, 0],
    [side, 0],
    [side, side],
    [0, side],
  ]);

test("what goes out comes in again: every bed and shelter where it was, nothing left out", () => {
  const found = read(writeGeoJson(tarnholt));
  if (!found.ok) throw new Error(found.problem.code);
  expect(inEnglish(found.left)).toEqual([]);
  expect(found.beds).toHaveLength(tarnholt.beds.size);
  expect(found.shelters).toHaveLength(tarnholt.shelters.size);
  for (const bed of found.beds) {
    const before = tarnholt.beds.get(bed.id);
    expect(bed.lengthM).toBe(before?.lengthM);
    expect(bed.position?.xM).toBeCloseTo(before?.position?.xM ?? NaN, 1);
    expect(bed.position?.yM).toBeCloseTo(before?.position?.yM ?? NaN, 1);
    expect(
      Math.abs((bed.position?.angleDeg ?? 0) - (before?.position?.angleDeg ?? 0)),
    ).toBeLessThan(1);
  }
});

test("ids that are no texts and outlines of a hundred thousand corners are left out with a word", () => {
  const odd = { id: { toString: 1 }, name: { valueOf: 2 } };
  const found = read(map(polygon(square(4), odd)));
  expect(found.ok && found.beds).toHaveLength(1);
  const wild = Array.from({ length: 125_000 }, (_, index) => [
    place.longitudeDeg + Math.cos(index) / 1e5,
    place.latitudeDeg + Math.sin(index) / 1e5,
  ]);
  expect(english(problem(map(polygon(wild, { name: "Wild" }))))).toMatch(
    /Wild is left out: it has 125,000 corners/,
  );
  const many = read(map(polygon(square(4)), ...Array.from({ length: 900 }, () => ({}))));
  expect(many.ok && many.left).toHaveLength(21);
  expect(english(many.ok ? many.left.at(-1) : "")).toBe("880 more are left out.");
});

test("a new bed is taken with its size and turn; the command keeps it, and undoes as one step", () => {
  // 6 × 1 m, turned by 30° against the clock, 9 m south of the middle.
  const [c, s] = [Math.cos(Math.PI / 6), Math.sin(Math.PI / 6)];
  const corners = (
    [
      [0, 0],
      [6, 0],
      [6, 1],
      [0, 1],
    ] as const
  ).map(([x, y]): [number, number] => [x * c - y * s - 8, x * s + y * c - 10.5]);
  const empty = {
    ...tarnholt,
    beds: new Map(),
    plantings: new Map(),
    shelters: new Map(),
    plot: null,
  };
  const found = read(map(polygon(ring(corners), { name: "By the pond" })), empty);
  if (!found.ok) throw new Error(found.problem.code);
  expect(inEnglish(found.beds[0])).toMatchObject({ name: "By the pond", lengthM: 6, widthM: 1 });
  expect(found.beds[0]?.position?.angleDeg).toBeCloseTo(30, 0);
  const outcome = commands["layout.import"].apply(empty, found);
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  expect(outcome.garden.beds.size).toBe(1);
});

test("what is no bed is left out and said, what is no garden is refused whole, in words", () => {
  const triangle = polygon(
    ring([
      [0, 0],
      [8, 0],
      [0, 8],
    ]),
    { name: "Triangle" },
  );
  const point = {
    type: "Feature",
    properties: { name: "Tap" },
    geometry: { type: "Point", coordinates: [9, 47] },
  };
  const found = read(map(triangle, point, polygon(square(2), { name: "Square" })));
  expect(inEnglish(found.ok ? found.left : [])).toEqual([
    "Tap is left out: a bed is a polygon, and this is a Point.",
    "Triangle is left out: it is not a rectangle, which beds here are.",
  ]);
  const country = polygon([
    [5.9, 45.8],
    [10.5, 45.8],
    [10.5, 47.8],
    [5.9, 47.8],
    [5.9, 45.8],
  ]);
  expect(english(problem(map(country)))).toMatch(
    /^This map is 4\d\d km across: that is a country or a town, not a garden/,
  );
  const away = square(3).map(([x = 0, y = 0]) => [x + 3, y]);
  expect(english(problem(map(polygon(away))))).toMatch(
    /^These beds are 2\d\d km from the garden's location/,
  );
  expect(english(problem("bed,length\n1,8"))).toMatch(/not JSON/);
  expect(english(problem({ beds: [] }))).toMatch(/not a map/);
  expect(english(problem(map()))).toMatch(/no polygon/);
  expect(english(problem(map(point)))).toMatch(/no polygon to use as a bed. Tap is left out/);
  expect(english(problem(map(), { ...tarnholt, place: null }))).toMatch(
    /Set the garden's location first/,
  );
});

test("beds over each other, or shorter than what grows there, are refused by the command", () => {
  const twice = read(map(polygon(square(2), { name: "A" }), polygon(square(2), { name: "B" })), {
    ...tarnholt,
    beds: new Map(),
    shelters: new Map(),
  });
  if (!twice.ok) throw new Error(twice.problem.code);
  const bare = { ...tarnholt, beds: new Map(), plantings: new Map(), shelters: new Map() };
  const outcome = commands["layout.import"].apply(bare, twice);
  expect(outcome.ok ? "" : english(outcome.refusal)).toBe(
    "A would overlap B: beds may touch, not overlap.",
  );
  const short = read(
    map(
      polygon(
        ring([
          [0, 0],
          [4, 0],
          [4, 1],
          [0, 1],
        ]),
        { id: "bed-1" },
      ),
    ),
  );
  if (!short.ok) throw new Error(short.problem.code);
  const refused = commands["layout.import"].apply(tarnholt, short);
  expect(refused.ok ? "" : english(refused.refusal)).toMatch(/A planting in Bed 1 reaches to 8 m/);
});

test("whatever is in the file, an answer comes", () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.string(), (value, text) => {
      for (const one of [JSON.stringify(value), text, JSON.stringify(map(value))]) {
        const found = read(one);
        expect(typeof (found.ok ? found.left : found.problem)).not.toBe("undefined");
      }
    }),
    { numRuns: timesMore(100) },
  );
});
