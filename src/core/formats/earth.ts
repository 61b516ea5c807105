import type { Plot, Point } from "../layout";

/** Metres of a degree of latitude, mean of the ellipsoid. */
export const METRES_PER_DEGREE = 111_132;
const RADIANS_PER_DEGREE = Math.PI / 180;
/** A centimetre on the ground. */
const DIGITS = 7;

/** Metres of a degree of longitude on a parallel; never so little that it cannot be divided by. */
export function metresPerLongitude(latitudeDeg: number): number {
  return Math.max(1, METRES_PER_DEGREE * Math.cos(latitudeDeg * RADIANS_PER_DEGREE));
}

/**
 * Turns points of the plot into longitude and latitude. The plot's middle lies at the place's
 * coordinates; over a garden the earth is taken as flat.
 */
export function earthPoint(latitudeDeg: number, longitudeDeg: number, plot: Plot) {
  const bearing = plot.upBearingDeg * RADIANS_PER_DEGREE;
  const eastM = metresPerLongitude(latitudeDeg);
  return ({ x, y }: Point): [number, number] => {
    const right = x - plot.lengthM / 2;
    const up = y - plot.widthM / 2;
    const north = up * Math.cos(bearing) - right * Math.sin(bearing);
    const east = up * Math.sin(bearing) + right * Math.cos(bearing);
    return [
      Number((longitudeDeg + east / eastM).toFixed(DIGITS)),
      Number((latitudeDeg + north / METRES_PER_DEGREE).toFixed(DIGITS)),
    ];
  };
}

/** The other way: longitude and latitude into points of the plot. */
export function plotPoint(latitudeDeg: number, longitudeDeg: number, plot: Plot) {
  const bearing = plot.upBearingDeg * RADIANS_PER_DEGREE;
  const eastM = metresPerLongitude(latitudeDeg);
  return ([longitude, latitude]: readonly [number, number]): Point => {
    const east = (longitude - longitudeDeg) * eastM;
    const north = (latitude - latitudeDeg) * METRES_PER_DEGREE;
    const up = north * Math.cos(bearing) + east * Math.sin(bearing);
    const right = east * Math.cos(bearing) - north * Math.sin(bearing);
    return { x: right + plot.lengthM / 2, y: up + plot.widthM / 2 };
  };
}
