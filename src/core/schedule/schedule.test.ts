import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { cropLibrary, packetEmergenceDays, usableShare } from "../crops";
import { USUAL_PLAN_SETTINGS, requirement, Site, type School } from "../growth";
import { amountsFor, spotsOf } from "../plantings";
import { cliffOf } from "./cliff";
import { grownShare, standingShare, worthOn } from "./grownShare";
import { judge } from "./feasibility";
import { latestSowingFor } from "./readiness";
import { timelineFrom } from "./timeline";
import { otherCropsFor, waysTo } from "./alternatives";
import { roomIn } from "../bedSpace";
import { strandOf } from "./strand";
import { why } from "./explanation";
import {
  day,
  growing,
  inlandSite,
  tarnholt,
  tarnholtSite as site,
} from "../plantings/tarnholt.testdata";
import { BY_THE_BOOK } from "../gardenFile";
import { climateFromSketch, firstFrostDay } from "../climate";
import { english } from "@/words/told.testdata";

const settings = USUAL_PLAN_SETTINGS;
const spinach = growing("spinach");
const HOUSE = ["greenhouse-single"];
const DOUBLE = ["greenhouse-single", "row-cover-light"];
/** By the sketch, without the chances of one thirty years. */
const daysFromSowing = (sowOn: string, covers: string[] = []) => {
  const life = timelineFrom(inlandSite, settings, growing("spinach", covers), day(sowOn));
  return (life.fullSizeDay ?? Infinity) - day(sowOn);
};
/** Its first picking, as a date. */
const firstPicking = (sowOn: string, covers: string[]) => {
  const way = growing("spinach", covers);
  return isoDate(timelineFrom(inlandSite, settings, way, day(sowOn)).readyDay ?? 0);
};

describe("a leaf crop of 48 packet days at 47° N, inland", () => {
  // Expected values are the model's published plausible ones; tolerances are stated beside each.
  test.each([
    ["2026-07-15", 46, 5],
    ["2026-08-15", 56, 5],
    ["2026-08-25", 72, 6],
  ])("in the open, sown %s, takes about %i calendar days (± %i)", (sowOn, expected, tolerance) => {
    expect(Math.abs(daysFromSowing(sowOn) - expected)).toBeLessThanOrEqual(tolerance);
  });

  test("in the open, sown 1 September, it is not full-grown before April", () => {
    expect(isoDate(day("2026-09-01") + daysFromSowing("2026-09-01")) >= "2027-04-01").toBe(true);
  });

  test("in an unheated house ten days more make weeks: picked in October, or about December", () => {
    // University trials of spinach in unheated tunnels: six to eight weeks from an early September sowing.
    expect(firstPicking("2026-09-01", HOUSE) > "2026-10-10").toBe(true);
    expect(firstPicking("2026-09-01", HOUSE) < "2026-11-10").toBe(true);
    expect(firstPicking("2026-09-11", HOUSE) > "2026-11-05").toBe(true);
    expect(firstPicking("2026-09-11", HOUSE) < "2027-01-15").toBe(true);
    // Under a house and a cover a sowing of the 20th is usable from December to February.
    expect(firstPicking("2026-09-20", DOUBLE) > "2026-11-20").toBe(true);
    expect(firstPicking("2026-09-20", DOUBLE) < "2027-02-28").toBe(true);
  });

  test("a mid-December day is worth next to nothing in the open, and a little under two covers", () => {
    expect(worthOn(inlandSite, spinach, day("2026-09-01"), day("2026-12-15"))).toBeLessThan(0.03);
    const under = worthOn(
      inlandSite,
      growing("spinach", DOUBLE),
      day("2026-09-01"),
      day("2026-12-15"),
    );
    // A cosine day made 0.15 of it: by the day's real course only its noon is worth anything.
    expect(under).toBeGreaterThan(0.03);
    expect(under).toBeLessThan(0.12);
  });
});

test("sown later, nothing is ready earlier; and what is counted back is ready in time, and the latest that is", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...cropLibrary.keys()),
      fc.constantFrom<School>("growth", "tenhour", "calendar"),
      fc.constantFrom<string[][]>([], HOUSE, ["row-cover-medium"]),
      fc.boolean(),
      fc.integer({ min: 0, max: 270 }),
      (cropId, school, covers, transplanted, offset) => {
        const never = cropLibrary.get(cropId)?.transplanting.tolerance === "never";
        const method = transplanted && !never ? "transplant" : "direct";
        const way = growing(cropId, covers as unknown as string[], { method });
        const by = { ...settings, school };
        const readyBy = day("2026-07-15") + offset;
        const sowDay = latestSowingFor(site, by, way, readyBy);
        if (sowDay === null) return;
        const ready = (sow: number) => timelineFrom(site, by, way, sow).readyDay ?? Infinity;
        expect(ready(sowDay)).toBeLessThanOrEqual(readyBy);
        expect(ready(sowDay + 1)).toBeGreaterThan(readyBy);
        expect(ready(sowDay + 9)).toBeGreaterThanOrEqual(ready(sowDay));
      },
    ),
    { numRuns: 300 },
  );
});

describe("the three schools", () => {
  const by = (school: School, sowOn: string) =>
    isoDate(timelineFrom(site, { ...settings, school }, spinach, day(sowOn)).readyDay ?? 0);

  test("the calendar school adds its days to the packet's", () => {
    expect(by("calendar", "2026-08-25")).toBe("2026-10-26"); // 25 August + 48 + 14 days
  });

  test("the ten-hour school holds what is nine tenths grown when the short days begin", () => {
    expect(by("tenhour", "2026-08-25")).toBe("2026-11-02");
    expect(by("tenhour", "2026-09-05") > "2027-02-09").toBe(true);
  });

  test("a crop planted in spring for winter meets the winter ahead of it, not the one behind", () => {
    const leek = growing("leek", [], { method: "transplant" });
    const { readyDay } = timelineFrom(
      site,
      { ...settings, school: "tenhour" },
      leek,
      day("2026-04-20"),
    );
    expect(isoDate(readyDay ?? 0) <= "2026-11-02").toBe(true);
  });
});

describe("the packet's days", () => {
  test("count from sowing, emergence or transplanting", () => {
    const kale = growing("kale").crop;
    const [variety] = kale.varieties;
    if (!variety) throw new Error("kale has varieties");
    const asked = (packetBasis: "sowing" | "emergence" | "transplanting") =>
      requirement(kale, { ...variety, packetDays: 50, packetBasis }, "direct").totalPacketDays;
    expect(asked("sowing")).toBe(50);
    expect(asked("emergence")).toBe(50 + packetEmergenceDays(kale));
    expect(asked("transplanting")).toBeGreaterThan(70);
    // Planted out, a packet that counts from transplanting is met by its own days.
    const moved = requirement(
      kale,
      { ...variety, packetDays: 50, packetBasis: "transplanting" },
      "transplant",
    );
    expect(moved.bedPacketDays).toBeCloseTo(50, 6);
  });

  test("transplants gain on a direct sowing of the same bed day", () => {
    const lettuce = growing("lettuce");
    const transplanted = growing("lettuce", [], { method: "transplant" });
    const sowDay = day("2026-07-20");
    const direct = timelineFrom(site, settings, lettuce, sowDay + 28);
    const moved = timelineFrom(site, settings, transplanted, sowDay);
    expect(moved.plantOutDay).toBe(direct.sowDay);
    expect((direct.readyDay ?? 0) - (moved.readyDay ?? 0)).toBeGreaterThan(14);
  });
});

describe("the cliff", () => {
  test("has its edge where a day's delay costs a week, later under better covers", () => {
    const edgesOf = (...stacks: string[][]) =>
      stacks.map((covers) => {
        const cliff = cliffOf(site, settings, growing("spinach", covers), day("2026-09-24"));
        const index = cliff.sowDays.indexOf(cliff.lastSafeDay ?? -1);
        const cost = (cliff.readyDays[index + 1] ?? Infinity) - (cliff.readyDays[index] ?? 0);
        expect(cost).toBeGreaterThanOrEqual(7);
        expect(cliff.afterLastSafeReadyDay).toBe(cliff.readyDays[index + 1]);
        return cliff.lastSafeDay ?? 0;
      });
    const edges = edgesOf([], HOUSE, DOUBLE);
    expect([...edges].sort((a, b) => a - b)).toEqual(edges);
    const [open, sheet] = edgesOf([], ["row-cover-medium"]);
    expect(sheet).toBeGreaterThan(open ?? Infinity);
    // In the open the first picking is safe until early September (zone 6 planting dates: to 10 September).
    expect(isoDate(edges[0] ?? 0) > "2026-08-25").toBe(true);
    expect(isoDate(edges[0] ?? 0) < "2026-09-15").toBe(true);
  });

  test("is absent where winter is the growing season", () => {
    const climate = climateFromSketch(26, {
      coldestMonth: { lowC: 12, highC: 22 },
      warmestMonth: { lowC: 24, highC: 31 },
      frost: { kind: "rare" },
      wetDaysPerYear: null,
    });
    const cliff = cliffOf(new Site(26, climate), settings, growing("lettuce"), day("2026-10-15"));
    expect(cliff.hasCliff).toBe(false);
    expect(cliff.lastSafeDay).toBeNull();
  });

  test("in the calendar school is the frost date less the days, and nothing where frost seldom comes", () => {
    const by = { ...settings, school: "calendar" as const };
    const cliff = cliffOf(site, by, spinach, day("2026-09-24"));
    const frostDay = firstFrostDay(site.climate, site.season(day("2026-09-24")), 0, 0.2);
    expect((cliff.lastSafeDay ?? 0) + 48 + 14).toBe(frostDay); // 0 °C, 1 year in 5
    const mild = new Site(
      28,
      climateFromSketch(28, {
        coldestMonth: { lowC: 11, highC: 20 },
        warmestMonth: { lowC: 22, highC: 32 },
        frost: { kind: "rare" },
        wetDaysPerYear: null,
      }),
    );
    expect(cliffOf(mild, by, spinach, day("2026-09-24")).lastSafeDay).toBeNull();
    const timeline = timelineFrom(mild, by, spinach, day("2026-09-24"));
    expect(why(mild, by, spinach, timeline).map(english).join(" ")).toMatch(
      /no date to count back from/,
    );
  });
});

describe("in words", () => {
  const today = day("2026-09-24");
  const wish = {
    crop: spinach.crop,
    variety: spinach.variety,
    wanted: { byDay: day("2026-12-01"), untilDay: null },
    today,
  };

  test("spinach for December is too late in the open on 24 September, with what still works", () => {
    const ways = waysTo(site, settings, wish, spotsOf(tarnholt));
    const open = ways.find(
      ({ growing: way }) => way.covers.length === 0 && way.stage === "full" && !way.boughtAgeDays,
    );
    expect(english(open?.tooLateWords)).toMatch(
      /^It had to be sown uncovered by \d+ September, 1\d days ago\.$/,
    );
    // Sown now it stands the winter in the open, as spinach does, and is picked in spring.
    expect(open?.verdict.kind).toBe("spring");
    expect(ways[0]?.verdict.kind).toBe("meets");
    // Young leaves still make it under covers.
    const young = ways.filter((way) => way.growing.stage === "baby");
    expect(young.some((way) => way.verdict.kind === "meets")).toBe(true);
    for (const way of ways) expect(way.timeline.sowDay).toBeGreaterThanOrEqual(today);
    for (const way of otherCropsFor(
      site,
      settings,
      wish,
      spotsOf(tarnholt),
      cropLibrary.values(),
    )) {
      expect(way.timeline.readyDay).toBeLessThanOrEqual(wish.wanted.byDay);
    }
  });

  test("tender crops that cold would take first are told so", () => {
    const lettuce = growing("lettuce");
    const timeline = timelineFrom(site, settings, lettuce, day("2026-09-10"));
    const verdict = judge(site, settings, lettuce, timeline, null);
    expect(verdict.kind).toBe("lost");
    expect(english(verdict.words)).toMatch(/cold kills it before then (1 year|almost|\d+ years)/);
  });

  test("why tells the packet, the worth and the cold", () => {
    const timeline = timelineFrom(site, settings, spinach, day("2026-08-25"));
    const sentences = why(site, settings, spinach, timeline).map(english).join(" ");
    expect(sentences).toMatch(/48 packet days on the packet/);
    expect(sentences).toMatch(/they take \d+ days/);
    const lettuce = growing("lettuce");
    const tender = timelineFrom(site, settings, lettuce, day("2026-08-25"));
    const reasons = why(site, settings, lettuce, tender).map(english).join(" ");
    expect(reasons).toMatch(/−\d °C at the crop/);
  });
});

test("a strand grows from nothing to full size, usable on its first picking, then only thins", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...cropLibrary.keys()),
      fc.constantFrom<School>("growth", "tenhour", "calendar"),
      fc.integer({ min: -60, max: 120 }),
      (cropId, school, offset) => {
        const by = { ...settings, school };
        const way = growing(cropId);
        const timeline = timelineFrom(site, by, way, day("2026-07-01") + offset);
        const strand = strandOf(site, by, way, timeline);
        const shares = strand.growing.map((point) => point.share);
        expect(shares[0]).toBe(0);
        shares.forEach((share, index) => {
          expect(share).toBeGreaterThanOrEqual((shares[index - 1] ?? 0) - 1e-9);
          expect(share).toBeLessThanOrEqual(1);
        });
        if (timeline.readyDay === null) return;
        const { readyDay, fullSizeDay, holdsUntilDay } = timeline;
        const atFirst = grownShare(site, by, way, timeline, readyDay ?? 0);
        expect(atFirst).toBeGreaterThanOrEqual(usableShare(way.crop, way.stage) - 0.01);
        expect(standingShare(site, way, timeline, readyDay ?? 0)).toBe(1);
        if (fullSizeDay === null || fullSizeDay >= (holdsUntilDay ?? Infinity)) return;
        expect(shares.at(-1)).toBe(1);
        expect(strand.standing.at(-1)?.share).toBe(0);
      },
    ),
  );
});

test("plants fit the bed, and seed covers the losses", () => {
  const { crop } = spinach;
  const stand = { lengthM: 8, widthM: 0.8, rowCm: 20, inRowCm: 7, ...BY_THE_BOOK };
  // By hand: 4 rows × 114 = 456 plants; 456 / (0.8 × 0.8) = 712.5 seeds.
  expect(amountsFor(stand, crop, "direct")).toMatchObject({
    rows: 4,
    stationsPerRow: 114,
    plants: 456,
    seeds: 713,
  });
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 100, noNaN: true }),
      fc.double({ min: 0.1, max: 10, noNaN: true }),
      fc.integer({ min: 1, max: 100 }),
      fc.integer({ min: 1, max: 100 }),
      (lengthM, widthM, rowCm, inRowCm) => {
        const { plants, seeds } = amountsFor(
          { lengthM, widthM, rowCm, inRowCm, ...BY_THE_BOOK },
          crop,
          "direct",
        );
        expect(plants).toBeGreaterThanOrEqual(1);
        expect(seeds).toBeGreaterThanOrEqual(plants);
        const area = (lengthM * widthM * 10_000) / (rowCm * inRowCm);
        if (plants > 1)
          expect(plants).toBeLessThanOrEqual(
            Math.max(area, (lengthM * 100) / inRowCm, (widthM * 100) / rowCm) + 1e-6,
          );
      },
    ),
  );
});

test("a bed's room is its length less what stands in it then", () => {
  const bed = tarnholt.beds.get("bed-9");
  if (!bed) throw new Error("the demo garden has bed 9");
  expect(roomIn(site, tarnholt, bed, dayNumber("2026-09-24"), dayNumber("2026-10-10")).freeM).toBe(
    0,
  );
  expect(roomIn(site, tarnholt, bed, dayNumber("2026-06-01"), dayNumber("2026-06-20")).freeM).toBe(
    8,
  );
});

test("any place on earth gives answers: dates or an honest none, never nonsense", () => {
  const temperature = (least: number, most: number) =>
    fc.double({ min: least, max: most, noNaN: true });
  const monthDay = fc
    .integer({ min: 1, max: 365 })
    .map((n) => isoDate(dayNumber("2025-12-31") + n).slice(5));
  fc.assert(
    fc.property(
      fc.double({ min: -90, max: 90, noNaN: true }),
      temperature(-40, 25),
      temperature(0, 20),
      temperature(0, 30),
      fc.oneof(
        fc.record({
          kind: fc.constant("dates" as const),
          medianFirst: monthDay,
          medianLast: monthDay,
        }),
        fc.constant({ kind: "rare" as const }),
        fc.constant({ kind: "everyMonth" as const }),
      ),
      fc.constantFrom<School>("growth", "tenhour", "calendar"),
      fc.constantFrom("spinach", "leek", "broccoli"),
      (latitudeDeg, coldLow, range, swing, frost, school, cropId) => {
        const climate = climateFromSketch(latitudeDeg, {
          coldestMonth: { lowC: coldLow, highC: coldLow + range },
          warmestMonth: { lowC: coldLow + swing, highC: coldLow + swing + range },
          frost,
          wetDaysPerYear: null,
        });
        const anywhere = new Site(latitudeDeg, climate);
        const by = { ...settings, school };
        const cliff = cliffOf(anywhere, by, growing(cropId), day("2026-09-24"));
        for (const ready of cliff.readyDays)
          expect(ready === null || Number.isInteger(ready)).toBe(true);
        const timeline = timelineFrom(anywhere, by, growing(cropId), day("2026-08-01"));
        expect(timeline.readyDay ?? Infinity).toBeGreaterThan(timeline.sowDay);
        expect(timeline.lossBeforeReady ?? 0).toBeGreaterThanOrEqual(0);
        expect(why(anywhere, by, growing(cropId), timeline).map(english).join(" ")).not.toMatch(
          /NaN|undefined|Infinity/,
        );
      },
    ),
    { numRuns: 60 },
  );
});
