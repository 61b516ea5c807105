import type { Cause, PlantingOdds } from "@/core/winter";
import { causes as say, causeWords } from "./en/causes";

/** What kept it from a harvest, the most frequent first: "killed by cold in 3". */
export function lostWords({ lostBy }: Pick<PlantingOdds, "lostBy">): string {
  return counted(lostBy)
    .map(({ cause, count }) => say.lost({ cause: causeWords[cause], count }))
    .join(", ");
}

/** What mostly keeps it from a harvest, or else mostly ends it before it is picked to the end; null for neither. */
export function mainCause({ lostBy, endedBy }: PlantingOdds, winters: number): Cause | null {
  const [lost] = counted(lostBy);
  if (lost) return lost.cause;
  const [ended] = counted(endedBy).filter(({ cause }) => cause !== "spent" && cause !== "pulled");
  return ended && ended.count >= LEAST_SHARE * winters ? ended.cause : null;
}

/** What ends it where it is not picked to the end: " · ends: flowers first (40)". */
export function endWords({ endedBy, lostBy }: PlantingOdds, winters: number): string {
  const [most] = counted(endedBy)
    .map(({ cause, count }) => ({ cause, count: count - (lostBy[cause] ?? 0) }))
    .filter(({ cause }) => cause !== "spent");
  if (!most || most.count < LEAST_SHARE * winters) return "";
  return ` · ${say.endsBy({ cause: causeWords[most.cause], count: most.count })}`;
}

/** What ends it in fewer winters is not told. */
const LEAST_SHARE = 0.1;

function counted(by: PlantingOdds["lostBy"]) {
  return (Object.entries(by) as [Cause, number][])
    .flatMap(([cause, count]) => (cause === "none" || count === 0 ? [] : [{ cause, count }]))
    .sort((a, b) => b.count - a.count || a.cause.localeCompare(b.cause));
}
