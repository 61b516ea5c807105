import { some } from "./lanes";

/** A small set of linear equations for temperatures, filled anew for each step. */
export class LinearSystem {
  /** Row by row: what each unknown loses for a degree of every other. */
  readonly matrix: StaticArray<f64>;
  /** What each gains besides; after `solve` the unknowns themselves. */
  readonly right: StaticArray<f64>;

  constructor(readonly size: i32) {
    this.matrix = new StaticArray<f64>(size * size);
    this.right = new StaticArray<f64>(size);
  }

  clear(): void {
    const size = this.size;
    const matrix = this.matrix;
    const right = this.right;
    for (let at: i32 = 0; at < size * size; at += 1) matrix[at] = 0;
    for (let at: i32 = 0; at < size; at += 1) right[at] = 0;
  }

  /** Heat gained by an unknown for a degree of another, W/K. */
  gainPerK(unknown: i32, other: i32, wPerK: f64): void {
    this.matrix[unknown * this.size + other] -= wPerK;
  }

  /** Heat gained by an unknown whatever the temperatures, W. */
  gain(unknown: i32, watts: f64): void {
    this.right[unknown] += watts;
  }

  /** Heat passed between two unknowns by their difference. */
  couple(one: i32, other: i32, wPerK: f64): void {
    this.gainPerK(one, other, wPerK);
    this.gainPerK(one, one, -wPerK);
    this.gainPerK(other, one, wPerK);
    this.gainPerK(other, other, -wPerK);
  }

  /** Heat passed between an unknown and a temperature that is known. */
  anchor(unknown: i32, tempC: f64, wPerK: f64): void {
    this.gainPerK(unknown, unknown, -wPerK);
    this.gain(unknown, wPerK * tempC);
  }

  /** Solves in place by elimination without exchanging rows: the diagonal leads in every one here. */
  solve(): void {
    const size = this.size;
    const matrix = this.matrix;
    const right = this.right;
    for (let pivot: i32 = 0; pivot < size; pivot += 1) {
      const lead = pivot * size;
      const inverse: f64 = 1 / matrix[lead + pivot];
      for (let row: i32 = pivot + 1; row < size; row += 1) {
        const place = row * size;
        const below: f64 = matrix[place + pivot];
        if (!some(below !== 0)) continue;
        const factor: f64 = below * inverse;
        for (let column: i32 = pivot + 1; column < size; column += 1) {
          matrix[place + column] -= factor * matrix[lead + column];
        }
        right[row] -= factor * right[pivot];
      }
    }
    for (let row: i32 = size - 1; row >= 0; row -= 1) {
      const place = row * size;
      let sum: f64 = right[row];
      for (let column: i32 = row + 1; column < size; column += 1) {
        sum -= matrix[place + column] * right[column];
      }
      right[row] = sum / matrix[place + row];
    }
  }
}
