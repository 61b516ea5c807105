import { MS_PER_DAY } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { siteFor } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { todayOf, whenNeeded } from "@/store/index";
import { downloadText } from "@/ui/download";
import { tell } from "@/ui/viewState";
import { localWording } from "@/words";

const formatsPart = whenNeeded(() => import("@/core/formats"));
const tasksPart = whenNeeded(() => import("@/core/tasks"));

/** Saves the garden as a file. */
export async function saveGardenFile(garden: Garden): Promise<void> {
  const { writeGardenFile } = await formatsPart();
  downloadText(`${fileName(garden)}.garden.json`, "application/json", writeGardenFile(garden));
  tell("The garden is saved as a file.");
}

/** Saves the plan for a phone's calendar. */
export async function saveCalendarFile(garden: Garden): Promise<void> {
  const site = siteFor(garden);
  if (!site) return tell("Give the place first: without it there are no dates.", "refused");
  const { writeCalendarFile } = await formatsPart();
  const stampDay = Math.floor(Date.now() / MS_PER_DAY);
  const text = await writeCalendarFile(site, garden, stampDay, await aheadOf(garden, site));
  downloadText(`${fileName(garden)}.ics`, "text/calendar", text);
  tell("The calendar file is saved: open it on your phone.");
}

/** What the next two weeks ask for, beside the whole plan. */
async function aheadOf(garden: Garden, site: Site) {
  const { tasksAhead } = await tasksPart();
  return tasksAhead(site, garden, todayOf(garden), AHEAD_DAYS, localWording(garden.settings.units));
}

const AHEAD_DAYS = 14;

/** Saves the dated work of the plan, and what the next two weeks ask for, as a table. */
export async function saveTasksTable(garden: Garden): Promise<void> {
  const site = siteFor(garden);
  if (!site) return tell("Give the place first: without it there are no dates.", "refused");
  const { writeTasksCsv } = await formatsPart();
  const text = writeTasksCsv(site, garden, await aheadOf(garden, site));
  downloadText(`${fileName(garden)} tasks.csv`, "text/csv", text);
  tell("The tasks are saved as a table.");
}

/** Saves the plantings as a table. */
export async function savePlantingsTable(garden: Garden): Promise<void> {
  const site = siteFor(garden);
  if (!site) return tell("Give the place first: without it there are no dates.", "refused");
  const { writePlantingsCsv } = await formatsPart();
  downloadText(`${fileName(garden)} plantings.csv`, "text/csv", writePlantingsCsv(site, garden));
  tell("The plantings are saved as a table.");
}

/** Saves the beds for maps. */
export async function saveBedsMap(garden: Garden): Promise<void> {
  const { writeGeoJson } = await formatsPart();
  const text = writeGeoJson(garden);
  if (text === null)
    return tell("Give the place first: without it the beds lie nowhere.", "refused");
  downloadText(`${fileName(garden)} beds.geojson`, "application/geo+json", text);
  tell("The beds are saved for maps.");
}

function fileName(garden: Garden): string {
  return garden.head.name.replace(/[^\p{L}\p{N} _-]/gu, "").trim() || "garden";
}
