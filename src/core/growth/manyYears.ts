import type { DayNumber } from "../calendar";
import { generateTemperatures, WET_DAY_MM, WET_DARKENING, type Climate } from "../climate";
import {
  cardinalsKey,
  lightResponse,
  packetGrowth,
  placeOf,
  responseTable,
  sproutingRate,
  type Crop,
} from "../crops";
import growthJson from "@data/growth.json";
import { derive, newTable } from "../derive";
import { COURSE_STEPS, openCourseC, soilMeansC, type GrowingSpace } from "../shelter";
import { globalRadiationMJ } from "../sky";
import { growthCurve, type RunningSum } from "./growthCurve";

/** Made years that a spread of dates rests on: their fifths are told to a day or two. */
export const MADE_YEARS = 40;
const SEED = 4711;
/** From before a season to the summer after it: what is sown in it is long ready then. */
const DAYS_LOOKED_AT = 720;
const { dailyResponse } = growthJson.soil;

/** How the days of one made year stray from the usual ones of the same date. */
interface MadeYear {
  /** Low and high less the usual, °C; the light over the usual. */
  minC: Float32Array;
  maxC: Float32Array;
  light: Float32Array;
}

/** The same made weather for every crop and stack of a climate, over a stretch of days. */
function madeYears(climate: Climate, firstDay: DayNumber, days: number): MadeYear[] {
  return Array.from({ length: MADE_YEARS }, (_, year) => {
    const made = generateTemperatures(climate.model, firstDay, days, SEED + year);
    const one: MadeYear = {
      minC: new Float32Array(days),
      maxC: new Float32Array(days),
      light: new Float32Array(days),
    };
    for (let index = 0; index < days; index += 1) {
      const day = firstDay + index;
      const [low, high] = [made.minTempC[index] ?? 0, made.maxTempC[index] ?? 0];
      one.minC[index] = low - climate.minTempC(day);
      one.maxC[index] = high - climate.maxTempC(day);
      const isWet = (made.precipitationMm[index] ?? 0) >= WET_DAY_MM;
      const clearness = globalRadiationMJ(1, low, high) * (isWet ? WET_DARKENING : 1);
      one.light[index] = clearness / Math.max(0.05, climate.clearness(day));
    }
    return one;
  });
}

/** How far each two hours of a usual day are from its low to its high, 0 to 1. */
function waysThroughDay(climate: Climate): Float32Array {
  const open = openCourseC(climate);
  return open.map((_tempC, at) => {
    const from = at - (at % COURSE_STEPS);
    let [low, high] = [Infinity, -Infinity];
    for (let hour = from; hour < from + COURSE_STEPS; hour += 1) {
      low = Math.min(low, open[hour] ?? low);
      high = Math.max(high, open[hour] ?? high);
    }
    return high > low ? ((open[at] ?? low) - low) / (high - low) : 0.5;
  });
}

/** Packet days and progress toward emergence of one crop in one space, a running sum for each made year. */
export interface ManyYears {
  growth: RunningSum[];
  sprouting: RunningSum[];
}

/**
 * A crop's growth in made years: their weather strays from the usual as the climate has it, and what
 * covers add stays as usual.
 */
export function manyYears(space: GrowingSpace, crop: Crop): ManyYears {
  const known = derive([space], newTable<ManyYears>);
  const { days } = crop.sprouting;
  const pace = `${crop.here?.growthPace ?? 1},${crop.here?.emergencePace ?? 1}`;
  const key = `${cardinalsKey(crop.temperature)}|${crop.lightHalfMol}|${days.join(",")}|${crop.packetTemperatureC ?? ""}|${pace}`;
  let many = known.get(key);
  if (!many) {
    many = manyYearsOf(space, crop);
    known.set(key, many);
  }
  return many;
}

function manyYearsOf(space: GrowingSpace, crop: Crop): ManyYears {
  const { climate, firstDay } = space;
  const places = space.dayOfYear.subarray(0, DAYS_LOOKED_AT);
  const years = derive([climate, firstDay, places.length], madeYears);
  const ways = derive([climate], waysThroughDay);
  const response = responseTable(crop.temperature);
  const atPacketWeather = packetGrowth(crop) * COURSE_STEPS;
  const soilC = soilMeansC(space);
  const worths = years.map((year) => {
    const worth = new Float64Array(places.length);
    for (let index = 0; index < places.length; index += 1) {
      const low = year.minC[index] ?? 0;
      const swing = (year.maxC[index] ?? 0) - low;
      const from = (places[index] ?? 0) * COURSE_STEPS;
      let warmth = 0;
      for (let at = from; at < from + COURSE_STEPS; at += 1) {
        const tempC = (space.courseC[at] ?? 0) + low + swing * (ways[at] ?? 0);
        warmth += response[placeOf(tempC)] ?? 0;
      }
      const dliMol = (space.dliMol[index] ?? 0) * (year.light[index] ?? 1);
      worth[index] = (warmth * lightResponse(crop.lightHalfMol, dliMol)) / atPacketWeather;
    }
    return worth;
  });
  const toUsual = evenedOut(growthCurve(space, crop).total, worths);
  return {
    growth: worths.map((worth) => {
      const total = new Float64Array(places.length + 1);
      for (let index = 0; index < places.length; index += 1) {
        total[index + 1] = (total[index] ?? 0) + (worth[index] ?? 0) * (toUsual[index] ?? 1);
      }
      return { firstDay, total };
    }),
    sprouting: years.map((year) => {
      const total = new Float64Array(places.length + 1);
      let sum = 0;
      let strayC = 0;
      for (let index = 0; index < places.length; index += 1) {
        const airC = ((year.minC[index] ?? 0) + (year.maxC[index] ?? 0)) / 2;
        strayC += dailyResponse * (airC - strayC);
        sum += sproutingRate(crop, (soilC[places[index] ?? 0] ?? 0) + strayC);
        total[index + 1] = sum;
      }
      return { firstDay, total };
    }),
  };
}

/** Days on either side over which made years are held to the usual. */
const EVENED_DAYS = 10;

/**
 * By what made days are to be multiplied so that, over three weeks, they are worth on average what
 * usual ones are: growth bends with warmth and light, so the mean of many days is not the mean day.
 */
function evenedOut(usual: Float64Array, worths: readonly Float64Array[]): Float64Array {
  const days = worths[0]?.length ?? 0;
  const mean = new Float64Array(days + 1);
  for (let index = 0; index < days; index += 1) {
    let sum = 0;
    for (const worth of worths) sum += worth[index] ?? 0;
    mean[index + 1] = (mean[index] ?? 0) + sum / worths.length;
  }
  return Float64Array.from({ length: days }, (_, index) => {
    const [from, to] = [Math.max(0, index - EVENED_DAYS), Math.min(days, index + EVENED_DAYS + 1)];
    const made = (mean[to] ?? 0) - (mean[from] ?? 0);
    return made > 1e-9 ? ((usual[to] ?? 0) - (usual[from] ?? 0)) / made : 1;
  });
}
