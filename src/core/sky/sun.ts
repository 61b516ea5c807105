import { dayNumber, type DayNumber, type IsoDate } from "../calendar";
import { ofDays } from "./ofDays";

const RADIANS_PER_DEGREE = Math.PI / 180;
const RADIANS_PER_HOUR = Math.PI / 12;
/** Upper limb on the horizon with standard refraction: 90° + 16′ + 34′. */
const SUNRISE_ZENITH_DEG = 90.833;
const DAY_NUMBER_OF_J2000 = 10_957.5; // 2000-01-01 12:00 UT
const DAYS_PER_JULIAN_CENTURY = 36_525;

/** Where the sun stands at one instant, seen from the centre of the earth. */
interface SolarPosition {
  declinationRad: number;
  /** Sundial time minus clock time, in minutes. */
  equationOfTimeMin: number;
}

/** Times of one day's sun, in hours of universal time counted from the date's 00:00 UTC. */
export interface SunDay {
  /** 0 in polar night, 24 in polar day. */
  dayLengthH: number;
  /** Null in polar day and night. Below 0 or above 24 far from Greenwich. */
  sunriseUtcH: number | null;
  sunsetUtcH: number | null;
}

/**
 * Declination of the sun and equation of time at an instant.
 *
 * @param instantDay day number with fraction, universal time
 * @source NOAA solar calculator, after J. Meeus, Astronomical Algorithms, ch. 25 and 28
 */
export function solarPosition(instantDay: number): SolarPosition {
  const t = (instantDay - DAY_NUMBER_OF_J2000) / DAYS_PER_JULIAN_CENTURY;
  const meanLongitude = (280.46646 + t * (36_000.76983 + t * 0.0003032)) * RADIANS_PER_DEGREE;
  const meanAnomaly = (357.52911 + t * (35_999.05029 - 0.0001537 * t)) * RADIANS_PER_DEGREE;
  const eccentricity = 0.016708634 - t * (0.000042037 + 0.0000001267 * t);
  const equationOfCentreDeg =
    Math.sin(meanAnomaly) * (1.914602 - t * (0.004817 + 0.000014 * t)) +
    Math.sin(2 * meanAnomaly) * (0.019993 - 0.000101 * t) +
    Math.sin(3 * meanAnomaly) * 0.000289;
  const moonNode = (125.04 - 1934.136 * t) * RADIANS_PER_DEGREE;
  const apparentLongitude =
    meanLongitude +
    (equationOfCentreDeg - 0.00569 - 0.00478 * Math.sin(moonNode)) * RADIANS_PER_DEGREE;
  const meanObliquityDeg =
    23 + (26 + (21.448 - t * (46.815 + t * (0.00059 - t * 0.001813))) / 60) / 60;
  const obliquity = (meanObliquityDeg + 0.00256 * Math.cos(moonNode)) * RADIANS_PER_DEGREE;
  const y = Math.tan(obliquity / 2) ** 2;
  const equationOfTimeRad =
    y * Math.sin(2 * meanLongitude) -
    2 * eccentricity * Math.sin(meanAnomaly) +
    4 * eccentricity * y * Math.sin(meanAnomaly) * Math.cos(2 * meanLongitude) -
    0.5 * y * y * Math.sin(4 * meanLongitude) -
    1.25 * eccentricity * eccentricity * Math.sin(2 * meanAnomaly);
  return {
    declinationRad: Math.asin(Math.sin(obliquity) * Math.sin(apparentLongitude)),
    equationOfTimeMin: (4 * equationOfTimeRad) / RADIANS_PER_DEGREE,
  };
}

function cosSunriseHourAngle(latitudeRad: number, declinationRad: number): number {
  return (
    (Math.cos(SUNRISE_ZENITH_DEG * RADIANS_PER_DEGREE) -
      Math.sin(latitudeRad) * Math.sin(declinationRad)) /
    (Math.cos(latitudeRad) * Math.cos(declinationRad))
  );
}

/**
 * Sunrise, sunset and day length of one date at a place, for the sun's upper limb with standard
 * refraction over a level horizon. Within a minute of a full ephemeris up to 65° of latitude.
 *
 * @param latitudeDeg  north positive, −90 to 90
 * @param longitudeDeg east positive; the date is the date there
 */
export function sunDay(latitudeDeg: number, longitudeDeg: number, day: DayNumber): SunDay {
  const latitudeRad = latitudeDeg * RADIANS_PER_DEGREE;
  const noonGuessH = 12 - longitudeDeg / 15;
  const noon = solarPosition(day + noonGuessH / 24);
  const solarNoonH = noonGuessH - noon.equationOfTimeMin / 60;
  const cosAtNoon = cosSunriseHourAngle(latitudeRad, noon.declinationRad);
  if (cosAtNoon >= 1) return { dayLengthH: 0, sunriseUtcH: null, sunsetUtcH: null };
  if (cosAtNoon <= -1) return { dayLengthH: 24, sunriseUtcH: null, sunsetUtcH: null };

  const crossing = (direction: -1 | 1): number => {
    let hour = solarNoonH + (direction * Math.acos(cosAtNoon)) / RADIANS_PER_HOUR;
    // The sun's declination moves between noon and the crossing; near the polar circles that is
    // several minutes, so the crossing is found again with the declination it has there.
    for (let pass = 0; pass < 3; pass += 1) {
      const position = solarPosition(day + hour / 24);
      const cosine = clamp(cosSunriseHourAngle(latitudeRad, position.declinationRad), -1, 1);
      hour =
        noonGuessH -
        position.equationOfTimeMin / 60 +
        (direction * Math.acos(cosine)) / RADIANS_PER_HOUR;
    }
    return hour;
  };
  const sunriseUtcH = crossing(-1);
  const sunsetUtcH = crossing(1);
  return { dayLengthH: Math.min(24, sunsetUtcH - sunriseUtcH), sunriseUtcH, sunsetUtcH };
}

/**
 * Time between sunrise and sunset, in hours, for the sun's upper limb with standard refraction.
 *
 * @param latitudeDeg north positive, −90 to 90
 * @returns 0 in polar night, 24 in polar day
 * @source  NOAA solar calculator; zenith 90.833°
 *
 * @example dayLengthHours(47.1, "2026-12-21") // 8.5
 */
export function dayLengthHours(latitudeDeg: number, date: IsoDate): number {
  return dayLengthOnDay(latitudeDeg, dayNumber(date));
}

/** As `dayLengthHours`, for a day number. */
export const dayLengthOnDay = ofDays((latitudeDeg, day) => sunDay(latitudeDeg, 0, day).dayLengthH);

function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}
