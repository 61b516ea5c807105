import { care } from "../../care";
import { fact } from "../../facts";
import { isKnown, plantingTask, type PlantingRound, type Task } from "../task";

const { crops, askedDays, uncoverAfterEmergenceDays, boardDays } = care.seedThieves;
/** What ends is told for so long. */
const ENDS_TOLD_DAYS = 5;
const AGAIN = "thieves";

/** Large seed in the open ground is covered against mice and crows, and let free in time. */
export function seedThiefTasks(round: PlantingRound): Task[] {
  const { life, day } = round;
  const { growing, planting, timeline, facts } = life;
  const isSown = isKnown(facts.sownDay, round);
  if (planting.method !== "direct" || !isSown || !crops.includes(growing.crop.id)) return [];
  const sownDay = facts.sownDay ?? timeline.sowDay;
  const isShoots = growing.crop.group === "shoots";
  const upDay = isKnown(facts.emergedDay, round) ? facts.emergedDay : timeline.emergeDay;
  // A board presses shoots to an even stand, and comes off before they grow into it.
  const offDay = isShoots
    ? sownDay + boardDays
    : upDay === null
      ? null
      : upDay + uncoverAfterEmergenceDays;
  if (offDay === null || day >= offDay) return offDay === null ? [] : uncovered(round, offDay);
  if (day > sownDay + askedDays) return [];
  return [
    plantingTask(round, "net", sownDay, sownDay + askedDays, {
      again: AGAIN,
      reason: isShoots
        ? fact("tasks.aBoardKeepsMiceOffShoots", { offDay, day })
        : fact("tasks.meshKeepsMiceOffSeed", { offDay, day }),
      endsWhen: isShoots
        ? fact("tasks.theBoardLiesFlatWeighedDown")
        : fact("tasks.theMeshIsOnItsEdgesBuriedDeep"),
      ifLeft: fact("tasks.aRowOfSeedGoesInANight"),
      more: [fact("tasks.miceComeInAtTheEdges")],
      cautions: ["traps"],
    }),
  ];
}

/** Asked only where the cover was put on. */
function uncovered(round: PlantingRound, offDay: number): Task[] {
  const { life, garden, day } = round;
  const on = garden.logEntries.get(`${life.planting.id}-net-${AGAIN}`);
  if (on?.what.kind !== "worked" || day >= offDay + ENDS_TOLD_DAYS) return [];
  return [
    plantingTask(round, "netOff", offDay, offDay, {
      again: AGAIN,
      reason: fact("tasks.theyAreUpAndTooTallForMice"),
      endsWhen: fact("tasks.theCoverIsOff"),
      ifLeft: fact("tasks.theyGrowIntoItAndBend"),
    }),
  ];
}
