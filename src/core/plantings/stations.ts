import type { Corner, Stand, StandShape } from "./stand";

/** Sums like 0.8 / 0.2 must not lose a row to the last binary digit. */
const SLACK = 1e-9;
/** Rows of a triangle's height apart keep the distance to their shifted neighbours. */
export const TRIANGLE_HEIGHT = Math.sqrt(3) / 2;

/** Distances of a stand as they come out, with factor and pots; from centre to centre. */
export function distances(stand: Stand): { rowCm: number; stationCm: number } {
  const { spacingFactor: factor, potCm } = stand;
  if (stand.arrangement === "pots" && potCm !== null) {
    return {
      rowCm: (potCm + stand.rowCm * factor) * TRIANGLE_HEIGHT,
      stationCm: potCm + stand.inRowCm * factor,
    };
  }
  return {
    rowCm: stand.rowCm * factor,
    stationCm: stand.inRowCm * factor,
  };
}

/** How many whole distances a length holds. */
function fitting(lengthCm: number, distanceCm: number): number {
  return Math.floor(lengthCm / distanceCm + SLACK);
}

/** Stations of a stand: rows of a piece, stations in its first row, and all stations of all pieces. */
export interface Stations {
  rows: number;
  stationsPerRow: number;
  /** Stations in every second row, where those are shifted. */
  inShiftedRow: number;
  stations: number;
}

export function stationsIn(stand: Stand, rowCm: number, stationCm: number): Stations {
  const { shape } = stand;
  if (!shape) return inRectangle(stand, rowCm, stationCm);
  const each = inPiece(stand, shape, rowCm, stationCm);
  return { ...each, stations: each.stations * shape.pieces.length };
}

function inPiece(stand: Stand, shape: StandShape, rowCm: number, stationCm: number): Stations {
  if (shape.kind === "filled" && shape.outline === "rectangle")
    return inRectangle(stand, rowCm, stationCm);
  const stations = curvedPoints(stand, shape, stationCm / 100).length;
  return { rows: 1, stationsPerRow: stations, inShiftedRow: 0, stations };
}

export function inRectangle(stand: Stand, rowCm: number, stationCm: number): Stations {
  const widthCm = stand.widthM * 100;
  const lengthCm = stand.lengthM * 100;
  if (stand.arrangement === "pots" && stand.potCm !== null) {
    // Pots stand wholly on the ground; what lies between them need not follow the last.
    const rows = 1 + Math.max(0, fitting(widthCm - stand.potCm, rowCm));
    const inRow = (shiftCm: number) =>
      Math.max(0, 1 + fitting(lengthCm - shiftCm - (stand.potCm ?? 0), stationCm));
    return shifted(rows, Math.max(1, inRow(0)), inRow(stationCm / 2));
  }
  const rows = Math.max(1, fitting(widthCm, rowCm));
  const stationsPerRow = Math.max(1, fitting(lengthCm, stationCm));
  if (stand.arrangement === "rows") {
    const stations = rows * stationsPerRow;
    return { rows, stationsPerRow, inShiftedRow: 0, stations };
  }
  const closer = Math.max(1, 1 + fitting(widthCm - rowCm, rowCm * TRIANGLE_HEIGHT));
  const between = Math.max(0, fitting(lengthCm - stationCm / 2, stationCm));
  return shifted(closer, stationsPerRow, between);
}

/** Rows that alternate between two counts. */
function shifted(rows: number, stationsPerRow: number, inShiftedRow: number): Stations {
  const stations = Math.ceil(rows / 2) * stationsPerRow + Math.floor(rows / 2) * inShiftedRow;
  return { rows, stationsPerRow, inShiftedRow, stations };
}

/** Ground of a stand, m²: a line of plants counts as wide as its rows would be apart. */
export function groundM2(stand: Stand): number {
  const { lengthM, widthM, shape } = stand;
  const { rowCm } = distances(stand);
  if (!shape) return lengthM * widthM;
  const pieces = shape.pieces.length;
  if (shape.outline === "round") return pieces * Math.PI * (widthM / 2) ** 2;
  if (shape.kind === "edge" && !shape.byPiece) {
    const ringM = Math.max(2 * shape.insetM, rowCm / 100);
    const inner = Math.max(0, lengthM - 2 * ringM) * Math.max(0, widthM - 2 * ringM);
    return pieces * (lengthM * widthM - inner);
  }
  const wideM = shape.byPiece ? widthM : Math.max(widthM, rowCm / 100);
  return pieces * lengthM * wideM;
}

/** Stations of one piece around its edge, or all over a round one. */
export function curvedPoints(
  { lengthM, widthM }: Stand,
  shape: StandShape,
  stationM: number,
): Corner[] {
  if (shape.kind === "filled") return inCircle(widthM / 2, stationM);
  return shape.outline === "round"
    ? aroundCircle(widthM / 2, shape.insetM, stationM)
    : aroundRectangle(lengthM, widthM, shape.insetM, stationM);
}

/** Evenly around a circle's rim; one in the middle where the line has no room. */
function aroundCircle(radiusM: number, insetM: number, stationM: number): Corner[] {
  const ringM = Math.max(0, radiusM - insetM);
  const count = Math.max(1, fitting(2 * Math.PI * ringM, stationM));
  return Array.from({ length: count }, (_, index) => {
    const angle = (2 * Math.PI * index) / count;
    const away = count === 1 ? 0 : ringM;
    return {
      alongM: radiusM + away * Math.cos(angle),
      acrossM: radiusM + away * Math.sin(angle),
    };
  });
}

/** Evenly along the line that runs so far inside a rectangle's edge. */
function aroundRectangle(lengthM: number, widthM: number, insetM: number, stationM: number) {
  const [along, across] = [Math.max(0, lengthM - 2 * insetM), Math.max(0, widthM - 2 * insetM)];
  const around = 2 * (along + across);
  const count = Math.max(1, fitting(around, stationM));
  return Array.from({ length: count }, (_, index): Corner => {
    let way = (around * index) / count;
    if (way < along) return { alongM: insetM + way, acrossM: insetM };
    way -= along;
    if (way < across) return { alongM: lengthM - insetM, acrossM: insetM + way };
    way -= across;
    if (way < along) return { alongM: lengthM - insetM - way, acrossM: widthM - insetM };
    way -= along;
    return { alongM: insetM, acrossM: widthM - insetM - way };
  });
}

/** Where a lattice may lie in a circle: on a point, between two, between three. */
const LATTICES = [
  { x: 0, y: 0 },
  { x: 0.5, y: 0 },
  { x: 0.5, y: TRIANGLE_HEIGHT / 3 },
] as const;

/** The most stations of a triangular lattice that stand half their distance from a circle's rim. */
function inCircle(radiusM: number, stationM: number): Corner[] {
  const reachM = radiusM - stationM / 2 + SLACK;
  let most: Corner[] = [{ alongM: radiusM, acrossM: radiusM }];
  const steps = Math.ceil(radiusM / stationM / TRIANGLE_HEIGHT) + 1;
  for (const { x, y } of LATTICES) {
    const points: Corner[] = [];
    for (let row = -steps; row <= steps; row += 1) {
      for (let place = -steps; place <= steps; place += 1) {
        const alongM = (place + x + (row % 2 === 0 ? 0 : 0.5)) * stationM;
        const acrossM = (row * TRIANGLE_HEIGHT + y) * stationM;
        if (Math.hypot(alongM, acrossM) <= reachM)
          points.push({ alongM: radiusM + alongM, acrossM: radiusM + acrossM });
      }
    }
    if (points.length > most.length) most = points;
  }
  return most;
}
