import { isoDate } from "@/core/calendar";
import { cliffOf, lastSafeSowing, latestSowingFor, seasonAimedAt } from "@/core/schedule";
import { dayOption } from "../gardenInput";
import type { Verb } from "../verb";
import { askedGrowing, GROWING_OPTIONS, stepsOf, timelineOf, whyWords } from "./growing";
import { cli as say } from "@/words/en/cli";

export const countback: Verb = {
  name: "countback",
  usage: say.countbackGardenFileCropIdVarietyId,
  summary: say.theLatestSowingThatIsReadyByADate,
  positional: 0,
  options: [...GROWING_OPTIONS, { name: "ready", takes: "value", help: say.theDateWanted }],
  run(given) {
    const readyDay = dayOption(given, "ready");
    const asked = askedGrowing(given);
    const { site, settings, growing, wording } = asked;
    // `ready` is full size, there as here; the first picking may be sown for later.
    const sowDay = latestSowingFor(site, settings, growing, readyDay, "full");
    const sowForUsable = latestSowingFor(site, settings, growing, readyDay, "usable");
    const timeline = sowDay === null ? null : timelineOf(asked, sowDay);
    // What is sown in spring has last autumn's cliff behind it.
    const aimedAt = timeline === null ? readyDay : seasonAimedAt(site, timeline);
    const cliff = cliffOf(site, settings, growing, aimedAt);
    const isAnyTime =
      timeline !== null && lastSafeSowing(site, settings, growing, timeline).kind === "anyTime";
    return {
      json: {
        sow: sowDay === null ? null : isoDate(sowDay),
        sowForFirstPicking: sowForUsable === null ? null : isoDate(sowForUsable),
        lastSafe: isAnyTime || cliff.lastSafeDay === null ? null : isoDate(cliff.lastSafeDay),
        steps: timeline ? stepsOf(timeline) : [],
        why: timeline
          ? whyWords(asked, timeline)
          : [say.noSowingOfTheSeasonBeforeIsReadyBy({ date: wording.date(readyDay) })],
      },
    };
  },
};
