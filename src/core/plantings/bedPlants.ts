import type { DayNumber } from "../calendar";
import type { Bed, Garden, Planting } from "../garden";
import { standOf } from "./growing";
import { lifeOf } from "./plantingState";
import { bedDays, type Growing, type Timeline } from "../schedule";
import { grownShare } from "../schedule";
import type { Site } from "../growth";
import { amountsFor, type Stand } from "./spacing";

/** A planting as it stands in its bed on a day. */
export interface StandingPlants {
  planting: Planting;
  growing: Growing;
  timeline: Timeline;
  /** 0 just sown, 1 full-grown. */
  grown: number;
  isReady: boolean;
  /** Where the plants stand, metres along the bed from its near end and across from its left side. */
  points: { alongM: number; acrossM: number }[];
  /** How far a plant's leaves reach, metres. */
  radiusM: number;
}

/** What stands in a bed on a day, from the near end on. */
export function plantsIn(site: Site, garden: Garden, bed: Bed, day: DayNumber): StandingPlants[] {
  return [...garden.plantings.values()]
    .filter((planting) => planting.bedId === bed.id)
    .sort((a, b) => a.fromM - b.fromM || (a.id < b.id ? -1 : 1))
    .flatMap((planting) => {
      const life = lifeOf(garden, site, planting);
      if (!life) return [];
      const { growing, timeline } = life;
      const { fromDay, untilDay } = bedDays(timeline);
      if (day < fromDay || day >= untilDay) return [];
      const stand = standOf(planting, bed);
      const grown = grownShare(site, garden.settings, growing, timeline, day);
      const amounts = amountsFor(stand, growing.crop, planting.method);
      const nearestCm = Math.min(amounts.rowCm, amounts.stationCm);
      return [
        {
          planting,
          growing,
          timeline,
          grown,
          isReady: timeline.readyDay !== null && day >= timeline.readyDay,
          points: pointsOf(stand, amounts, planting),
          // Leaf area grows with weight, so the reach with its root; full-grown plants just touch.
          radiusM: (nearestCm / 200) * Math.sqrt(Math.max(LEAST_DRAWN, grown)),
        },
      ];
    });
}

const LEAST_DRAWN = 0.03;

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
