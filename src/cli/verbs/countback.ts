import { isoDate } from "@/core/calendar";
import { cliffOf, lastSafeSowing, latestSowingFor, why } from "@/core/schedule";
import { dayOption } from "../gardenInput";
import type { Verb } from "../verb";
import { askedGrowing, GROWING_OPTIONS, stepsOf, timelineOf } from "./growing";

export const countback: Verb = {
  name: "countback",
  usage:
    "countback --garden FILE --crop ID [--variety ID] --ready DATE [--transplant] [--cover LIST] [--school growth|calendar|tenhour]",
  summary: "the latest sowing that is ready by a date, and the season's last safe one",
  positional: 0,
  options: [...GROWING_OPTIONS, { name: "ready", takes: "value", help: "the date wanted" }],
  run(given) {
    const readyDay = dayOption(given, "ready");
    const asked = askedGrowing(given);
    const { site, settings, growing, wording } = asked;
    const sowDay = latestSowingFor(site, settings, growing, readyDay);
    const cliff = cliffOf(site, settings, growing, sowDay ?? readyDay);
    const timeline = sowDay === null ? null : timelineOf(asked, sowDay);
    // What is sown in spring has last autumn's cliff behind it.
    const isAnyTime =
      timeline !== null && lastSafeSowing(site, settings, growing, timeline).kind === "anyTime";
    return {
      json: {
        sow: sowDay === null ? null : isoDate(sowDay),
        lastSafe: isAnyTime || cliff.lastSafeDay === null ? null : isoDate(cliff.lastSafeDay),
        steps: timeline ? stepsOf(timeline) : [],
        why: timeline
          ? why(site, settings, growing, timeline)
          : [`No sowing of the season before is ready by ${wording.date(readyDay)}.`],
      },
    };
  },
};
