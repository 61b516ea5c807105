import { isoDate } from "@/core/calendar";
import { hardinessRange, type Organ } from "@/core/crops";
import { lt50Course } from "@/core/growth";
import { fahrenheit } from "@/core/units";
import { optional, Refusal } from "../arguments";
import { dayOption, unitsFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { askedGrowing, GROWING_OPTIONS } from "./growing";

const MOST_DAYS = 800;

export const hardiness: Verb = {
  name: "hardiness",
  usage: "hardiness --garden FILE --crop ID --from D --to D [--cover LIST] [--stage S]",
  summary: "what kills half of a crop day by day, as it hardens in usual weather",
  positional: 0,
  options: [
    ...GROWING_OPTIONS.filter(({ name }) => !["transplant", "school"].includes(name)),
    { name: "from", takes: "value", help: "first day" },
    { name: "to", takes: "value", help: "last day" },
    { name: "stage", takes: "value", help: "seedling, head, flower, pod or root" },
  ],
  run(given) {
    const { site, growing } = askedGrowing(given);
    const fromDay = dayOption(given, "from");
    const toDay = dayOption(given, "to");
    if (toDay < fromDay) throw new Refusal("--to lies before --from.");
    if (toDay - fromDay > MOST_DAYS) throw new Refusal(`Ask for at most ${MOST_DAYS} days.`);
    const organ = optional(given, "stage") as Organ | undefined;
    const known = growing.crop.hardiness.organs.map((one) => one.organ);
    if (organ !== undefined && !known.includes(organ)) {
      const words = known.length > 0 ? `Known for it: ${known.join(", ")}.` : "Leave it out.";
      throw new Refusal(`${growing.crop.name} has no stage "${organ}" of its own. ${words}`);
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
