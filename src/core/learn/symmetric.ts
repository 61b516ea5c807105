/**
 * The lower triangle whose product with its mirror image is a symmetric, positive definite matrix.
 *
 * @source Cholesky's decomposition, row by row
 */
export function cholesky(rows: readonly Float64Array[]): Float64Array[] {
  const lower = rows.map((row) => new Float64Array(row.length));
  rows.forEach((row, i) => {
    const own = lower[i] as Float64Array;
    for (let j = 0; j <= i; j += 1) {
      const other = lower[j] as Float64Array;
      let sum = row[j] ?? 0;
      for (let k = 0; k < j; k += 1) sum -= (own[k] ?? 0) * (other[k] ?? 0);
      own[j] = i === j ? Math.sqrt(sum) : sum / (other[j] ?? 1);
    }
  });
  return lower;
}

/** What a matrix, by its triangle, has to be multiplied with to give these sums. */
export function solved(lower: readonly Float64Array[], sums: Float64Array): Float64Array {
  const size = lower.length;
  const found = Float64Array.from(sums);
  for (let i = 0; i < size; i += 1) {
    const row = lower[i] as Float64Array;
    let sum = found[i] ?? 0;
    for (let k = 0; k < i; k += 1) sum -= (row[k] ?? 0) * (found[k] ?? 0);
    found[i] = sum / (row[i] ?? 1);
  }
  for (let i = size - 1; i >= 0; i -= 1) {
    let sum = found[i] ?? 0;
    for (let k = i + 1; k < size; k += 1) sum -= (lower[k]?.[i] ?? 0) * (found[k] ?? 0);
    found[i] = sum / (lower[i]?.[i] ?? 1);
  }
  return found;
}

/** The diagonal of a matrix's inverse, by its triangle. */
export function inverseOf(lower: readonly Float64Array[]): Float64Array {
  const size = lower.length;
  const diagonal = new Float64Array(size);
  const column = new Float64Array(size);
  for (let at = 0; at < size; at += 1) {
    // A column of the triangle's inverse; its squares add up to the inverse's diagonal.
    let sum = 0;
    for (let i = at; i < size; i += 1) {
      const row = lower[i] as Float64Array;
      let value = i === at ? 1 : 0;
      for (let k = at; k < i; k += 1) value -= (row[k] ?? 0) * (column[k] ?? 0);
      column[i] = value / (row[i] ?? 1);
      sum += (column[i] ?? 0) ** 2;
    }
    diagonal[at] = sum;
  }
  return diagonal;
}
