import { isoDate } from "@/core/calendar";
import { hardinessRange, type Organ } from "@/core/crops";
import { lt50Course } from "@/core/growth";
import { fahrenheit } from "@/core/units";
import { optional, Refusal } from "../arguments";
import { dayOption, unitsFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { askedGrowing, GROWING_OPTIONS } from "./growing";
import { cli as say } from "@/words/en/cli";

const MOST_DAYS = 800;

export const hardiness: Verb = {
  name: "hardiness",
  usage: say.hardinessGardenFileCropIdFromDToD,
  summary: say.whatKillsHalfOfACropDayByDayAsIt,
  positional: 0,
  options: [
    ...GROWING_OPTIONS.filter(({ name }) => !["transplant", "school"].includes(name)),
    { name: "from", takes: "value", help: say.firstDay },
    { name: "to", takes: "value", help: say.lastDay },
    { name: "stage", takes: "value", help: say.seedlingHeadFlowerPodOrRoot },
  ],
  run(given) {
    const { site, growing } = askedGrowing(given);
    const fromDay = dayOption(given, "from");
    const toDay = dayOption(given, "to");
    if (toDay < fromDay) throw new Refusal("--to lies before --from.");
    if (toDay - fromDay > MOST_DAYS)
      throw new Refusal(say.askForAtMostDays({ mostDays: MOST_DAYS }));
    const organ = optional(given, "stage") as Organ | undefined;
    const known = growing.crop.hardiness.organs.map((one) => one.organ);
    if (organ !== undefined && !known.includes(organ)) {
      const words = known.length > 0 ? say.knownForIt({ known: known.join(", ") }) : say.leaveItOut;
      throw new Refusal(say.hasNoStageOfItsOwn({ crop: growing.crop.name, organ, words }));
    }
    const range = hardinessRange(growing.crop, growing.variety, organ);
    const course = lt50Course(site, growing, range, fromDay, toDay);
    const imperial = unitsFrom(given) === "imperial";
    return {
      json: {
        days: [...course].map((lt50C, index) => ({
          date: isoDate(fromDay + index),
          lt50C: Math.round((imperial ? fahrenheit(lt50C) : lt50C) * 10) / 10,
        })),
      },
    };
  },
};
