import type { EventAttributes } from "ics";
import { civilDate, type DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../plan";
import { planEvents } from "./events";

/**
 * The plan as an iCalendar file (RFC 5545): an all-day event for each sowing, planting out and
 * ready day. The same garden always gives the same UIDs, so importing again updates.
 *
 * @param stampDay the day the file is made, for DTSTAMP: the core has no clock of its own
 */
export async function writeCalendarFile(
  site: Site,
  garden: Garden,
  stampDay: DayNumber,
): Promise<string> {
  // Loaded when a calendar is asked for: nobody waits for it at the door.
  const { createEvents } = await import("ics");
  const stamp = { timestamp: stampDay * MS_PER_DAY };
  const events = planEvents(site, garden).map((event): EventAttributes & typeof stamp => ({
    uid: event.uid,
    title: event.title,
    location: event.bedName,
    start: dateArray(event.day),
    end: dateArray(event.day + 1),
    transp: "TRANSPARENT",
    ...stamp,
  }));
  const { error, value } = createEvents(events, {
    productId: PRODUCT_ID,
    calName: garden.head.name,
  });
  if (error || !value) {
    throw new Error("The calendar file could not be written.", { cause: error });
  }
  return value;
}

const PRODUCT_ID = "-//Late Ember//Garden plan//EN";
const MS_PER_DAY = 86_400_000;

function dateArray(day: DayNumber): [number, number, number] {
  const { year, month, dayOfMonth } = civilDate(day);
  return [year, month, dayOfMonth];
}
