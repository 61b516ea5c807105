import type { BedsRead } from "@/core/formats";
import { emptyGarden, toGardenFile, type Garden, type GardenFile } from "@/core/garden";
import { siteFor, type Site } from "@/core/plan";
import { gardenStore, todayOf, whenNeeded, type Done } from "@/store";
import { downloadText } from "@/ui/download";
import { setView, tell } from "@/ui/viewState";
import { localWording } from "@/ui/wording";

const formatsPart = whenNeeded(() => import("@/core/formats"));
const roundPart = whenNeeded(() => import("@/core/round"));

const MS_PER_DAY = 86_400_000;

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
  const { tasksAhead } = await roundPart();
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

/** Puts a checked garden file in place of the garden here, and tells of it unless it is to be quiet. */
export async function takeGarden(file: GardenFile, quietly = false): Promise<Done> {
  const done = await gardenStore().dispatch("garden.replace", file);
  if (!done.ok) return done;
  setView({ selectedPlantingId: null, selectedBedId: null, dateInView: null });
  const counts = `${file.beds.length} beds and ${file.plantings.length} plantings`;
  if (!quietly) tell(`${file.garden.name} is here: ${counts}.`, "done", true);
  return done;
}

/** Moves and adds beds as a map has them. */
export async function takeBeds({ plot, beds, shelters, left }: BedsRead): Promise<Done> {
  const { garden } = gardenStore().getState();
  const done = await gardenStore().dispatch("layout.import", { plot, beds, shelters });
  if (!done.ok) return done;
  const added = beds.filter(({ id }) => !garden.beds.has(id)).length;
  const counts = [
    `${beds.length} beds${added > 0 ? ` (${added} new)` : ""}`,
    shelters.length > 0 ? `${shelters.length} shelters` : "",
  ];
  const leftOut = left.length > 0 ? ` Not: ${left.join(" ")}` : "";
  tell(`Taken from the map: ${counts.filter(Boolean).join(" and ")}.${leftOut}`, "done", true);
  return done;
}

/** Lets the grower choose a garden file and imports it. */
export function chooseGardenFile(): void {
  chooseFile(".json,application/json", (file) => setView({ importing: { file, kind: "garden" } }));
}

/** Lets the grower choose a map of beds and takes them in. */
export function chooseBedsMap(): void {
  chooseFile(".geojson,.json,application/geo+json", (file) =>
    setView({ importing: { file, kind: "map" } }),
  );
}

function chooseFile(accept: string, take: (file: File) => void): void {
  const input = document.createElement("input");
  input.type = "file";
  input.accept = accept;
  input.onchange = () => {
    const file = input.files?.[0];
    if (file) take(file);
  };
  input.click();
}

/** Puts the made-up demo garden in place of the garden here. */
export async function loadDemoGarden(quietly = false): Promise<void> {
  const answer = await fetch("/api/demo").catch(() => null);
  if (!answer?.ok) return tell("The demo garden cannot be reached. Try again.", "refused");
  const { readGardenFile } = await formatsPart();
  const read = readGardenFile(await answer.text());
  if (!read.ok)
    return tell(`The demo garden cannot be read: ${read.problems[0]?.message}`, "refused");
  const done = await takeGarden(read.file, quietly);
  if (!done.ok) tell(done.refusal, "refused");
}

/** Whether the garden is the sample that comes with the program. */
export function isSample({ head }: Garden): boolean {
  return head.sample;
}

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
