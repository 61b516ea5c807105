import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { WeatherRecordSchema } from "../climate";
import { cropLibrary } from "../crops";
import { HorizonSchema } from "../sky";
import { lengthWords } from "../wording";
import { change, command, refuse, replaceWith, type Command } from "./command";
import { fromGardenFile, type Change, type Garden } from "./garden";
import {
  bedProblems,
  coverProblems,
  placeProblems,
  plantingProblems,
  referenceProblems,
} from "./references";
import {
  BedSchema,
  GardenFileSchema,
  GardenHeadSchema,
  KeptOutlookSchema,
  PlaceSchema,
  PlantingSchema,
  SettingsSchema,
  ShelterSchema,
} from "./schema";

const idInput = z.object({ id: z.string() });
const cropName = (cropId: string) => cropLibrary.get(cropId)?.name ?? cropId;
const GONE = "This planting is no longer in the garden.";

const setPlace = command({
  name: "place.set",
  label: () => "change of the place",
  input: PlaceSchema,
  run(garden, place) {
    const [problem] = placeProblems("place", place, garden.record !== null);
    if (problem) return refuse(problem.message, problem.path);
    return change({ kind: "place", id: "place", before: garden.place, after: place });
  },
});

const setRecord = command({
  name: "record.set",
  label: ({ station }) => `reading in ${station}`,
  input: WeatherRecordSchema,
  run(garden, record) {
    const changes: Change[] = [
      { kind: "record", id: "record", before: garden.record, after: record },
    ];
    const { place } = garden;
    // Who reads in a record wants to go by it.
    if (place && place.climateFrom !== "record") {
      const after = { ...place, climateFrom: "record" as const };
      changes.push({ kind: "place", id: "place", before: place, after });
    }
    return change(...changes);
  },
});

const removeRecord = command({
  name: "record.remove",
  label: () => "removing the record",
  input: z.object({}),
  run(garden) {
    const { place, record } = garden;
    if (!record) return refuse("There is no record to remove.");
    const changes: Change[] = [{ kind: "record", id: "record", before: record, after: null }];
    if (place?.climateFrom === "record") {
      if (!place.climate) {
        return refuse(
          "Give the usual temperatures first: without the record nothing else is known.",
        );
      }
      const after = { ...place, climateFrom: "sketch" as const };
      changes.push({ kind: "place", id: "place", before: place, after });
    }
    return change(...changes);
  },
});

const setHorizon = command({
  name: "horizon.set",
  label: ({ bedId }, garden) =>
    bedId === null
      ? "change of the skyline"
      : `skyline of ${garden.beds.get(bedId)?.name ?? bedId}`,
  input: z.object({
    /** Null for the whole garden. */
    bedId: z.string().nullable(),
    /** Null gives a bed the garden's again. */
    horizon: HorizonSchema.nullable(),
  }),
  run(garden, { bedId, horizon }) {
    if (bedId !== null) {
      const bed = garden.beds.get(bedId);
      if (!bed) return refuse("This bed is no longer in the garden.", "bedId");
      return change({ kind: "bed", id: bedId, before: bed, after: { ...bed, horizon } });
    }
    const { place } = garden;
    if (!place) return refuse("Give the place first: its skyline belongs to it.");
    const after = { ...place, horizon: horizon ?? [] };
    return change({ kind: "place", id: "place", before: place, after });
  },
});

/** What a station sends by itself; what the grower types or reads in is `outlook.set`. */
const receiveOutlook = command({
  name: "outlook.receive",
  label: () => "the outlook",
  input: KeptOutlookSchema,
  quiet: true,
  run: (garden, outlook) =>
    change({ kind: "outlook", id: "outlook", before: garden.outlook, after: outlook }),
});

const setOutlook = command({
  name: "outlook.set",
  label: ({ outlook }) => `the outlook ${outlook.source}`,
  input: KeptOutlookSchema,
  run: (garden, outlook) =>
    change({ kind: "outlook", id: "outlook", before: garden.outlook, after: outlook }),
});

const setSettings = command({
  name: "settings.set",
  label: () => "change of settings",
  input: SettingsSchema.partial().omit({ id: true }),
  run: (garden, some) =>
    change({
      kind: "settings",
      id: "settings",
      before: garden.settings,
      after: { ...garden.settings, ...some },
    }),
});

const renameGarden = command({
  name: "garden.rename",
  label: () => "new garden name",
  input: GardenHeadSchema.pick({ name: true }),
  run: (garden, { name }) =>
    change({
      kind: "garden",
      id: "garden",
      before: garden.head,
      after: { ...garden.head, name },
    }),
});

const replaceGarden = command({
  name: "garden.replace",
  label: () => "replacing the garden",
  input: GardenFileSchema,
  run(garden, file) {
    const [problem] = referenceProblems(file);
    if (problem) return refuse(problem.message, problem.path);
    return replaceWith(garden, fromGardenFile(file));
  },
});

const addShelter = command({
  name: "shelter.add",
  label: (shelter) => `adding ${shelter.name}`,
  input: ShelterSchema,
  run(garden, shelter) {
    const [problem] = coverProblems("shelter", shelter);
    if (problem) return refuse(problem.message, problem.path);
    if (garden.shelters.has(shelter.id)) return refuse("This shelter is already there.");
    return change({ kind: "shelter", id: shelter.id, before: null, after: shelter });
  },
});

const addBeds = command({
  name: "bed.addMany",
  label: ({ beds }) =>
    beds.length === 1 ? `adding ${beds[0]?.name}` : `adding ${beds.length} beds`,
  input: z.object({ beds: z.array(BedSchema).min(1, "Say how many beds.").max(200) }),
  run(garden, { beds }) {
    const shelterIds = new Set(garden.shelters.keys());
    const changes: Change[] = [];
    for (const bed of beds) {
      const [problem] = bedProblems("bed", bed, shelterIds);
      if (problem) return refuse(problem.message, problem.path);
      if (garden.beds.has(bed.id)) return refuse(`${bed.name} is already there.`);
      changes.push({ kind: "bed", id: bed.id, before: null, after: bed });
    }
    return change(...changes);
  },
});

const addPlanting = command({
  name: "planting.add",
  label: (planting) => `adding ${cropName(planting.cropId).toLowerCase()}`,
  input: PlantingSchema,
  run(garden, planting) {
    const problem = plantingRefusal(garden, planting);
    if (problem) return problem;
    if (garden.plantings.has(planting.id)) return refuse("This planting is already there.");
    return change({ kind: "planting", id: planting.id, before: null, after: planting });
  },
});

const moveSowing = command({
  name: "planting.moveSowing",
  label: ({ id }, garden) =>
    `moving ${cropName(garden.plantings.get(id)?.cropId ?? "a planting").toLowerCase()}`,
  input: z.object({ id: z.string(), sowOn: IsoDateSchema }),
  run(garden, { id, sowOn }) {
    const before = garden.plantings.get(id);
    if (!before) return refuse(GONE);
    return change({ kind: "planting", id, before, after: { ...before, sowOn } });
  },
});

const editPlanting = command({
  name: "planting.edit",
  label: ({ id }, garden) =>
    `changing ${cropName(garden.plantings.get(id)?.cropId ?? "a planting").toLowerCase()}`,
  input: PlantingSchema.partial().required({ id: true }),
  run(garden, some) {
    const before = garden.plantings.get(some.id);
    if (!before) return refuse(GONE);
    const after = { ...before, ...some };
    return (
      plantingRefusal(garden, after) ?? change({ kind: "planting", id: some.id, before, after })
    );
  },
});

const removePlanting = command({
  name: "planting.remove",
  label: ({ id }, garden) =>
    `removing ${cropName(garden.plantings.get(id)?.cropId ?? "a planting").toLowerCase()}`,
  input: idInput,
  run(garden, { id }) {
    const before = garden.plantings.get(id);
    if (!before) return refuse(GONE);
    return change({ kind: "planting", id, before, after: null });
  },
});

function plantingRefusal(garden: Garden, planting: z.infer<typeof PlantingSchema>) {
  const [problem] = plantingProblems("planting", planting);
  if (problem) return refuse(problem.message, problem.path);
  const bed = garden.beds.get(planting.bedId);
  if (!bed) return refuse("This bed is no longer in the garden.", "planting.bedId");
  if (planting.lengthM > bed.lengthM + 1e-9) {
    return refuse(
      `${bed.name} is ${lengthWords(bed.lengthM, garden.settings.units)} long: take at most that.`,
      "planting.lengthM",
    );
  }
  return null;
}

/** Everything that can change a garden, by name. The only way in. */
export const commands = {
  "place.set": setPlace,
  "settings.set": setSettings,
  "record.set": setRecord,
  "record.remove": removeRecord,
  "horizon.set": setHorizon,
  "outlook.receive": receiveOutlook,
  "outlook.set": setOutlook,
  "garden.rename": renameGarden,
  "garden.replace": replaceGarden,
  "shelter.add": addShelter,
  "bed.addMany": addBeds,
  "planting.add": addPlanting,
  "planting.moveSowing": moveSowing,
  "planting.edit": editPlanting,
  "planting.remove": removePlanting,
} as const;

export type CommandName = keyof typeof commands;
export type CommandInput<N extends CommandName> =
  (typeof commands)[N] extends Command<infer I> ? I : never;
