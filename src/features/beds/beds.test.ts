import fc from "fast-check";
import commons from "@/core/gardenFile/commons.testdata.json";
import { dayNumber } from "@/core/calendar";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import type { Bed } from "@/core/garden";
import { cornersOf, onDrawing } from "@/core/layout";
import { restNeeds } from "@/core/bedCare";
import { siteFor } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { localWording } from "@/words";
import { feedFrom, usualFeedFields, type FeedFields } from "./soil/feedFields";
import { amountWords } from "./soil/feedingWords";
import { grownBy, mapScale, movedBy, partOf, turnedBy, turnedTo, wholePlot } from "./map/mapScale";
import { restPlan, USUAL_REST } from "./soil/restPlan";

const garden = fromGardenFile(commons as GardenFile);
const site = siteFor(garden) as Site;
const bed = (id: string) => garden.beds.get(id) as Bed;
const wording = localWording("metric", "en-GB");
const plot = { id: "plot" as const, lengthM: 20, widthM: 10, upBearingDeg: 0 };
const scale = mapScale(wholePlot(plot), 828, 500);
const outline = { xM: 5, yM: 5, angleDeg: 90, lengthM: 8, widthM: 0.8 };

describe("beds under the hand", () => {
  test("pixels are metres and back", () => {
    expect(scale.pxPerM).toBe(40); // 800 px for 20 m
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.constantFrom(scale, mapScale(wholePlot(plot), 500, 828, { k: 2, x: -40, y: 15 })),
        (x, y, one) => {
          const { x: px, y: py } = one.at({ x, y });
          const back = one.pointAt(px, py);
          expect([back.x, back.y]).toEqual([expect.closeTo(x, 9), expect.closeTo(y, 9)]);
          // Right-handed as the plot is: turned it may be, mirrored never.
          const [right, up] = [one.at({ x: x + 1, y }), one.at({ x, y: y + 1 })];
          expect((right.x - px) * (up.y - py) - (right.y - py) * (up.x - px)).toBeLessThan(0);
        },
      ),
    );
    expect(movedBy(outline, scale, 42, -38)).toMatchObject({ xM: 6.05, yM: 5.95 });
  });

  test("an end is pulled, the other stays where it is, whatever the turn", () => {
    const pull = fc.double({ min: -150, max: 150, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom("near" as const, "far" as const, "left" as const, "right" as const),
        fc.integer({ min: 0, max: 179 }),
        pull,
        pull,
        (end, angleDeg, dx, dy) => {
          const from = { ...outline, angleDeg };
          const after = grownBy(from, scale, end, dx, dy);
          // The middle of the side opposite, before and after.
          const opposite = (one: typeof from) =>
            ({
              near: onDrawing(one, one.lengthM, one.widthM / 2),
              far: onDrawing(one, 0, one.widthM / 2),
              left: onDrawing(one, one.lengthM / 2, one.widthM),
              right: onDrawing(one, one.lengthM / 2, 0),
            })[end];
          expect(opposite(after).x).toBeCloseTo(opposite(from).x, 2);
          expect(opposite(after).y).toBeCloseTo(opposite(from).y, 2);
          expect(Math.min(after.lengthM, after.widthM)).toBeGreaterThanOrEqual(0.2);
        },
      ),
    );
    // 40 px up is 1 m more at the far end of a bed that runs up.
    expect(grownBy(outline, scale, "far", 0, -40)).toMatchObject({ lengthM: 9, yM: 5.5 });
  });

  test("a bed turns to where it is pulled, in steps, and half a turn is the same bed", () => {
    expect(turnedTo(outline, { x: 3, y: 0 }).angleDeg).toBe(0);
    expect(turnedTo(outline, { x: 1, y: 1.05 }).angleDeg).toBe(45);
    expect(turnedTo(outline, { x: -3, y: -3 }).angleDeg).toBe(45);
    expect(turnedBy({ ...outline, angleDeg: 175 }, 5).angleDeg).toBe(0);
  });

  test("a part of a bed lies within it", () => {
    const part = partOf(outline, { fromM: 2, lengthM: 3 });
    const ys = cornersOf(part).map(({ y }) => y);
    expect([Math.min(...ys), Math.max(...ys)]).toEqual([
      expect.closeTo(3, 9),
      expect.closeTo(6, 9),
    ]);
  });
});

describe("a feeding as it is typed", () => {
  const tenMetres = { lengthM: 10 };
  const unfed = { nitrogenGPerM2: 0, isKeptUp: false };
  const fields = (some: Partial<FeedFields>) => ({
    ...usualFeedFields("metric", 9, unfed, tenMetres),
    ...some,
  });

  test("it begins with what the bed still wants: less compost where it is kept up, what compost gave taken off", () => {
    expect(usualFeedFields("metric", 9, unfed, tenMetres)).toMatchObject({
      depth: "3",
      nitrogen: "9",
    });
    const fed = { nitrogenGPerM2: 3.6, isKeptUp: true };
    expect(usualFeedFields("metric", 9, fed, tenMetres)).toMatchObject({
      depth: "1",
      nitrogen: "5.4",
    });
    // 1 cm is 0.4 in; 4.9 g/m² is 1 lb over 1,000 sq ft.
    expect(usualFeedFields("imperial", 8.5, fed, tenMetres)).toMatchObject({
      depth: "0.4",
      nitrogen: "1",
    });
  });

  test.each<[string, Partial<FeedFields>, RegExp]>([
    ["no depth", { depth: "0" }, /compost depth above 0/],
    ["two numbers", { kind: "fertiliser", bag: "5-3" }, /three numbers, like 5-3-2/],
    ["over 100 %", { kind: "fertiliser", bag: "60-30-30" }, /pass 100 %/],
    ["negative nitrogen", { kind: "fertiliser", nitrogen: "-1" }, /0 or more/],
    ["a negative rate", { kind: "amendment", name: "Lime", rate: "-5" }, /a rate of 0 or more/],
    ["nothing named", { kind: "amendment", name: " " }, /Enter what it is/],
    ["no weight", { kind: "rawManure", weight: "much" }, /manure rate above 0/],
  ])("%s is told in a sentence", (_what, some, words) => {
    expect(feedFrom(fields(some), "metric")).toMatch(words);
  });

  test("in imperial units it is the same feed", () => {
    // 1 lb for 100 sq ft is 453.59 g for 9.2903 m², 48.82 g/m²; 1 in is 2.54 cm.
    expect(feedFrom(fields({ kind: "amendment", name: "Lime", rate: "2" }), "imperial")).toEqual({
      kind: "amendment",
      name: "Lime",
      gPerM2: expect.closeTo(97.65, 1),
    });
    expect(feedFrom(fields({ depth: "2" }), "imperial")).toEqual({
      kind: "compost",
      depthCm: 5.08,
    });
    expect(feedFrom(fields({ kind: "manure", weight: "100" }), "imperial")).toEqual({
      kind: "manure",
      raw: false,
      kgPerM2: expect.closeTo(4.882, 3),
    });
  });

  test("amounts are told with what they bring, or bind", () => {
    const amount = {
      item: "",
      litres: null,
      grams: 1200,
      nitrogenG: 96,
      phosphateG: 48,
      potashG: 0,
    };
    expect(amountWords(amount, wording)).toBe("1.2 kg, with 96 g nitrogen, 48 g phosphate");
    expect(amountWords({ ...amount, nitrogenG: -51.2 }, wording)).toMatch(
      /ties up 51(\.2)? g of nitrogen/,
    );
    expect(amountWords({ ...amount, litres: 192, nitrogenG: 0, phosphateG: 0 }, wording)).toBe(
      "192 L, 3 barrows",
    );
  });
});

describe("a rest as it is typed", () => {
  const today = dayNumber("2026-09-24");
  const plan = (id: string, some: Partial<typeof USUAL_REST> = {}) =>
    restPlan(site, garden, bed(id), today, { ...USUAL_REST, ...some });

  test("begins when the soonest gap is free and takes all of it", () => {
    const { rest, manure } = plan("bed-9"); // radish on 5 m until early October
    expect(rest).toMatchObject({
      fromM: 0,
      lengthM: 5,
      fromOn: expect.stringMatching(/^2026-10-0\d$/),
    });
    expect(manure).toBeDefined();
    if (!rest) throw new Error("a rest");
    // Half as much again is half as much again.
    const more = plan("bed-9", { safety: 1.5 }).rest;
    const grams = (one: typeof rest) => restNeeds({ ...one, id: "r" }, bed("bed-9")).grams;
    expect(more && grams(more)).toBeCloseTo(1.5 * grams(rest), 9);
  });

  test("ends when the bed is wanted, green manure some weeks sooner; mulch has no such weeks", () => {
    const { rest, manure, gaps } = plan("bed-10"); // broad beans are sown on 15 March
    expect(gaps[0]?.untilDay).toBe(dayNumber("2027-03-15"));
    const weeks = manure?.crop.turnInWeeksBeforeSowing ?? NaN;
    expect(rest?.untilOn).toBe("2027-02-15");
    expect(weeks).toBe(4);
    expect(plan("bed-10", { coverId: "leaves" }).rest?.untilOn).toBe("2027-03-15");
    // Wanted longer than it is free: nothing of it is.
    expect(plan("bed-10", { until: "2027-04-20" }).rest).toBeNull();
  });
});
