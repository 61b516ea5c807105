import { derive } from "../derive";
import type { DayNumber } from "../calendar";
import { solarPosition } from "./sun";

const RADIANS_PER_DEGREE = Math.PI / 180;
const FULL_CIRCLE_DEG = 360;
const STEP_MIN = 5;
const STEPS_PER_DAY = (24 * 60) / STEP_MIN;
/** Refraction and the sun's own radius lift its upper edge by so much over a low horizon. */
const UPPER_LIMB_DEG = 0.833;

/** A point of the skyline: in which direction, and how high above level. */
export interface HorizonPoint {
  /** Clockwise from north: 90 is east, 180 south. */
  azimuthDeg: number;
  elevationDeg: number;
}

/** The skyline around a spot, clockwise from north, straight between its points. Empty is level. */
export type Horizon = readonly HorizonPoint[];

/** Open sky down to a level horizon. */
export const LEVEL_HORIZON: Horizon = [];

/** Height of the skyline in a direction, in degrees. */
export function horizonElevationDeg(horizon: Horizon, azimuthDeg: number): number {
  const first = horizon[0];
  const last = horizon[horizon.length - 1];
  if (!first || !last) return 0;
  const around = ((azimuthDeg % FULL_CIRCLE_DEG) + FULL_CIRCLE_DEG) % FULL_CIRCLE_DEG;
  // Before the first point and after the last, the skyline runs on through north.
  let from = last;
  let fromDeg = last.azimuthDeg - FULL_CIRCLE_DEG;
  let to = first;
  let toDeg = first.azimuthDeg + FULL_CIRCLE_DEG;
  for (const point of horizon) {
    if (around <= point.azimuthDeg) {
      to = point;
      toDeg = point.azimuthDeg;
      break;
    }
    from = point;
    fromDeg = point.azimuthDeg;
  }
  const span = toDeg - fromDeg;
  if (span <= 0) return to.elevationDeg;
  return from.elevationDeg + ((around - fromDeg) / span) * (to.elevationDeg - from.elevationDeg);
}

/** Direction and height of the sun's centre, without refraction. */
export interface SunPosition {
  azimuthDeg: number;
  elevationDeg: number;
}

/**
 * Where the sun stands at an hour by the sun's own clock (12 is when it is highest).
 *
 * @param hour 0 to 24
 */
export function sunPositionAt(latitudeDeg: number, day: DayNumber, hour: number): SunPosition {
  return positionFrom(
    latitudeDeg * RADIANS_PER_DEGREE,
    solarPosition(day + hour / 24).declinationRad,
    hour,
  );
}

function positionFrom(latitudeRad: number, declinationRad: number, hour: number): SunPosition {
  const hourAngle = (hour - 12) * 15 * RADIANS_PER_DEGREE;
  const sinElevation =
    Math.sin(latitudeRad) * Math.sin(declinationRad) +
    Math.cos(latitudeRad) * Math.cos(declinationRad) * Math.cos(hourAngle);
  const azimuth = Math.atan2(
    -Math.sin(hourAngle) * Math.cos(declinationRad),
    Math.cos(latitudeRad) * Math.sin(declinationRad) -
      Math.sin(latitudeRad) * Math.cos(declinationRad) * Math.cos(hourAngle),
  );
  return {
    azimuthDeg: (azimuth / RADIANS_PER_DEGREE + FULL_CIRCLE_DEG) % FULL_CIRCLE_DEG,
    elevationDeg: Math.asin(Math.min(1, Math.max(-1, sinElevation))) / RADIANS_PER_DEGREE,
  };
}

/** What a skyline leaves of one day's sun. */
export interface DirectSun {
  /** Hours in which the sun stands clear of the skyline, were there no cloud. */
  directSunH: number;
  /** Share of the direct beam on level ground that comes through, 0 to 1; 1 where there is none to lose. */
  beamShare: number;
}

/**
 * Direct sun of one day above a skyline, in steps of five minutes.
 *
 * The beam is weighed by its slant on level ground and by the air it crosses.
 *
 * @source clear-air beam 0.7 ^ (air mass ^ 0.678), A. B. Meinel and M. P. Meinel (1976), Applied Solar
 *         Energy; air mass by F. Kasten and A. T. Young (1989)
 */
export function directSun(latitudeDeg: number, day: DayNumber, horizon: Horizon): DirectSun {
  const latitudeRad = latitudeDeg * RADIANS_PER_DEGREE;
  // The sun's declination moves by less than a sun's breadth in a day: noon's serves for all of it.
  const { declinationRad } = solarPosition(day + 0.5);
  let clearSteps = 0;
  let beam = 0;
  let beamThrough = 0;
  const fromStep = firstStepOfDay(latitudeRad, declinationRad);
  for (let step = fromStep; step < STEPS_PER_DAY - fromStep; step += 1) {
    const hour = ((step + 0.5) * STEP_MIN) / 60;
    const sun = positionFrom(latitudeRad, declinationRad, hour);
    if (sun.elevationDeg < -UPPER_LIMB_DEG) continue;
    const clear =
      horizon.length === 0 ||
      sun.elevationDeg + UPPER_LIMB_DEG > horizonElevationDeg(horizon, sun.azimuthDeg);
    const strength = beamOnLevelGround(sun.elevationDeg);
    beam += strength;
    if (!clear) continue;
    clearSteps += 1;
    beamThrough += strength;
  }
  return {
    directSunH: (clearSteps * STEP_MIN) / 60,
    beamShare: beam > 0 ? beamThrough / beam : 1,
  };
}

/** A step before sunrise, so that the night need not be walked through. */
function firstStepOfDay(latitudeRad: number, declinationRad: number): number {
  const cosine =
    (Math.sin(-UPPER_LIMB_DEG * RADIANS_PER_DEGREE) -
      Math.sin(latitudeRad) * Math.sin(declinationRad)) /
    (Math.cos(latitudeRad) * Math.cos(declinationRad));
  if (!(cosine > -1)) return 0;
  if (cosine >= 1) return STEPS_PER_DAY / 2;
  const sunriseH = 12 - Math.acos(cosine) / (15 * RADIANS_PER_DEGREE);
  return Math.max(0, Math.floor((sunriseH * 60) / STEP_MIN) - 1);
}

function beamOnLevelGround(elevationDeg: number): number {
  if (elevationDeg <= 0) return 0;
  const sine = Math.sin(elevationDeg * RADIANS_PER_DEGREE);
  const airMass = 1 / (sine + 0.50572 * (elevationDeg + 6.07995) ** -1.6364);
  return 0.7 ** (airMass ** 0.678) * sine;
}

/** Share of an evenly bright sky's light that a skyline leaves on level ground, 0 to 1. */
export function skyViewShare(horizon: Horizon): number {
  return horizon.length === 0 ? 1 : derive([horizon], viewShareOf);
}

function viewShareOf(horizon: Horizon): number {
  let sum = 0;
  for (let azimuthDeg = 0; azimuthDeg < FULL_CIRCLE_DEG; azimuthDeg += 2) {
    sum += Math.cos(horizonElevationDeg(horizon, azimuthDeg) * RADIANS_PER_DEGREE) ** 2;
  }
  return sum / (FULL_CIRCLE_DEG / 2);
}

/** A sunset hour angle of 81.4° as hours of day: below it the winter branch of Erbs holds. */
const WINTER_BRANCH_BELOW_H = (2 * 81.4) / 15;
const EQUINOX_H = 12;

/**
 * Share of a day's light that comes from the sky and not straight from the sun.
 *
 * @param clearness  global over extraterrestrial radiation, 0 to 1
 * @param dayLengthH hours of day, by which the winter branch holds or the other
 * @source D. G. Erbs, S. A. Klein and J. A. Duffie (1982), Solar Energy 28, 293–302: daily relation,
 *         with its branches for sunset angles above and below 81.4°
 */
export function diffuseShare(clearness: number, dayLengthH = EQUINOX_H): number {
  if (dayLengthH < WINTER_BRANCH_BELOW_H) {
    if (clearness >= 0.715) return 0.143;
    return Math.min(
      1,
      1 -
        0.2727 * clearness +
        2.4495 * clearness ** 2 -
        11.9514 * clearness ** 3 +
        9.3879 * clearness ** 4,
    );
  }
  if (clearness >= 0.722) return 0.175;
  return Math.min(1, 1 + 0.2832 * clearness - 2.5557 * clearness ** 2 + 0.8448 * clearness ** 3);
}

/**
 * Share of a day's light in the open that a skyline leaves.
 *
 * @param clearness the day's usual global over extraterrestrial radiation
 * @param beamShare  share of the day's direct beam that comes through, as `directSun` gives it
 */
export function lightShareOf(
  horizon: Horizon,
  clearness: number,
  beamShare: number,
  dayLengthH?: number,
): number {
  if (horizon.length === 0) return 1;
  const diffuse = diffuseShare(clearness, dayLengthH);
  return (1 - diffuse) * beamShare + diffuse * skyViewShare(horizon);
}
