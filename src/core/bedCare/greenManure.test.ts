import { isFact } from "../facts";
import { isoDate } from "../calendar";
import { coverCropLibrary } from "../soil";
import { restNeeds } from "./feedings";
import { greenManures } from "./greenManure";
import { Site } from "../growth";
import { day, tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { climateFromSketch, firstFrostDay } from "../climate";

const exposure = { covers: [], horizon: [] };
const on = (date: string, wanted: string | null = null) =>
  greenManures(
    site,
    coverCropLibrary.values(),
    exposure,
    6.4,
    day(date),
    wanted === null ? null : day(wanted),
  );
const idsOpen = (date: string) =>
  on(date)
    .filter(({ when }) => when === "open")
    .map(({ crop }) => crop.id);

test("there are at least fourteen, each asked for once", () => {
  expect(coverCropLibrary.size).toBeGreaterThanOrEqual(14);
  expect(on("2026-09-24")).toHaveLength(coverCropLibrary.size);
});

test("windows follow this place's frost: buckwheat in August, rye still late in September", () => {
  const frost = firstFrostDay(site.climate, site.season(day("2026-09-24")), 0, 0.5) ?? 0;
  const rye = on("2026-09-24").find(({ crop }) => crop.id === "rye");
  // Seven weeks before the median first frost to a week after it.
  expect(rye?.window).toEqual({ fromDay: frost - 49, toDay: frost + 7, season: "fall" });
  expect(idsOpen("2026-08-10")).toContain("buckwheat");
  expect(idsOpen("2026-09-24")).toContain("rye");
  expect(idsOpen("2026-09-24")).not.toContain("crimson-clover");
  expect(idsOpen("2026-11-20")).toEqual([]);
});

test("in spring windows are of the season ahead: oats and peas now, rye in the fall to come", () => {
  expect(idsOpen("2027-04-15")).toEqual(expect.arrayContaining(["oats", "field-pea", "phacelia"]));
  const rye = on("2027-04-15").find(({ crop }) => crop.id === "rye");
  expect(rye?.when).toBe("early");
  expect(isoDate(rye?.window?.fromDay ?? 0).slice(0, 4)).toBe("2027");
  // Just missed is told as missed, months later it is not.
  expect(on("2026-11-05").find(({ crop }) => crop.id === "rye")?.when).toBe("late");
  for (const date of ["2027-02-01", "2027-04-15", "2027-06-10", "2027-07-15"]) {
    for (const { window, when } of on(date)) {
      if (when !== "late") expect(window?.toDay).toBeGreaterThanOrEqual(day(date));
      else expect(day(date) - (window?.toDay ?? 0)).toBeLessThanOrEqual(45);
    }
  }
});

test("winter kills the soft ones for sure and rye hardly ever; what is sown now comes first", () => {
  const chance = (id: string) =>
    on("2026-09-24").find(({ crop }) => crop.id === id)?.winterKillChance ?? NaN;
  expect(chance("rye")).toBeLessThan(0.02);
  expect(chance("buckwheat")).toBeGreaterThan(0.98);
  expect(chance("oats")).toBeGreaterThan(chance("barley"));
  const order = on("2026-09-24").map(({ when }) => when);
  expect(order.lastIndexOf("open")).toBeLessThan(order.indexOf("late"));
});

test("seed by area, and the day to turn it in before the next sowing", () => {
  const rye = on("2026-09-24", "2027-04-20").find(({ crop }) => crop.id === "rye");
  expect(rye?.drilledGrams).toBeCloseTo(6.4 * (rye?.crop.sowingGramsPerM2.drilled ?? 0), 9);
  expect(rye?.broadcastGrams).toBeGreaterThan(rye?.drilledGrams ?? Infinity);
  expect(isoDate(rye?.turnInDay ?? 0)).toBe("2027-03-23"); // four weeks before
  expect(on("2026-09-24")[0]?.turnInDay).toBeNull();
});

const rest = {
  id: "rest",
  bedId: "bed-1",
  fromM: 0,
  lengthM: 8,
  fromOn: "2026-09-10",
  untilOn: "2027-04-10",
};

test("a blend is sown with each of its seeds, and they add up to its rate", () => {
  const [bed] = tarnholt.beds.values();
  if (!bed) throw new Error("the garden has beds");
  for (const blend of [...coverCropLibrary.values()].filter((crop) => crop.blendOf)) {
    for (const sowing of ["drilled", "broadcast"] as const) {
      const under = { kind: "coverCrop", coverCropId: blend.id, sowing, safety: 1.5 } as const;
      const { grams, notes } = restNeeds({ ...rest, under }, bed);
      const parts = notes.flatMap((note) => (isFact(note, "bedCare.partOfBlend") ? [note] : []));
      expect(parts).toHaveLength(blend.blendOf?.length ?? 0);
      const sum = parts.reduce((total, part) => total + part.grams, 0);
      expect(sum).toBeCloseTo(grams, 6);
    }
    for (const { coverCropId } of blend.blendOf ?? [])
      expect(coverCropLibrary.has(coverCropId)).toBe(true);
  }
});

test("where frost does not come there is no window to miss", () => {
  const coast = new Site(
    -5,
    climateFromSketch(-5, {
      coldestMonth: { lowC: 17, highC: 27 },
      warmestMonth: { lowC: 20, highC: 30 },
      frost: { kind: "rare" },
      wetDaysPerYear: null,
    }),
  );
  const found = greenManures(
    coast,
    coverCropLibrary.values(),
    exposure,
    1,
    day("2026-09-24"),
    null,
  );
  expect(
    found.every(({ when, winterKillChance }) => when === "any" && winterKillChance < 0.02),
  ).toBe(true);
});
