import { z } from "zod";
import { ui as say } from "@/words/en/ui";

/** A number that must be there; it is NaN where nothing, or no number, is typed. */
export function amount(missing: string) {
  return z.number({ error: missing });
}

/** A number that may be left out: NaN then. */
export const maybeAmount = z.number({ error: say.enterANumberLike75 }).or(z.nan());

/** Stands for what is typed and is no number. It is not finite: neither of the above takes it. */
export const UNREADABLE = Infinity;

/** Fields as they are computed with while they are typed: what is no number is NaN, as if it were not there. */
export function readable<F extends object>(fields: F): F {
  const entries = Object.entries(fields) as [string, unknown][];
  return Object.fromEntries(
    entries.map(([name, value]) => [name, value === UNREADABLE ? NaN : value]),
  ) as F;
}
