/** Lengths on the ground that differ by less than this are the same: nobody measures beds closer, m. */
export const SAME_LENGTH_M = 0.00075;

const STEPS_PER_METRE = 10_000;

/**
 * A length as the garden keeps it: in whole tenths of a millimetre, in which feet, inches and
 * centimetres are all exact, so that two halves of a bed are as long as the bed.
 *
 * @example exactM(8 * 0.3048) // 2.4384
 */
export function exactM(lengthM: number): number {
  return Math.round(lengthM * STEPS_PER_METRE) / STEPS_PER_METRE;
}

/** Whether something so long finds room in so much. */
export function fitsInto(lengthM: number, roomM: number): boolean {
  return lengthM <= roomM + SAME_LENGTH_M;
}
