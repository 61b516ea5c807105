import { dayNumber, isoDate } from "../calendar";
import { commands, type CommandName } from "../commands";
import type { Garden } from "../garden";
import { plantingState } from "../plantings";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { tasksOn } from "./tasks";
import { inEnglish } from "@/words/told.testdata";

/** What the demo garden, or another, asks for on a day. */
export const on = (date: string, garden: Garden = tarnholt) =>
  tasksOn(site, garden, dayNumber(date));
export const find = (tasks: ReturnType<typeof on>, id: string) =>
  tasks.find((task) => task.id === id);
/** A day of a planting of the demo garden, so many days after. */
export const lifeDay = (
  id: string,
  which: "plantOutDay" | "emergeDay" | "readyDay" | "holdsUntilDay" | "boltDay",
  after = 0,
) => {
  const planting = tarnholt.plantings.get(id);
  const day = planting && plantingState(tarnholt, site, planting)?.timeline[which];
  if (day === null || day === undefined) throw new Error(id);
  return isoDate(day + after);
};

/** Expects a task of the demo garden on a day, by some of its fields; null expects none. */
export function expectTask(date: string, id: string, expected: object | null): void {
  const found = find(on(date), id);
  if (expected === null) return expect(found).toBeUndefined();
  const patterns = Object.fromEntries(
    Object.entries(expected).map(([key, value]: [string, unknown]) => [
      key,
      value instanceof RegExp ? expect.stringMatching(value) : value,
    ]),
  );
  expect(inEnglish(found)).toMatchObject(patterns);
}

/** The garden after one of its tasks was settled on a day. */
export function settled(garden: Garden, id: string, date: string, as: "done" | "skipped" = "done") {
  const task = find(on(date, garden), id);
  if (!task) throw new Error(`${id} is not asked for on ${date}`);
  const outcome = commands["round.settle"].apply(garden, {
    tasks: [task],
    on: date,
    as,
    today: date,
  });
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
}

/** The demo garden changed by a command. */
export function changed(name: CommandName, input: object, garden = tarnholt): Garden {
  const outcome = commands[name].apply(garden, input);
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
}
/** The tasks of one kind of work on a day. */
export const kinds = (date: string, kind: string, garden = tarnholt) =>
  on(date, garden).filter((task) => task.kind === kind);
