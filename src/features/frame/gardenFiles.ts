import { emptyGarden, toGardenFile, type Garden } from "@/core/garden";
import { siteFor, type Site } from "@/core/plan";
import { gardenStore, todayOf, newId } from "@/store";
import { downloadText } from "@/ui/download";
import { setView, tell } from "@/ui/viewState";
import { localWording } from "@/ui/wording";

const MS_PER_DAY = 86_400_000;

/** Saves the garden as a file. */
export async function saveGardenFile(garden: Garden): Promise<void> {
  const { writeGardenFile } = await import("@/core/formats");
  downloadText(`${fileName(garden)}.garden.json`, "application/json", writeGardenFile(garden));
  tell("The garden is saved as a file.");
}

/** Saves the plan for a phone's calendar. */
export async function saveCalendarFile(garden: Garden): Promise<void> {
  const site = siteFor(garden);
  if (!site) return tell("Give the place first: without it there are no dates.", "refused");
  const { writeCalendarFile } = await import("@/core/formats");
  const stampDay = Math.floor(Date.now() / MS_PER_DAY);
  const text = await writeCalendarFile(site, garden, stampDay, await aheadOf(garden, site));
  downloadText(`${fileName(garden)}.ics`, "text/calendar", text);
  tell("The calendar file is saved: open it on your phone.");
}

/** What the next two weeks ask for, beside the whole plan. */
async function aheadOf(garden: Garden, site: Site) {
  const { tasksAhead } = await import("@/core/round");
  return tasksAhead(site, garden, todayOf(garden), AHEAD_DAYS, localWording(garden.settings.units));
}

const AHEAD_DAYS = 14;

/** Saves the dated work of the plan, and what the next two weeks ask for, as a table. */
export async function saveTasksTable(garden: Garden): Promise<void> {
  const site = siteFor(garden);
  if (!site) return tell("Give the place first: without it there are no dates.", "refused");
  const { writeTasksCsv } = await import("@/core/formats");
  const text = writeTasksCsv(site, garden, await aheadOf(garden, site));
  downloadText(`${fileName(garden)} tasks.csv`, "text/csv", text);
  tell("The tasks are saved as a table.");
}

/** Saves the plantings as a table. */
export async function savePlantingsTable(garden: Garden): Promise<void> {
  const site = siteFor(garden);
  if (!site) return tell("Give the place first: without it there are no dates.", "refused");
  const { writePlantingsCsv } = await import("@/core/formats");
  downloadText(`${fileName(garden)} plantings.csv`, "text/csv", writePlantingsCsv(site, garden));
  tell("The plantings are saved as a table.");
}

/** Saves the beds for maps. */
export async function saveBedsMap(garden: Garden): Promise<void> {
  const { writeGeoJson } = await import("@/core/formats");
  const text = writeGeoJson(garden);
  if (text === null)
    return tell("Give the place first: without it the beds lie nowhere.", "refused");
  downloadText(`${fileName(garden)} beds.geojson`, "application/geo+json", text);
  tell("The beds are saved for maps.");
}

/**
 * Reads a garden file in place of the garden here; nothing changes when anything is wrong.
 *
 * @param quietly says nothing when all went well
 */
export async function importGardenText(text: string, quietly = false): Promise<void> {
  const { readGardenFile } = await import("@/core/formats");
  const read = readGardenFile(text);
  if (!read.ok) {
    const [first] = read.problems;
    const where = first?.path ? `${first.path}: ` : "";
    const more = read.problems.length > 1 ? ` And ${read.problems.length - 1} more.` : "";
    return tell(`Nothing was imported. ${where}${first?.message}${more}`, "refused");
  }
  const done = await gardenStore().dispatch("garden.replace", read.file);
  if (!done.ok) return tell(`Nothing was imported. ${done.path}: ${done.refusal}`, "refused");
  const { beds, plantings, garden } = read.file;
  setView({
    selectedPlantingId: null,
    dateInView: null,
  });
  if (quietly) return;
  const counts = `${beds.length} beds and ${plantings.length} plantings`;
  tell(`${garden.name} is here: ${counts}.`, "done", true);
}

/** Moves and adds beds as a map has them; nothing changes when anything is wrong. */
async function importBedsMap(text: string): Promise<void> {
  const { readGeoJson } = await import("@/core/formats");
  const { garden } = gardenStore().getState();
  const read = readGeoJson(text, garden, () => newId("bed"));
  if (!read.ok) return tell(`Nothing was taken. ${read.problem}`, "refused");
  const { plot, beds, shelters, left } = read;
  const done = await gardenStore().dispatch("layout.import", { plot, beds, shelters });
  if (!done.ok) return tell(`Nothing was taken. ${done.refusal}`, "refused");
  const added = beds.filter(({ id }) => !garden.beds.has(id)).length;
  const counts = [
    `${beds.length} beds${added > 0 ? ` (${added} new)` : ""}`,
    shelters.length > 0 ? `${shelters.length} shelters` : "",
  ];
  const leftOut = left.length > 0 ? ` Not: ${left.join(" ")}` : "";
  tell(`Taken from the map: ${counts.filter(Boolean).join(" and ")}.${leftOut}`, "done", true);
}

/** Lets the grower choose a garden file and imports it. */
export function chooseGardenFile(): void {
  chooseFile(".json,application/json", (text) => void importGardenText(text));
}

/** Lets the grower choose a map of beds and takes them in. */
export function chooseBedsMap(): void {
  chooseFile(".geojson,.json,application/geo+json", (text) => void importBedsMap(text));
}

function chooseFile(accept: string, read: (text: string) => void): void {
  const input = document.createElement("input");
  input.type = "file";
  input.accept = accept;
  input.onchange = async () => {
    const file = input.files?.[0];
    if (file) read(await file.text());
  };
  input.click();
}

/** Puts the made-up demo garden in place of the garden here. */
export async function loadDemoGarden(quietly = false): Promise<void> {
  const answer = await fetch("/api/demo").catch(() => null);
  if (!answer?.ok) return tell("The demo garden cannot be reached. Try again.", "refused");
  await importGardenText(await answer.text(), quietly);
}

/** Whether the garden is the sample that comes with the program. */
export function isSample({ record }: Garden): boolean {
  return record?.station === SAMPLE_STATION;
}

const SAMPLE_STATION = "Tarnholt Mill (made-up)";

/** Begins with an empty garden; undo brings back what was here. */
export async function startAfresh(): Promise<void> {
  const done = await gardenStore().dispatch("garden.replace", toGardenFile(emptyGarden()));
  if (!done.ok) return tell(done.refusal, "refused");
  setView({ selectedPlantingId: null, selectedBedId: null, dateInView: null });
  tell("The garden is empty now.", "done", true);
}

function fileName(garden: Garden): string {
  return garden.head.name.replace(/[^\p{L}\p{N} _-]/gu, "").trim() || "garden";
}
