/** Set by `jest.config.mjs` from the surroundings. */
declare const TIMES_MORE: number;

/**
 * How often a property is tried: as often as the gate can afford, or so many times more
 * (`TIMES_MORE=17 npx jest core/formats core/weatherFiles`).
 */
export function timesMore(runs: number): number {
  return runs * TIMES_MORE;
}
