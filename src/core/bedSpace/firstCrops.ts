import type { DayNumber } from "../calendar";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { spotsOf, type HowMuch } from "../plantings";
import { roomIn } from "./room";
import { sowableToday, usualRank, type SowNow } from "../schedule";
import type { Site } from "../growth";
import { plantingInto } from "./whatFits";

/** A first crop for a new garden, with the planting that would come of it. */
export interface FirstCrop {
  sowing: SowNow;
  bed: Bed;
  planting: Planting;
}

const COUNT = 3;
const LEAST_M = 0.3;
/** Their last day on the bench or in the ground at which they are looked for room, days. */
const USUAL_DAYS = 60;

/**
 * The first crops for a garden without plantings: those that can still be sown there on a day, the
 * simple ones first (usual then, sown direct, soon ready), each of another family, side by side in a bed:
 * as much as is asked for, at most an equal part of its room.
 *
 * @param newId makes the id of each planting
 * @returns fewer than three, or none, where the season leaves no more
 */
export function firstCrops(
  site: Site,
  garden: Garden,
  day: DayNumber,
  howMuch: HowMuch,
  newId: () => string,
): FirstCrop[] {
  const { settings } = garden;
  const crops = [...cropsOf(garden).values()].filter(
    ({ group }) => group !== "shoots" && group !== "forced" && group !== "flowersAndHerbs",
  );
  const { now } = sowableToday(site, settings, day, spotsOf(garden), crops);
  const families = new Set<string>();
  const chosen: SowNow[] = [];
  const wholePlants = new Set(
    now.flatMap(({ growing }) => (growing.stage === "full" ? growing.crop : [])),
  );
  const candidates = now.filter(
    ({ growing }) => growing.stage === "full" || !wholePlants.has(growing.crop),
  );
  const rank = (sowing: SowNow) => effort(sowing, day) + usualRank(site, sowing.growing, day) * 30;
  for (const sowing of candidates.sort((a, b) => rank(a) - rank(b))) {
    const { family } = sowing.growing.crop;
    if (chosen.length === COUNT || families.has(family)) continue;
    families.add(family);
    chosen.push(sowing);
  }
  const takenM = new Map<string, number>();
  return chosen.flatMap((sowing): FirstCrop[] => {
    const bed = garden.beds.get(sowing.spot.bedId);
    if (!bed) return [];
    const { fromM, freeM } = roomIn(site, garden, bed, day, day + USUAL_DAYS);
    const inBed = chosen.filter((other) => other.spot.bedId === bed.id);
    const partM = freeM / inBed.length;
    if (partM < LEAST_M) return [];
    const startM = fromM + (takenM.get(bed.id) ?? 0);
    const opening = {
      fromM: startM,
      toM: startM + partM,
      leftM: 0,
      rightM: bed.widthM,
      fromDay: day,
      untilDay: Infinity,
      between: null,
    };
    const planting = plantingInto(bed, opening, { sowing, clearDay: null }, newId(), {
      units: settings.units,
      howMuch,
    });
    takenM.set(bed.id, (takenM.get(bed.id) ?? 0) + planting.lengthM);
    return [{ sowing, bed, planting }];
  });
}

/** How far a sowing is from a meal for somebody who begins: days, and a month for raising seedlings. */
function effort({ growing, timeline, verdict }: SowNow, day: DayNumber): number {
  const waits = (timeline.readyDay ?? day + 365) - day;
  const raised = growing.method === "transplant" ? 30 : 0;
  return waits + raised + (verdict.kind === "meets" ? 0 : 365);
}
