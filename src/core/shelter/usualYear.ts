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
import { usualDay, usualGroundOf } from "./usualDays";
import { weatherSteps, type WeatherSteps } from "./weatherSteps";

/** A leap year, so that 29 February has its value. */
const NEW_YEAR = dayNumberOf(2000, 1, 1);
/** The soil is let come to what the covers make of it for so long before the year is looked at. */
const DAYS_BEFORE = 45;
/**
 * Two hours: the implicit balance stays within 0.2 °C of quarter hours on usual days, and a year
 * costs an eighth.
 */
const STEPS_PER_DAY = COURSE_STEPS;

/**
 * Weather swings between mild and cold: a wave of so many days about the usual, by so many standard
 * deviations. Its crossings tell what covers add to usual days, its coldest nights, clear and still
 * after days that were already cold, what they add where it decides whether a crop lives.
 */
const WAVE_DAYS = 12;
const WAVE_DEVIATIONS = 1.5;
const COLD_NIGHT = { cloudShare: 0.1, windMps: 1 };
/** Half a wave: from one crossing to the next. */
const HALF = WAVE_DAYS / 2;

/** Covers are worn in full up to the one mean of day and night, and no more from the other on (estimate). */
const WORN = { fullBelowMeanC: 10, offAboveMeanC: 14 };
/** Growers open up as it gets warm inside: inner covers first, then vents (usual practice). */
const { practice: PRACTICE } = shelterJson;
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

/** One run through the year: usual days by the crossings of its waves, cold nights by their coldest. */
function yearUnder(climate: Climate, covers: CoverIds): UsualYear {
  const year: UsualYear = {
    minTempC: new Float64Array(DAYS_OF_YEAR),
    maxTempC: new Float64Array(DAYS_OF_YEAR),
    courseGainC: new Float32Array(DAYS_OF_YEAR * COURSE_STEPS),
    coldGainC: new Float64Array(DAYS_OF_YEAR),
    soilGainC: new Float64Array(DAYS_OF_YEAR),
    lightShare: new Float64Array(DAYS_OF_YEAR).fill(1),
  };
  if (covers.length === 0) {
    for (let index = 0; index < DAYS_OF_YEAR; index += 1) {
      year.minTempC[index] = climate.minTempC(NEW_YEAR + index);
      year.maxTempC[index] = climate.maxTempC(NEW_YEAR + index);
    }
    return year;
  }
  const run = runYear(climate, covers);
  const bareSoilC = derive([climate], openSoil);
  const crossings = (values: Float64Array) => (middle: number) =>
    (at(values, middle - HALF / 2) + at(values, middle + HALF / 2)) / 2;
  const wholeWave = (values: Float64Array) => (middle: number) => {
    let sum = 0;
    for (let index = middle - HALF; index < middle + HALF; index += 1) sum += at(values, index);
    return sum / WAVE_DAYS;
  };
  const minGainC = straight(HALF, crossings(run.minGainC));
  const maxGainC = straight(HALF, crossings(run.maxGainC));
  const soilC = straight(HALF, wholeWave(run.soil5cmC));
  const openSoilC = straight(HALF, wholeWave(bareSoilC));
  for (let step = 0; step < COURSE_STEPS; step += 1) {
    const ofStep = straight(HALF, (middle) => {
      const gain = (day: number) =>
        run.courseGainC[((day + DAYS_OF_YEAR) % DAYS_OF_YEAR) * COURSE_STEPS + step] ?? 0;
      return (gain(middle - HALF / 2) + gain(middle + HALF / 2)) / 2;
    });
    for (let day = 0; day < DAYS_OF_YEAR; day += 1) {
      year.courseGainC[day * COURSE_STEPS + step] = ofStep[day] ?? 0;
    }
  }
  year.coldGainC = straight(WAVE_DAYS, (coldest) => at(run.minGainC, coldest));
  year.lightShare = straight(HALF, wholeWave(run.lightShare));
  for (let index = 0; index < DAYS_OF_YEAR; index += 1) {
    // Gains are straight between days; the day's own temperatures stay the climate's.
    year.minTempC[index] = climate.minTempC(NEW_YEAR + index) + (minGainC[index] ?? 0);
    year.maxTempC[index] = climate.maxTempC(NEW_YEAR + index) + (maxGainC[index] ?? 0);
    year.soilGainC[index] = (soilC[index] ?? 0) - (openSoilC[index] ?? 0);
  }
  return year;
}

/** A value of the year by its day, counted around its ends. */
function at(values: Float64Array, index: number): number {
  return values[(index + DAYS_OF_YEAR) % DAYS_OF_YEAR] ?? 0;
}

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

function openSoil(climate: Climate): Float64Array {
  return runYear(climate, []).soil5cmC;
}

function runYear(climate: Climate, covers: CoverIds): YearRun {
  const stack = stackOf(covers);
  const weather = derive([climate], weatherOf);
  const first = NEW_YEAR - DAYS_BEFORE;
  const ground = usualGroundOf(climate, first);
  const balance = new EnergyBalance(stack, weather.airC[0] ?? 0);
  balance.startSoil(ground.tempAtC);
  const driving = drivingThrough(weather, ground.deepC);
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
      if (index >= 0) run.courseGainC[index * COURSE_STEPS + step] = cropC - driving.airC;
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

/** A year's weather swinging about the usual; the same for every stack. */
function weatherOf(climate: Climate): WeatherSteps {
  const first = NEW_YEAR - DAYS_BEFORE;
  const days = Array.from({ length: DAYS_BEFORE + DAYS_OF_YEAR + 1 }, (_, place) => {
    const day = first + place;
    const usual = usualDay(climate, day);
    // 1 on the coldest day of a wave, 0 at its crossings, −1 on the mildest.
    const cold = Math.cos((2 * Math.PI * (place - DAYS_BEFORE)) / WAVE_DAYS);
    const byC = WAVE_DEVIATIONS * climate.nightSpreadC(day) * cold;
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
