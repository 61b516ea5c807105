import { MS_PER_DAY, dayNumber, type DayNumber } from "@/core/calendar";
import {
  writeCalendarFile,
  writeGeoJson,
  writeLogCsv,
  writePlantingsCsv,
  writeSeedBoxCsv,
  writeTasksCsv,
} from "@/core/formats";
import { tasksAhead, type TaskAhead } from "@/core/tasks";
import { fileWords } from "@/words/fileWords";
import { plainWording } from "@/words/plain";
import type { Garden } from "@/core/garden";
import { optional, Refusal, required, type Arguments } from "../arguments";
import { gardenFrom, readText, siteFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

/** Tasks are told for so many days ahead. */
const AHEAD_DAYS = 14;

function now(): DayNumber {
  return Math.floor(Date.now() / MS_PER_DAY);
}

function todayIn({ head }: Garden): DayNumber {
  return head.today === null ? now() : dayNumber(head.today);
}

/** What the next two weeks ask for, from the garden's today on. */
function ahead(garden: Garden): TaskAhead[] {
  return tasksAhead(siteFrom(garden), garden, todayIn(garden), AHEAD_DAYS);
}

function wordsFor({ settings }: Garden) {
  return fileWords(plainWording(settings.units));
}

type Writer = (garden: Garden, given: Arguments) => string | Promise<string>;

const WRITERS: Record<string, Writer> = {
  ics: async (garden, given) => {
    const path = optional(given, "earlier");
    try {
      return await writeCalendarFile({
        site: siteFrom(garden),
        garden,
        today: todayIn(garden),
        nowMs: Date.now(),
        words: wordsFor(garden),
        ahead: ahead(garden),
        earlier: path === undefined ? null : readText(path),
        rings: given.options.has("rings"),
      });
    } catch (error) {
      if (error instanceof SyntaxError) throw new Refusal(say.notACalendar({ path: path ?? "" }));
      throw error;
    }
  },
  "plantings.csv": (garden) => writePlantingsCsv(siteFrom(garden), garden),
  "tasks.csv": (garden) => writeTasksCsv(siteFrom(garden), garden, wordsFor(garden), ahead(garden)),
  "log.csv": (garden) => writeLogCsv(garden, wordsFor(garden)),
  "seedbox.csv": (garden) => writeSeedBoxCsv(garden),
  geojson: (garden) => {
    const text = writeGeoJson(garden);
    if (text === null) throw new Refusal(say.thisGardenHasNoPlaceYetSoItsBeds);
    return text;
  },
};

export const exportFile: Verb = {
  name: "export",
  usage: say.exportGardenFileAsIcsPlantingsCsv,
  summary: say.thePlanAndTheTasksAheadAsACalendar,
  positional: 0,
  options: [
    { name: "garden", takes: "value", help: say.aGardenFile },
    { name: "as", takes: "value", help: Object.keys(WRITERS).join(", ") },
    { name: "earlier", takes: "value", help: say.theCalendarFileBefore },
    { name: "rings", takes: "nothing", help: say.alarmsWhereLatenessCosts },
  ],
  async run(given) {
    const as = required(given, "as");
    const write = Object.entries(WRITERS).find(([name]) => name === as)?.[1];
    if (!write) {
      throw new Refusal(`--as should be one of ${Object.keys(WRITERS).join(", ")}, not "${as}".`);
    }
    return { text: await write(gardenFrom(required(given, "garden")), given) };
  },
};
