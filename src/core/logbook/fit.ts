import { dayNumber, type DayNumber } from "../calendar";
import { cropsOf, type Garden, type Planting } from "../garden";
import { bedDays, isSown } from "../schedule";
import { plantingState, type PlantingState } from "../plantings";
import type { Site } from "../growth";
import type { Clause } from "./clause";
import { plain } from "./names";
import type { Deed } from "./vocabulary";

/** A planting that was planned for a day is sown within so many days of it. */
const NEAR_PLAN_DAYS = 60;
/** What is over is still picked and cleared for a while. */
const OVER_DAYS = 30;
/** What is not ready by the model is picked, for all that. */
const EARLY_DAYS = 45;

/** The plantings that a part of a line may speak of, the likeliest first. */
export function plantingsMeant(
  site: Site,
  garden: Garden,
  clause: Pick<Clause, "crop" | "bedId" | "shelterId">,
  kind: Deed["kind"],
  day: DayNumber,
): Planting[] {
  const lives = [...garden.plantings.values()]
    .filter((planting) => isNamed(garden, planting, clause) && isThere(garden, planting, clause))
    .flatMap((planting) => plantingState(garden, site, planting) ?? []);
  return lives
    .map((life) => ({ life, far: distance(life, kind, day) }))
    .filter(({ far }) => far < Infinity)
    .sort((a, b) => a.far - b.far || (a.life.planting.id < b.life.planting.id ? -1 : 1))
    .map(({ life }) => life.planting);
}

function isNamed(garden: Garden, planting: Planting, { crop }: Pick<Clause, "crop">): boolean {
  if (!crop) return true;
  if (crop.varietyId !== null) {
    return planting.cropId === crop.cropId && planting.varietyId === crop.varietyId;
  }
  if (planting.cropId === crop.cropId) return true;
  // "Kale" means the Siberian too, where that is the one that grows here.
  const name = plain(cropsOf(garden).get(planting.cropId)?.name ?? "");
  const called = plain(cropsOf(garden).get(crop.cropId)?.name ?? "");
  return name.split(" ").at(-1) === called.split(" ").at(-1);
}

function isThere(
  garden: Garden,
  planting: Planting,
  { bedId, shelterId }: Pick<Clause, "bedId" | "shelterId">,
): boolean {
  if (bedId !== null) return planting.bedId === bedId;
  return shelterId === null || garden.beds.get(planting.bedId)?.shelterId === shelterId;
}

/** How far a planting is from what is told of it, in days; Infinity where it cannot be meant. */
function distance(
  { planting, timeline, facts }: PlantingState,
  kind: Deed["kind"],
  day: DayNumber,
): number {
  const { fromDay, untilDay } = bedDays(timeline);
  const inBed = day < fromDay ? fromDay - day : day > untilDay ? day - untilDay : 0;
  switch (kind) {
    case "sown": {
      const far = Math.abs(day - dayNumber(planting.sowOn));
      return isSown(facts) || far > NEAR_PLAN_DAYS ? Infinity : far;
    }
    case "emerged": {
      if (facts.emergedDay !== null || day < timeline.sowDay) return Infinity;
      return Math.abs(day - (timeline.emergeDay ?? timeline.sowDay));
    }
    case "plantedOut":
      if (timeline.plantOutDay === null || facts.plantedOutDay !== null) return Infinity;
      return Math.abs(day - timeline.plantOutDay);
    case "harvested": {
      if (day < timeline.sowDay || inBed > OVER_DAYS) return Infinity;
      const early = timeline.readyDay === null ? EARLY_DAYS : timeline.readyDay - day;
      return inBed + Math.max(0, early);
    }
    default:
      return inBed > OVER_DAYS ? Infinity : inBed;
  }
}
