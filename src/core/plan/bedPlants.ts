import { dayNumber, type DayNumber } from "../calendar";
import type { Bed, Garden, Planting } from "../garden";
import { growingOf, standOf } from "./gardenPlan";
import { grownShare } from "./size";
import type { Site } from "./site";
import { amountsFor, type Stand } from "./spacing";
import { timelineFrom, type Growing, type Timeline } from "./timeline";

/** A planting as it stands in its bed on a day. */
export interface StandingPlants {
  planting: Planting;
  growing: Growing;
  timeline: Timeline;
  /** Metres from the bed's near end at which it begins. */
  fromM: number;
  /** 0 just sown, 1 full-grown. */
  grown: number;
  isReady: boolean;
  /** Where the plants stand, metres along the bed from its near end and across from its left side. */
  points: { alongM: number; acrossM: number }[];
  /** How far a plant's leaves reach, metres. */
  radiusM: number;
}

/** Whether a planting is in its bed on a day: from sowing or planting out until it is over. */
function isThere(timeline: Timeline, day: DayNumber): boolean {
  const from = timeline.plantOutDay ?? timeline.sowDay;
  const until = timeline.holdsUntilDay ?? timeline.coldLossDay ?? Infinity;
  return from <= day && day <= until;
}

/**
 * What stands in a bed on a day, each planting after the one before it along the bed. Where together
 * they take more than the bed has, those that came later stand between the others.
 */
export function plantsIn(site: Site, garden: Garden, bed: Bed, day: DayNumber): StandingPlants[] {
  let nextM = 0;
  return [...garden.plantings.values()]
    .filter((planting) => planting.bedId === bed.id)
    .sort((a, b) => (a.sowOn < b.sowOn ? -1 : a.sowOn > b.sowOn ? 1 : a.id < b.id ? -1 : 1))
    .flatMap((planting) => {
      const growing = growingOf(garden, planting);
      if (!growing) return [];
      const timeline = timelineFrom(site, garden.settings, growing, dayNumber(planting.sowOn));
      if (!isThere(timeline, day)) return [];
      const stand = standOf(planting, bed);
      const fromM =
        nextM + planting.lengthM <= bed.lengthM + 1e-9 ? nextM : bed.lengthM - planting.lengthM;
      nextM = fromM + planting.lengthM;
      const grown = grownShare(site, garden.settings, growing, timeline, day);
      const amounts = amountsFor(stand, growing.crop, planting.method);
      const nearestCm = Math.min(amounts.rowCm, amounts.stationCm);
      return [
        {
          planting,
          growing,
          timeline,
          fromM,
          grown,
          isReady: timeline.readyDay !== null && day >= timeline.readyDay,
          points: pointsOf(stand, amounts, fromM),
          // Leaf area grows with weight, so the reach with its root; full-grown plants just touch.
          radiusM: (nearestCm / 200) * Math.sqrt(Math.max(LEAST_DRAWN, grown)),
        },
      ];
    });
}

const LEAST_DRAWN = 0.03;

/** The stations of a stand: rows centred across the bed, every second shifted where they are offset. */
function pointsOf(
  stand: Stand,
  amounts: ReturnType<typeof amountsFor>,
  fromM: number,
): { alongM: number; acrossM: number }[] {
  const { rows, stationsPerRow } = amounts;
  const shifts = stand.arrangement !== "rows";
  const stationM = amounts.stationCm / 100;
  const rowM = rowDistanceM(stand, amounts);
  const firstAcross = (stand.widthM - (rows - 1) * rowM) / 2;
  const firstAlong = fromM + (stand.lengthM - (stationsPerRow - 1) * stationM) / 2;
  const points: { alongM: number; acrossM: number }[] = [];
  for (let row = 0; row < rows; row += 1) {
    const shifted = shifts && row % 2 === 1;
    const count = shifted ? stationsPerRow - 1 : stationsPerRow;
    for (let place = 0; place < count; place += 1) {
      points.push({
        alongM: firstAlong + (place + (shifted ? 0.5 : 0)) * stationM,
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
