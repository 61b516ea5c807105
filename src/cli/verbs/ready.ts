import { isoDate } from "@/core/calendar";
import { why } from "@/core/schedule";
import { dayOption } from "../gardenInput";
import type { Verb } from "../verb";
import { askedGrowing, GROWING_OPTIONS, stepsOf, timelineOf } from "./growing";
import { cli as say } from "@/words/en/cli";

export const ready: Verb = {
  name: "ready",
  usage: say.readyGardenFileCropIdVarietyIdSow,
  summary: say.whenASowingIsReadyAndWhy,
  positional: 0,
  options: [...GROWING_OPTIONS, { name: "sow", takes: "value", help: say.theSowingDate }],
  run(given) {
    const sowDay = dayOption(given, "sow");
    const asked = askedGrowing(given);
    const timeline = timelineOf(asked, sowDay);
    const { readyDay, requirement, lossBeforeReady } = timeline;
    return {
      json: {
        ready: readyDay === null ? null : isoDate(readyDay),
        calendarDays: readyDay === null ? null : readyDay - sowDay,
        packetDays: requirement.totalPacketDays,
        lossBeforeReady,
        steps: stepsOf(timeline),
        why: why(asked.site, asked.settings, asked.growing, timeline),
      },
    };
  },
};
