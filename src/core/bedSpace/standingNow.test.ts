import { dayNumber } from "../calendar";
import { commands } from "../commands";
import type { Garden } from "../garden";
import { amountsFor, plantsIn, standOf } from "../plantings";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { cropLibrary } from "../crops";
import { english } from "@/words/told.testdata";
import { standingPlanting, type Standing } from "./standingNow";

const TODAY = dayNumber("2026-09-24");
const MAY = dayNumber("2026-05-15");
/** Beds with nothing in them. */
const bare: Garden = { ...tarnholt, plantings: new Map(), logEntries: new Map() };
const ids = { planting: "new-1", begun: "log-1", seen: "log-2" };
const standing = (some: Partial<Standing>): Standing => ({
  cropId: "tomato",
  varietyId: "",
  bedId: "bed-1",
  count: 6,
  lengthM: null,
  aboutDay: MAY,
  ...some,
});
const made = (some: Partial<Standing>, garden = bare) => {
  const result = standingPlanting(site, garden, standing(some), TODAY, ids);
  if ("refusal" in result) throw new Error(english(result.refusal));
  return result;
};
const refusalOf = (some: Partial<Standing>, garden = bare) => {
  const result = standingPlanting(site, garden, standing(some), TODAY, ids);
  return "refusal" in result ? english(result.refusal) : "";
};

test("six tomatoes since May stand in the bed today, by count, raised before they came there", () => {
  const { planting, entries } = made({});
  expect(planting).toMatchObject({ cropId: "tomato", method: "transplant", fromM: 0 });
  const bed = bare.beds.get("bed-1");
  const crop = cropLibrary.get("tomato");
  if (!bed || !crop) throw new Error("bed and crop");
  expect(amountsFor(standOf(planting, bed), crop, "transplant").plants).toBeGreaterThanOrEqual(6);
  const kept = commands["log.keep"].apply(bare, {
    entries,
    newPlantings: [planting],
    today: "2026-09-24",
  });
  if (!kept.ok) throw new Error(english(kept.refusal));
  expect(plantsIn(site, kept.garden, bed, TODAY).map(({ planting: { id } }) => id)).toEqual([
    "new-1",
  ]);
});

test.each([
  ["kale", "2026-06-15"],
  ["lettuce", "2026-05-15"],
  ["garlic", "2025-10-15"],
  ["spinach", "2026-03-15"],
  ["leek", "2025-06-15"],
])(
  "%s since %s stands today because the grower says so, whatever was expected",
  (cropId, about) => {
    const { planting, entries } = made({
      cropId,
      count: null,
      lengthM: 2,
      aboutDay: dayNumber(about),
    });
    const kept = commands["log.keep"].apply(bare, {
      entries,
      newPlantings: [planting],
      today: "2026-09-24",
    });
    if (!kept.ok) throw new Error(english(kept.refusal));
    const bed = bare.beds.get("bed-1");
    if (!bed) throw new Error("bed");
    expect(plantsIn(site, kept.garden, bed, TODAY)).toHaveLength(1);
    // And some days later still.
    expect(plantsIn(site, kept.garden, bed, TODAY + 5)).toHaveLength(1);
  },
);

test("a note that says it is dead keeps nothing alive; a pest that is seen on it does", () => {
  const { planting, entries } = made({ cropId: "spinach", count: null, lengthM: 2 });
  const [begun, seen] = entries;
  if (!begun || !seen) throw new Error("two entries");
  const bed = bare.beds.get("bed-1");
  if (!bed) throw new Error("bed");
  const standsWith = (some: object, what: object = {}) => {
    const told = { ...seen, ...some, what: { ...seen.what, ...what } } as typeof seen;
    const logEntries = new Map([begun, told].map((entry) => [entry.id, entry]));
    const garden = { ...bare, plantings: new Map([[planting.id, planting]]), logEntries };
    return plantsIn(site, garden, bed, TODAY).length === 1;
  };
  expect(standsWith({})).toBe(true);
  expect(standsWith({ note: "all brown and soft" })).toBe(false);
  expect(standsWith({ note: "all over it" }, { pestId: "aphids" })).toBe(true);
});

test("what cannot be is told in a sentence with what would be right", () => {
  expect(refusalOf({ cropId: "" })).toBe("Choose the crop.");
  expect(refusalOf({ bedId: "gone" })).toBe("Choose the bed.");
  expect(refusalOf({ aboutDay: TODAY + 1 })).toMatch(/still to come/);
  expect(refusalOf({ count: 500 })).toMatch(/^Bed 1 has space for \d+ of Tomato\. Enter fewer/);
  expect(refusalOf({ count: null, lengthM: 12 })).toMatch(/^Bed 1 has 8 m free\. Enter less/);
  expect(refusalOf({ bedId: "bed-3" }, tarnholt)).toMatch(/^Bed 3 has (no free ground|space for)/);
});
