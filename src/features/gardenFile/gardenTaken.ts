import type { BedsRead } from "@/core/formats";
import { emptyGarden, isEmptyGarden, type Garden } from "@/core/garden";
import { GARDEN_FILE_VERSION, toGardenFile, type GardenFile } from "@/core/gardenFile";
import { gardenStore, type Done } from "@/store/index";
import { regionOf } from "@/ui/region";
import { setView, tell } from "@/ui/viewState";
import { imports as say } from "@/words/en/imports";
import { told } from "@/ui/wording";

/** Puts a checked garden file in place of the garden here, and tells of it unless it is to be quiet. */
export async function takeGarden(file: GardenFile, quietly = false): Promise<Done> {
  const done = await gardenStore().dispatch("garden.replace", file);
  if (!done.ok) return done;
  setView({ selectedPlantingId: null, selectedBedId: null, dateInView: null });
  const counts = say.and({ bedsCount: file.beds.length, plantingsCount: file.plantings.length });
  if (!quietly) tell(say.opened({ garden: file.garden.name, counts }), "done", true);
  return done;
}

/** Moves and adds beds as a map has them. */
export async function takeBeds({ plot, beds, shelters, left }: BedsRead): Promise<Done> {
  const { garden } = gardenStore().getState();
  const done = await gardenStore().dispatch("layout.import", { plot, beds, shelters });
  if (!done.ok) return done;
  const added = beds.filter(({ id }) => !garden.beds.has(id)).length;
  const counts = [
    say.text({ bedsCount: beds.length, value: added > 0 ? say.newWord({ added }) : "" }),
    shelters.length > 0 ? say.text2({ sheltersCount: shelters.length }) : "",
  ];
  const leftOut = left.length > 0 ? say.not({ left: left.map(told).join(" ") }) : "";
  tell(
    say.importedFromTheMap({ filter: counts.filter(Boolean).join(" and "), leftOut }),
    "done",
    true,
  );
  return done;
}

/** Devices that share texts only send a garden as one. */
const GARDEN_FILES = ".json,.txt,application/json,text/plain";

/** Lets the grower choose a garden file and imports it. */
export function chooseGardenFile(): void {
  chooseFile(GARDEN_FILES, (file) => setView({ importing: { file, kind: "garden" } }));
}

/** Lets the grower choose another device's file of this garden and joins the two. */
export function chooseFileToJoin(): void {
  chooseFile(GARDEN_FILES, (file) => setView({ importing: { file, kind: "join" } }));
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
  if (!answer?.ok) return tell(say.theSampleGardenCouldNotBeLoadedTry, "refused");
  const file = (await answer.json()) as GardenFile;
  const isOwn = file.version === GARDEN_FILE_VERSION;
  // A server that was updated meanwhile sends what this page may not read as it is.
  const done =
    isOwn && isEmptyGarden(gardenStore().getState().garden)
      ? await gardenStore().begin(file)
      : await takeGarden(file, quietly);
  if (!done.ok) tell(done.refusal, "refused");
}

/** An empty garden in the units of the region. */
function emptyHere(): Garden {
  const garden = emptyGarden();
  return { ...garden, settings: { ...garden.settings, units: regionOf().units } };
}

/** Begins with an empty garden; undo brings back what was here. */
export async function startAfresh(): Promise<void> {
  const done = await gardenStore().dispatch("garden.replace", toGardenFile(emptyHere()));
  if (!done.ok) return tell(done.refusal, "refused");
  setView({ selectedPlantingId: null, selectedBedId: null, dateInView: null });
  tell(say.gardenEmptied, "done", true);
}
