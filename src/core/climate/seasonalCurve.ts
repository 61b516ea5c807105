import { DAYS_OF_YEAR, DAYS_PER_YEAR, dayOfYear, type DayNumber } from "../calendar";

/** One value for each day of the year, 29 February included: a course that repeats every year. */
export type SeasonalCurve = Float64Array;

export const DAYS_OF_CURVE = DAYS_OF_YEAR;
/** Keeps the sums solvable when a season has no days at all. */
const RIDGE = 1e-6;

/** Day of the year, 1 to 366, for each day of a stretch; asks the calendar only where years meet. */
export function daysOfYear(firstDay: DayNumber, days: number): Uint16Array {
  const numbers = new Uint16Array(days);
  let now = dayOfYear(firstDay);
  for (let index = 0; index < days; index += 1) {
    numbers[index] = now;
    now = now >= 365 ? dayOfYear(firstDay + index + 1) : now + 1;
  }
  return numbers;
}

/** The curve's value on a day. */
export function onDay(curve: SeasonalCurve, day: DayNumber): number {
  return curve[dayOfYear(day) - 1] ?? 0;
}

export function curveOf(valueOnDayOfYear: (dayOfYear: number) => number): SeasonalCurve {
  return Float64Array.from({ length: DAYS_OF_CURVE }, (_, index) => valueOnDayOfYear(index + 1));
}

/** Collects values by day of the year and fits a smooth yearly course through them. */
export interface HarmonicFit {
  add(dayOfYear: number, value: number): void;
  readonly count: number;
  /** The course that fits best; flat at `otherwise` when nothing was added. */
  curve(otherwise: number): SeasonalCurve;
}

/**
 * Least squares fit of a mean and so many harmonics of the year.
 *
 * @param harmonics 1 for a single wave a year, 2 for one with its overtone, …
 */
export function harmonicFit(harmonics: number): HarmonicFit {
  // All values of one day of the year share their place on the waves, so their sum is enough.
  const sums = new Float64Array(DAYS_OF_CURVE);
  const counts = new Float64Array(DAYS_OF_CURVE);
  let count = 0;
  return {
    get count() {
      return count;
    },
    add(dayOfYearNumber, value) {
      count += 1;
      sums[dayOfYearNumber - 1] = (sums[dayOfYearNumber - 1] ?? 0) + value;
      counts[dayOfYearNumber - 1] = (counts[dayOfYearNumber - 1] ?? 0) + 1;
    },
    curve: (otherwise) =>
      count === 0 ? curveOf(() => otherwise) : fittedCurve(sums, counts, harmonics),
  };
}

function fittedCurve(sums: Float64Array, counts: Float64Array, harmonics: number): SeasonalCurve {
  const size = 1 + 2 * harmonics;
  const bases = basesOf(harmonics);
  const matrix = new Float64Array(size * size);
  const right = new Float64Array(size);
  for (let index = 0; index < DAYS_OF_CURVE; index += 1) {
    const start = index * size;
    for (let row = 0; row < size; row += 1) {
      const rowBasis = bases[start + row] ?? 0;
      right[row] = (right[row] ?? 0) + rowBasis * (sums[index] ?? 0);
      for (let column = row; column < size; column += 1) {
        const at = row * size + column;
        matrix[at] =
          (matrix[at] ?? 0) + rowBasis * (bases[start + column] ?? 0) * (counts[index] ?? 0);
      }
    }
  }
  const weights = solveSymmetric(matrix, right, size);
  return curveOf((dayOfYearNumber) => {
    let value = 0;
    for (let index = 0; index < size; index += 1) {
      value += (weights[index] ?? 0) * (bases[(dayOfYearNumber - 1) * size + index] ?? 0);
    }
    return value;
  });
}

const basesByHarmonics = new Map<number, Float64Array>();

/** 1, cos, sin, cos 2, sin 2, … for each day of the year, one row a day. */
function basesOf(harmonics: number): Float64Array {
  let bases = basesByHarmonics.get(harmonics);
  if (!bases) {
    const size = 1 + 2 * harmonics;
    bases = new Float64Array(DAYS_OF_CURVE * size);
    for (let index = 0; index < DAYS_OF_CURVE; index += 1) {
      bases[index * size] = 1;
      for (let wave = 1; wave <= harmonics; wave += 1) {
        const angle = (2 * Math.PI * wave * (index + 1)) / DAYS_PER_YEAR;
        bases[index * size + 2 * wave - 1] = Math.cos(angle);
        bases[index * size + 2 * wave] = Math.sin(angle);
      }
    }
    basesByHarmonics.set(harmonics, bases);
  }
  return bases;
}

/** Gaussian elimination on a symmetric matrix of which only the upper half is given. */
function solveSymmetric(upper: Float64Array, right: Float64Array, size: number): Float64Array {
  const rows = Array.from({ length: size }, (_, row) =>
    Float64Array.from({ length: size + 1 }, (_, column) => {
      if (column === size) return right[row] ?? 0;
      const value = upper[Math.min(row, column) * size + Math.max(row, column)] ?? 0;
      return row === column ? value + RIDGE : value;
    }),
  );
  for (let pivot = 0; pivot < size; pivot += 1) {
    const pivotRow = rows[pivot] ?? new Float64Array(size + 1);
    for (let row = pivot + 1; row < size; row += 1) {
      const target = rows[row] ?? pivotRow;
      const factor = (target[pivot] ?? 0) / (pivotRow[pivot] ?? 1);
      for (let column = pivot; column <= size; column += 1) {
        target[column] = (target[column] ?? 0) - factor * (pivotRow[column] ?? 0);
      }
    }
  }
  const solution = new Float64Array(size);
  for (let row = size - 1; row >= 0; row -= 1) {
    const from = rows[row] ?? new Float64Array(size + 1);
    let value = from[size] ?? 0;
    for (let column = row + 1; column < size; column += 1) {
      value -= (from[column] ?? 0) * (solution[column] ?? 0);
    }
    solution[row] = value / (from[row] ?? 1);
  }
  return solution;
}
