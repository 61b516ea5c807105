import { isoDate, type DayNumber } from "@/core/calendar";
import { outcomesOf, spreadOf, type DateSpread, type Timeline } from "@/core/schedule";
import { dayOption } from "../gardenInput";
import type { Verb } from "../verb";
import {
  askedGrowing,
  GROWING_OPTIONS,
  stepsOf,
  timelineOf,
  whyWords,
  type Asked,
} from "./growing";
import { cli as say } from "@/words/en/cli";

/** Dates that come in one year of five before, in half, and in one after. */
function spreadInDates({ site, settings, growing }: Asked, timeline: Timeline) {
  const spread = spreadOf(site, settings, growing, timeline);
  const dated = ({ p20, p50, p80 }: DateSpread) => ({
    p20: date(p20),
    p50: date(p50),
    p80: date(p80),
  });
  return spread && { usable: dated(spread.usable), full: dated(spread.full) };
}

const date = (day: DayNumber | null) => (day === null ? null : isoDate(day));

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
        spread: spreadInDates(asked, timeline),
        outcomes: outcomesOf(asked.site, asked.growing, timeline),
        steps: stepsOf(timeline),
        why: whyWords(asked, timeline),
      },
    };
  },
};
