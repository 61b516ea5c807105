import { dayNumber, isoDate } from "../../calendar";
import { materials } from "../../shelter";
import { setupOperations } from "../../bedCare";
import { ASKED_AFTER_DAYS, plantingTask, type PlantingRound, type Task } from "../task";
import { fact, type Fact } from "../../facts";

/** Rain of a day that waters what is new, mm. */
const WATERS_MM = 5;
/** In colder weather soil stays moist, and wet seed rots, °C (estimate). */
const COLD_MEAN_C = 6;
/** What ends is told for so long. */
const ENDS_TOLD_DAYS = 3;

/** What is set up when a planting comes into its bed: shade on and off, netting, water and less of it. */
export function setupTasks(round: PlantingRound): Task[] {
  const { day, life, site, garden } = round;
  const outlook = garden.outlook?.outlook.days ?? [];
  const { growing, timeline, planting } = life;
  return setupOperations(site, growing, timeline, planting.setup, outlook).flatMap(
    ({ kind, fromDay, untilDay, words }): Task[] => {
      if (kind === "net") {
        // When it is too cold for its pests already, there is nothing to keep out.
        if (untilDay !== null && untilDay <= day) return [];
        if (day < fromDay || day > fromDay + ASKED_AFTER_DAYS) return [];
        return [
          plantingTask(round, "net", fromDay, fromDay, {
            reason: words,
            endsWhen: fact("tasks.theNettingIsOnItsEdgesBuried"),
            ifLeft: fact("tasks.pestsLayTheirEggsOnIt"),
            cautions: ["netting-birds"],
          }),
        ];
      }
      const endDay = untilDay ?? fromDay;
      if (endDay <= fromDay || day < fromDay || day >= endDay + ENDS_TOLD_DAYS) return [];
      const going = day < endDay;
      if (kind === "shade")
        return going ? [shadeOn(round, fromDay, endDay, words)] : [shadeOff(round, endDay)];
      if (!going) return [lessWater(round, endDay)];
      return rainComes(round) || round.meanC < COLD_MEAN_C ? [] : [waterIn(round, words)];
    },
  );
}

function shadeOn(round: PlantingRound, fromDay: number, endDay: number, reason: Fact): Task {
  return plantingTask(round, "shade", fromDay, endDay - 1, {
    reason,
    endsWhen: fact("tasks.theShadeIsOn"),
    ifLeft: fact("tasks.softPlantsWiltAndMayNotRecover"),
  });
}

function shadeOff(round: PlantingRound, endDay: number): Task {
  return plantingTask(round, "shadeOff", endDay, endDay + ENDS_TOLD_DAYS, {
    reason: fact("tasks.theBrightDaysAreOverLightIsScarce"),
    endsWhen: fact("tasks.theShadeIsOff"),
    ifLeft: fact("tasks.itGrowsSlowlyInTheDarkWeeksAnd"),
  });
}

/** Short and daily: it is asked for anew each day. */
function waterIn(round: PlantingRound, reason: Fact): Task {
  const { day } = round;
  return plantingTask(round, "waterIn", day, day, {
    again: isoDate(day),
    reason,
    endsWhen: fact("tasks.theTopInchOrTwo3To5CmIsWet"),
    ifLeft: fact("tasks.shallowRootsDryOutWithinDays"),
  });
}

function lessWater(round: PlantingRound, endDay: number): Task {
  return plantingTask(round, "changeWatering", endDay, endDay + ENDS_TOLD_DAYS, {
    reason: fact("tasks.rootsAreEstablishedWaterDeeplyAnd"),
    endsWhen: fact("tasks.theTimerOrTheHabitIsChanged"),
    ifLeft: fact("tasks.rootsStayShallowAndTheBedDriesOut"),
  });
}

/** Whether the outlook brings enough rain on the day, where rain comes in. */
function rainComes({ garden, day, life }: PlantingRound): boolean {
  const keepsRainOff = life.growing.covers.some((id) => materials.get(id)?.kind !== "sheet");
  const told = garden.outlook?.outlook.days.find(({ date }) => dayNumber(date) === day);
  return !keepsRainOff && (told?.precipitationMm ?? 0) >= WATERS_MM;
}
