import {
  climateFromRecord,
  FROST_THRESHOLDS_C,
  frostRecord,
  generateTemperatures,
  generateWeather,
  madeUpClimates,
  madeUpYears,
} from "@/core/climate";
import { dayNumberOf } from "@/core/calendar";
import { readWeather, writeGhcnDaily, writeWeatherCsv } from "@/core/weatherFiles";
import { Site } from "@/core/growth";
import { weeksOfSun } from "@/core/schedule";
import { medianMs, report, reportRate } from "./timing";

const CENTURY = 100;
const LATITUDE_DEG = 47.1;

/** A hundred years in and out, their odds, and a climate fitted to them. */
export function benchRecords(): void {
  const [climate] = madeUpClimates;
  if (!climate) throw new Error("there are made-up climates");
  const record = madeUpYears(climate, 1926, CENTURY);
  const [dly, csv] = [writeGhcnDaily(record, "XXTARNHOLTM"), writeWeatherCsv(record)];
  report(
    "100 years of GHCN-Daily read",
    medianMs(() => void readWeather(dly), 5),
    1000,
    "ms",
  );
  report(
    "100 years of CSV read",
    medianMs(() => void readWeather(csv), 5),
    1000,
    "ms",
  );
  const odds = medianMs(() => {
    const frosts = frostRecord(record, LATITUDE_DEG);
    for (const thresholdC of Object.values(FROST_THRESHOLDS_C)) {
      frosts.first(thresholdC).dayAt(0.5);
      frosts.last(thresholdC).dayAfterWhichNone(0.5);
    }
  });
  report("frost odds of 100 years at three thresholds", odds, 16, "ms");
  const fit = medianMs(() => void climateFromRecord(LATITUDE_DEG, record));
  report("a climate fitted to 100 years (once, when a garden opens)", fit, 100, "ms");
}

/** Generated years for each second on one core; the wish is a thousand or more. */
export function benchGenerator(): void {
  const [climate] = madeUpClimates;
  if (!climate) throw new Error("there are made-up climates");
  const shipped = madeUpYears(climate, 1996, 30);
  const { model } = climateFromRecord(LATITUDE_DEG, shipped);
  const firstDay = dayNumberOf(1600, 1, 1);
  const days = dayNumberOf(1900, 1, 1) - firstDay;
  const rate = (make: () => unknown) => (300 / medianMs(() => void make(), 5)) * 1000;
  reportRate(
    "generated years a second: temperatures and rain",
    rate(() => generateTemperatures(model, firstDay, days, 1)),
    1000,
  );
  reportRate(
    "generated years a second: with cloud and wind",
    rate(() => generateWeather(model, LATITUDE_DEG, firstDay, days, 1)),
    1000,
  );
}

/** A skyline point under the hand: a season of sun in weeks, from nothing. */
export function benchSkyline(): void {
  const [climate] = madeUpClimates;
  if (!climate) throw new Error("there are made-up climates");
  const site = new Site(
    LATITUDE_DEG,
    climateFromRecord(LATITUDE_DEG, madeUpYears(climate, 1996, 30)),
  );
  const season = site.season(dayNumberOf(2026, 9, 24));
  let height = 0;
  const ms = medianMs(() => {
    height = (height + 0.001) % 40;
    const horizon = Array.from({ length: 12 }, (_, index) => ({
      azimuthDeg: index * 30,
      elevationDeg: 10 + height,
    }));
    weeksOfSun(site, horizon, season);
  });
  report("a season of sun under a skyline of 12 points, a pointer move", ms, 8, "ms");
}
