import type { Corner, Stand, StandShape } from "./stand";

/** Sums like 0.8 / 0.2 must not lose a row to the last binary digit. */
const SLACK = 1e-9;
/** Rows of a triangle's height apart keep the distance to their shifted neighbours. */
const TRIANGLE_HEIGHT = Math.sqrt(3) / 2;

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

function inRectangle(stand: Stand, rowCm: number, stationCm: number): Stations {
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

/**
 * Where the stations of a stand are, metres along from its near end and across from the bed's left
 * side: rows centred in each piece, every second shifted where they are offset.
 *
 * @param aside between the plants of others all are shifted by half a station, into the gaps of a like
 *              stand
 */
export function stationPoints(stand: Stand, aside: boolean): Corner[] {
  const { rowCm, stationCm } = distances(stand);
  const { shape } = stand;
  if (!shape) return rectanglePoints(stand, rowCm, stationCm, aside);
  const own =
    shape.kind === "filled" && shape.outline === "rectangle"
      ? rectanglePoints(stand, rowCm, stationCm, aside)
      : curvedPoints(stand, shape, stationCm / 100);
  return shape.pieces.flatMap((piece) =>
    own.map(({ alongM, acrossM }) => ({
      alongM: piece.alongM + alongM,
      acrossM: piece.acrossM + acrossM,
    })),
  );
}

function rectanglePoints(stand: Stand, rowCm: number, stationCm: number, between: boolean) {
  const { rows, stationsPerRow, inShiftedRow } = inRectangle(stand, rowCm, stationCm);
  const shifts = stand.arrangement !== "rows";
  const stationM = stationCm / 100;
  const rowM = Math.min(
    stand.widthM / rows,
    (rowCm / 100) * (stand.arrangement === "offset" ? TRIANGLE_HEIGHT : 1),
  );
  const firstAcross = (stand.widthM - (rows - 1) * rowM) / 2;
  const aside = between && stationsPerRow > 1 ? 0.5 : 0;
  // Shifted rows that hold as many reach a quarter farther, and the others a quarter less.
  const evened = shifts && aside === 0 && inShiftedRow === stationsPerRow && rows > 1 ? 0.25 : 0;
  const firstAlong =
    (stand.lengthM - (stationsPerRow - 1) * stationM) / 2 + (aside - evened) * stationM;
  const points: Corner[] = [];
  for (let row = 0; row < rows; row += 1) {
    const isShifted = shifts && row % 2 === 1;
    const count = aside > 0 ? stationsPerRow - 1 : isShifted ? inShiftedRow : stationsPerRow;
    for (let place = 0; place < count; place += 1) {
      points.push({
        alongM: firstAlong + (place + (isShifted && aside === 0 ? 0.5 : 0)) * stationM,
        acrossM: firstAcross + row * rowM,
      });
    }
  }
  return points;
}

/** Stations of one piece around its edge, or all over a round one. */
function curvedPoints({ lengthM, widthM }: Stand, shape: StandShape, stationM: number): Corner[] {
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
