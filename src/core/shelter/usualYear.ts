import { coverLight } from "./coverLight";
import { derive, give, isDerived } from "../derive";
import shelterJson from "@data/shelter.json";
import { DAYS_OF_YEAR, dayNumberOf } from "../calendar";
import type { Climate } from "../climate";
import { drive, drivingThrough } from "./balance/driving";
import { EnergyBalance, type Handling } from "./balance/energyBalance";
import type { CoverIds } from "./materials";
import { stackOf } from "./balance/stack";
import { COURSE_STEPS } from "./dayCourse";
import { usualDay, usualDeepC, usualGroundOf } from "./usualDays";
import { weatherSteps, type WeatherSteps } from "./weatherSteps";

/** A leap year, so that 29 February has its value. */
const NEW_YEAR = dayNumberOf(2000, 1, 1);
/** The soil is let come to what the covers make of it for so long before the year is looked at. */
const DAYS_BEFORE = 60;
/**
 * The implicit balance may take long steps: by the hour a usual day's growth comes out within two
 * hundredths of quarter hours.
 */
const STEPS_PER_DAY = 24;
const STEPS_IN_PLACE = STEPS_PER_DAY / COURSE_STEPS;

/**
 * Cold nights come clear and still after days that were already cold: a wave of so many days about the
 * usual, by so many standard deviations. Its coldest nights tell what covers add where that decides
 * whether a crop lives.
 */
const WAVE_DAYS = 12;
const WAVE_DEVIATIONS = 1.5;
const COLD_NIGHT = { cloudShare: 0.1, windMps: 1 };

/**
 * Growers open up as it gets warm inside: inner covers first, then vents (usual practice). Covers are worn
 * in full up to the one mean of day and night, and no more from the other on.
 */
const { practice: PRACTICE, worn: WORN } = shelterJson;
/**
 * By day in the warm season lights and sheets are off, as good as so many wide-open vents, and the
 * sides of a house are up (estimates).
 */
const OPEN_IN_SUMMER = {
  lowCover: PRACTICE.lowCoverOffVents,
  house: PRACTICE.houseSidesUpVents,
};

/** What covers make of a usual year at a place: a value for each day of the year, from 1 January. */
export interface UsualYear {
  /** Air at the crop, °C. */
  minTempC: Float64Array;
  maxTempC: Float64Array;
  /** What the covers add at each two hours of a usual day: twelve values a day, °C. */
  courseGainC: Float32Array;
  /** What the covers add to a cold, clear night's minimum, °C. */
  coldGainC: Float64Array;
  /** What they add to the soil's mean at 5 cm, °C. */
  soilGainC: Float64Array;
  /** Share of the light in the open that reaches the crop, covers off in the warm season. */
  lightShare: Float64Array;
}

/**
 * A usual year under a stack of covers by the energy balance, worked as growers do: aired when warm
 * inside, sheets and lights off by day in the warm season. Made once for a climate and stack.
 */
export function usualYear(climate: Climate, covers: CoverIds): UsualYear {
  return derive([climate, covers.join("+")], blended, STACKS_KEPT);
}

/** Stacks of covers kept for one climate. */
const STACKS_KEPT = 60;

/** Whether the usual year under a stack is at hand. */
export function hasUsualYear(climate: Climate, covers: CoverIds): boolean {
  return isDerived([climate, covers.join("+")], blended);
}

/** Takes in a usual year that was run elsewhere. */
export function giveUsualYear(climate: Climate, covers: CoverIds, year: UsualYear): void {
  give([climate, covers.join("+")], blended, year, STACKS_KEPT);
}

/** The year with all covers in the cold season, and with those that stay in the warm one. */
function blended(climate: Climate, coversKey: string): UsualYear {
  const covers: CoverIds = coversKey === "" ? [] : coversKey.split("+");
  const worn = yearUnder(climate, covers);
  const standing = stackOf(covers).layers.filter(({ removable }) => !removable);
  if (standing.length === covers.length) return worn;
  const bare = usualYear(
    climate,
    standing.map(({ id }) => id),
  );
  const wornOn = Float64Array.from({ length: DAYS_OF_YEAR }, (_, day) => wornShare(climate, day));
  const blend = (value: number, off: number | undefined, day: number) => {
    const share = wornOn[day] ?? 1;
    return share * value + (1 - share) * (off ?? value);
  };
  const mixed = (on: Float64Array, off: Float64Array) =>
    on.map((value, index) => blend(value, off[index], index));
  return {
    minTempC: mixed(worn.minTempC, bare.minTempC),
    maxTempC: mixed(worn.maxTempC, bare.maxTempC),
    courseGainC: worn.courseGainC.map((value, at) =>
      blend(value, bare.courseGainC[at], Math.floor(at / COURSE_STEPS)),
    ),
    // Whatever the season, the covers go on for a night of frost.
    coldGainC: worn.coldGainC,
    soilGainC: mixed(worn.soilGainC, bare.soilGainC),
    lightShare: mixed(worn.lightShare, bare.lightShare),
  };
}

function meanC(climate: Climate, index: number): number {
  return (climate.minTempC(NEW_YEAR + index) + climate.maxTempC(NEW_YEAR + index)) / 2;
}

function wornShare(climate: Climate, index: number): number {
  const { fullBelowMeanC, offAboveMeanC } = WORN;
  const cool = (offAboveMeanC - meanC(climate, index)) / (offAboveMeanC - fullBelowMeanC);
  return Math.min(1, Math.max(0, cool));
}

/** A run through usual days, and one through waves of cold for what covers add to cold nights. */
function yearUnder(climate: Climate, covers: CoverIds): UsualYear {
  const year: UsualYear = {
    minTempC: new Float64Array(DAYS_OF_YEAR),
    maxTempC: new Float64Array(DAYS_OF_YEAR),
    courseGainC: new Float32Array(DAYS_OF_YEAR * COURSE_STEPS),
    coldGainC: new Float64Array(DAYS_OF_YEAR),
    soilGainC: new Float64Array(DAYS_OF_YEAR),
    lightShare: new Float64Array(DAYS_OF_YEAR).fill(1),
  };
  const isOpen = covers.length === 0;
  const usual = isOpen ? null : runYear(climate, covers, derive([climate], usualWeather));
  const bareSoilC = isOpen ? null : derive([climate], openSoil);
  const minGainC = usual && smoothed(usual.minGainC);
  const maxGainC = usual && smoothed(usual.maxGainC);
  for (let index = 0; index < DAYS_OF_YEAR; index += 1) {
    year.minTempC[index] = climate.minTempC(NEW_YEAR + index) + (minGainC?.[index] ?? 0);
    year.maxTempC[index] = climate.maxTempC(NEW_YEAR + index) + (maxGainC?.[index] ?? 0);
    year.soilGainC[index] = (usual?.soil5cmC[index] ?? 0) - (bareSoilC?.[index] ?? 0);
  }
  if (!usual) return year;
  const cold = runYear(climate, covers, derive([climate], coldWaves));
  for (let step = 0; step < COURSE_STEPS; step += 1) {
    const gainC = smoothed(
      Float64Array.from(
        { length: DAYS_OF_YEAR },
        (_, day) => usual.courseGainC[day * COURSE_STEPS + step] ?? 0,
      ),
    );
    for (const [day, value] of gainC.entries()) year.courseGainC[day * COURSE_STEPS + step] = value;
  }
  year.lightShare = smoothed(usual.lightShare);
  year.coldGainC = straight(WAVE_DAYS, (coldest) => cold.minGainC[coldest] ?? 0);
  return year;
}

/** Covers go on and off from one day to the next; nobody's year has that day: the mean of a week. */
function smoothed(values: Float64Array): Float64Array {
  return values.map((_, index) => {
    let sum = 0;
    for (let at = index - DAYS_AROUND; at <= index + DAYS_AROUND; at += 1) {
      sum += values[(at + values.length) % values.length] ?? 0;
    }
    return sum / (2 * DAYS_AROUND + 1);
  });
}
const DAYS_AROUND = 3;

/** Values known every so many days, straight between, for each day of the year. */
function straight(every: number, valueAt: (index: number) => number): Float64Array {
  const known: number[] = [];
  for (let index = 0; index < DAYS_OF_YEAR; index += every) known.push(valueAt(index));
  return Float64Array.from({ length: DAYS_OF_YEAR }, (_, index) => {
    const from = Math.floor(index / every);
    const to = from + 1 < known.length ? from + 1 : 0;
    const span = Math.min(every, DAYS_OF_YEAR - from * every);
    const way = (index - from * every) / span;
    return (known[from] ?? 0) * (1 - way) + (known[to] ?? 0) * way;
  });
}

interface YearRun {
  courseGainC: Float32Array;
  minGainC: Float64Array;
  maxGainC: Float64Array;
  soil5cmC: Float64Array;
  lightShare: Float64Array;
}

/** The soil below what is reckoned, by the day of the year. */
function deepThroughYear(climate: Climate): Float64Array {
  return Float64Array.from({ length: DAYS_OF_YEAR }, (_, index) =>
    usualDeepC(climate, NEW_YEAR + index),
  );
}

function openSoil(climate: Climate): Float64Array {
  return runYear(climate, [], derive([climate], usualWeather)).soil5cmC;
}

function runYear(climate: Climate, covers: CoverIds, weather: WeatherSteps): YearRun {
  const stack = stackOf(covers);
  const first = NEW_YEAR - DAYS_BEFORE;
  const ground = usualGroundOf(climate, first);
  const balance = new EnergyBalance(stack, weather.airC[0] ?? 0);
  balance.startSoil(ground.tempAtC);
  const driving = drivingThrough(weather, ground.deepC);
  const deepC = derive([climate], deepThroughYear);
  const handling: Handling = {
    vent: 0,
    opens: { fromC: PRACTICE.ventOpensAtC, wideAtC: PRACTICE.ventWideAtC },
    innerOn: true,
    snow: false,
  };
  const isHouse = stack.layers[0]?.kind === "house";
  const openVent = isHouse ? OPEN_IN_SUMMER.house : OPEN_IN_SUMMER.lowCover;
  const standingLight = lightOf(covers, true);
  const wornLight = lightOf(covers, false);
  const run: YearRun = {
    courseGainC: new Float32Array(DAYS_OF_YEAR * COURSE_STEPS),
    minGainC: new Float64Array(DAYS_OF_YEAR),
    maxGainC: new Float64Array(DAYS_OF_YEAR),
    soil5cmC: new Float64Array(DAYS_OF_YEAR),
    lightShare: new Float64Array(DAYS_OF_YEAR),
  };
  for (let day = 0; day < DAYS_BEFORE + DAYS_OF_YEAR; day += 1) {
    const index = day - DAYS_BEFORE;
    driving.deepC = deepC[(index + DAYS_OF_YEAR) % DAYS_OF_YEAR] ?? ground.deepC;
    // From closed up in the cold season to wide open in the warm one, without a jump.
    const openness = 1 - wornShare(climate, index);
    const tally = { minC: Infinity, maxC: -Infinity, soilC: 0, sun: 0, light: 0 };
    const outside = { minC: Infinity, maxC: -Infinity };
    for (let step = 0; step < STEPS_PER_DAY; step += 1) {
      const at = day * STEPS_PER_DAY + step;
      drive(driving, weather, at);
      const isDay = driving.sunWPerM2 > 0;
      const insideC = balance.spaceC(0) ?? 0;
      handling.innerOn = !(isDay && (openness >= 1 || insideC > PRACTICE.innerOffAboveC));
      handling.vent = isDay ? openness * openVent : 0;
      balance.step(driving, handling);
      const cropC = balance.cropC(driving.airC);
      if (index >= 0) {
        const place = index * COURSE_STEPS + Math.floor(step / STEPS_IN_PLACE);
        run.courseGainC[place] =
          (run.courseGainC[place] ?? 0) + (cropC - driving.airC) / STEPS_IN_PLACE;
      }
      tally.minC = Math.min(tally.minC, cropC);
      tally.maxC = Math.max(tally.maxC, cropC);
      tally.soilC += balance.soil5cmC;
      tally.sun += driving.sunWPerM2;
      const light = handling.innerOn ? wornLight : standingLight;
      const off = isHouse ? 0 : openness;
      tally.light += driving.sunWPerM2 * (off + (1 - off) * light);
      outside.minC = Math.min(outside.minC, driving.airC);
      outside.maxC = Math.max(outside.maxC, driving.airC);
    }
    if (index < 0) continue;
    run.minGainC[index] = tally.minC - outside.minC;
    run.maxGainC[index] = tally.maxC - outside.maxC;
    run.soil5cmC[index] = tally.soilC / STEPS_PER_DAY;
    run.lightShare[index] = tally.sun > 0 ? tally.light / tally.sun : wornLight;
  }
  return run;
}

/** Light let through; without the inner covers that come off, or with them. */
function lightOf(covers: CoverIds, innerOff: boolean): number {
  return stackOf(covers).layers.reduce(
    (share, layer, index) =>
      innerOff && index > 0 && layer.removable ? share : share * coverLight(layer),
    1,
  );
}

/** A year of usual days; the same for every stack. */
function usualWeather(climate: Climate): WeatherSteps {
  return weatherOf(climate, 0);
}

/** A year that swings between mild and cold. */
function coldWaves(climate: Climate): WeatherSteps {
  return weatherOf(climate, WAVE_DEVIATIONS);
}

/** A year's weather swinging about the usual by so many standard deviations. */
function weatherOf(climate: Climate, deviations: number): WeatherSteps {
  const first = NEW_YEAR - DAYS_BEFORE;
  const days = Array.from({ length: DAYS_BEFORE + DAYS_OF_YEAR + 1 }, (_, place) => {
    const day = first + place;
    const usual = usualDay(climate, day);
    if (deviations === 0) return usual;
    // 1 on the coldest day of a wave, −1 on the mildest.
    const cold = Math.cos((2 * Math.PI * (place - DAYS_BEFORE)) / WAVE_DAYS);
    const byC = deviations * climate.nightSpreadC(day) * cold;
    const swing = (usualValue: number, coldValue: number) =>
      Math.max(0, usualValue + (coldValue - usualValue) * cold);
    return {
      minTempC: usual.minTempC - byC,
      maxTempC: usual.maxTempC - byC,
      cloudShare: Math.min(1, swing(usual.cloudShare, COLD_NIGHT.cloudShare)),
      windMps: swing(usual.windMps, COLD_NIGHT.windMps),
    };
  });
  return weatherSteps(climate.latitudeDeg, first, days, STEPS_PER_DAY);
}
