import type { BedsRead } from "@/core/formats";
import { emptyGarden, isEmptyGarden, type Garden } from "@/core/garden";
import { GARDEN_FILE_VERSION, toGardenFile, type GardenFile } from "@/core/gardenFile";
import { gardenStore, type Done } from "@/store/index";
import { setView, tell } from "@/ui/viewState";

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
  const file = (await answer.json()) as GardenFile;
  const isOwn = file.version === GARDEN_FILE_VERSION;
  // A server that was updated meanwhile sends what this page may not read as it is.
  const done =
    isOwn && isEmptyGarden(gardenStore().getState().garden)
      ? await gardenStore().begin(file)
      : await takeGarden(file, quietly);
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
