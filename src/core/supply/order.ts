import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { fact, type Fact } from "../facts";
import { bunchKgOf, isCountedByHead, keepsUntilDay, type FoodGroup } from "../food";
import { cropsOf, type Garden } from "../garden";
import type { Site } from "../growth";
import { plantingAmounts, plantingState, type PlantingState } from "../plantings";
import type { Timeline } from "../schedule";
import { lastWeekOf, type Source } from "./source";
import type { Weeks } from "./plantingSources";

/** Something that can be eaten now or soon, and until when. */
export interface EatNow {
  id: string;
  plantingId: string | null;
  storeLotId: string | null;
  name: string;
  /** The bed; empty for what is in store. */
  bedName: string;
  group: FoodGroup;
  /** What of it can be eaten at first, kg. */
  kg: number;
  /** How many heads that is, where people count them. */
  heads: number | null;
  /** How many bunches, where people count those. */
  bunches: number | null;
  untilDay: DayNumber;
  why: Fact;
}

/** What comes later than this is not eaten yet, weeks. */
const SOON_WEEKS = 3;

/** What can be eaten now or within three weeks, that which is over first at the head. */
export function eatingOrder(
  site: Site,
  garden: Garden,
  sources: readonly Source[],
  weeks: Weeks,
): EatNow[] {
  const found = new Map<string, EatNow>();
  const bunchKg = new Map<string, number | null>();
  for (const source of sources) {
    const first = source.worth.findIndex((worth) => worth > 0);
    if (first < 0 || first > SOON_WEEKS) continue;
    const id = source.storeLotId ?? source.plantingId ?? source.id;
    const kg = source.units * (source.worth[first] ?? 0);
    const before = found.get(id);
    const untilDay = weeks.firstDay + (lastWeekOf(source) + 1) * DAYS_PER_WEEK - 1;
    if (before) {
      before.kg += kg;
      continue;
    }
    const told =
      source.storeLotId === null ? ofPlanting(site, garden, source) : ofLot(garden, source);
    if (told) {
      const { group } = source;
      found.set(id, { id, ...told, group, kg, bunches: null, untilDay: told.untilDay ?? untilDay });
      bunchKg.set(id, source.storeLotId === null ? bunchKgOf(source.crop) : null);
    }
  }
  for (const one of found.values()) {
    const each = bunchKg.get(one.id) ?? null;
    if (each !== null && one.kg >= each / 2) one.bunches = Math.round(one.kg / each);
  }
  return [...found.values()].sort((a, b) => a.untilDay - b.untilDay || (a.name < b.name ? -1 : 1));
}

function ofLot(garden: Garden, { storeLotId, crop }: Source) {
  const lot = garden.storeLots.get(storeLotId ?? "");
  if (!lot) return null;
  const untilDay = keepsUntilDay(crop, lot);
  return {
    plantingId: null,
    storeLotId: lot.id,
    name: cropsOf(garden).get(lot.cropId)?.name ?? lot.cropId,
    bedName: "",
    untilDay,
    why: fact("supply.keepsAbout", { place: lot.place, untilDay }),
    heads: null,
  };
}

function ofPlanting(site: Site, garden: Garden, { plantingId, storedFromWeek, units }: Source) {
  const planting = garden.plantings.get(plantingId ?? "");
  const state = planting && plantingState(garden, site, planting);
  if (!state) return null;
  const { timeline } = state;
  return {
    plantingId: state.planting.id,
    storeLotId: null,
    name: state.growing.crop.name,
    bedName: state.bed.name,
    // Stored or not, in the bed it is eaten until then.
    untilDay: timeline.holdsUntilDay,
    why: whyUntil(timeline, storedFromWeek < Infinity),
    heads: isCountedByHead(state.growing.crop) ? headsLeft(garden, state, units) : null,
  };
}

/** So many heads as so much of a planting's yield is. */
function headsLeft(garden: Garden, { planting, usualYieldKg }: PlantingState, units: number) {
  const amounts = plantingAmounts(garden, planting);
  return amounts === null || usualYieldKg <= 0
    ? null
    : Math.round((amounts.plants * units) / usualYieldKg);
}

/** What ends a planting, told with the day. */
function whyUntil(timeline: Timeline, isStored: boolean): Fact {
  const { holdsUntilDay, boltDay, heatDay, coldLossDay, clearDay, sowDay } = timeline;
  const untilDay = holdsUntilDay ?? sowDay;
  const is = (day: DayNumber | null) => day !== null && day <= untilDay;
  if (is(clearDay)) return fact("supply.pulledThen", { untilDay, sowDay });
  if (is(coldLossDay)) {
    return isStored
      ? fact("supply.liftAndStore", { untilDay, sowDay })
      : fact("supply.beforeTheFreeze", { untilDay, sowDay });
  }
  if (is(boltDay)) return fact("supply.boltsFrom", { untilDay, sowDay });
  if (is(heatDay)) return fact("supply.tooHotFrom", { untilDay, sowDay });
  return fact("supply.thenPoor", { untilDay, sowDay });
}
