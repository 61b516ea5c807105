import { readdirSync } from "node:fs";
import fc from "fast-check";
import coverCropsJson from "@data/coverCrops/coverCrops.json";
import growthJson from "@data/growth.json";
import cautions from "@data/cautions.json";
import sources from "@data/sources.json";
import materialsJson from "@data/materials/materials.json";
import { MaterialSchema } from "../shelter";
import { CoverCropSchema } from "../soil/coverCropSchema";
import { CROP_GROUPS } from "./groups";
import { cropLibrary } from "./library";
import { CropSchema, type Crop } from "./schema";
import { dayWorthOf, lightResponse, temperatureResponse } from "./growth";
import { emergenceAt, packetEmergenceDays, sproutingRange } from "./sprouting";
import { SPROUTING_TEMPERATURES_C } from "./sproutingTemperatures";
import { cropSources } from "./sourceFiles";
import { inEnglish } from "@/words/told.testdata";

const crops = [...cropLibrary.values()];
const anyCrop = fc.constantFrom(...crops);
const knownSources = Object.keys(sources);

/** Every number of a crop under its path, as `varieties.0.packetDays`; a row of numbers is one. */
function numbersOf(value: unknown, path = ""): string[] {
  if (typeof value === "number") return [path];
  if (typeof value !== "object" || value === null) return [];
  if (Array.isArray(value) && value.every((one) => typeof one !== "object" || one === null)) {
    return value.length > 0 && value.some((one) => typeof one === "number") ? [path] : [];
  }
  return Object.entries(value).flatMap(([key, inner]) =>
    numbersOf(inner, path === "" ? key : `${path}.${key}`),
  );
}

/** What is absurd about a crop's values, beyond what its schema refuses. */
function absurdities(crop: Crop): string[] {
  const { temperature, hardiness, varieties, spacing, sprouting, sowing } = crop;
  const wrong: [boolean, string][] = [
    [temperature.minimumC >= temperature.optimumC, "minimum above optimum"],
    [temperature.optimumC >= temperature.ceilingC, "optimum above ceiling"],
    [hardiness.hardenedLt50C >= hardiness.unhardenedLt50C, "hardening makes it softer"],
    [
      hardiness.organs.some((organ) => organ.hardenedLt50C >= organ.unhardenedLt50C),
      "hardening makes an organ softer",
    ],
    [
      varieties.some(
        (one) => (one.hardenedLt50C ?? hardiness.hardenedLt50C) >= hardiness.unhardenedLt50C,
      ),
      "a hardened variety is softer than the soft crop",
    ],
    [spacing.inRowCm > spacing.rowCm, "closer rows than plants"],
    [new Set(varieties.map(({ id }) => id)).size !== varieties.length, "a variety id twice"],
    [
      sprouting.days.some((days, at) => days !== null && (sprouting.share[at] ?? 0) === 0),
      "days where none comes up",
    ],
    [Math.max(...sprouting.share) < 0.7, "hardly any seed ever sprouts"],
    [
      Math.abs(SPROUTING_TEMPERATURES_C.length - sprouting.days.length) > 0,
      "a row of another length",
    ],
    // The lighter the seed, the shallower: never deeper than some twenty times its own width.
    [sowing.depthCm > 20 * seedWidthCm(sowing.seedsPerGram), "buried too deep for its size"],
    [
      (crop.transplanting.tolerance === "usual") !== (crop.tray !== undefined) &&
        crop.transplanting.tolerance === "usual",
      "usually transplanted, but no cell given",
    ],
    [
      crop.startedFrom !== "seed" && crop.piece === undefined,
      "planted by the piece, but no weight given",
    ],
    [
      crop.piece !== undefined && Math.abs(crop.piece.grams * sowing.seedsPerGram - 1) > 0.1,
      "a piece's two weights differ",
    ],
    [
      varieties.some(({ packetDays }) => packetDays <= packetEmergenceDays(crop)),
      "ready before it is up",
    ],
  ];
  return wrong.flatMap(([is, what]) => (is ? [what] : []));
}

/** Width of a round seed of such a weight with the density of water. */
function seedWidthCm(seedsPerGram: number): number {
  return Math.cbrt(6 / (Math.PI * seedsPerGram));
}

test.each(crops)(
  "$name: fits the schema, every value has a known source, and none is absurd",
  (crop) => {
    expect(inEnglish(CropSchema.safeParse(crop).error?.issues ?? [])).toEqual([]);
    const ofCrop = cropSources[crop.id] ?? {};
    const paths = numbersOf(crop);
    expect(paths.filter((path) => !knownSources.includes(ofCrop[path] ?? ""))).toEqual([]);
    expect(Object.keys(ofCrop).filter((path) => !paths.includes(path))).toEqual([]);
    expect(absurdities(crop)).toEqual([]);
    expect(crop.cautions.filter((id) => !(id in cautions))).toEqual([]);
  },
);

test("the data test refuses gaps and absurd values", () => {
  const spinach = cropLibrary.get("spinach");
  if (!spinach) throw new Error("spinach is in the library");
  const { sowing: _, ...withoutSowing } = spinach;
  expect(CropSchema.safeParse(withoutSowing).success).toBe(false);
  const cooked = { ...spinach, temperature: { minimumC: 25, optimumC: 20, ceilingC: 33 } };
  expect(absurdities(cooked)).toEqual(["minimum above optimum"]);
  const deep = { ...spinach, sowing: { ...spinach.sowing, depthCm: 12 } };
  expect(absurdities(deep)).toEqual(["buried too deep for its size"]);
});

test("the library holds at least seventy crops of every group, each from a file that is listed", () => {
  expect(crops.length).toBeGreaterThanOrEqual(70);
  for (const group of CROP_GROUPS) {
    expect(crops.filter((crop) => crop.group === group).length).toBeGreaterThanOrEqual(3);
  }
  const files = readdirSync("data/crops").flatMap((name) => name.match(/^(.+)\.json$/)?.[1] ?? []);
  expect(files.sort()).toEqual([...cropLibrary.keys()].sort());
});

test("cover crops fit their schema, name their sources, and legumes their inoculant", () => {
  expect(coverCropsJson.length).toBeGreaterThanOrEqual(10);
  for (const crop of coverCropsJson) {
    expect(inEnglish(CoverCropSchema.safeParse(crop).error?.issues ?? [])).toEqual([]);
    expect(crop.kind === "legume").toBe(crop.inoculantGroup !== undefined);
    expect(crop.sowingGramsPerM2.drilled).toBeLessThan(crop.sowingGramsPerM2.broadcast);
    const paths = numbersOf({ ...crop, sources: undefined });
    expect(
      paths.filter(
        (path) =>
          !knownSources.includes((crop.sources as unknown as Record<string, string>)[path] ?? ""),
      ),
    ).toEqual([]);
  }
  for (const source of Object.values(growthJson.sources)) expect(knownSources).toContain(source);
});

describe("sprouting by soil temperature", () => {
  // Harrington & Minges (1954), days to emergence at 32, 41, … 104 °F; null where none came up.
  test.each<[string, number, number | null]>([
    ["lettuce", 0, 49],
    ["lettuce", 5, 15],
    ["lettuce", 20, 3],
    ["lettuce", 35, null],
    ["spinach", 5, 23],
    ["spinach", 15, 7],
    ["spinach", 35, null],
    ["carrot", 0, null],
    ["carrot", 10, 17],
    ["carrot", 25, 6],
    ["onion", 0, 136],
    ["onion", 15, 7],
    ["parsnip", 0, 172],
    ["parsnip", 20, 14],
    ["pea-shelling", 5, 36],
    ["pea-shelling", 20, 8],
    ["radish", 10, 11],
    ["cabbage", 10, 15],
    ["beet", 15, 10],
    ["sweet-corn", 10, 22],
    ["cucumber", 10, null],
    ["cucumber", 15, 13],
    ["bush-bean", 25, 8],
    ["celery", 25, null],
    ["parsley", 20, 14],
  ])("%s at %d °C: %p days", (id, soilTempC, days) => {
    const crop = cropLibrary.get(id);
    if (!crop) throw new Error(id);
    const found = emergenceAt(crop, soilTempC).days;
    if (days === null) expect(found).toBeNull();
    else expect(found).toBeCloseTo(days, 9);
  });

  test("between the table's columns the rate is interpolated, not the days", () => {
    const carrot = cropLibrary.get("carrot");
    if (!carrot) throw new Error("carrot");
    // Half-way between 17 and 10 days: 2 / (1/17 + 1/10).
    expect(emergenceAt(carrot, 12.5).days).toBeCloseTo(2 / (1 / 17 + 1 / 10), 9);
    expect(emergenceAt(carrot, -3)).toEqual({ days: null, share: 0 });
    expect(emergenceAt(carrot, 45)).toEqual({ days: null, share: 0 });
  });

  test("heat stops lettuce and spinach first, cold stops cucumbers", () => {
    const range = (id: string) => sproutingRange(cropLibrary.get(id) as Crop);
    expect(range("lettuce").toC).toBeLessThan(29);
    expect(range("spinach").toC).toBeLessThan(range("carrot").toC);
    expect(range("cucumber").fromC).toBeGreaterThan(10);
  });

  test("days are never negative, and shares stay within 0 and 1, at any temperature", () => {
    fc.assert(
      fc.property(anyCrop, fc.double({ min: -30, max: 60, noNaN: true }), (crop, soilTempC) => {
        const { days, share } = emergenceAt(crop, soilTempC);
        expect(days === null || days >= 1).toBe(true);
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1);
      }),
    );
  });
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
  for (const crop of crops) {
    const packetC = crop.packetTemperatureC ?? 18;
    expect(dayWorthOf(crop)(packetC - 5, packetC + 5, 26)).toBeCloseTo(1, 2);
  }
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
        // Two nearly equal lights may differ in the last digit the other way round.
        expect(worth(minC, minC + range, dim)).toBeLessThanOrEqual(
          worth(minC, minC + range, bright) + 1e-12,
        );
        expect(worth(-20, crop.temperature.minimumC, bright)).toBe(0);
        expect(worth(minC, minC + range, bright)).toBeLessThan(1.5);
      },
    ),
  );
  expect(lightResponse(9, 9)).toBe(0.5);
});
