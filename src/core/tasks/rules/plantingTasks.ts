import { growingTasks } from "./growingTasks";
import { heatTasks } from "./heatTasks";
import { harvestTasks } from "./harvestTasks";
import { seedThiefTasks } from "./seedThiefTasks";
import { setupTasks } from "./setupTasks";
import { sowingTasks } from "./sowingTasks";
import type { PlantingRound, Task } from "../task";

/** Everything that one planting asks for on a day. */
export function plantingTasks(round: PlantingRound): Task[] {
  return [
    ...sowingTasks(round),
    ...seedThiefTasks(round),
    ...setupTasks(round),
    ...heatTasks(round),
    ...growingTasks(round),
    ...harvestTasks(round),
  ];
}
