/**
 * The balance is written for one winter and compiled twice: as it stands, and for two winters at a time, in
 * the two lanes of a vector (`scripts/widen.ts`). There a number (`f64`) is one of each winter; what is the
 * same in both is told by these names.
 */

/** A number that is the same in all winters that are reckoned at once. */
export type Same = f64;
/** True or false in each winter by itself. */
export type Each = bool;

/** Whether it is so in any of the winters. */
export function some(each: Each): bool {
  return each;
}
