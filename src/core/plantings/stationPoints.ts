import type { Corner, Stand } from "./stand";
import { curvedPoints, distances, inRectangle, TRIANGLE_HEIGHT } from "./stations";

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
