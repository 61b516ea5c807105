import foodJson from "@data/food.json";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import type { Bed, Garden } from "../garden";
import type { Site } from "../growth";
import { shootRounds, type ShootRounds } from "./shootRounds";

const { shootCrop, shootsBeforeDays, shootSquares, shootSquareM, shootBatches } = foodJson.fill;

/**
 * A usual round of shoots in a bed or in containers, in time for a day on which salad gets short; null
 * where there is no room for it, or it would not be cut before the round comes again.
 */
export function usualShoots(
  site: Site,
  garden: Garden,
  bed: Bed,
  today: DayNumber,
  shortDay: DayNumber,
): ShootRounds | null {
  const firstDay = Math.max(today + DAYS_PER_WEEK, shortDay - shootsBeforeDays);
  let made = 0;
  const rounds = shootRounds(
    site,
    garden,
    {
      cropId: shootCrop,
      bedId: bed.id,
      everyDays: DAYS_PER_WEEK,
      squares: shootSquares,
      squareM: shootSquareM,
      batches: shootBatches,
      firstDay,
    },
    () => `fill-${bed.id}-shoots-${(made += 1)}`,
  );
  return rounds.problem ? null : rounds;
}
