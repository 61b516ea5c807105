import type { DayNumber } from "../calendar";
import { CLEAR_SHARE, OVERCAST_SHARE, hourlyTemperaturesC } from "../climate";
import { dayLengthOnDay, extraterrestrialRadiationMJ } from "../sky";
import { skyRadiationOver, vapourPressureHPa } from "./balance/skyRadiation";

/** One day's weather outside. */
export interface ShelterDay {
  minTempC: number;
  maxTempC: number;
  /** 0 clear, 1 overcast. */
  cloudShare: number;
  windMps: number;
}

/** Weather outside in even steps, ready for an energy balance. */
export interface WeatherSteps {
  firstDay: DayNumber;
  stepsPerDay: number;
  stepS: number;
  airC: Float64Array;
  skyWPerM2: Float64Array;
  sunWPerM2: Float64Array;
  windMps: Float64Array;
}

const SECONDS_PER_DAY = 86_400;
const HOURS = 24;
/** Wind at night is this share of the day's mean, by day as much more (estimate). */
const NIGHT_WIND_SHARE = 0.7;
/** The dew point lies so far below the night's minimum in dry, clear weather (estimate). */
const DEW_BELOW_MIN_C = 1;

/**
 * Days of weather cut into steps: temperature by Parton & Logan, the sun's radiation along its path
 * and by cloud, the sky's by Prata.
 *
 * @param days        the first is only there for the night that follows it
 * @param stepsPerDay 96 for quarter hours
 */
export function weatherSteps(
  latitudeDeg: number,
  firstDay: DayNumber,
  days: readonly ShelterDay[],
  stepsPerDay = 96,
): WeatherSteps {
  const count = days.length * stepsPerDay;
  const steps: WeatherSteps = {
    firstDay,
    stepsPerDay,
    stepS: SECONDS_PER_DAY / stepsPerDay,
    airC: new Float64Array(count),
    skyWPerM2: new Float64Array(count),
    sunWPerM2: new Float64Array(count),
    windMps: new Float64Array(count),
  };
  let tomorrowsHours = hoursOf(latitudeDeg, firstDay, days, 0);
  days.forEach((day, index) => {
    const hours = tomorrowsHours;
    tomorrowsHours = hoursOf(latitudeDeg, firstDay, days, Math.min(index + 1, days.length - 1));
    fillDay(latitudeDeg, day, firstDay + index, hours, tomorrowsHours[0] ?? 0, steps, index);
  });
  return steps;
}

function hoursOf(
  latitudeDeg: number,
  firstDay: DayNumber,
  days: readonly ShelterDay[],
  index: number,
): Float32Array {
  const day = days[index] ?? { minTempC: 0, maxTempC: 0 };
  const next = days[index + 1] ?? day;
  const previous = days[index - 1] ?? day;
  return hourlyTemperaturesC(
    latitudeDeg,
    firstDay + index,
    day.minTempC,
    day.maxTempC,
    next.minTempC,
    previous,
  );
}

function fillDay(
  latitudeDeg: number,
  { cloudShare, windMps, minTempC }: ShelterDay,
  day: DayNumber,
  hours: Float32Array,
  nextMidnightC: number,
  steps: WeatherSteps,
  index: number,
): void {
  const { stepsPerDay } = steps;
  const dayLengthH = dayLengthOnDay(latitudeDeg, day);
  const share = OVERCAST_SHARE + (CLEAR_SHARE - OVERCAST_SHARE) * (1 - cloudShare);
  const dayJ = Math.max(0, extraterrestrialRadiationMJ(latitudeDeg, day)) * 1e6 * share;
  const [rise, set] = [12 - dayLengthH / 2, 12 + dayLengthH / 2];
  const dewC = minTempC - DEW_BELOW_MIN_C;
  const usualVapourHPa = vapourPressureHPa(dewC);
  // The sun's radiation as a squared sine over the day: its integral is half the day's length.
  const peakW = dayLengthH > 0 ? dayJ / ((dayLengthH / 2) * 3600) : 0;
  for (let step = 0; step < stepsPerDay; step += 1) {
    const hour = ((step + 0.5) * HOURS) / stepsPerDay;
    const at = index * stepsPerDay + step;
    const whole = Math.floor(hour);
    const from = hours[whole] ?? 0;
    const to = whole + 1 < HOURS ? (hours[whole + 1] ?? from) : nextMidnightC;
    const airC = from + (to - from) * (hour - whole);
    const isDay = hour > rise && hour < set;
    steps.airC[at] = airC;
    steps.sunWPerM2[at] = isDay ? peakW * Math.sin((Math.PI * (hour - rise)) / dayLengthH) ** 2 : 0;
    steps.windMps[at] = windMps * (isDay ? 2 - NIGHT_WIND_SHARE : NIGHT_WIND_SHARE);
    const vapourHPa = airC < dewC ? vapourPressureHPa(airC) : usualVapourHPa;
    steps.skyWPerM2[at] = skyRadiationOver(airC, vapourHPa, cloudShare);
  }
}
