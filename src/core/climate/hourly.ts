import type { DayNumber } from "../calendar";
import { dayLengthOnDay } from "../sky";

/** Hours by which the warmest hour trails noon, at 1.5 m (Parton & Logan 1981, table 1). */
const MAX_LAG_H = 1.86;
/** How fast a night cools (their b), and hours by which the coldest hour trails sunrise (their c). */
const NIGHT_COOLING = 2.2;
const MIN_LAG_H = -0.17;
const HOURS = 24;

/**
 * Air temperature at each full hour of a day by the sun's clock (0 is midnight, 12 noon).
 *
 * By day a sine from the low to the high, by night an exponential fall from sunset to the next low.
 *
 * @param minTempC     low of the day, reached about sunrise
 * @param nextMinTempC low of the next day, to which the evening cools
 * @param previous     the day before, whose evening the small hours carry on
 * @returns 24 values, °C
 * @source W. J. Parton and J. A. Logan (1981), A model for diurnal variation in soil and air
 *         temperature, Agricultural Meteorology 23, 205–216
 */
export function hourlyTemperaturesC(
  latitudeDeg: number,
  day: DayNumber,
  minTempC: number,
  maxTempC: number,
  nextMinTempC: number,
  previous: { maxTempC: number; minTempC: number },
): Float32Array {
  const dayLengthH = dayLengthOnDay(latitudeDeg, day);
  // In polar day or night there is still a warmer and a colder half.
  const dayH = Math.min(22, Math.max(2, dayLengthH));
  const nightH = HOURS - dayH;
  const sunriseH = 12 - dayH / 2;
  const sunsetH = 12 + dayH / 2;
  const coldestH = sunriseH + MIN_LAG_H;
  const swing = Math.PI / (dayH + 2 * MAX_LAG_H);
  // The sine has come so far by sunset.
  const bySunset = Math.sin(swing * (sunsetH - coldestH));
  // Stretched so that the exponential has arrived at the low when it is coldest.
  const end = Math.exp((-NIGHT_COOLING * (nightH + MIN_LAG_H)) / nightH);
  const byNight = (sinceSunsetH: number, atSunset: number, nextLow: number) => {
    const left = Math.exp((-NIGHT_COOLING * sinceSunsetH) / nightH);
    return nextLow + ((atSunset - nextLow) * (left - end)) / (1 - end);
  };
  const lastSunset = previous.minTempC + (previous.maxTempC - previous.minTempC) * bySunset;
  const rangeC = maxTempC - minTempC;
  const hours = new Float32Array(HOURS);
  for (let hour = 0; hour < HOURS; hour += 1) {
    if (hour < coldestH) hours[hour] = byNight(hour + HOURS - sunsetH, lastSunset, minTempC);
    else if (hour <= sunsetH) hours[hour] = minTempC + rangeC * Math.sin(swing * (hour - coldestH));
    else hours[hour] = byNight(hour - sunsetH, minTempC + rangeC * bySunset, nextMinTempC);
  }
  return hours;
}
