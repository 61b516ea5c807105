import setupJson from "@data/setup.json";
import { dayNumber, isoDate, type DayNumber } from "../../calendar";
import { fact } from "../../facts";
import { plantingTask, type PlantingRound, type Task } from "../task";

const { maxAboveMeanC: MAX_ABOVE_MEAN_C, daysAhead: DAYS_AHEAD, underCoversC } = setupJson.heat;

/**
 * Shade for what grows already, before days so hot that they end it: lettuce turns bitter, peas set
 * nothing. By the outlook alone: the usual weather has no hot spells.
 */
export function heatTasks(round: PlantingRound): Task[] {
  const { life, garden, day } = round;
  const { growing, timeline, planting } = life;
  const { heat } = growing.crop;
  const startDay = timeline.plantOutDay ?? timeline.emergeDay;
  if (!heat || startDay === null || day < startDay || planting.setup?.shade === "none") return [];
  if (timeline.holdsUntilDay !== null && day > timeline.holdsUntilDay) return [];
  const hotFromC =
    heat.aboveMeanC + MAX_ABOVE_MEAN_C - (growing.covers.length > 0 ? underCoversC : 0);
  const hot = new Map<DayNumber, number>();
  for (const { date, maxTempC } of garden.outlook?.outlook.days ?? []) {
    if (maxTempC >= hotFromC) hot.set(dayNumber(date), maxTempC);
  }
  const fromDay = [...hot.keys()].sort((a, b) => a - b).find((hotDay) => hotDay >= day);
  if (fromDay === undefined || fromDay > day + DAYS_AHEAD) return [];
  let untilDay = fromDay;
  while (hot.has(untilDay + 1)) untilDay += 1;
  const spell = Array.from(
    { length: untilDay - fromDay + 1 },
    (_, at) => hot.get(fromDay + at) ?? 0,
  );
  return [
    plantingTask(round, "shade", fromDay, untilDay, {
      // The same spell as its days pass; asked anew where it is told to last longer.
      again: `heat-${isoDate(untilDay)}`,
      reason: fact("tasks.hotDaysAreExpected", {
        maxC: Math.max(...spell),
        fromDay,
        untilDay,
        day,
      }),
      endsWhen: fact("tasks.theShadeIsOn"),
      ifLeft: fact("tasks.heatMakesItBitterOrBolt"),
      more: [fact("tasks.waterInTheMorningShadeHalf"), fact("tasks.takeItOffAfterTheHeat")],
    }),
  ];
}
