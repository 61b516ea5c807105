import { isoDate } from "../calendar";
import { cropLibrary, type Crop } from "../crops";
import type { Bed, Garden } from "../garden";
import { plainWording } from "../wording";
import { roomIn, tooSoonFor, tooSoonWords, whatFits } from "./index";
import { day, tarnholt, tarnholtSite as site } from "./tarnholt.testdata";

const wording = plainWording();
const bed = (id: string): Bed => tarnholt.beds.get(id) as Bed;
const crop = (id: string): Crop => cropLibrary.get(id) as Crop;

describe("rotation", () => {
  const soon = (cropId: string, on: string, years = 3, stage: "full" | "baby" = "full") =>
    tooSoonFor(tarnholt, bed("bed-1"), crop(cropId), day(on), years, stage);

  test("a family waits its years, and is told which planting it waits for", () => {
    const found = soon("kale", "2027-04-01"); // broccoli was sown on 26 May 2026
    expect(found?.planting.id).toBe("planting-01");
    expect(isoDate(found?.againDay ?? 0)).toBe("2029-05-26");
    expect(tooSoonWords(found as never)).toBe(
      "Broccoli of the same family (Brassicaceae) was sown here in 2026; wait until 2029.",
    );
    expect(soon("kale", "2029-05-27")).toBeNull();
    expect(soon("carrot", "2027-04-01")).toBeNull();
  });

  test("not where it is switched off, and not for young leaves and shoots", () => {
    expect(soon("kale", "2027-04-01", 0)).toBeNull();
    expect(soon("mizuna", "2027-04-01", 3, "baby")).toBeNull();
    expect(soon("radish-microgreens", "2027-04-01")).toBeNull();
  });
});

describe("what can go into a bed", () => {
  test("gets ready there or stands the winter, and has the room it is given", () => {
    for (const id of ["house-2", "bed-13", "frame-1", "bed-7"]) {
      for (const fit of whatFits(site, tarnholt, bed(id), day("2026-09-24"), wording)) {
        const { timeline, verdict } = fit.sowing;
        expect(["meets", "spring"]).toContain(verdict.kind);
        expect(fit.odds).toBeGreaterThanOrEqual(1 - tarnholt.settings.frostRisk);
        const from = timeline.plantOutDay ?? timeline.sowDay;
        const until = timeline.holdsUntilDay ?? from;
        expect(roomIn(site, tarnholt, bed(id), from, until).freeM).toBe(fit.freeM);
        expect(fit.freeM).toBeLessThanOrEqual(bed(id).lengthM);
      }
    }
  });

  test("what stands against a crop puts it behind the others", () => {
    const fits = whatFits(site, tarnholt, bed("bed-1"), day("2026-09-24"), wording);
    const bad = fits.map(({ tooSoon }) => tooSoon !== null);
    expect(bad).toContain(true);
    expect(bad.lastIndexOf(false)).toBeLessThan(bad.indexOf(true));
  });

  test("a full bed takes nothing, an empty one the same as the whole garden would there", () => {
    const empty: Garden = { ...tarnholt, plantings: new Map() };
    const free = whatFits(site, empty, bed("house-2"), day("2026-09-24"), wording);
    expect(free.length).toBeGreaterThan(5);
    expect(free.every(({ freeM, tooSoon }) => freeM === 12 && tooSoon === null)).toBe(true);
    expect(
      free.find(({ sowing }) => sowing.growing.crop.id === "mache")?.seedsInBox,
    ).toBeGreaterThan(1000);
    // Carrots stand in the whole of bed 2 far into the winter.
    expect(whatFits(site, tarnholt, bed("bed-2"), day("2026-09-24"), wording).length).toBeLessThan(
      3,
    );
  });
});
