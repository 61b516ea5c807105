import type { Trial } from "../garden";

/** The letter by which a treatment is told on the plan: A is as usual. */
export function letterOf({ treatments }: Pick<Trial, "treatments">, treatmentId: string): string {
  const at = treatments.findIndex(({ id }) => id === treatmentId);
  return at < 0 ? "?" : String.fromCharCode("A".charCodeAt(0) + at);
}
