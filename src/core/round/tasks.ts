import { dayNumber, type DayNumber } from "../calendar";
import { bedsAsWalked, type Garden } from "../garden";
import type { LogEntry, Work } from "../log";
import { lifeOf, plantingName, type Site } from "../plan";
import type { Wording } from "../wording";
import { bedTasks } from "./bedTasks";
import { gardenTasks } from "./gardenTasks";
import { pestTasks } from "./pestTasks";
import { plantingTasks } from "./plantingTasks";
import { shelterTasks } from "./shelterTasks";
import type { Round, Task } from "./task";
import { nightFor } from "./nightFor";
import { trayTasks } from "./trayTasks";
import { waterTasks } from "./waterTasks";

/** What cannot wait until tomorrow comes first. */
const TONIGHT: readonly Work[] = ["cover", "shut", "pickBeforeFrost", "carryIn"];

/** Whether a task is one of the evening's decisions. */
export function isForTonight({ kind }: Pick<Task, "kind">): boolean {
  return TONIGHT.includes(kind);
}

/**
 * Everything that the garden's state asks for on a day and that is not settled yet: tonight's decisions
 * first, then what is not at a bed (trays, shelters), then the beds as one walks past them. The same
 * state gives the same tasks.
 */
export function tasksOn(site: Site, garden: Garden, day: DayNumber, wording: Wording): Task[] {
  const { climate } = site;
  const meanC = (climate.minTempC(day) + climate.maxTempC(day)) / 2;
  const round: Round = { site, garden, day, wording, meanC };
  const ofPlantings = [...garden.plantings.values()].flatMap((planting) => {
    const life = lifeOf(garden, site, planting);
    const bed = garden.beds.get(planting.bedId);
    if (!life || !bed) return [];
    return plantingTasks({ ...round, life, bed, name: plantingName(garden, planting) });
  });
  const all = [
    ...shelterTasks(round, nightFor(site, garden, day)),
    ...trayTasks(round),
    ...gardenTasks(round),
    ...waterTasks(round),
    ...bedTasks(round),
    ...pestTasks(round),
    ...ofPlantings,
  ].filter(({ id }) => !isSettled(garden.logEntries.get(id), day));
  const walk = new Map(bedsAsWalked(garden).map(({ id }, index) => [id, index]));
  const place = (task: Task) =>
    isForTonight(task) ? -2 : task.bedId === null ? -1 : (walk.get(task.bedId) ?? -1);
  return all.sort(
    (a, b) => place(a) - place(b) || Number(b.isLate) - Number(a.isLate) || (a.id < b.id ? -1 : 1),
  );
}

/** Whether an entry settles its task for a day: done or left undone by then, or put off beyond it. */
function isSettled(entry: LogEntry | undefined, day: DayNumber): boolean {
  if (!entry || dayNumber(entry.on) > day) return false;
  return entry.what.kind !== "putOff" || dayNumber(entry.what.untilOn) > day;
}

/** What of a day's round is settled already, the last one first. */
export function settledOn({ logEntries }: Garden, day: DayNumber): LogEntry[] {
  return [...logEntries.values()]
    .filter(({ taskId, on }) => taskId !== null && dayNumber(on) === day)
    .reverse();
}
