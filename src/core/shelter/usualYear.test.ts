import { dayNumber, dayOfYear } from "../calendar";
import { climateFromSketch } from "../climate";
import { growingSpace, soilMeansC } from "./index";
import { BY_BALANCE, BY_RULE } from "./growingSpace";
import { usualYear } from "./usualYear";

const climate = climateFromSketch(47.1, {
  coldestMonth: { lowC: -6.5, highC: 2 },
  warmestMonth: { lowC: 13, highC: 26 },
  frost: { kind: "dates", medianFirst: "10-08", medianLast: "05-06" },
  wetDaysPerYear: null,
});
const place = (date: string) => dayOfYear(dayNumber(date)) - 1;
const DOUBLE = ["greenhouse-single", "row-cover-light"];

test("on cold clear nights of midwinter covers add what field trials found", () => {
  const at = place("2027-01-20");
  // The wave's coldest night; what covers add grows with how far it is below a soil near freezing.
  const outsideC =
    climate.minTempC(dayNumber("2027-01-20")) - 1.5 * climate.nightSpreadC(dayNumber("2027-01-20"));
  expect(outsideC).toBeLessThan(-12);
  expect(outsideC).toBeGreaterThan(-17);
  const share = (covers: string[]) => (usualYear(climate, covers).coldGainC[at] ?? 0) / -outsideC;
  // Trials about −11.5 °C: light cover 1.5 to 4.5, frame 3 to 6, house 1 to 5, house and cover 4 to 9.
  expect(share(["row-cover-light"])).toBeGreaterThan(1.5 / 11.5);
  expect(share(["row-cover-light"])).toBeLessThan(4.5 / 11.5);
  expect(share(["cold-frame-twinwall"])).toBeGreaterThan(3 / 11.5);
  expect(share(["cold-frame-twinwall"])).toBeLessThan(6 / 11.5);
  expect(share(["greenhouse-single"])).toBeGreaterThan(1 / 11.5);
  expect(share(["greenhouse-single"])).toBeLessThan(5 / 11.5);
  expect(share(DOUBLE)).toBeGreaterThan(4 / 11.5);
  expect(share(DOUBLE)).toBeLessThan(9 / 11.5);
});

test("the year has no jumps: neither air, soil nor light leaps as covers come off", () => {
  for (const covers of [["row-cover-medium"], ["cold-frame-glass"], DOUBLE]) {
    const year = usualYear(climate, covers);
    for (const [values, most] of [
      [year.minTempC, 1.2],
      [year.maxTempC, 2],
      [year.coldGainC, 0.6],
      [year.soilGainC, 1],
      [year.lightShare, 0.06],
    ] as const) {
      values.forEach((value, index) => {
        const next = values[(index + 1) % values.length] ?? NaN;
        expect(Math.abs(next - value)).toBeLessThan(most);
      });
    }
  }
});

test("in summer sheets and lights are off: as in the open; a house is aired and stays warmer", () => {
  const at = place("2026-07-20");
  const open = usualYear(climate, []);
  const sheet = usualYear(climate, ["row-cover-heavy"]);
  expect(sheet.maxTempC[at]).toBeCloseTo(open.maxTempC[at] ?? NaN, 6);
  expect(sheet.lightShare[at]).toBe(1);
  expect(usualYear(climate, ["cold-frame-glass"]).lightShare[at]).toBe(1);
  const house = usualYear(climate, ["greenhouse-single"]);
  expect(house.maxTempC[at]).toBeGreaterThan((open.maxTempC[at] ?? NaN) + 1);
  expect(house.maxTempC[at]).toBeLessThan((open.maxTempC[at] ?? NaN) + 8);
  expect(house.lightShare[at]).toBeCloseTo(0.85 * 0.83, 6); // film, less frame and dirt
});

test("one's own thermometer moves nights, days and soil under the cover, and nothing in the open", () => {
  const from = dayNumber("2026-12-01");
  const own = { nightC: -1.5, dayC: 1 };
  const space = (covers: string[], bias: typeof own | null) =>
    growingSpace(climate, covers, [], from, 60, { by: "balance", own: bias });
  const [plain, moved] = [space(DOUBLE, null), space(DOUBLE, own)];
  expect((moved.minTempC[10] ?? NaN) - (plain.minTempC[10] ?? NaN)).toBeCloseTo(-1.5, 6);
  expect((moved.maxTempC[10] ?? NaN) - (plain.maxTempC[10] ?? NaN)).toBeCloseTo(1, 6);
  const at = place("2026-12-11");
  expect((moved.coldGainC[at] ?? NaN) - (plain.coldGainC[at] ?? NaN)).toBeCloseTo(-1.5, 6);
  expect((soilMeansC(moved)[at] ?? NaN) - (soilMeansC(plain)[at] ?? NaN)).toBeCloseTo(-0.25, 6);
  expect(space([], own).minTempC).toEqual(space([], null).minTempC);
});

test("soil under double cover stays warmer than in the open all winter, by rule as by balance", () => {
  const from = dayNumber("2026-11-01");
  for (const degrees of [BY_BALANCE, BY_RULE]) {
    const soil = (covers: string[]) =>
      soilMeansC(growingSpace(climate, covers, [], from, 150, degrees))[place("2027-01-20")] ?? NaN;
    expect(soil(DOUBLE) - soil([])).toBeGreaterThan(1);
    expect(soil(DOUBLE) - soil([])).toBeLessThan(8);
  }
});
