import type { Garden } from "@/core/garden";
import { siteFor } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { gardenStore, todayOf, whenNeeded } from "@/store/index";
import { downloadText } from "@/ui/download";
import { tell } from "@/ui/viewState";
import { localWording } from "@/words";
import { fileWords } from "@/words/fileWords";
import { imports as say } from "@/words/en/imports";
import { rememberSaved } from "./backups/saved";

const formatsPart = whenNeeded(() => import("@/core/formats"));
const workersPart = whenNeeded(() => import("@/workers/index"));
const tasksPart = whenNeeded(() => import("@/core/tasks"));

/** Saves the garden as a file. */
export async function saveGardenFile(garden: Garden): Promise<void> {
  const text = await gardenFileText(garden);
  downloadText(`${fileName(garden)}.garden.json`, "application/json", text);
  await rememberSaved();
  tell(say.gardenFileSaved);
}

/** The garden as its file has it. */
export async function gardenFileText(garden: Garden): Promise<string> {
  const { writeGardenFile } = await formatsPart();
  return writeGardenFile(await withHistory(garden));
}

/** With what another device needs to join its own changes; as it is where that cannot be had now. */
async function withHistory(garden: Garden): Promise<Garden> {
  const history = await newestHistory(garden).catch(() => garden.history);
  if (!history || history === garden.history) return garden;
  // Kept here too: what is changed from now on is changed since this file.
  await gardenStore().dispatch("history.set", history);
  return { ...garden, history };
}

async function newestHistory(garden: Garden): Promise<Garden["history"]> {
  const { historyIn } = await workersPart();
  return historyIn(garden).result;
}

/** What the next two weeks ask for, beside the whole plan. */
export async function aheadOf(garden: Garden, site: Site) {
  const { tasksAhead } = await tasksPart();
  return tasksAhead(site, garden, todayOf(garden), AHEAD_DAYS);
}

const AHEAD_DAYS = 14;

export function wordsOf({ settings }: Garden) {
  return fileWords(localWording(settings.units));
}

/** Saves the dated work of the plan, and what the next two weeks ask for, as a table. */
export async function saveTasksTable(garden: Garden): Promise<void> {
  const site = siteFor(garden);
  if (!site) return tell(say.setYourLocationFirstWithoutItThere, "refused");
  const { writeTasksCsv } = await formatsPart();
  const text = writeTasksCsv(site, garden, wordsOf(garden), await aheadOf(garden, site));
  downloadText(say.tasksCsv({ fileName: fileName(garden) }), "text/csv", text);
  tell(say.tasksSaved);
}

/** Saves the plantings as a table. */
export async function savePlantingsTable(garden: Garden): Promise<void> {
  const site = siteFor(garden);
  if (!site) return tell(say.setYourLocationFirstWithoutItThere, "refused");
  const { writePlantingsCsv } = await formatsPart();
  downloadText(
    say.plantingsCsv({ fileName: fileName(garden) }),
    "text/csv",
    writePlantingsCsv(site, garden),
  );
  tell(say.plantingsSaved);
}

/** Saves the beds for maps. */
export async function saveBedsMap(garden: Garden): Promise<void> {
  const { writeGeoJson } = await formatsPart();
  const text = writeGeoJson(garden);
  if (text === null) return tell(say.setYourLocationFirst, "refused");
  downloadText(say.bedsGeojson({ fileName: fileName(garden) }), "application/geo+json", text);
  tell(say.bedsSavedForMaps);
}

export function fileName(garden: Garden): string {
  return garden.head.name.replace(/[^\p{L}\p{N} _-]/gu, "").trim() || "garden";
}
