import { DAYS_PER_WEEK, dayNumber } from "../calendar";
import { foodGroupOf, keepingIn, keepsUntilDay, takenGrams } from "../food";
import { cropsOf, type Garden } from "../garden";
import { forcedFromStore } from "./forcedRoots";
import type { Weeks } from "./plantingSources";
import type { Source } from "./source";

const GRAMS_PER_KG = 1000;

/** What is in store on the day that is known up to, as it keeps and dwindles from then on. */
export function storeSources(garden: Garden, weeks: Weeks): Source[] {
  const crops = cropsOf(garden);
  const forced = forcedFromStore(garden);
  return [...garden.storeLots.values()].flatMap((lot): Source[] => {
    const crop = crops.get(lot.cropId);
    const group = crop && foodGroupOf(crop);
    if (!crop || !group) return [];
    const { lossAWeek } = keepingIn(crop, lot.place);
    const sinceDay = dayNumber(lot.since);
    const weeksSince = (week: number) =>
      Math.max(0, weeks.firstDay - sinceDay) / DAYS_PER_WEEK + week;
    const untilDay = keepsUntilDay(crop, lot);
    const worth = new Float64Array(weeks.count);
    for (let week = 0; week < weeks.count; week += 1) {
      const day = weeks.firstDay + week * DAYS_PER_WEEK;
      if (day + DAYS_PER_WEEK <= sinceDay || day > untilDay) continue;
      worth[week] = (1 - lossAWeek) ** weeksSince(week);
    }
    const goneG = takenGrams(garden.logEntries, lot.id) + (forced.get(lot.id) ?? 0);
    const units = (lot.grams - goneG) / GRAMS_PER_KG;
    const from = { plantingId: lot.plantingId, storeLotId: lot.id, storedFromWeek: 0 };
    return units > 0 ? [{ id: lot.id, group, crop, units, worth, ...from }] : [];
  });
}
