import { area, line } from "d3-shape";
import { scaleLinear } from "d3-scale";
import { dayNumberOf, type DayNumber } from "@/core/calendar";
import { horizonElevationDeg, sunPositionAt, type Horizon } from "@/core/sky";
import { place as say } from "@/words/en/place";

/** The panorama's measures: which way it looks, and how degrees become pixels. */
export interface PanoramaScales {
  /** The azimuth at the left edge: north for gardens that look south, south for those that look north. */
  leftDeg: number;
  x: (azimuthDeg: number) => number;
  y: (elevationDeg: number) => number;
  azimuthAt: (pixel: number) => number;
  elevationAt: (pixel: number) => number;
}

const LEAST_TOP_DEG = 40;

export function panoramaScales(
  latitudeDeg: number,
  left: number,
  right: number,
  top: number,
  bottom: number,
): PanoramaScales {
  const leftDeg = latitudeDeg < 0 ? 180 : 0;
  const noonOfMidsummer = 90 - Math.abs(Math.abs(latitudeDeg) - 23.4);
  const topDeg = Math.min(90, Math.max(LEAST_TOP_DEG, noonOfMidsummer + 6));
  const across = scaleLinear().domain([0, 360]).range([left, right]);
  const up = scaleLinear().domain([0, topDeg]).range([bottom, top]);
  return {
    leftDeg,
    x: (azimuthDeg) => across((azimuthDeg - leftDeg + 360) % 360),
    y: (elevationDeg) => up(Math.min(topDeg, elevationDeg)),
    azimuthAt: (pixel) => (across.invert(pixel) + leftDeg + 360) % 360,
    elevationAt: (pixel) => up.invert(pixel),
  };
}

/** The skyline's outline down to the level. */
export function skylinePath(horizon: Horizon, scales: PanoramaScales): string {
  const offsets = new Set([0, 359.99]);
  for (const { azimuthDeg } of horizon) offsets.add((azimuthDeg - scales.leftDeg + 360) % 360);
  const sorted = [...offsets].sort((a, b) => a - b);
  const shape = area<number>()
    .x((offset) => scales.x(offset + scales.leftDeg))
    .y0(scales.y(0))
    .y1((offset) => scales.y(horizonElevationDeg(horizon, offset + scales.leftDeg)));
  return shape(sorted) ?? "";
}

/** The sun's way across the sky on a day, where it is up. */
export function sunPath(latitudeDeg: number, day: DayNumber, scales: PanoramaScales): string {
  const points: { x: number; y: number; up: boolean }[] = [];
  let before = -1;
  for (let hour = 0; hour <= 24; hour += 0.25) {
    const { azimuthDeg, elevationDeg } = sunPositionAt(latitudeDeg, day, hour);
    const x = scales.x(azimuthDeg);
    // Where the path leaves one edge and comes in at the other, the line must not cross the picture.
    const torn = before >= 0 && Math.abs(x - before) > 60;
    if (torn) points.push({ x, y: 0, up: false });
    points.push({ x, y: scales.y(elevationDeg), up: elevationDeg >= 0 });
    before = x;
  }
  return (
    line<(typeof points)[number]>()
      .defined(({ up }) => up)
      .x(({ x }) => x)
      .y(({ y }) => y)(points) ?? ""
  );
}

/** The days whose paths frame the year: both solstices and the equinox. */
export function framingDays(latitudeDeg: number, year: number) {
  const [june, december] = [dayNumberOf(year, 6, 21), dayNumberOf(year, 12, 21)];
  const south = latitudeDeg < 0;
  return [
    { name: say.midsummer, day: south ? december : june },
    { name: say.equinox, day: dayNumberOf(year, 9, 23) },
    { name: say.midwinter, day: south ? june : december },
  ];
}
