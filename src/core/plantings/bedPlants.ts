import type { DayNumber } from "../calendar";
import { derive } from "../derive";
import type { Bed, Garden, Planting } from "../garden";
import { growingName, standOf } from "./growing";
import { plantingsIn, plantingState, survivingShare } from "./plantingState";
import { bedDays, grownShare, type Growing, type Timeline } from "../schedule";
import type { Site } from "../growth";
import { amountsFor, usualYieldKg, type Stand } from "./spacing";

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
    points: spread(pointsOf(stand, amounts, planting), surviving),
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

/**
 * The stations of a stand: rows centred across the bed, every second shifted where they are offset.
 * Between others, all are shifted by half a station, into the gaps of a like stand.
 */
function pointsOf(
  stand: Stand,
  amounts: ReturnType<typeof amountsFor>,
  { fromM, interplanted }: Planting,
): { alongM: number; acrossM: number }[] {
  const { rows, stationsPerRow } = amounts;
  const shifts = stand.arrangement !== "rows";
  const stationM = amounts.stationCm / 100;
  const rowM = rowDistanceM(stand, amounts);
  const firstAcross = (stand.widthM - (rows - 1) * rowM) / 2;
  const aside = interplanted && stationsPerRow > 1 ? 0.5 : 0;
  const firstAlong =
    fromM + (stand.lengthM - (stationsPerRow - 1) * stationM) / 2 + aside * stationM;
  const points: { alongM: number; acrossM: number }[] = [];
  for (let row = 0; row < rows; row += 1) {
    const shifted = shifts && row % 2 === 1;
    const count = shifted || aside > 0 ? stationsPerRow - 1 : stationsPerRow;
    for (let place = 0; place < count; place += 1) {
      points.push({
        alongM: firstAlong + (place + (shifted && aside === 0 ? 0.5 : 0)) * stationM,
        acrossM: firstAcross + row * rowM,
      });
    }
  }
  return points;
}

const TRIANGLE_HEIGHT = Math.sqrt(3) / 2;

function rowDistanceM(stand: Stand, amounts: ReturnType<typeof amountsFor>): number {
  const apart = stand.arrangement === "offset" ? TRIANGLE_HEIGHT : 1;
  return Math.min(stand.widthM / amounts.rows, (amounts.rowCm / 100) * apart);
}
