/** A small set of linear equations for temperatures, filled anew for each step. */
export class LinearSystem {
  /** Row by row: what each unknown loses for a degree of every other. */
  readonly matrix: Float64Array;
  /** What each gains besides; after `solve` the unknowns themselves. */
  readonly right: Float64Array;

  constructor(readonly size: number) {
    this.matrix = new Float64Array(size * size);
    this.right = new Float64Array(size);
  }

  clear(): void {
    this.matrix.fill(0);
    this.right.fill(0);
  }

  /** Heat gained by an unknown: so much for a degree of another, or a constant where `of` is `size`. */
  gain(unknown: number, of: number, watts: number): void {
    if (of === this.size) this.right[unknown] = (this.right[unknown] ?? 0) + watts;
    else {
      const at = unknown * this.size + of;
      this.matrix[at] = (this.matrix[at] ?? 0) - watts;
    }
  }

  /** Heat passed between two unknowns by their difference. */
  couple(one: number, other: number, wPerK: number): void {
    // Written out, not through `gain`: a step couples more than it does anything else.
    const { matrix, size } = this;
    const row = one * size;
    const otherRow = other * size;
    matrix[row + other] = (matrix[row + other] ?? 0) - wPerK;
    matrix[row + one] = (matrix[row + one] ?? 0) + wPerK;
    matrix[otherRow + one] = (matrix[otherRow + one] ?? 0) - wPerK;
    matrix[otherRow + other] = (matrix[otherRow + other] ?? 0) + wPerK;
  }

  /** Heat passed between an unknown and a temperature that is known. */
  anchor(unknown: number, tempC: number, wPerK: number): void {
    const { matrix, right, size } = this;
    const at = unknown * size + unknown;
    matrix[at] = (matrix[at] ?? 0) + wPerK;
    right[unknown] = (right[unknown] ?? 0) + wPerK * tempC;
  }

  /** Solves in place by elimination without exchanging rows: the diagonal leads in every one here. */
  solve(): void {
    solve(this.matrix, this.right, this.size);
  }
}

function solve(matrix: Float64Array, right: Float64Array, size: number): void {
  for (let pivot = 0; pivot < size; pivot += 1) {
    const lead = pivot * size;
    const inverse = 1 / (matrix[lead + pivot] ?? 1);
    for (let row = pivot + 1; row < size; row += 1) {
      const place = row * size;
      const below = matrix[place + pivot] ?? 0;
      if (below === 0) continue;
      const factor = below * inverse;
      for (let column = pivot + 1; column < size; column += 1) {
        const above = matrix[lead + column] ?? 0;
        if (above !== 0) matrix[place + column] = (matrix[place + column] ?? 0) - factor * above;
      }
      right[row] = (right[row] ?? 0) - factor * (right[pivot] ?? 0);
    }
  }
  for (let row = size - 1; row >= 0; row -= 1) {
    let sum = right[row] ?? 0;
    const place = row * size;
    for (let column = row + 1; column < size; column += 1) {
      sum -= (matrix[place + column] ?? 0) * (right[column] ?? 0);
    }
    right[row] = sum / (matrix[place + row] ?? 1);
  }
}
