import { dayOfYear, isoDate } from "../calendar";
import { globalRadiationMJ } from "../sky";
import { climateFromSketch, type Climate } from "./climate";
import { generateTemperatures, WET_DARKENING } from "./generator";
import { madeUpClimates } from "./madeUp/madeUpClimates";
import { WET_DAY_MM } from "./weatherModel";
import { english } from "@/words/told.testdata";

const YEARS = 60;
const DAYS = YEARS * 365;

function months(climate: Climate) {
  const made = generateTemperatures(climate.model, 0, DAYS, 5);
  const sums = Array.from({ length: 12 }, () => ({ made: 0, usual: 0 }));
  for (let day = 0; day < DAYS; day += 1) {
    const month = sums[Number(isoDate(day).slice(5, 7)) - 1];
    const isWet = (made.precipitationMm[day] ?? 0) >= WET_DAY_MM;
    const clear = globalRadiationMJ(1, made.minTempC[day] ?? 0, made.maxTempC[day] ?? 0);
    if (month) month.made += clear * (isWet ? WET_DARKENING : 1);
    if (month) month.usual += climate.clearness(day);
  }
  return sums;
}

test.each(madeUpClimates)(
  "$name: usual days are as bright as made ones are on average",
  ({ latitudeDeg, climate: sketch }) => {
    for (const { made, usual } of months(climateFromSketch(latitudeDeg, sketch))) {
      expect(Math.abs(usual / made - 1)).toBeLessThan(0.06);
    }
  },
);

/** The coldest night of each made year, in the middle of them. */
function medianColdestC(climate: Climate): number {
  const coldest = Array.from({ length: 200 }, (_, year) =>
    Math.min(...generateTemperatures(climate.model, 180, 365, 900 + year).minTempC),
  ).sort((a, b) => a - b);
  return coldest[100] ?? NaN;
}

test("the coldest night of a usual year comes as it was typed, and the first frost stays where it was", () => {
  const typed = {
    coldestMonth: { lowC: -3.5, highC: 5.5 },
    warmestMonth: { lowC: 19, highC: 30.5 },
    frost: { kind: "dates", medianFirst: "10-20", medianLast: "04-18" },
    wetDaysPerYear: 115,
  } as const;
  // As of hardiness zone 7a, −15 to −18 °C, where nobody types it (mid-Atlantic, published).
  const usual = medianColdestC(climateFromSketch(39.2, typed));
  expect(usual).toBeLessThan(-12);
  expect(usual).toBeGreaterThan(-18);
  for (const coldestNightC of [-17, -21]) {
    const climate = climateFromSketch(39.2, { ...typed, coldestNightC });
    expect(Math.abs(medianColdestC(climate) - coldestNightC)).toBeLessThan(0.8);
    expect(climate.notes).toEqual([]);
  }
  // A night that the frost dates contradict is told, with what comes out instead.
  const [note] = climateFromSketch(39.2, { ...typed, coldestNightC: -11 }).notes;
  expect(english(note)).toMatch(/comes out at −1[56] °C, not −11 °C/);
});

test("winter nights vary more than summer ones, and snow lies where it is cold enough to stay", () => {
  const [inland, coast] = madeUpClimates.map(({ latitudeDeg, climate }) =>
    climateFromSketch(latitudeDeg, climate),
  );
  if (!inland || !coast) throw new Error("there are made-up climates");
  const place = (month: number) => dayOfYear(Math.round((month - 0.5) * 30.4)) - 1;
  expect(inland.nightSpreadC(15)).toBeGreaterThan(inland.nightSpreadC(200));
  expect(inland.usualSnowM(place(2))).toBeGreaterThan(0.03);
  expect(inland.usualSnowM(place(7))).toBe(0);
  expect(coast.usualSnowM(place(2))).toBeLessThan(0.01);
});
