import { isoDate } from "@/core/calendar";
import { outcomesOf, why } from "@/core/schedule";
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
    const { readyDay, fullSizeDay, holdsUntilDay, requirement, lossBeforeReady } = timeline;
    const date = (day: number | null) => (day === null ? null : isoDate(day));
    return {
      json: {
        // The contract's word for full size; what growers pick first comes before it.
        ready: date(fullSizeDay),
        usable: date(readyDay),
        full: date(fullSizeDay),
        standsUntil: date(holdsUntilDay),
        calendarDays: fullSizeDay === null ? null : fullSizeDay - sowDay,
        packetDays: requirement.totalPacketDays,
        lossBeforeReady,
        outcomes: outcomesOf(asked.site, asked.growing, timeline),
        steps: stepsOf(timeline),
        why: why(asked.site, asked.settings, asked.growing, timeline),
      },
    };
  },
};
