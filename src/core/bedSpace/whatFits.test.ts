import { isoDate } from "../calendar";
import { cropLibrary, type Crop } from "../crops";
import type { Bed, Garden } from "../garden";
import { bedDays } from "../schedule";
import { familiesByYear, tooSoonFor, tooSoonWords } from "./rotation";
import { openingsIn, whatFits } from "./whatFits";
import { roomIn } from "./room";
import { day, tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { english } from "@/words/told.testdata";
const bed = (id: string): Bed => tarnholt.beds.get(id) as Bed;
const crop = (id: string): Crop => cropLibrary.get(id) as Crop;

describe("rotation", () => {
  const soon = (cropId: string, on: string, years = 3, stage: "full" | "baby" = "full") =>
    tooSoonFor(tarnholt, bed("bed-1"), crop(cropId), day(on), years, stage);

  test("a family waits its years, and is told which planting it waits for", () => {
    const found = soon("kale", "2027-04-01"); // broccoli was sown on 26 May 2026
    expect(found?.planting?.id).toBe("planting-01");
    expect(isoDate(found?.againDay ?? 0)).toBe("2029-05-26");
    expect(english(tooSoonWords(found as never))).toBe(
      "Broccoli of the same family (Brassicaceae) was sown here in 2026; wait until 2029.",
    );
    expect(soon("kale", "2029-05-27")).toBeNull();
    expect(soon("carrot", "2027-04-01")).toBeNull();
  });

  test("what was written down from before counts too, and years are told with their families", () => {
    const history = [{ year: 2024, family: "Apiaceae" }];
    const garden = { ...tarnholt, beds: new Map([["bed-1", { ...bed("bed-1"), history }]]) };
    const own = garden.beds.get("bed-1") as Bed;
    const found = tooSoonFor(garden, own, crop("carrot"), day("2026-09-24"), 3);
    expect(english(tooSoonWords(found as never))).toBe(
      "The same family (Apiaceae) stood here in 2024; wait until 2027.",
    );
    expect(tooSoonFor(garden, own, crop("carrot"), day("2027-07-03"), 3)).toBeNull();
    expect(familiesByYear(garden, own)).toEqual([
      { year: 2026, families: ["Brassicaceae"] },
      { year: 2024, families: ["Apiaceae"] },
    ]);
  });

  test("what was mixed in stood there, too", () => {
    const planting = [...tarnholt.plantings.values()].find(({ cropId }) => cropId === "carrot");
    if (!planting) throw new Error("the garden has carrots");
    const mix = {
      as: "alternating",
      parts: [{ cropId: "turnip", varietyId: "", share: 0.3 }],
    } as const;
    const plantings = new Map([
      ["mixed", { ...planting, id: "mixed", mix: { ...mix, parts: [...mix.parts] } }],
    ]);
    const garden = { ...tarnholt, plantings };
    const own = bed(planting.bedId);
    const years = (cropId: string) => tooSoonFor(garden, own, crop(cropId), day("2027-06-01"), 3);
    expect(years("kale")?.crop?.id).toBe("turnip");
    expect(years("parsnip")?.crop?.id).toBe("carrot");
    expect(years("spinach")).toBeNull();
  });

  test("not where it is switched off, and not for young leaves and shoots", () => {
    expect(soon("kale", "2027-04-01", 0)).toBeNull();
    expect(soon("mizuna", "2027-04-01", 3, "baby")).toBeNull();
    expect(soon("radish-microgreens", "2027-04-01")).toBeNull();
  });
});

const today = day("2026-09-24");
const fitsIn = (garden: Garden, id: string, which = 0) => {
  const own = garden.beds.get(id) as Bed;
  const opening = openingsIn(site, garden, own, today)[which];
  return { opening, fits: opening ? whatFits(site, garden, own, opening, today) : [] };
};

describe("what can go into a bed", () => {
  test("gets ready there or stands the winter before the next comer, on ground that is free", () => {
    for (const id of ["house-4", "bed-13", "bed-9", "bed-4"]) {
      const { opening, fits } = fitsIn(tarnholt, id);
      if (!opening || opening.between) throw new Error(id);
      expect(fits.length).toBeGreaterThan(0);
      for (const { sowing, clearDay, odds } of fits) {
        const { timeline, verdict } = sowing;
        expect(["meets", "spring"]).toContain(verdict.kind);
        expect(odds).toBeGreaterThanOrEqual(1 - tarnholt.settings.frostRisk);
        const { fromDay, untilDay } = bedDays(timeline);
        expect(timeline.readyDay).toBeLessThan(opening.untilDay);
        const room = roomIn(site, tarnholt, bed(id), fromDay, clearDay ?? untilDay);
        expect(room.freeM).toBeGreaterThanOrEqual(opening.toM - opening.fromM - 1e-6);
      }
    }
  });

  test("what stands against a crop puts it behind the others", () => {
    const { fits } = fitsIn(tarnholt, "bed-1");
    const bad = fits.map(({ tooSoon }) => tooSoon !== null);
    expect(bad).toContain(true);
    expect(bad.lastIndexOf(false)).toBeLessThan(bad.indexOf(true));
  });

  test("an empty bed is one opening, for all of its length, a year long", () => {
    const { opening, fits } = fitsIn({ ...tarnholt, plantings: new Map() }, "house-2");
    expect(opening).toMatchObject({ fromM: 0, toM: 12, fromDay: today, between: null });
    expect(fits.length).toBeGreaterThan(5);
    expect(
      fits.find(({ sowing }) => sowing.growing.crop.id === "mache")?.seedsInBox,
    ).toBeGreaterThan(1000);
  });

  test("between wide, young plants small and quick ones find room, until those close over them", () => {
    const kale = tarnholt.plantings.get("planting-03");
    if (!kale) throw new Error("kale");
    // Kale planted out on 9 July, 40 cm apart: looked at a week later.
    const soon = day("2026-07-16");
    const openings = openingsIn(site, tarnholt, bed("bed-3"), soon);
    const between = openings.find((one) => one.between?.plantingId === kale.id);
    if (!between?.between) throw new Error("kale leaves room between");
    const fits = whatFits(site, tarnholt, bed("bed-3"), between, soon);
    expect(fits.map(({ sowing }) => sowing.growing.crop.id)).toContain("radish");
    for (const { sowing } of fits) {
      expect(sowing.timeline.readyDay).toBeLessThan(between.untilDay);
      expect(2 * sowing.growing.crop.spacing.inRowCm).toBeLessThanOrEqual(
        between.between.stationCm,
      );
    }
    // Carrots stand close: nothing goes between them.
    expect(openingsIn(site, tarnholt, bed("bed-2"), soon).some((one) => one.between)).toBe(false);
  });
});
