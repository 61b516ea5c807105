import type { ContainersFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const containers = learn<ContainersFacts>({
  "containers.giveTheSizeOfEach": "Enter how large each of them is.",
  "containers.atLeast5CmWide": (_about, say) =>
    `Each is at least ${say.distanceCm(5)} wide: enter its diameter, or how long it is.`,
  "containers.atMost5M": (_about, say) => `At most ${say.lengthM(5)}; make it a bed.`,
  "containers.giveHowDeepTheyAre": "Enter how deep they are.",
  "containers.atLeast3CmDeep": (_about, say) => `At least ${say.distanceCm(3)} deep.`,
  "containers.atMost2MDeep": (_about, say) => `At most ${say.lengthM(2)} deep.`,
  "containers.giveHowWarmTheRoomIs": "Enter how warm the room is, at night and by day.",
  "containers.aRoomIsNoFreezer": (_about, say) =>
    `A growing room is at least ${say.temperature(0)} warm.`,
  "containers.noPlantGrowsThere": (_about, say) => `At most ${say.temperature(40)}.`,
  "containers.byDayAtLeastAsWarm": "By day it is at least as warm as at night.",
  "containers.giveHoursOfLight": "Enter how many hours a day the lamps burn; 0 in the dark.",
  "containers.n0To24Hours": "From 0 to 24 hours.",
  "containers.giveTheLightOfTheLamps":
    "Enter the light over the plants in µmol/m² a second, as the lamp's sheet says; 0 in the dark.",
  "containers.n0To2000Micromoles": "From 0 to 2000 µmol/m² a second.",
  "containers.sayWhereTheyStand": "Say where they stand.",
  "containers.atMost200Moves": "At most 200 moves.",
  "containers.movesInTheOrderOfTheirDays": "Moves go in the order of their days, one a day.",
  "containers.rowProblem": ({ problem, name, eachM }, say) =>
    problem === "notWhole"
      ? `${name} is a row of containers ${say.distanceCm(eachM * 100)} long: its length is a whole number of them.`
      : `${name} is a row of round containers: its width is their diameter, ${say.distanceCm(eachM * 100)}.`,
  "containers.plantWholeContainers": ({ name, eachM, count }, say) =>
    `${name} is ${say.number(count)} containers of ${say.distanceCm(eachM * 100)}: plant whole ones.`,
  "containers.notAcross": ({ name }) =>
    `${name} is a row of containers: plant all over each of them, or around the rim.`,
});
