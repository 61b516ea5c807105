import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { foodGroupOf, type FoodGroup } from "../food";
import type { Bed, Planting } from "../garden";
import { plantingState } from "../plantings";
import { bedDays } from "../schedule";
import {
  FORCED_EVERY_DAYS,
  forcedCrops,
  plantingSources,
  roundHours,
  USUAL_YEAR,
  usualForcing,
  usualShoots,
  workHours,
  type ShootRounds,
} from "../supply";
import type { BedsAlike } from "./bedsAlike";
import type { Shared } from "./fillProblem";
import type { Offer } from "./options";
import type { Looked } from "./sowings";

/** What is planned and may make way, as it is. */
export function plannedOffer({ site, garden, weeks }: Looked, planting: Planting): Offer[] {
  const state = plantingState(garden, site, planting);
  if (!state) return [];
  const sources = plantingSources(site, garden, state, weeks, USUAL_YEAR);
  const { lengthM } = planting;
  return [
    {
      option: { kind: "planned", planting },
      // It stands where its grower has put it.
      family: null,
      ...bedDays(state.timeline),
      onStands: [],
      candidate: {
        id: planting.id,
        cropId: planting.cropId,
        leastM: lengthM,
        mostM: lengthM,
        ...workHours(state.bed),
        isPlanned: true,
        lots: sources.map(({ group, units, worth }) => ({ group, units: units / lengthM, worth })),
      },
    },
  ];
}

/**
 * A usual round of shoots in one of beds alike, and of each kind of forced roots in each, in time for the
 * first week that lacks them.
 */
export function roundOffers(looked: Looked, { beds }: BedsAlike): Offer[] {
  const [bed] = beds;
  const { site, garden, weeks, gapKg } = looked;
  const shortDayOf = (group: FoodGroup | null): DayNumber | null => {
    const week = group === null ? -1 : gapKg[group].findIndex((kg) => kg > 0);
    return week < 0 ? null : weeks.firstDay + week * DAYS_PER_WEEK;
  };
  const forced = forcedCrops(garden).flatMap((crop): Offer[] => {
    const shortDay = shortDayOf(foodGroupOf(crop));
    if (shortDay === null) return [];
    return beds.flatMap((one) => {
      const rounds = usualForcing(site, garden, one, crop, { today: weeks.today, shortDay });
      return rounds ? offerOf(looked, "force", one, rounds, FORCED_EVERY_DAYS) : [];
    });
  });
  const saladDay = shortDayOf("salad");
  const shoots = saladDay === null ? null : usualShoots(site, garden, bed, weeks.today, saladDay);
  return [...(shoots ? offerOf(looked, "shoots", bed, shoots, DAYS_PER_WEEK) : []), ...forced];
}

function offerOf(
  { site, garden, weeks }: Looked,
  kind: "shoots" | "force",
  bed: Bed,
  rounds: ShootRounds,
  everyDays: number,
): Offer[] {
  const [first] = rounds.batches;
  if (!first) return [];
  const plantings = rounds.batches.map(({ planting }) => planting);
  const taken = Math.min(rounds.squares, plantings.length);
  const lengthM = taken * first.planting.lengthM;
  const lots = plantings.flatMap((planting) => {
    const state = plantingState(garden, site, planting);
    return state ? plantingSources(site, garden, state, weeks, USUAL_YEAR) : [];
  });
  const { cropId } = first.planting;
  const roots = rounds.roots && { cropId, ...rounds.roots };
  return [
    {
      option: { kind, plantings, bedId: bed.id, everyDays, roots },
      family: null,
      fromDay: first.sowDay,
      untilDay: first.sowDay + (plantings.length + rounds.squares) * everyDays,
      onStands: [],
      candidate: {
        id: `fill-${bed.id}-${cropId}`,
        cropId,
        leastM: lengthM,
        mostM: lengthM,
        hoursEach: roundHours(kind) * plantings.length,
        hoursPerM: 0,
        isPlanned: false,
        lots: lots.map(({ group, units, worth }) => ({ group, units: units / lengthM, worth })),
      },
    },
  ];
}

/** No more roots are forced than lie in the store. */
export function rootsInStore(offers: readonly Offer[]): Shared[] {
  const found = new Map<string, { most: number; uses: { candidate: number; perM: number }[] }>();
  offers.forEach(({ option, candidate: { mostM } }, candidate) => {
    if (option.kind !== "force" || !option.roots) return;
    const { cropId, wanted, inStore } = option.roots;
    const of = found.get(cropId) ?? { most: inStore, uses: [] };
    of.uses.push({ candidate, perM: wanted / mostM });
    found.set(cropId, of);
  });
  return [...found.values()];
}
