import { dayNumber } from "../calendar";
import { commands } from "../commands";
import type { Bed, Garden } from "../garden";
import { feedingAmount, type Feeding, type Rest } from "../soil";
import { fedThisYear, shoppingList, tooFresh } from "./feedings";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { english } from "@/words/told.testdata";

const day = dayNumber;
const bed = (id: string) => tarnholt.beds.get(id) as Bed;
function after(garden: Garden, name: "feeding.set" | "rest.set", input: Feeding | Rest): Garden {
  const outcome = commands[name].apply(garden, input);
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
}
const feeding = (id: string, bedId: string, feed: Feeding["feed"], on = "2026-10-20"): Feeding => ({
  id,
  bedId,
  part: null,
  on,
  feed,
});

test("raw manure and a harvest: 120 days where it touches soil, 90 where it hangs above, by hand", () => {
  // Bed 7: spinach sown on 20 August, picked from fall on.
  const spinach = tooFresh(site, tarnholt, bed("bed-7"), { part: null, on: "2026-08-15" });
  expect(spinach).toHaveLength(1);
  expect(spinach[0]).toMatchObject({ neededDays: 120, fromDay: day("2026-12-13") });
  // Tomatoes hang above: ready in mid August, so manure from mid May on is too late for them.
  const tomatoes = (on: string) =>
    tooFresh(site, tarnholt, bed("bed-4"), { part: null, on: on }).filter(({ name }) =>
      name.startsWith("Tomato"),
    );
  expect(tomatoes("2026-06-10")[0]?.neededDays).toBe(90);
  expect(tomatoes("2026-05-10")).toEqual([]);
  // Harvested before the manure came: nothing to say.
  expect(tooFresh(site, tarnholt, bed("bed-5"), { part: null, on: "2027-03-01" })).toEqual([]);
});

test("carbon binds nitrogen where it is dug in, and next to none on top", () => {
  const straw = { kind: "carbon", kgPerM2: 0.5 } as const;
  // 6.4 m² × 0.5 kg × 8 g nitrogen a kilogram.
  expect(feedingAmount(straw, 6.4, "dug").nitrogenG).toBeCloseTo(-25.6, 9);
  expect(feedingAmount(straw, 6.4, "undug").nitrogenG).toBeCloseTo(0, 9);
});

test("the shopping list adds up over the beds, seed and inoculant among it", () => {
  const bag = { name: "Horn meal", nitrogen: 0.12, phosphate: 0, potash: 0, nitrogenGPerM2: 9 };
  let garden = after(
    tarnholt,
    "feeding.set",
    feeding("f1", "bed-1", { kind: "compost", depthCm: 3 }),
  );
  garden = after(garden, "feeding.set", feeding("f2", "bed-5", { kind: "compost", depthCm: 2 }));
  garden = after(garden, "feeding.set", feeding("f3", "bed-5", { kind: "fertiliser", ...bag }));
  garden = after(garden, "feeding.set", feeding("f4", "bed-5", { kind: "carbon", kgPerM2: 1 }));
  garden = after(garden, "rest.set", {
    id: "r1",
    bedId: "bed-1",
    fromM: 0,
    lengthM: 8,
    fromOn: "2026-10-14",
    untilOn: "2027-04-15",
    under: { kind: "coverCrop", coverCropId: "rye", sowing: "broadcast", safety: 1.5 },
  });
  const list = shoppingList(garden, day("2026-09-24"), day("2027-06-30"));
  const item = (name: string) => list.find((one) => english(one.item).startsWith(name));
  // 6.4 m² × 3 cm + 6.4 m² × 2 cm.
  expect(item("Compost")).toMatchObject({ litres: 320, beds: ["Bed 1", "Bed 5"] });
  // 6.4 m² × 9 g ÷ 12 %.
  expect(item("Horn meal 12-0-0")?.grams).toBeCloseTo(480, 6);
  // 6.4 m² × 14 g × 1.5.
  expect(item("Seed: Winter rye")?.grams).toBeCloseTo(134.4, 6);
  expect(item("Seed: Winter rye")?.notes.map(english)).toEqual(["not lawn ryegrass"]);
  expect(item("Nitrogen for")).toBeUndefined();
  const dug = { ...garden, settings: { ...garden.settings, soilSchool: "dug" as const } };
  const dugList = shoppingList(dug, day("2026-09-24"), day("2027-06-30"));
  expect(
    dugList.find(({ item: name }) => english(name).startsWith("Nitrogen for"))?.grams,
  ).toBeCloseTo(51.2, 6);
  expect(shoppingList(garden, day("2027-07-01"), day("2027-12-31"))).toEqual([]);
});

test("a rest takes ground like a crop, and what cannot be is refused in words", () => {
  const rest = (some: Partial<Rest>): Rest => ({
    id: "r",
    bedId: "bed-9",
    fromM: 0,
    lengthM: 5,
    fromOn: "2026-10-20",
    untilOn: "2027-04-10",
    under: { kind: "mulch", mulchId: "leaves", depthCm: 10 },
    ...some,
  });
  const refusal = (one: Rest) => {
    const outcome = commands["rest.set"].apply(tarnholt, one);
    return outcome.ok ? "" : english(outcome.refusal);
  };
  expect(english(refusal(rest({})))).toBe("");
  expect(english(refusal(rest({ fromOn: "2026-10-01" })))).toMatch(
    /Radish, winter, large is in Bed 9/,
  );
  expect(english(refusal(rest({ lengthM: 9 })))).toMatch(/Bed 9 ends before this rest does/);
  expect(english(refusal(rest({ untilOn: "2026-10-01" })))).toMatch(/ends after it begins/);
  expect(
    english(refusal(rest({ under: { kind: "mulch", mulchId: "gravel", depthCm: 5 } }))),
  ).toMatch(/no mulch "gravel"/);
  const bag = {
    kind: "fertiliser",
    name: "Bag",
    nitrogen: 0.6,
    phosphate: 0.5,
    potash: 0,
  } as const;
  const heavy = commands["feeding.set"].apply(
    tarnholt,
    feeding("f", "bed-1", { ...bag, nitrogenGPerM2: 5 }),
  );
  expect(heavy.ok ? "" : english(heavy.refusal)).toMatch(/pass 100 %/);
  const negative = commands["feeding.set"].apply(
    tarnholt,
    feeding("f", "bed-1", { kind: "amendment", name: "Lime", gPerM2: -5 }),
  );
  expect(negative.ok ? "" : english(negative.refusal)).toBe("A rate is 0 or more.");
});

test("compost and manure count toward what a bed's crops want, by hand, for a year", () => {
  const compost = feedingAmount({ kind: "compost", depthCm: 3 }, 1, "undug");
  // 3 cm over a square metre is 30 L, 18 kg: 9 to 13 g of nitrogen in the first year (extension guides).
  expect(compost.nitrogenG).toBeGreaterThanOrEqual(9);
  expect(compost.nitrogenG).toBeLessThanOrEqual(13);
  expect(feedingAmount({ kind: "manure", raw: true, kgPerM2: 3 }, 2, "dug")).toMatchObject({
    nitrogenG: expect.closeTo(5.4, 6),
    phosphateG: expect.closeTo(11.4, 6),
    potashG: expect.closeTo(51, 6),
  });
  const fed = (on: string) => {
    const garden = { ...tarnholt, feedings: new Map<string, Feeding>() };
    const compostOn = feeding("f1", "bed-1", { kind: "compost", depthCm: 3 }, on);
    return fedThisYear(after(garden, "feeding.set", compostOn), bed("bed-1"), day("2026-10-01"));
  };
  expect(fed("2026-04-01")).toEqual({ nitrogenGPerM2: compost.nitrogenG, isKeptUp: true });
  expect(fed("2025-04-01")).toEqual({ nitrogenGPerM2: 0, isKeptUp: true });
  expect(fed("2026-11-01")).toEqual({ nitrogenGPerM2: 0, isKeptUp: false });
});
