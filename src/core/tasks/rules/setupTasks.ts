import { dayNumber, isoDate } from "../../calendar";
import { materials } from "../../shelter";
import { setupOperations } from "../../bedCare";
import { ASKED_AFTER_DAYS, plantingTask, type PlantingRound, type Task } from "../task";

/** Rain of a day that waters what is new, mm. */
const WATERS_MM = 5;
/** In colder weather soil stays moist, and wet seed rots, °C (estimate). */
const COLD_MEAN_C = 6;
/** What ends is told for so long. */
const ENDS_TOLD_DAYS = 3;

/** What is set up when a planting comes into its bed: shade on and off, netting, water and less of it. */
export function setupTasks(round: PlantingRound): Task[] {
  const { day, life, site, garden, wording } = round;
  const outlook = garden.outlook?.outlook.days ?? [];
  const { growing, timeline, planting } = life;
  return setupOperations(site, growing, timeline, planting.setup, outlook, wording).flatMap(
    ({ kind, fromDay, untilDay, words }): Task[] => {
      if (kind === "net") {
        // When it is too cold for its pests already, there is nothing to keep out.
        if (untilDay !== null && untilDay <= day) return [];
        if (day < fromDay || day > fromDay + ASKED_AFTER_DAYS) return [];
        return [
          plantingTask(round, "net", fromDay, fromDay, {
            reason: words,
            endsWhen: "the netting is on, its edges buried",
            ifLeft: "Its flies and butterflies lay their eggs.",
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

function shadeOn(round: PlantingRound, fromDay: number, endDay: number, reason: string): Task {
  return plantingTask(round, "shade", fromDay, endDay - 1, {
    reason,
    endsWhen: "the shade is on",
    ifLeft: "Soft plants wilt, and may not come back.",
  });
}

function shadeOff(round: PlantingRound, endDay: number): Task {
  return plantingTask(round, "shadeOff", endDay, endDay + ENDS_TOLD_DAYS, {
    reason: "The bright days are over: light is precious now.",
    endsWhen: "the shade is off",
    ifLeft: "It grows thin and late in the dark.",
  });
}

/** Short and daily: it is asked for anew each day. */
function waterIn(round: PlantingRound, reason: string): Task {
  const { day } = round;
  return plantingTask(round, "waterIn", day, day, {
    again: isoDate(day),
    reason,
    endsWhen: "the top few centimetres are wet",
    ifLeft: "Shallow roots dry out within days.",
  });
}

function lessWater(round: PlantingRound, endDay: number): Task {
  return plantingTask(round, "changeWatering", endDay, endDay + ENDS_TOLD_DAYS, {
    reason: "Roots are down: from now on deep and seldom, so that they go deeper.",
    endsWhen: "the timer, or the habit, is changed",
    ifLeft: "Roots stay shallow, and the bed dries out in a day.",
  });
}

/** Whether the outlook brings enough rain on the day, where rain comes in. */
function rainComes({ garden, day, life }: PlantingRound): boolean {
  const keepsRainOff = life.growing.covers.some((id) => materials.get(id)?.kind !== "sheet");
  const told = garden.outlook?.outlook.days.find(({ date }) => dayNumber(date) === day);
  return !keepsRainOff && (told?.precipitationMm ?? 0) >= WATERS_MM;
}
