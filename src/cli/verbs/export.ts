import { writeCalendarFile, writeGeoJson, writePlantingsCsv, writeTasksCsv } from "@/core/formats";
import type { Garden } from "@/core/garden";
import { Refusal, required } from "../arguments";
import { gardenFrom, siteFrom } from "../gardenInput";
import type { Verb } from "../verb";

const MS_PER_DAY = 86_400_000;

type Writer = (garden: Garden) => string | Promise<string>;

const WRITERS: Record<string, Writer> = {
  ics: (garden) => writeCalendarFile(siteFrom(garden), garden, Math.floor(Date.now() / MS_PER_DAY)),
  "plantings.csv": (garden) => writePlantingsCsv(siteFrom(garden), garden),
  "tasks.csv": (garden) => writeTasksCsv(siteFrom(garden), garden),
  geojson: (garden) => {
    const text = writeGeoJson(garden);
    if (text === null) throw new Refusal("This garden has no place yet, so its beds lie nowhere.");
    return text;
  },
};

export const exportFile: Verb = {
  name: "export",
  usage: "export --garden FILE --as ics|plantings.csv|tasks.csv|geojson",
  summary: "the plan as a calendar or a table, the beds as GeoJSON",
  positional: 0,
  options: [
    { name: "garden", takes: "value", help: "a garden file" },
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
