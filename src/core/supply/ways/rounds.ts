import { DAYS_PER_WEEK } from "../../calendar";
import { foodGroupOf } from "../../food";
import type { Crop } from "../../crops";
import { bedsInOrder, cropsOf, type Bed } from "../../garden";
import { plantingState } from "../../plantings";
import { plantingSources } from "../plantingSources";
import type { ShootRounds } from "../shootRounds";
import { FORCED_EVERY_DAYS, forcedCrops, usualForcing } from "../usualForcing";
import { usualShoots } from "../usualShoots";
import { roundHours } from "../workHours";
import type { InGap } from "./judge";
import type { Trial } from "./way";

/** Beds in which shoots are tried. */
const BEDS = 6;

/** A usual round of shoots in time for a gap, in beds and containers with room for it. */
export function shootTrials(inGap: InGap): Trial[] {
  const { site, garden, weeks, gap } = inGap;
  const found: Trial[] = [];
  for (const bed of bedsInOrder(garden)) {
    if (found.length >= BEDS) break;
    const rounds = usualShoots(site, garden, bed, weeks.today, gap.fromDay);
    const crop = cropsOf(garden).get(rounds?.batches[0]?.planting.cropId ?? "");
    if (rounds && crop && foodGroupOf(crop) === gap.group) {
      found.push(...trialOf(inGap, "shoots", bed, crop, rounds, DAYS_PER_WEEK));
    }
  }
  return found;
}

/** Roots from the store in pots, one after the other, in time for a gap. */
export function forceTrials(inGap: InGap): Trial[] {
  const { site, garden, weeks, gap } = inGap;
  const when = { today: weeks.today, shortDay: gap.fromDay };
  const crops = forcedCrops(garden).filter((crop) => foodGroupOf(crop) === gap.group);
  return bedsInOrder(garden).flatMap((bed) =>
    crops.flatMap((crop) => {
      const rounds = usualForcing(site, garden, bed, crop, when);
      return rounds ? trialOf(inGap, "force", bed, crop, rounds, FORCED_EVERY_DAYS) : [];
    }),
  );
}

function trialOf(
  { site, garden, weeks }: InGap,
  kind: "shoots" | "force",
  bed: Bed,
  crop: Crop,
  rounds: ShootRounds,
  days: number,
): Trial[] {
  const [first] = rounds.batches;
  if (!first) return [];
  const plantings = rounds.batches.map(({ planting }) => planting);
  const states = plantings.flatMap((one) => plantingState(garden, site, one) ?? []);
  return [
    {
      id: `${kind}-${bed.id}-${crop.id}`,
      doing: {
        kind,
        plantings,
        cropName: crop.name,
        bedName: bed.name,
        day: first.sowDay,
        everyDays: days,
        seedGrams: rounds.seedGrams,
        roots: rounds.roots?.wanted ?? 0,
      },
      hours: roundHours(kind) * plantings.length,
      change: (sources, year) => [
        ...sources,
        ...states.flatMap((state) => plantingSources(site, garden, state, weeks, year)),
      ],
    },
  ];
}
