import { keyOf, type Fact } from "@/core/facts";
import type { Garden } from "@/core/garden";

/** A problem that a garden has and had not before. */
export function newProblem<P extends { message: Fact }>(
  problemsOf: (garden: Garden) => P[],
  before: Garden,
  after: Garden,
): P | undefined {
  const known = new Set(problemsOf(before).map(({ message }) => keyOf(message)));
  return problemsOf(after).find(({ message }) => !known.has(keyOf(message)));
}
