import { isoDate, type DayNumber } from "@/core/calendar";
import { timelineIfSown } from "@/core/plantings";
import { why, type Growing, type Timeline } from "@/core/schedule";
import type { PlanSettings, Site } from "@/core/growth";
import { tell, type LocalWording } from "@/words";
import { plainWording } from "@/words/plain";
import { required, type Arguments, type OptionSpec } from "../arguments";
import { gardenFrom, growingFrom, planSettingsFrom, siteFrom, unitsFrom } from "../gardenInput";
import { UNITS_OPTION } from "../verb";
import { cli as say } from "@/words/en/cli";

/** Options of the verbs that work out one way of growing. */
export const GROWING_OPTIONS: readonly OptionSpec[] = [
  { name: "garden", takes: "value", help: say.aGardenFileForItsPlaceAndSettings },
  { name: "crop", takes: "value", help: say.aCropsId },
  { name: "variety", takes: "value", help: say.aVarietysIdDefaultTheCropsFirst },
  { name: "transplant", takes: "nothing", help: say.startedInTraysAndTransplanted },
  { name: "cover", takes: "value", help: say.coveringsFromTheOutsideInOrNone },
  { name: "school", takes: "value", help: say.growthCalendarOrTenhourDefaultThe },
  UNITS_OPTION,
];

export interface Asked {
  site: Site;
  settings: PlanSettings;
  growing: Growing;
  wording: LocalWording;
}

export function askedGrowing(given: Arguments): Asked {
  const garden = gardenFrom(required(given, "garden"));
  return {
    site: siteFrom(garden),
    settings: planSettingsFrom(given, garden),
    growing: growingFrom(given, garden),
    wording: plainWording(unitsFrom(given)),
  };
}

export function timelineOf(asked: Asked, sowDay: DayNumber): Timeline {
  return timelineIfSown(asked.site, asked.settings, asked.growing, sowDay);
}

/** Why a sowing is ready when it is, a sentence each. */
export function whyWords(
  { site, settings, growing, wording }: Asked,
  timeline: Timeline,
): string[] {
  return why(site, settings, growing, timeline).map((reason) => tell(reason, wording));
}

/** The dated steps of a planting's life. */
export function stepsOf(timeline: Timeline): { date: string; what: string }[] {
  const steps: [DayNumber | null, string][] = [
    [timeline.sowDay, "sow"],
    [timeline.emergeDay, "emerges"],
    [timeline.plantOutDay, "plant out"],
    [timeline.readyDay, "usable"],
    [timeline.fullSizeDay, "ready"],
    [timeline.holdsUntilDay, "stands until"],
  ];
  return steps
    .flatMap(([day, what]) => (day === null ? [] : [{ date: isoDate(day), what }]))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}
