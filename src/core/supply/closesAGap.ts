import type { Fit } from "../bedSpace";
import type { Site } from "../growth";
import { isSownThen, type SowNow } from "../schedule";

/** What is planted as a division or a root closes no gap this season. */
const STAYS_FOR_YEARS: ReadonlySet<string> = new Set(["division", "root"]);

/**
 * Whether what fits an opening may be proposed for a gap: the rotation allows it, it is over within the
 * season, and growers sow it then. What nobody sows at that time may grow in a sum, not in a garden.
 */
export function closesAGap(
  site: Site,
  { sowing, tooSoon }: Pick<Fit, "tooSoon"> & { sowing: Pick<SowNow, "growing" | "timeline"> },
): boolean {
  const { growing, timeline } = sowing;
  return (
    tooSoon === null &&
    !STAYS_FOR_YEARS.has(growing.crop.startedFrom) &&
    isSownThen(site, growing, timeline.sowDay)
  );
}
