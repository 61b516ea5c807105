import { dayNumber, dayOfYear } from "../calendar";
import { climateFromSketch } from "../climate";
import { cropLibrary } from "../crops";
import { temperatureResponse } from "../crops/growth";
import { growingSpace } from "./growingSpace";
import { runShelter, VENTED } from "./shelterRun";
import { stackOf } from "./balance/stack";
import { usualDay, usualDeepC, usualGroundOf } from "./usualDays";
import { weatherSteps } from "./weatherSteps";

const climate = climateFromSketch(47.1, {
  coldestMonth: { lowC: -6.5, highC: 2 },
  warmestMonth: { lowC: 13, highC: 26 },
  frost: { kind: "dates", medianFirst: "10-08", medianLast: "05-06" },
  wetDaysPerYear: null,
});
const QUARTERS = 96;
/** The soil is let come to what the covers make of it. */
const DAYS_BEFORE = 120;
const DAYS_LOOKED_AT = 12;
const { temperature } = cropLibrary.get("spinach") ?? { temperature: null };

/** Mean response of growth to warmth, by the balance in quarter hours through usual days. */
function byBalance(covers: string[], from: number): number {
  const first = from - DAYS_BEFORE;
  const days = Array.from({ length: DAYS_BEFORE + DAYS_LOOKED_AT + 1 }, (_, at) =>
    usualDay(climate, first + at),
  );
  const weather = weatherSteps(climate.latitudeDeg, first, days, QUARTERS);
  const deepC = days.map((_, at) => usualDeepC(climate, first + at));
  const ground = {
    ...usualGroundOf(climate, first),
    deepAtC: (step: number) => deepC[Math.floor(step / QUARTERS)] ?? NaN,
  };
  const { cropC } = runShelter(stackOf(covers), weather, ground, VENTED);
  const looked = cropC.subarray(DAYS_BEFORE * QUARTERS, (DAYS_BEFORE + DAYS_LOOKED_AT) * QUARTERS);
  return looked.reduce((sum, tempC) => sum + response(tempC), 0) / looked.length;
}

/** The same, by the course of the day that growth goes by. */
function byGrowth(covers: string[], from: number): number {
  const { courseC } = growingSpace(climate, covers, [], from, 365);
  let sum = 0;
  for (let day = from; day < from + DAYS_LOOKED_AT; day += 1) {
    const at = (dayOfYear(day) - 1) * 12;
    for (const tempC of courseC.subarray(at, at + 12)) sum += response(tempC) / 12;
  }
  return sum / DAYS_LOOKED_AT;
}

function response(tempC: number): number {
  return temperature ? temperatureResponse(temperature, tempC) : NaN;
}

test("growth goes by the warmth that the balance finds hour by hour, to two in a hundred", () => {
  for (const covers of [[], ["greenhouse-single"], ["greenhouse-single", "row-cover-light"]]) {
    for (const date of ["2026-10-09", "2026-11-09", "2026-12-09", "2027-02-09", "2027-03-09"]) {
      const from = dayNumber(date);
      const found = byBalance(covers, from);
      // In midwinter's open there is next to no growth to be off by: four thousandths of a full day's.
      expect(Math.abs(byGrowth(covers, from) - found)).toBeLessThan(Math.max(0.02 * found, 0.004));
    }
  }
});
