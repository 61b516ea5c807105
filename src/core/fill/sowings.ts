import foodJson from "@data/food.json";
import {
  countsInRotation,
  plantingInto,
  whatFits,
  type Fit,
  type Opening,
  type Sowable,
} from "../bedSpace";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { foodGroupOf, type FoodGroup } from "../food";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import { plantingState } from "../plantings";
import { raisingRoom } from "../propagation";
import { bedDays } from "../schedule";
import { closesAGap, plantingSources, USUAL_YEAR, workHours, type Weeks } from "../supply";
import type { BedsAlike } from "./bedsAlike";
import type { Offer } from "./options";

const { fill: FILL } = foodJson;

/** What the search for sowings goes by. */
export interface Looked {
  site: Site;
  garden: Garden;
  weeks: Weeks;
  /** Unmet so far, by group and week, kg. */
  gapKg: Record<FoodGroup, Float64Array>;
  sowable: Sowable;
}

/** A sowing that would do, and how much of what is missing a metre of it gives, kg. */
interface Ranked {
  offer: Offer;
  group: FoodGroup;
  givesKg: number;
}

/**
 * The sowings worth a look in beds alike: in each opening on a few days the crops of each food group
 * that growers sow then and that give most in the weeks that are short.
 *
 * @param coverId the cover that lies over the beds for it; null where they are as they are
 */
export function sowingsFor(
  { site, garden, weeks, gapKg, sowable }: Looked,
  { beds, openings }: BedsAlike,
  coverId: string | null,
): Offer[] {
  const [bed] = beds;
  const bedIds = beds.map(({ id }) => id);
  return openings.slice(0, FILL.openings).flatMap((opening, at) =>
    sowDaysIn(opening, weeks).flatMap((day) => {
      const ranked = whatFits(site, garden, bed, { ...opening, fromDay: day }, day, sowable)
        .filter((fit) => isWorthALook(site, fit))
        .flatMap((fit): Ranked[] => {
          const id = `fill-${bed.id}-${at}-${day}-${fit.sowing.growing.crop.id}-${fit.sowing.growing.stage}-${coverId ?? ""}`;
          const room = { units: garden.settings.units, howMuch: { by: "room" } } as const;
          const planting = plantingInto(bed, opening, fit, id, room);
          const state = plantingState(garden, site, planting);
          const group = foodGroupOf(fit.sowing.growing.crop);
          const sources = state ? plantingSources(site, garden, state, weeks, USUAL_YEAR) : [];
          if (!state || group === null || sources.length === 0) return [];
          const { lengthM } = planting;
          const lots = sources.map(({ units, worth }) => ({
            group,
            units: units / lengthM,
            worth,
          }));
          const givesKg = lots.reduce((sum, lot) => sum + givenIn(gapKg[group], lot), 0);
          if (givesKg <= 0) return [];
          const { fromDay, untilDay } = bedDays(state.timeline);
          const isWhole = bed.container !== undefined;
          return [
            {
              group,
              givesKg,
              offer: {
                option: { kind: "sow", planting, bedIds, coverId },
                family: countsInRotation(planting, state.growing.crop)
                  ? state.growing.crop.family
                  : null,
                fromDay,
                untilDay: Math.min(untilDay, fit.clearDay ?? untilDay, opening.untilDay),
                onStands: raisingRoom(garden, planting).map((one) => ({
                  ...one,
                  areaM2: one.areaM2 / lengthM,
                })),
                candidate: {
                  id,
                  cropId: planting.cropId,
                  // Containers are planted whole.
                  leastM: isWhole ? lengthM : Math.min(FILL.leastM, lengthM),
                  mostM: lengthM * beds.length,
                  ...workHours(bed),
                  isPlanned: false,
                  lots,
                },
              },
            },
          ];
        });
      return bestOfEachGroup(ranked).map(({ offer }) => offer);
    }),
  );
}

/** The days on which an opening is sown: when it begins, and a few times some weeks later. */
function sowDaysIn(opening: Opening, { today, firstDay, count }: Weeks): DayNumber[] {
  const first = Math.max(today, opening.fromDay);
  const last = Math.min(opening.untilDay, firstDay + count * DAYS_PER_WEEK) - FILL.everyDays;
  return Array.from({ length: FILL.sowDays }, (_, at) => first + at * FILL.everyDays).filter(
    (day, at) => at === 0 || day < last,
  );
}

/** Shoots are planned in rounds. */
function isWorthALook(site: Site, fit: Fit): boolean {
  return (
    fit.shortfall === null && fit.sowing.growing.crop.group !== "shoots" && closesAGap(site, fit)
  );
}

/** What a metre gives in the weeks that are short, kg: its best week's worth of it, where any is. */
function givenIn(gapKg: Float64Array, { units, worth }: { units: number; worth: Float64Array }) {
  let best = 0;
  worth.forEach((share, week) => {
    if ((gapKg[week] ?? 0) > 0) best = Math.max(best, share);
  });
  return units * best;
}

function bestOfEachGroup(ranked: readonly Ranked[]): Ranked[] {
  const count = new Map<FoodGroup, number>();
  return [...ranked]
    .sort((a, b) => b.givesKg - a.givesKg)
    .filter(({ group }) => {
      const before = count.get(group) ?? 0;
      count.set(group, before + 1);
      return before < FILL.cropsOfAGroup;
    });
}
