import { dayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import { NOTHING_KNOWN, type Timeline } from "../schedule";
import { kindsOf, type Kind } from "./kindsOf";
import { timelineBy, type PlantingState } from "./plantingState";

/** The lives of a planting's kinds, by the dates that are known of the sowing as a whole. */
export function kindTimelines(
  garden: Garden,
  site: Site,
  { planting, growing, facts }: Pick<PlantingState, "planting" | "growing" | "facts">,
): { kind: Kind; timeline: Timeline }[] {
  const { sownDay, plantedOutDay, overDay } = facts;
  return kindsOf(growing).map((kind) => ({
    kind,
    timeline: timelineBy(site, garden.settings, kind.growing, dayNumber(planting.sowOn), {
      ...NOTHING_KNOWN,
      sownDay,
      plantedOutDay,
      overDay,
    }),
  }));
}
