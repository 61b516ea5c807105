import type { EventAttributes } from "ics";
import { MS_PER_DAY, civilDate, type DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import type { TaskAhead } from "../tasks";
import { planEvents, taskEvents } from "./events";
import type { FileWords } from "./fileWords";

/** Fetches what writes calendars. */
export function calendarWriter() {
  return import("ics");
}

/**
 * The plan as an iCalendar file (RFC 5545): an all-day event for each sowing, planting out and
 * ready day, and for what the days ahead ask for. The same garden always gives the same UIDs, and a
 * later file a higher SEQUENCE, so importing again updates.
 *
 * @param stampDay the day the file is made, for DTSTAMP: the core has no clock of its own
 */
export async function writeCalendarFile(
  site: Site,
  garden: Garden,
  stampDay: DayNumber,
  words: FileWords,
  ahead: readonly TaskAhead[] = [],
): Promise<string> {
  // Loaded when a calendar is asked for: nobody waits for it at the door.
  const { createEvents } = await calendarWriter();
  const stamp = {
    timestamp: stampDay * MS_PER_DAY,
    sequence: Math.max(0, stampDay - SEQUENCE_FROM_DAY),
    transp: "TRANSPARENT" as const,
  };
  const planned = planEvents(site, garden, true).map((event): EventAttributes & typeof stamp => ({
    uid: event.uid,
    title: words.planned(event.kind, event.subject),
    location: event.bedName,
    ...(event.kind === "ready" ? { description: words.readyDates(event) } : {}),
    start: dateArray(event.day),
    end: dateArray(event.day + 1),
    ...stamp,
  }));
  const asked = taskEvents(ahead).map((event): EventAttributes & typeof stamp => {
    const { kind, subject, place, howMuch, reason, ifLeft } = event.task;
    const description = [howMuch, reason].flatMap((part) => (part ? [words.tell(part)] : []));
    return {
      uid: event.uid,
      title: words.asked(kind, words.tell(subject)),
      location: words.tell(place),
      description: [...description, words.ifLeft(words.tell(ifLeft))].join("\n"),
      start: dateArray(event.day),
      end: dateArray(event.untilDay + 1),
      ...stamp,
    };
  });
  const { error, value } = createEvents([...planned, ...asked], {
    productId: PRODUCT_ID,
    calName: garden.head.name,
  });
  if (error || !value) {
    throw new Error("The calendar file could not be written.", { cause: error });
  }
  return value;
}

const PRODUCT_ID = "-//Late Ember//Garden plan//EN";
/** 1 January 2026: SEQUENCE counts the days from here. */
const SEQUENCE_FROM_DAY = 20_454;

function dateArray(day: DayNumber): [number, number, number] {
  const { year, month, dayOfMonth } = civilDate(day);
  return [year, month, dayOfMonth];
}
