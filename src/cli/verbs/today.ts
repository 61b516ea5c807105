import { isoDate } from "@/core/calendar";
import { tasksOn } from "@/core/tasks";
import type { Told } from "@/core/facts";
import { tell } from "@/words";
import { plainWording } from "@/words/plain";
import { required } from "../arguments";
import { dayOption, gardenFrom, siteFrom, unitsFrom } from "../gardenInput";
import { UNITS_OPTION, type Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

export const today: Verb = {
  name: "today",
  usage: say.todayGardenFileOnD,
  summary: say.whatTheGardenAsksForOnADayTonight,
  positional: 0,
  options: [
    { name: "garden", takes: "value", help: say.aGardenFile },
    { name: "on", takes: "value", help: say.theDay },
    UNITS_OPTION,
  ],
  run(given) {
    const garden = gardenFrom(required(given, "garden"));
    const day = dayOption(given, "on");
    const tasks = tasksOn(siteFrom(garden), garden, day);
    const wording = plainWording(unitsFrom(given));
    const told = (one: Told) => tell(one, wording);
    return {
      json: {
        tasks: tasks.map(({ fromDay, untilDay, ...task }) => ({
          ...task,
          subject: told(task.subject),
          place: told(task.place),
          reason: told(task.reason),
          howMuch: task.howMuch && told(task.howMuch),
          endsWhen: told(task.endsWhen),
          ifLeft: told(task.ifLeft),
          more: task.more.map(told),
          from: isoDate(fromDay),
          until: isoDate(untilDay),
        })),
      },
    };
  },
};
