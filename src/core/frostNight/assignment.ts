/**
 * The pairing of rows with columns that gains most in all, each row and each column used once at most;
 * pairs that gain nothing are left apart.
 *
 * @param gain one row for each thing to give out, one column for each that could have it; 0 or more
 * @returns for each row its column, or −1
 * @source the Hungarian method with potentials, after Jonker & Volgenant (1987), on costs −gain
 */
export function assign(gain: readonly (readonly number[])[]): number[] {
  const rows = gain.length;
  const columns = gain[0]?.length ?? 0;
  if (rows === 0 || columns === 0) return gain.map(() => -1);
  // As many columns of no gain as rows: leaving something in the shed is always possible.
  const width = columns + rows;
  const cost = (row: number, column: number) =>
    column < columns ? -(gain[row]?.[column] ?? 0) : 0;
  const rowPotential = new Float64Array(rows + 1);
  const columnPotential = new Float64Array(width + 1);
  /** Row that has a column, counted from 1; 0 where it is free. Column 0 is the one being placed. */
  const rowOf = new Int32Array(width + 1);
  const cameFrom = new Int32Array(width + 1);
  for (let row = 1; row <= rows; row += 1) {
    rowOf[0] = row;
    let column = 0;
    const least = new Float64Array(width + 1).fill(Infinity);
    const done = new Uint8Array(width + 1);
    do {
      done[column] = 1;
      const current = rowOf[column] ?? 0;
      let delta = Infinity;
      let next = 0;
      for (let at = 1; at <= width; at += 1) {
        if (done[at]) continue;
        const reduced =
          cost(current - 1, at - 1) - (rowPotential[current] ?? 0) - (columnPotential[at] ?? 0);
        if (reduced < (least[at] ?? 0)) {
          least[at] = reduced;
          cameFrom[at] = column;
        }
        if ((least[at] ?? 0) < delta) {
          delta = least[at] ?? 0;
          next = at;
        }
      }
      for (let at = 0; at <= width; at += 1) {
        if (done[at]) {
          const holder = rowOf[at] ?? 0;
          rowPotential[holder] = (rowPotential[holder] ?? 0) + delta;
          columnPotential[at] = (columnPotential[at] ?? 0) - delta;
        } else least[at] = (least[at] ?? 0) - delta;
      }
      column = next;
    } while (rowOf[column] !== 0);
    // The path found is turned over: each column on it takes the row of the one before.
    while (column !== 0) {
      const before = cameFrom[column] ?? 0;
      rowOf[column] = rowOf[before] ?? 0;
      column = before;
    }
  }
  const columnOf = new Array<number>(rows).fill(-1);
  for (let at = 1; at <= columns; at += 1) {
    const row = (rowOf[at] ?? 0) - 1;
    if (row >= 0 && (gain[row]?.[at - 1] ?? 0) > 0) columnOf[row] = at - 1;
  }
  return columnOf;
}
