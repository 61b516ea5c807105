import fc from "fast-check";
import { USUAL_PLAN_SETTINGS, type Exposure, type School } from "../growth";
import { cropLibrary } from "../crops";
import { otherCropsFor, waysTo, type Wish } from "./alternatives";
import { roomiestBed } from "../bedSpace";
import { spotsOf } from "../plantings";
import { day, tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { english } from "@/words/told.testdata";
const spots = spotsOf(tarnholt);
const crops = [...cropLibrary.values()];

const anyWish = fc
  .record({
    crop: fc.constantFrom(...crops),
    varietyAt: fc.nat(5),
    today: fc.integer({ min: day("2026-06-25"), max: day("2027-04-01") }),
    ahead: fc.integer({ min: 1, max: 220 }),
    stretch: fc.option(fc.integer({ min: 0, max: 150 })),
    now: fc.boolean(),
  })
  .map(({ crop, varietyAt, today, ahead, stretch, now }): Wish => {
    const variety = crop.varieties[varietyAt % crop.varieties.length];
    if (!variety) throw new Error("every crop has varieties");
    const byDay = today + ahead;
    const untilDay = stretch === null ? null : byDay + stretch;
    return { crop, variety, today, wanted: now ? null : { byDay, untilDay } };
  });
const anySchool = fc.constantFrom<School>("growth", "tenhour", "calendar");

test("whatever is wished for, what is said to work does work, and nothing is to be sown in the past", () => {
  fc.assert(
    fc.property(anyWish, anySchool, (wish, school) => {
      const settings = { ...USUAL_PLAN_SETTINGS, school };
      for (const way of waysTo(site, settings, wish, spots)) {
        const { timeline, verdict } = way;
        // Bought plants were sown elsewhere; they are set out, and bought, from today on.
        const age = way.growing.boughtAgeDays ?? 0;
        expect(timeline.sowDay + age).toBeGreaterThanOrEqual(wish.today);
        expect(english(verdict.words)).toMatch(/^[A-Z].*\.$/);
        if (way.tooLateWords) {
          expect((way.latestSowDay ?? -Infinity) + age).toBeLessThan(wish.today);
        }
        if (verdict.kind !== "meets") continue;
        expect(timeline.readyDay).not.toBeNull();
        expect(timeline.lossBeforeReady ?? 0).toBeLessThanOrEqual(settings.frostRisk);
        if (!wish.wanted) continue;
        expect(timeline.readyDay ?? Infinity).toBeLessThanOrEqual(wish.wanted.byDay);
        if (wish.wanted.untilDay !== null) {
          expect(timeline.holdsUntilDay ?? 0).toBeGreaterThanOrEqual(wish.wanted.untilDay);
        }
      }
    }),
    { numRuns: 60 },
  );
});

test("the ways that work come first, full-grown before young leaves", () => {
  fc.assert(
    fc.property(anyWish, (wish) => {
      const ways = waysTo(site, USUAL_PLAN_SETTINGS, wish, spots);
      const kinds = ways.map((way) => way.verdict.kind);
      const order = ["meets", "short", "late", "spring", "lost", "never"];
      expect(kinds).toEqual([...kinds].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
      const working = ways
        .filter((way) => way.verdict.kind === "meets")
        .map((way) => way.growing.stage);
      expect(working).toEqual([...working].sort((a, b) => (a === b ? 0 : a === "full" ? -1 : 1)));
    }),
    { numRuns: 60 },
  );
});

test("each stack of covers and skyline is offered once, and crops that hate it are not transplanted", () => {
  const carrot = cropLibrary.get("carrot");
  const variety = carrot?.varieties[0];
  if (!carrot || !variety) throw new Error("carrot is in the library");
  const ways = waysTo(
    site,
    USUAL_PLAN_SETTINGS,
    { crop: carrot, variety, wanted: null, today: day("2026-07-01") },
    spots,
  );
  expect(ways.map((way) => way.growing.method)).not.toContain("transplant");
  // Two beds in the open, one of them in the shade of a house, are two ways.
  const exposure = ({ covers, horizon }: Exposure) => JSON.stringify([covers, horizon]);
  const offered = ways.map((way) => exposure(way.growing));
  expect(new Set(offered).size).toBe(offered.length);
  expect(offered.length).toBe(new Set(spots.map(exposure)).size);
});

test("other crops are other, can still be sown, and are ready in time", () => {
  fc.assert(
    fc.property(anyWish, (wish) => {
      if (!wish.wanted) return;
      const others = otherCropsFor(site, USUAL_PLAN_SETTINGS, wish, spots, cropLibrary.values());
      expect(others.length).toBeLessThanOrEqual(4);
      expect(new Set(others.map((way) => way.growing.crop.id)).size).toBe(others.length);
      for (const way of others) {
        expect(way.growing.crop.id).not.toBe(wish.crop.id);
        expect(way.timeline.readyDay ?? Infinity).toBeLessThanOrEqual(wish.wanted.byDay);
      }
    }),
    { numRuns: 25 },
  );
});

test("a bed in the shade is a way of its own, later than the open one, and its room is its own", () => {
  const spinach = cropLibrary.get("spinach");
  const variety = spinach?.varieties[0];
  if (!spinach || !variety) throw new Error("spinach is in the library");
  const horizon = [
    { azimuthDeg: 90, elevationDeg: 40 },
    { azimuthDeg: 270, elevationDeg: 40 },
  ];
  const bed = tarnholt.beds.get("bed-2");
  if (!bed) throw new Error("the demo garden has a second bed");
  const shaded = { ...tarnholt, beds: new Map(tarnholt.beds).set(bed.id, { ...bed, horizon }) };
  const today = day("2026-08-10");
  const ways = waysTo(
    site,
    USUAL_PLAN_SETTINGS,
    { crop: spinach, variety, wanted: null, today },
    spotsOf(shaded),
  ).filter(
    ({ growing }) =>
      growing.covers.length === 0 && growing.stage === "full" && growing.method === "direct",
  );
  const ready = (bedId: string) =>
    ways.find(({ spot }) => spot.bedId === bedId)?.timeline.readyDay ?? NaN;
  expect(ready("bed-2")).toBeGreaterThan(ready("bed-1"));
  const inShade = ways.find(({ spot }) => spot.bedId === "bed-2");
  if (!inShade) throw new Error("the shaded bed is a way");
  const room = roomiestBed(site, shaded, inShade.growing, today, today + 60);
  expect(room?.bed.id).toBe("bed-2");
});

test("too late to raise broccoli for October, plants that are bought still make it", () => {
  const broccoli = cropLibrary.get("broccoli");
  const [variety] = broccoli?.varieties ?? [];
  if (!broccoli || !variety) throw new Error("broccoli");
  const today = day("2026-08-01");
  const wanted = { byDay: day("2026-10-15"), untilDay: null };
  const wish = { crop: broccoli, variety, wanted, today };
  const ways = waysTo(site, USUAL_PLAN_SETTINGS, wish, spots);
  const bought = ways.find(({ growing }) => growing.boughtAgeDays);
  const raised = ways.filter(({ growing }) => !growing.boughtAgeDays);
  expect(raised.every(({ tooLateWords }) => tooLateWords !== null)).toBe(true);
  expect(bought?.verdict.kind).toBe("meets");
  expect(bought?.tooLateWords).toBeNull();
  // Set out from today on, at the age at which broccoli usually is.
  expect(bought?.timeline.plantOutDay).toBeGreaterThanOrEqual(today);
  expect(bought?.growing.boughtAgeDays).toBe(broccoli.transplanting.seedlingWeeks * 7);
});

test("other crops for December are what growers sow then, with shoots and forced roots left out", () => {
  const spinach = cropLibrary.get("spinach");
  const [variety] = spinach?.varieties ?? [];
  if (!spinach || !variety) throw new Error("spinach");
  const today = day("2026-09-01");
  const wanted = { byDay: day("2026-12-01"), untilDay: null };
  const wish = { crop: spinach, variety, wanted, today };
  const others = otherCropsFor(site, USUAL_PLAN_SETTINGS, wish, spots, crops);
  expect(others.length).toBeGreaterThan(0);
  for (const { growing } of others) expect(["shoots", "forced"]).not.toContain(growing.crop.group);
});
