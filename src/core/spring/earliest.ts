import springJson from "@data/spring.json";
import type { DayNumber } from "../calendar";
import { varietyOf, type Crop } from "../crops";
import { bedsInOrder, cropsOf, type Garden } from "../garden";
import { exposureKey, type Exposure, type Site } from "../growth";
import { exposureOver, timelineIfSown } from "../plantings";
import { isSownThen, type Timeline } from "../schedule";

/** The first day on which a crop may be sown in spring, and where. */
export interface EarliestSowing {
  cropId: string;
  cropName: string;
  bedName: string;
  covers: readonly string[];
  inContainers: boolean;
  sowDay: DayNumber;
  /** When seedlings are set out; null where it is sown in its bed. */
  plantOutDay: DayNumber | null;
  readyDay: DayNumber;
  /** The first in the open ground; null where no bed lies bare, or nothing comes of it there. */
  openSowDay: DayNumber | null;
}

const { earliest, emergesWithinDays, untilDays } = springJson;
/** Every so many days is tried. */
const STEP_DAYS = 2;

interface Place {
  bedName: string;
  exposure: Exposure;
}

/** For the crops of early spring the soonest safe sowing in this garden, with what a cover gains on open ground. */
export function earliestSowings(
  site: Site,
  garden: Garden,
  midwinterDay: DayNumber,
  today: DayNumber,
): EarliestSowing[] {
  const places = placesIn(garden);
  const crops = cropsOf(garden);
  return earliest
    .flatMap((id): EarliestSowing[] => {
      const crop = crops.get(id);
      if (!crop) return [];
      const found = places.flatMap((place) => {
        const timeline = firstSafe(site, garden, crop, place, Math.max(midwinterDay, today));
        const readyDay = timeline?.readyDay ?? null;
        return timeline && readyDay !== null ? [{ place, timeline, readyDay }] : [];
      });
      const [best] = [...found].sort(
        (a, b) => a.timeline.sowDay - b.timeline.sowDay || a.readyDay - b.readyDay,
      );
      if (!best) return [];
      const open = found.find(
        ({ place: { exposure } }) => exposure.covers.length === 0 && !exposure.container,
      );
      const { place, timeline, readyDay } = best;
      return [
        {
          cropId: id,
          cropName: crop.name,
          bedName: place.bedName,
          covers: place.exposure.covers,
          inContainers: place.exposure.container !== undefined,
          sowDay: timeline.sowDay,
          plantOutDay: timeline.plantOutDay,
          readyDay,
          openSowDay: open?.timeline.sowDay ?? null,
        },
      ];
    })
    .sort((a, b) => a.sowDay - b.sowDay);
}

/** One bed for each stack of covers and skyline. */
function placesIn(garden: Garden): Place[] {
  const found = new Map<string, Place>();
  for (const bed of bedsInOrder(garden)) {
    const exposure = exposureOver(garden, bed);
    const key = exposureKey(exposure);
    if (!found.has(key)) found.set(key, { bedName: bed.name, exposure });
  }
  return [...found.values()];
}

/** The first sowing that growers make then, that comes up soon and that cold spares as surely as is asked. */
function firstSafe(
  site: Site,
  { settings }: Garden,
  crop: Crop,
  { exposure }: Place,
  fromDay: DayNumber,
): Timeline | null {
  const variety = varietyOf(crop);
  if (!variety) return null;
  const method = crop.transplanting.tolerance === "usual" ? "transplant" : "direct";
  const growing = { ...exposure, crop, variety, method, stage: "full" } as const;
  for (let day = fromDay; day < fromDay + untilDays; day += STEP_DAYS) {
    if (!isSownThen(site, growing, day)) continue;
    const timeline = timelineIfSown(site, settings, growing, day);
    const { readyDay, lossBeforeReady, emergeDay } = timeline;
    if (readyDay === null || emergeDay === null || readyDay > day + untilDays) continue;
    if (emergeDay > day + emergesWithinDays) continue;
    if ((lossBeforeReady ?? 1) <= settings.frostRisk) return timeline;
  }
  return null;
}
