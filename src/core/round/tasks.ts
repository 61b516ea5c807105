import type { DayNumber } from "../calendar";
import { bedsInOrder, type Garden } from "../garden";
import { lifeOf, plantingName, type Site } from "../plan";
import type { Wording } from "../wording";
import { bedTasks } from "./bedTasks";
import { plantingTasks } from "./plantingTasks";
import { shelterTasks } from "./shelterTasks";
import type { Work } from "../log";
import type { Round, Task } from "./task";
import { tonight } from "./tonight";
import { trayTasks } from "./trayTasks";

/** What cannot wait until tomorrow comes first. */
const TONIGHT: readonly Work[] = ["cover", "shut", "pickBeforeFrost", "carryIn"];

/**
 * Everything that the garden's state asks for on a day: tonight's decisions first, then what is not
 * at a bed (trays, shelters), then the beds as one walks past them. The same state gives the same tasks.
 */
export function tasksOn(site: Site, garden: Garden, day: DayNumber, wording: Wording): Task[] {
  const round: Round = { site, garden, day, wording };
  const night = tonight(site, garden, garden.outlook?.outlook.days ?? [], day);
  const walk = bedsInOrder(garden).map(({ id }) => id);
  const ofPlantings = [...garden.plantings.values()].flatMap((planting) => {
    const life = lifeOf(garden, site, planting);
    const bed = garden.beds.get(planting.bedId);
    if (!life || !bed) return [];
    const name = plantingName(garden, planting);
    return plantingTasks({ ...round, life, name, place: bed.name });
  });
  const all = [
    ...shelterTasks(round, night),
    ...trayTasks(round),
    ...bedTasks(round),
    ...ofPlantings,
  ];
  const place = ({ kind, bedId }: Task) =>
    TONIGHT.includes(kind) ? -2 : bedId === null ? -1 : walk.indexOf(bedId);
  return all.sort(
    (a, b) => place(a) - place(b) || Number(b.isLate) - Number(a.isLate) || (a.id < b.id ? -1 : 1),
  );
}
