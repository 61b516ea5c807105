import { z } from "zod";

/** A number that must be there; it is NaN where nothing, or no number, is typed. */
export function amount(missing: string) {
  return z.number({ error: missing });
}

/** A number that may be left out. */
export const maybeAmount = z.number().or(z.nan());
