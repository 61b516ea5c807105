import type { Nothing } from "./told";

/** What the room of containers has to say, and about what. */
export interface ContainersFacts {
  "containers.giveTheSizeOfEach": Nothing;
  "containers.atLeast5CmWide": Nothing;
  "containers.atMost5M": Nothing;
  "containers.giveHowDeepTheyAre": Nothing;
  "containers.atLeast3CmDeep": Nothing;
  "containers.atMost2MDeep": Nothing;
  "containers.giveHowWarmTheRoomIs": Nothing;
  "containers.aRoomIsNoFreezer": Nothing;
  "containers.noPlantGrowsThere": Nothing;
  "containers.byDayAtLeastAsWarm": Nothing;
  "containers.giveHoursOfLight": Nothing;
  "containers.n0To24Hours": Nothing;
  "containers.giveTheLightOfTheLamps": Nothing;
  "containers.n0To2000Micromoles": Nothing;
  "containers.sayWhereTheyStand": Nothing;
  "containers.atMost200Moves": Nothing;
  "containers.movesInTheOrderOfTheirDays": Nothing;
  "containers.rowProblem": { problem: "notWhole" | "notRound"; name: string; eachM: number };
  "containers.plantWholeContainers": { name: string; eachM: number; count: number };
  "containers.notAcross": { name: string };
}
