import { civilDate, MS_PER_DAY, type DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import type { TaskAhead } from "../tasks";
import { calendarEntries, type CalendarEntry } from "./calendarEntries";
import type { FileWords } from "./fileWords";

/** Fetches what reads and writes calendars. */
export async function calendarLibrary() {
  const { default: library } = await import("ical.js");
  // The blank before a continued line counts among its 75 octets (RFC 5545, 3.1).
  library.foldLength = 74;
  return library;
}
type Library = Awaited<ReturnType<typeof calendarLibrary>>;
type Component = InstanceType<Library["Component"]>;

/** What a calendar file is made from. */
export interface CalendarOf {
  site: Site;
  garden: Garden;
  /** Events from this day on; what is over stays in the phone as it is. */
  today: DayNumber;
  /** When the file is made, ms since 1970: the core has no clock of its own. */
  nowMs: number;
  words: FileWords;
  /** What the days ahead ask for beside the plan. */
  ahead?: readonly TaskAhead[];
  /** The file that was given out before this one, as text: its events are updated or cancelled. */
  earlier?: string | null;
  /** Whether the phone rings where lateness costs something. */
  rings?: boolean;
}

/**
 * The plan and the days ahead as an iCalendar file (RFC 5545), all events all-day: one for each sowing,
 * hardening off, planting out and ready day to come, one for what costs something if it is late, and
 * one a day for the round with its list.
 *
 * The same event always has the same UID. With the file before at hand, what did not change keeps its
 * SEQUENCE and DTSTAMP, what changed has a higher one, and what is no longer asked for is CANCELLED,
 * as long as its days are not over.
 *
 * @throws SyntaxError where `earlier` is no calendar
 */
export async function writeCalendarFile(of: CalendarOf): Promise<string> {
  // Loaded when a calendar is asked for: nobody waits for it at the door.
  const library = await calendarLibrary();
  const { garden, today, nowMs } = of;
  const before = eventsIn(library, of.earlier ?? null);
  const stamp = timeOf(library, nowMs);
  const calendar = new library.Component("vcalendar");
  const head = { version: "2.0", prodid: PRODUCT_ID, calscale: "GREGORIAN", method: "PUBLISH" };
  for (const [name, value] of Object.entries(head)) calendar.addPropertyWithValue(name, value);
  calendar.addPropertyWithValue("x-wr-calname", garden.head.name);

  for (const entry of calendarEntries(of)) {
    const event = eventOf(library, entry, of.rings ?? false);
    const known = before.get(entry.uid);
    before.delete(entry.uid);
    const isAsItWas = known !== undefined && contentOf(known) === contentOf(event);
    event.addPropertyWithValue("sequence", known ? sequenceOf(known) + (isAsItWas ? 0 : 1) : 0);
    const stampedAt = isAsItWas ? known.getFirstPropertyValue("dtstamp") : null;
    event.addPropertyWithValue("dtstamp", stampedAt ?? stamp);
    calendar.addSubcomponent(event);
  }
  for (const left of before.values()) {
    const end = left.getFirstPropertyValue("dtend") as { toString(): string } | null;
    if (end === null || end.toString() <= dateOf(library, today).toString()) continue;
    if (left.getFirstPropertyValue("status") !== "CANCELLED") {
      left.updatePropertyWithValue("sequence", sequenceOf(left) + 1);
      left.updatePropertyWithValue("status", "CANCELLED");
      left.updatePropertyWithValue("dtstamp", stamp);
      left.removeAllSubcomponents("valarm");
    }
    calendar.addSubcomponent(left);
  }
  return `${calendar.toString()}\r\n`;
}

const PRODUCT_ID = "-//Late Ember//Garden plan//EN";
/** When a phone rings on the day: in the morning, and before dusk for what is done for the night. */
const RINGS_AT = { morning: "PT7H", afternoon: "PT15H" } as const;

function eventOf(library: Library, entry: CalendarEntry, rings: boolean): Component {
  const event = new library.Component("vevent");
  event.addPropertyWithValue("uid", entry.uid);
  event.addPropertyWithValue("summary", entry.title);
  if (entry.place !== "") event.addPropertyWithValue("location", entry.place);
  if (entry.text !== "") event.addPropertyWithValue("description", entry.text);
  event.addPropertyWithValue("dtstart", dateOf(library, entry.day));
  event.addPropertyWithValue("dtend", dateOf(library, entry.untilDay + 1));
  event.addPropertyWithValue("categories", entry.category);
  event.addPropertyWithValue("status", "CONFIRMED");
  // Who looks whether somebody is free finds the grower free.
  event.addPropertyWithValue("transp", "TRANSPARENT");
  if (rings && entry.costly !== null) {
    const alarm = new library.Component("valarm");
    alarm.addPropertyWithValue("action", "DISPLAY");
    alarm.addPropertyWithValue("description", entry.title);
    alarm.addPropertyWithValue("trigger", library.Duration.fromString(RINGS_AT[entry.costly]));
    event.addSubcomponent(alarm);
  }
  return event;
}

function dateOf(library: Library, day: DayNumber) {
  const { year, month, dayOfMonth } = civilDate(day);
  return library.Time.fromData({ year, month, day: dayOfMonth, isDate: true });
}

function timeOf(library: Library, ms: number) {
  const { year, month, dayOfMonth } = civilDate(Math.floor(ms / MS_PER_DAY));
  const second = Math.floor((ms % MS_PER_DAY) / 1000);
  const parts = { year, month, day: dayOfMonth, hour: 0, minute: 0, second };
  return new library.Time({ ...parts, isDate: false }, library.Timezone.utcTimezone);
}

/** The events of a calendar by their UIDs. */
function eventsIn(library: Library, text: string | null): Map<string, Component> {
  if (text === null) return new Map();
  const component = new library.Component(calendarRead(library, text));
  return new Map(
    component.getAllSubcomponents("vevent").flatMap((event) => {
      const uid = event.getFirstPropertyValue("uid");
      return typeof uid === "string" ? [[uid, event] as const] : [];
    }),
  );
}

function calendarRead(library: Library, text: string): [] {
  try {
    const read: unknown = library.parse(text);
    if (Array.isArray(read) && read[0] === "vcalendar") return read as [];
  } catch {
    // Told below.
  }
  throw new SyntaxError("This is not an iCalendar file.");
}

function sequenceOf(event: Component): number {
  const sequence = Number(event.getFirstPropertyValue("sequence"));
  return Number.isInteger(sequence) && sequence >= 0 ? sequence : 0;
}

/** All that an event says, but for when and how often it was said. */
function contentOf(event: Component): string {
  const told = event
    .getAllProperties()
    .filter(({ name }) => name !== "dtstamp" && name !== "sequence")
    .map((property) => property.toICALString())
    .sort();
  const alarms = event.getAllSubcomponents("valarm").map((alarm) => alarm.toString());
  return [...told, ...alarms].join("\n");
}
