import fc from "fast-check";
import sources from "@data/sources.json";
import materialsJson from "@data/materials/materials.json";
import { MaterialSchema } from "../shelter";
import { CropSchema, cropLibrary, dayWorthOf, lightResponse, temperatureResponse } from "./index";

const crops = [...cropLibrary.values()];
const anyCrop = fc.constantFrom(...crops);

/** Every number of a crop under its path, as `varieties.0.packetDays`. */
function numbersOf(value: unknown, path = ""): string[] {
  if (typeof value === "number") return [path];
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value)
    .filter(([key]) => !(path === "" && key === "sources"))
    .flatMap(([key, inner]) => numbersOf(inner, path === "" ? key : `${path}.${key}`));
}

test.each(crops)(
  "$name: fits the schema, every value has a known source, and none is absurd",
  (crop) => {
    expect(CropSchema.safeParse(crop).error?.issues ?? []).toEqual([]);
    for (const path of numbersOf(crop)) {
      expect([path, Object.keys(sources)]).toEqual([
        path,
        expect.arrayContaining([crop.sources[path]]),
      ]);
    }
    const { minimumC, optimumC, ceilingC } = crop.temperature;
    expect(minimumC).toBeLessThan(optimumC);
    expect(optimumC).toBeLessThan(ceilingC);
    expect(crop.hardiness.hardenedLt50C).toBeLessThan(crop.hardiness.unhardenedLt50C);
    expect(crop.spacing.inRowCm).toBeLessThanOrEqual(crop.spacing.rowCm);
    expect(new Set(crop.varieties.map((variety) => variety.id)).size).toBe(crop.varieties.length);
  },
);

test("the library holds the twelve crops under their own ids", () => {
  expect([...cropLibrary.keys()]).toEqual(
    "arugula beet broccoli carrot chard kale leek lettuce mache radish spinach turnip".split(" "),
  );
});

test("materials fit their schema and name their sources", () => {
  for (const material of materialsJson) {
    expect(MaterialSchema.safeParse(material).success).toBe(true);
    for (const source of Object.values(material.sources))
      expect(Object.keys(sources)).toContain(source);
  }
});

test("the beta response is 1 at the optimum, 0 at the limits, and agrees with a worked value", () => {
  const cardinals = { minimumC: 0, optimumC: 20, ceilingC: 30 };
  expect(temperatureResponse(cardinals, 20)).toBeCloseTo(1, 12);
  expect(temperatureResponse(cardinals, 0)).toBe(0);
  expect(temperatureResponse(cardinals, 30)).toBe(0);
  // Yan & Hunt (1999) eq. 4 by hand: (30-10)/(30-20) × (10/20)^(20/10) = 2 × 0.25.
  expect(temperatureResponse(cardinals, 10)).toBeCloseTo(0.5, 12);
});

test("a packet day in packet weather is worth one calendar day, for every crop", () => {
  for (const crop of crops) expect(dayWorthOf(crop)(18, 18, 30)).toBeCloseTo(1, 2);
});

test("more light is never worth less, and frozen days are worth nothing", () => {
  fc.assert(
    fc.property(
      anyCrop,
      fc.double({ min: -30, max: 35, noNaN: true }),
      fc.double({ min: 0, max: 20, noNaN: true }),
      fc.double({ min: 0, max: 60, noNaN: true }),
      fc.double({ min: 0, max: 60, noNaN: true }),
      (crop, minC, range, a, b) => {
        const worth = dayWorthOf(crop);
        const [dim, bright] = a < b ? [a, b] : [b, a];
        expect(worth(minC, minC + range, dim)).toBeLessThanOrEqual(
          worth(minC, minC + range, bright),
        );
        expect(worth(-20, crop.temperature.minimumC, bright)).toBe(0);
        expect(worth(minC, minC + range, bright)).toBeLessThan(1.5);
      },
    ),
  );
  expect(lightResponse(9, 9)).toBe(0.5);
});
