import foodJson from "@data/food.json";
import { DAYS_PER_WEEK } from "../../calendar";
import { foodGroupOf } from "../../food";
import { bedsInOrder, cropsOf } from "../../garden";
import { plantingState } from "../../plantings";
import { plantingSources } from "../plantingSources";
import { usualShoots } from "../usualShoots";
import type { InGap } from "./judge";
import type { Trial } from "./way";

const { shootHoursEach } = foodJson.fill;
/** Beds in which shoots are tried. */
const BEDS = 6;

/** A usual round of shoots in time for a gap, in beds and containers with room for it. */
export function shootTrials({ site, garden, weeks, gap }: InGap): Trial[] {
  const found: Trial[] = [];
  for (const bed of bedsInOrder(garden)) {
    if (found.length >= BEDS) break;
    const rounds = usualShoots(site, garden, bed, weeks.today, gap.fromDay);
    const [first] = rounds?.batches ?? [];
    const crop = first && cropsOf(garden).get(first.planting.cropId);
    if (!rounds || !first || !crop || foodGroupOf(crop) !== gap.group) continue;
    const plantings = rounds.batches.map(({ planting }) => planting);
    const states = plantings.flatMap((one) => plantingState(garden, site, one) ?? []);
    found.push({
      id: `shoots-${bed.id}`,
      doing: {
        kind: "shoots",
        plantings,
        cropName: crop.name,
        bedName: bed.name,
        day: first.sowDay,
        everyDays: DAYS_PER_WEEK,
        seedGrams: rounds.seedGrams,
        roots: 0,
      },
      hours: shootHoursEach * plantings.length,
      change: (sources, year) => [
        ...sources,
        ...states.flatMap((state) => plantingSources(site, garden, state, weeks, year)),
      ],
    });
  }
  return found;
}
