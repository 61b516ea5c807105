import { horizonElevationDeg, type Horizon, type HorizonPoint } from "@/core/sky";

const LEAST_APART_DEG = 1;
const HIGHEST_DEG = 89;
const LAST_AZIMUTH_DEG = 359;
export const MOST_POINTS = 72;

/** The skyline with one point moved; it stays between its neighbours and over the level. */
export function movePoint(horizon: Horizon, index: number, to: HorizonPoint): Horizon {
  const before = horizon[index - 1]?.azimuthDeg ?? -LEAST_APART_DEG;
  const after = horizon[index + 1]?.azimuthDeg ?? LAST_AZIMUTH_DEG + LEAST_APART_DEG;
  const moved = {
    azimuthDeg: clamp(Math.round(to.azimuthDeg), before + LEAST_APART_DEG, after - LEAST_APART_DEG),
    elevationDeg: clamp(Math.round(to.elevationDeg), 0, HIGHEST_DEG),
  };
  return horizon.map((point, at) => (at === index ? moved : point));
}

/** The skyline with a point more; the same one when it is full or has one in that direction. */
export function addPoint(horizon: Horizon, point: HorizonPoint): Horizon {
  const azimuthDeg = clamp(Math.round(point.azimuthDeg), 0, LAST_AZIMUTH_DEG);
  if (horizon.length >= MOST_POINTS) return horizon;
  if (horizon.some((known) => known.azimuthDeg === azimuthDeg)) return horizon;
  const elevationDeg = clamp(Math.round(point.elevationDeg), 0, HIGHEST_DEG);
  return [...horizon, { azimuthDeg, elevationDeg }].sort((a, b) => a.azimuthDeg - b.azimuthDeg);
}

/** The skyline with a point more in the middle of its widest gap, at the height it has there. */
export function addPointInWidestGap(horizon: Horizon, towardDeg: number): Horizon {
  if (horizon.length === 0) return addPoint(horizon, { azimuthDeg: towardDeg, elevationDeg: 10 });
  let widest = { from: 0, span: -1 };
  horizon.forEach(({ azimuthDeg }, index) => {
    const next = horizon[index + 1]?.azimuthDeg ?? (horizon[0]?.azimuthDeg ?? 0) + 360;
    const span = next - azimuthDeg;
    if (span > widest.span) widest = { from: azimuthDeg, span };
  });
  const azimuthDeg = Math.round(widest.from + widest.span / 2) % 360;
  return addPoint(horizon, { azimuthDeg, elevationDeg: horizonElevationDeg(horizon, azimuthDeg) });
}

export function removePoint(horizon: Horizon, index: number): Horizon {
  return horizon.filter((_, at) => at !== index);
}

/** A direction in words: "south-west". */
export function directionWords(azimuthDeg: number): string {
  const names = [
    "north",
    "north-east",
    "east",
    "south-east",
    "south",
    "south-west",
    "west",
    "north-west",
  ];
  return names[Math.round(azimuthDeg / 45) % 8] ?? "north";
}

function clamp(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}
