import { DAYS_OF_YEAR, dayOfYear, type DayNumber } from "../calendar";
import { lightResponse, packetGrowth, placeOf, responseTable, SPRING_PACKET_DAYS } from "../crops";
import { hardeningYear, WINTER_CROP } from "../growth";
import type { GrowingSpace } from "../shelter";
import { HOURS, type WinterWeather } from "./winterWeather";

const MIDWINTER_PLACE = { north: 355, south: 172 };
const HALF_A_YEAR = 183;

/** How far spring has usually come on in plants by a day, 0 to 1. */
export function springBefore(space: GrowingSpace | undefined, day: DayNumber): number {
  return space ? (hardeningYear(space).springShare[dayOfYear(day) - 1] ?? 0) : 0;
}

/**
 * How far spring comes on in plants on each day of a winter: from midwinter to midsummer, by the packet days
 * gathered in the open; none in the other half.
 *
 * @param before how far it has come before the first day
 * @param share  to be filled, one value a day
 */
export function fillSpring(
  { span, steps, dliMol }: WinterWeather,
  latitudeDeg: number,
  before: number,
  share: Float64Array,
): void {
  const response = responseTable(WINTER_CROP.temperature);
  const ofPacket = packetGrowth(WINTER_CROP) * HOURS;
  const { north, south } = MIDWINTER_PLACE;
  const midwinter = latitudeDeg < 0 ? south : north;
  let gathered = before * SPRING_PACKET_DAYS;
  for (let day = 0; day < span.days; day += 1) {
    const place = dayOfYear(span.firstDay + day) - 1;
    if ((place - midwinter + 2 * DAYS_OF_YEAR) % DAYS_OF_YEAR >= HALF_A_YEAR) {
      gathered = 0;
      share[day] = 0;
      continue;
    }
    let warmth = 0;
    for (let hour = 0; hour < HOURS; hour += 1) {
      warmth += response[placeOf(steps.airC[day * HOURS + hour] ?? 0)] ?? 0;
    }
    gathered += (warmth * lightResponse(WINTER_CROP.lightHalfMol, dliMol[day] ?? 0)) / ofPacket;
    share[day] = Math.min(1, gathered / SPRING_PACKET_DAYS);
  }
}
