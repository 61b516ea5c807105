import { MS_PER_DAY, dayNumber, type DayNumber } from "@/core/calendar";
import {
  writeCalendarFile,
  writeGeoJson,
  writeLogCsv,
  writePlantingsCsv,
  writeTasksCsv,
} from "@/core/formats";
import { tasksAhead, type TaskAhead } from "@/core/tasks";
import { fileWords } from "@/words/fileWords";
import { plainWording } from "@/words/plain";
import type { Garden } from "@/core/garden";
import { Refusal, required } from "../arguments";
import { gardenFrom, siteFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

/** Tasks are told for so many days ahead. */
const AHEAD_DAYS = 14;

function now(): DayNumber {
  return Math.floor(Date.now() / MS_PER_DAY);
}

/** What the next two weeks ask for, from the garden's today on. */
function ahead(garden: Garden): TaskAhead[] {
  const fromDay = garden.head.today === null ? now() : dayNumber(garden.head.today);
  return tasksAhead(siteFrom(garden), garden, fromDay, AHEAD_DAYS);
}

function wordsFor({ settings }: Garden) {
  return fileWords(plainWording(settings.units));
}

type Writer = (garden: Garden) => string | Promise<string>;

const WRITERS: Record<string, Writer> = {
  ics: (garden) =>
    writeCalendarFile(siteFrom(garden), garden, now(), wordsFor(garden), ahead(garden)),
  "plantings.csv": (garden) => writePlantingsCsv(siteFrom(garden), garden),
  "tasks.csv": (garden) => writeTasksCsv(siteFrom(garden), garden, wordsFor(garden), ahead(garden)),
  "log.csv": (garden) => writeLogCsv(garden, wordsFor(garden)),
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
  ],
  async run(given) {
    const as = required(given, "as");
    const write = Object.entries(WRITERS).find(([name]) => name === as)?.[1];
    if (!write) {
      throw new Refusal(`--as should be one of ${Object.keys(WRITERS).join(", ")}, not "${as}".`);
    }
    return { text: await write(gardenFrom(required(given, "garden"))) };
  },
};
