import type { DayNumber } from "../calendar";
import type { Garden, Planting } from "../garden";
import type { Site } from "../growth";
import { bedDays } from "../schedule";
import { plantingStates, type PlantingState } from "../plantings";
import { floweringOf } from "./flowering";
import { seedSavingOf, speciesOf } from "./species";

/** Another planting here that flowers at the same time and is of the same species. */
export interface Crossing {
  plantingId: string;
  name: string;
  bedId: string;
  /** The days on which both flower. */
  fromDay: DayNumber;
  untilDay: DayNumber;
}

/** What of this garden may cross with plants that are left for seed: the same species in flower with them. */
export function crossingsOf(site: Site, garden: Garden, state: PlantingState): Crossing[] {
  const { planting, growing } = state;
  const saving = seedSavingOf(growing.crop);
  const plans = new Map([...garden.seedPlans.values()].map((plan) => [plan.plantingId, plan]));
  const own = floweringOf(site, state, plans.get(planting.id) ?? { winter: "stands" });
  // What pollinates itself hardly crosses, and what flowers at no time does not.
  if (!saving || !own || saving.pollination === "self") return [];
  const species = speciesOf(growing.crop);
  return plantingStates(garden, site).flatMap((other): Crossing[] => {
    if (other.planting.id === planting.id || isSameKind(other.planting, planting)) return [];
    if (speciesOf(other.growing.crop) !== species) return [];
    const plan = plans.get(other.planting.id) ?? null;
    const theirs = floweringOf(site, other, plan);
    if (!theirs) return [];
    // What nobody leaves for seed is eaten, frozen or pulled before, unless it stands until it flowers.
    if (plan === null && bedDays(other.timeline).untilDay < theirs.fromDay - SEEN_BEFORE_DAYS)
      return [];
    const fromDay = Math.max(own.fromDay, theirs.fromDay);
    const untilDay = Math.min(own.untilDay, theirs.untilDay);
    if (fromDay >= untilDay) return [];
    const { id, bedId } = other.planting;
    return [{ plantingId: id, name: other.name, bedId, fromDay, untilDay }];
  });
}

/** What stands until shortly before it flowers may well flower. */
const SEEN_BEFORE_DAYS = 7;
const isSameKind = (one: Planting, other: Planting) =>
  one.cropId === other.cropId && one.varietyId === other.varietyId;
