import { writeCalendarFile, writePlantingsCsv, writeTasksCsv } from "@/core/formats";
import { Refusal, required } from "../arguments";
import { gardenFrom, siteFrom } from "../gardenInput";
import type { Verb } from "../verb";

const MS_PER_DAY = 86_400_000;

const WRITERS = {
  ics: (garden: ReturnType<typeof gardenFrom>) =>
    writeCalendarFile(siteFrom(garden), garden, Math.floor(Date.now() / MS_PER_DAY)),
  "plantings.csv": (garden: ReturnType<typeof gardenFrom>) =>
    writePlantingsCsv(siteFrom(garden), garden),
  "tasks.csv": (garden: ReturnType<typeof gardenFrom>) => writeTasksCsv(siteFrom(garden), garden),
};

export const exportFile: Verb = {
  name: "export",
  usage: "export --garden FILE --as ics|plantings.csv|tasks.csv",
  summary: "the plan as a calendar or a table",
  positional: 0,
  options: [
    { name: "garden", takes: "value", help: "a garden file" },
    { name: "as", takes: "value", help: Object.keys(WRITERS).join(", ") },
  ],
  run(given) {
    const as = required(given, "as");
    const write = Object.entries(WRITERS).find(([name]) => name === as)?.[1];
    if (!write) {
      throw new Refusal(`--as should be one of ${Object.keys(WRITERS).join(", ")}, not "${as}".`);
    }
    return { text: write(gardenFrom(required(given, "garden"))) };
  },
};
