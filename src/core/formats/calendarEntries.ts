import { isoDate, type DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import { WORK_IN_TIME } from "../log";
import { ASKED_ANEW, isForTonight, type Task, type TaskAhead } from "../tasks";
import { IN_PLAN, planEvents, type PlanEvent } from "./events";
import type { FileWords } from "./fileWords";

/** What stands on one or several days of a calendar. */
export interface CalendarEntry {
  uid: string;
  day: DayNumber;
  /** Its last day. */
  untilDay: DayNumber;
  title: string;
  /** "" where there is none */
  place: string;
  text: string;
  category: string;
  /** When the phone may ring for it, as lateness costs something; null for what can wait. */
  costly: "morning" | "afternoon" | null;
}

/** What goes into a calendar from a day on, in the order of the days. */
export function calendarEntries({
  site,
  garden,
  today,
  words,
  ahead = [],
}: {
  site: Site;
  garden: Garden;
  today: DayNumber;
  words: FileWords;
  ahead?: readonly TaskAhead[];
}): CalendarEntry[] {
  const planned = planEvents(site, garden, true)
    .filter(({ day }) => day >= today)
    .map((event): CalendarEntry => plannedEntry(event, words));
  const beside = ahead.filter(({ task }) => !IN_PLAN.has(task.kind));
  const dated = beside
    .filter(({ task }) => isInTime(task))
    .flatMap((one) => datedEntries(one, words));
  const round = roundEntries(
    beside.filter(({ task }) => !isInTime(task)),
    words,
  );
  return [...planned, ...dated, ...round].sort((a, b) => a.day - b.day || (a.uid < b.uid ? -1 : 1));
}

function isInTime({ kind }: Task): boolean {
  return WORK_IN_TIME.has(kind);
}

function plannedEntry(event: PlanEvent, words: FileWords): CalendarEntry {
  const isReady = event.kind === "ready";
  return {
    uid: event.uid,
    day: event.day,
    untilDay: event.day,
    title: words.planned(event.kind, event.subject),
    place: event.bedName,
    text: isReady ? words.readyDates(event) : "",
    category: words.category(event.kind),
    costly: isReady ? null : "morning",
  };
}

/** A task that costs something if it is late: by itself, and where each day asks anew, on each day. */
function datedEntries({ task, days }: TaskAhead, words: FileWords): CalendarEntry[] {
  const isDaily = ASKED_ANEW.test(task.id);
  const name = uidPart(task.id.replace(ASKED_ANEW, ""));
  const isTonight = isForTonight(task);
  return days.map((day) => ({
    uid: isDaily ? `${name}-${isoDate(day)}@late-ember` : `${name}@late-ember`,
    day,
    untilDay: isDaily ? day : Math.max(day, task.untilDay),
    title: words.asked(task.kind, words.tell(task.subject)),
    place: words.tell(task.place),
    text: textOf(task, words),
    category: words.category(isTonight ? "night" : "work"),
    costly: isTonight ? "afternoon" : "morning",
  }));
}

/** All that can be done on one walk, as one entry a day with its list. */
function roundEntries(ahead: readonly TaskAhead[], words: FileWords): CalendarEntry[] {
  const byDay = new Map<DayNumber, Task[]>();
  for (const { task, days } of ahead) {
    for (const day of days) byDay.set(day, [...(byDay.get(day) ?? []), task]);
  }
  return [...byDay].map(([day, tasks]) => ({
    uid: `round-${isoDate(day)}@late-ember`,
    day,
    untilDay: day,
    title: words.round(tasks.length),
    place: "",
    text: tasks
      .map((task) => {
        const place = words.tell(task.place);
        const work = words.asked(task.kind, words.tell(task.subject));
        const how = task.howMuch ? words.tell(task.howMuch) : "";
        return [place, work, how].filter((part) => part !== "").join(" · ");
      })
      .join("\n"),
    category: words.category("round"),
    costly: null,
  }));
}

function textOf({ howMuch, reason, ifLeft }: Task, words: FileWords): string {
  const told = [howMuch, reason].flatMap((part) => (part ? [words.tell(part)] : []));
  return [...told, words.ifLeft(words.tell(ifLeft))].join("\n");
}

function uidPart(id: string): string {
  return id.toLowerCase().replace(/[^a-z0-9-]/g, "-");
}
