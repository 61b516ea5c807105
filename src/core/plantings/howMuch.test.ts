import fc from "fast-check";
import eating from "@data/eating.json";
import sources from "@data/sources.json";
import { cropLibrary } from "../crops";
import { kgForAPersonAWeek, lengthForHowMuch, weeksEaten, type HowMuch } from "./howMuch";
import { amountsFor, usualYieldKg } from "./spacing";
import { crop, stand } from "./stand.testdata";

const direct = { method: "direct", stage: "full" } as const;

test("plants take whole stations in all rows of the bed", () => {
  // Four rows of 20 cm in 80 cm; 13 plants need four stations of 10 cm in each.
  const plants = { by: "plants", plants: 13 } as const;
  expect(lengthForHowMuch(plants, stand(), crop("spinach"), direct)).toBe(0.4);
  const together = stand({ plantsPerStation: 4 });
  expect(lengthForHowMuch(plants, together, crop("onion"), direct)).toBe(0.1);
  expect(lengthForHowMuch({ by: "length", lengthM: 1.23 }, stand(), crop("spinach"), direct)).toBe(
    1.23,
  );
  expect(lengthForHowMuch({ by: "room" }, stand(), crop("spinach"), direct)).toBe(Infinity);
});

test("two people's spinach by hand: 0.2 kg a week each for eight weeks, at 1.6 kg for a square metre", () => {
  // 3.2 kg want 2 m² at the book's distances: 2.5 m of a bed of 80 cm.
  const spinach = crop("spinach");
  const { rowCm, inRowCm } = spinach.spacing;
  const lengthM = lengthForHowMuch(
    { by: "people", people: 2 },
    stand({ rowCm, inRowCm }),
    spinach,
    direct,
  );
  expect(weeksEaten(spinach, "full")).toBe(8);
  expect(lengthM).toBeGreaterThan(2.5 * 0.97);
  expect(lengthM).toBeLessThan(2.5 * 1.06);
});

test("what keeps is eaten from the store too, the rest while it is picked", () => {
  expect(weeksEaten(crop("garlic"), "full")).toBe(eating.mostWeeks);
  expect(weeksEaten(crop("arugula"), "full")).toBe(5);
  expect(kgForAPersonAWeek(crop("garlic"))).toBeLessThan(kgForAPersonAWeek(crop("potato")));
});

test("young leaves are asked for while they are good, not as long as the whole plant is picked", () => {
  const kale = crop("kale");
  const weeks = weeksEaten(kale, "baby");
  expect(weeks).toBeCloseTo((kale.babyLeaf?.standingPacketDays ?? 0) / 7, 9);
  expect(weeks).toBeLessThan(4);
  expect(weeksEaten(kale, "full")).toBe(16);
});

test("what is asked for is there, and a station less would not be enough", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...cropLibrary.values()),
      fc.oneof(
        fc.integer({ min: 1, max: 30 }).map((people): HowMuch => ({ by: "people", people })),
        fc
          .double({ min: 0.05, max: 20, noNaN: true })
          .map((kgAWeek): HowMuch => ({ by: "weight", kgAWeek })),
      ),
      fc.double({ min: 0.6, max: 3, noNaN: true }),
      (one, howMuch, widthM) => {
        const { rowCm, inRowCm } = one.spacing;
        const bed = stand({ rowCm, inRowCm, widthM });
        const lengthM = lengthForHowMuch(howMuch, bed, one, direct);
        const yieldOf = (metres: number) =>
          usualYieldKg({ ...bed, lengthM: metres }, one, "direct", "full");
        const aWeek =
          howMuch.by === "weight"
            ? howMuch.kgAWeek
            : howMuch.by === "people"
              ? howMuch.people * kgForAPersonAWeek(one)
              : 0;
        const wantedKg = aWeek * weeksEaten(one, "full");
        expect(yieldOf(lengthM)).toBeGreaterThan(wantedKg * 0.9);
        const { stationCm } = amountsFor({ ...bed, lengthM }, one, "direct");
        const shorterM = lengthM - stationCm / 100;
        if (shorterM > stationCm / 100) {
          expect(yieldOf(shorterM)).toBeLessThan(wantedKg * 1.1);
        }
      },
    ),
  );
});

test("each number has a source, and names only crops of the library", () => {
  for (const source of Object.values(eating.sources)) expect(sources).toHaveProperty(source);
  const named = Object.keys(eating.kgForEachPersonAWeek.byCrop);
  expect(named.filter((id) => !cropLibrary.has(id))).toEqual([]);
});
