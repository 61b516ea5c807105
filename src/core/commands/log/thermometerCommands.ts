import * as z from "zod";
import { thermometerProblems } from "../../gardenFile";
import type { Change } from "../../garden";
import { ThermometerDaySchema } from "../../log";
import { change, command, refuse } from "../command";
import { code, fact } from "../../facts";

/** Days of a thermometer written down; a day that is there already is replaced. */
export const setThermometerDays = command({
  name: "thermometer.set",
  label: ({ days }) => fact("commands.readingsOfAThermometer", { count: days.length }),
  input: z.object({
    days: z
      .array(ThermometerDaySchema)
      .min(1, code("commands.thereIsNoReading"))
      .max(5000, code("commands.atMost5000AtOnce")),
  }),
  run(garden, { days }) {
    const changes: Change[] = [];
    for (const day of days) {
      const [problem] = thermometerProblems("day", day, garden);
      if (problem) return refuse(problem.message, problem.path);
      const before = garden.thermometerDays.get(day.id) ?? null;
      changes.push({ kind: "thermometerDay", id: day.id, before, after: day });
    }
    return change(...changes);
  },
});

export const removeThermometerDays = command({
  name: "thermometer.remove",
  label: ({ ids }) =>
    ids.length === 1 ? fact("commands.removingAReading") : fact("commands.removingReadings"),
  input: z.object({ ids: z.array(z.string()).min(1).max(5000) }),
  run(garden, { ids }) {
    const changes: Change[] = [];
    for (const id of ids) {
      const before = garden.thermometerDays.get(id);
      if (!before) return refuse(fact("commands.thisReadingIsNoLongerThere"));
      changes.push({ kind: "thermometerDay", id, before, after: null });
    }
    return change(...changes);
  },
});
