import type { DayNumber } from "../calendar";
import { bedsAsWalked, type Garden } from "../garden";
import { WORKS, type Work } from "../log";
import { plantingState, plantingName, plantsIn } from "../plantings";
import type { Site } from "../growth";
import { containerTasks } from "./rules/containerTasks";
import { bedTasks } from "./rules/bedTasks";
import { gardenTasks } from "./rules/gardenTasks";
import { pestTasks } from "./rules/pestTasks";
import { plantingTasks } from "./rules/plantingTasks";
import { seedTasks } from "./rules/seedTasks";
import { shelterTasks } from "./rules/shelterTasks";
import { isForTonight, isSettled } from "./settled";
import type { Round, Task } from "./task";
import { tonight } from "../frostNight";
import { trayNightTasks } from "./rules/trayNightTasks";
import { trayTasks } from "./rules/trayTasks";
import { waterTasks } from "./rules/waterTasks";

/**
 * Everything that the garden's state asks for on a day and that is not settled yet: tonight's decisions
 * first, then what is not at a bed (trays, shelters), then the beds as one walks past them. The same
 * state gives the same tasks.
 *
 * @param today the day up to which the log tells, where a day to come is looked at
 */
export function tasksOn(site: Site, garden: Garden, day: DayNumber, today = day): Task[] {
  const round = roundOn(site, garden, day, today);
  return inOrder(round, [
    ...shelterTasks(round, tonight(site, garden, day)),
    ...trayNightTasks(round),
    ...dayTasks(round),
  ]);
}

/** What a day asks for but for its night and its weather: what can be told of a day still far ahead. */
export function plannedTasksOn(
  site: Site,
  garden: Garden,
  day: DayNumber,
  today: DayNumber,
): Task[] {
  const round = roundOn(site, garden, day, today);
  return inOrder(round, dayTasks(round));
}

function roundOn(site: Site, garden: Garden, day: DayNumber, today: DayNumber): Round {
  const { climate } = site;
  const meanC = (climate.minTempC(day) + climate.maxTempC(day)) / 2;
  const standing = new Map(
    [...garden.beds.values()].map((bed) => [bed.id, plantsIn(site, garden, bed, day)]),
  );
  return { site, garden, day, today, meanC, standing };
}

function dayTasks(round: Round): Task[] {
  const { site, garden } = round;
  const ofPlantings = [...garden.plantings.values()].flatMap((planting) => {
    const life = plantingState(garden, site, planting);
    const bed = garden.beds.get(planting.bedId);
    if (!life || !bed) return [];
    return plantingTasks({ ...round, life, bed, name: plantingName(garden, planting) });
  });
  return [
    ...trayTasks(round),
    ...gardenTasks(round),
    ...waterTasks(round),
    ...bedTasks(round),
    ...containerTasks(round),
    ...pestTasks(round),
    ...seedTasks(round),
    ...ofPlantings,
  ];
}

/** What is not settled yet: tonight's decisions, then what is at no bed, then bed by bed. */
function inOrder({ garden, day }: Round, tasks: readonly Task[]): Task[] {
  const walk = new Map(bedsAsWalked(garden).map(({ id }, index) => [id, index]));
  const place = (task: Task) =>
    isForTonight(task) ? -2 : task.bedId === null ? -1 : (walk.get(task.bedId) ?? -1);
  return tasks
    .filter(({ id }) => !isSettled(garden, id, day))
    .map((task) => ({ task, at: place(task), rank: RANKS.get(task.kind) ?? 0 }))
    .sort(
      (a, b) =>
        a.at - b.at ||
        Number(b.task.isLate) - Number(a.task.isLate) ||
        a.rank - b.rank ||
        (a.task.id < b.task.id ? -1 : 1),
    )
    .map(({ task }) => task);
}

/** The order of work at one place. */
const RANKS: ReadonlyMap<Work, number> = new Map(WORKS.map((work, index) => [work, index]));
