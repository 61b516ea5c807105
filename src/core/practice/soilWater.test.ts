import practiceJson from "@data/practice.json";
import { dayNumber } from "../calendar";
import type { WinterWeather } from "../winter";
import { SoilWater } from "./soilWater";

const { holdsMm, beginsMm, givenMm, cropShare, driestGrowth } = practiceJson.water;

/** A single day of a low, a high and rain. */
function dayOf(on: string, low: number, high: number, rainMm = 0): WinterWeather {
  const daily = {
    minTempC: [low],
    maxTempC: [high],
    precipitationMm: [rainMm],
  };
  return { span: { firstDay: dayNumber(on) }, daily } as unknown as WinterWeather;
}

test("a July day in Lyon dries by the 5.0 mm of the published example, as much of it as a crop of leaves takes", () => {
  // Allen et al. (1998), FAO-56, example 20: 45°43′ N, July, 14.8 to 26.6 °C, Ra of 40.6 MJ: 5.0 mm/day.
  const water = new SoilWater();
  water.day(dayOf("2026-07-15", 14.8, 26.6), 45.72, 0, false);
  expect((beginsMm - water.share * holdsMm) / cropShare).toBeCloseTo(5, 1);
});

test("rain fills the soil up to what it holds, under a lid only the can does", () => {
  const open = new SoilWater();
  const roofed = new SoilWater();
  const wet = dayOf("2026-11-15", 4, 8, 60);
  open.day(wet, 46, 0, false);
  roofed.day(wet, 46, 0, true);
  expect(open.share).toBe(1);
  expect(roofed.share).toBeLessThan(beginsMm / holdsMm);
  const before = roofed.share;
  roofed.give();
  expect(roofed.share).toBeCloseTo(before + givenMm / holdsMm, 9);
  for (let time = 0; time < 9; time += 1) roofed.give();
  expect(roofed.share).toBe(1);
});

test("dry soil slows growth down to what roots still find below, and no further", () => {
  const water = new SoilWater();
  expect(water.growthShare).toBe(1);
  const shares = Array.from({ length: 40 }, () => {
    water.day(dayOf("2026-09-01", 10, 24), 46, 0, true);
    return water.growthShare;
  });
  expect(water.isDry).toBe(true);
  expect(shares.at(-1)).toBe(driestGrowth);
  expect([...shares].sort((a, b) => b - a)).toEqual(shares);
});

test("a day far below freezing takes nothing out of the ground", () => {
  const water = new SoilWater();
  water.day(dayOf("2026-01-15", -30, -20), 46, 0, true);
  expect(water.share).toBeCloseTo(beginsMm / holdsMm, 9);
});
