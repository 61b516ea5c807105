import type { DayNumber } from "../calendar";
import { derive } from "../derive";
import type { Bed, Garden, Planting } from "../garden";
import { growingName, standOf } from "./growing";
import { plantingsIn, plantingState, survivingShare } from "./plantingState";
import { bedDays, grownShare, type Growing, type Timeline } from "../schedule";
import type { Site } from "../growth";
import { amountsFor, usualYieldKg } from "./spacing";
import type { Stand } from "./stand";
import { stationPoints } from "./stationPoints";

/** A planting as it stands in its bed on a day. */
export interface StandingPlants {
  planting: Planting;
  name: string;
  growing: Growing;
  timeline: Timeline;
  /** 0 just sown, 1 full-grown. */
  grown: number;
  isReady: boolean;
  /** Where the plants stand, metres along the bed from its near end and across from its left side. */
  points: { alongM: number; acrossM: number }[];
  /** How far a plant's leaves reach, metres. */
  radiusM: number;
  /** The share of its plants that its losses have left. */
  surviving: number;
  /** What it gives in all by what is left of it, kg. */
  expectedYieldKg: number;
}

/** What stands in a bed on a day, from the near end on; the same list as long as all in it is. */
export function plantsIn(
  site: Site,
  garden: Garden,
  bed: Bed,
  day: DayNumber,
): readonly StandingPlants[] {
  const standing = plantingsIn(garden, bed.id).flatMap((planting) => {
    const state = plantingState(garden, site, planting);
    if (!state) return [];
    const { fromDay, untilDay } = bedDays(state.timeline);
    if (day < fromDay || day >= untilDay) return [];
    const { growing, timeline } = state;
    const surviving = survivingShare(state, day);
    return derive(
      [planting, bed, growing, timeline, site, garden.settings, surviving, day],
      standingPlants,
    );
  });
  return derive([bed, ...standing], listed);
}

function listed(_bed: Bed, ...plants: readonly StandingPlants[]): readonly StandingPlants[] {
  return plants;
}

function standingPlants(
  planting: Planting,
  bed: Bed,
  growing: Growing,
  timeline: Timeline,
  site: Site,
  settings: Garden["settings"],
  surviving: number,
  day: DayNumber,
): StandingPlants {
  const stand = standOf(planting, bed);
  const grown = grownShare(site, settings, growing, timeline, day);
  const amounts = amountsFor(stand, growing.crop, planting.method);
  const nearestCm = Math.min(amounts.rowCm, amounts.stationCm);
  return {
    planting,
    name: growingName(growing),
    growing,
    timeline,
    grown,
    isReady: timeline.readyDay !== null && day >= timeline.readyDay,
    points: spread(pointsOf(stand, planting), surviving),
    // Leaf area grows with weight, so the reach with its root; full-grown plants just touch.
    radiusM: (nearestCm / 200) * Math.sqrt(Math.max(LEAST_DRAWN, grown)),
    surviving,
    expectedYieldKg: usualYieldKg(stand, growing.crop, planting.method, planting.stage) * surviving,
  };
}

const LEAST_DRAWN = 0.03;

/** The plants that are left, evenly among the places where all of them stood. */
function spread<T>(places: readonly T[], share: number): T[] {
  return places.filter((_, index) => Math.round((index + 1) * share) > Math.round(index * share));
}

function pointsOf(stand: Stand, { fromM, interplanted }: Planting): StandingPlants["points"] {
  const points = stationPoints(stand, interplanted);
  return points.map(({ alongM, acrossM }) => ({ alongM: fromM + alongM, acrossM }));
}
