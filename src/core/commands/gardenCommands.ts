import * as z from "zod";
import {
  bedProblems,
  coverProblems,
  fromGardenFile,
  GardenFileSchema,
  referenceProblems,
} from "../gardenFile";
import { keepEqual } from "../derive";
import {
  BedSchema,
  differences,
  GardenHeadSchema,
  HistorySchema,
  SettingsSchema,
  ShelterSchema,
  type Change,
} from "../garden";
import { change, command, refuse, replaceWith } from "./command";
import { groundProblems } from "./beds/ground";
import { code, fact } from "../facts";

export const setSettings = command({
  name: "settings.set",
  label: () => fact("commands.settingsChange"),
  input: SettingsSchema.partial().omit({ id: true }),
  run: (garden, some) =>
    change({
      kind: "settings",
      id: "settings",
      before: garden.settings,
      after: { ...garden.settings, ...some },
    }),
});

export const renameGarden = command({
  name: "garden.rename",
  label: () => fact("commands.newGardenName"),
  input: GardenHeadSchema.pick({ name: true }),
  run: (garden, { name }) =>
    change({
      kind: "garden",
      id: "garden",
      before: garden.head,
      after: { ...garden.head, name },
    }),
});

export const replaceGarden = command({
  name: "garden.replace",
  label: () => fact("commands.replacingTheGarden"),
  input: GardenFileSchema,
  run(garden, file) {
    const [problem] = referenceProblems(file);
    if (problem) return refuse(problem.message, problem.path);
    const next = fromGardenFile(file);
    const [unsound] = groundProblems(next);
    if (unsound) return refuse(unsound.message, unsound.path);
    return replaceWith(garden, next);
  },
});

/** The garden after it was joined with another device's; what is the same stays as it is. */
export const joinGarden = command({
  name: "garden.join",
  label: () => fact("commands.joiningAnotherDevice"),
  input: GardenFileSchema,
  run(garden, file) {
    const [problem] = referenceProblems(file);
    if (problem) return refuse(problem.message, problem.path);
    const next = keepEqual(garden, fromGardenFile(file));
    const [unsound] = groundProblems(next);
    if (unsound) return refuse(unsound.message, unsound.path);
    return change(...differences(garden, next));
  },
});

/** What other devices need to join theirs, brought up to the garden: no change of the garden itself. */
export const setHistory = command({
  name: "history.set",
  label: () => fact("commands.sharingTheGarden"),
  quiet: true,
  input: HistorySchema,
  run: (garden, history) =>
    change({ kind: "history", id: "history", before: garden.history, after: history }),
});

export const addShelter = command({
  name: "shelter.add",
  label: (shelter) => fact("commands.adding", { shelter: shelter.name }),
  input: ShelterSchema,
  run(garden, shelter) {
    const [problem] = coverProblems("shelter", shelter);
    if (problem) return refuse(problem.message, problem.path);
    if (garden.shelters.has(shelter.id)) return refuse(fact("commands.thisShelterIsAlreadyThere"));
    return change({ kind: "shelter", id: shelter.id, before: null, after: shelter });
  },
});

export const addBeds = command({
  name: "bed.addMany",
  label: ({ beds }) =>
    beds.length === 1
      ? fact("commands.adding2", { name: beds[0]?.name })
      : fact("commands.addingBeds", { bedsCount: beds.length }),
  input: z.object({ beds: z.array(BedSchema).min(1, code("commands.sayHowManyBeds")).max(200) }),
  run(garden, { beds }) {
    const shelterIds = new Set(garden.shelters.keys());
    const changes: Change[] = [];
    for (const bed of beds) {
      const [problem] = bedProblems("bed", bed, shelterIds);
      if (problem) return refuse(problem.message, problem.path);
      if (garden.beds.has(bed.id))
        return refuse(fact("commands.isAlreadyThere", { bed: bed.name }));
      changes.push({ kind: "bed", id: bed.id, before: null, after: bed });
    }
    return change(...changes);
  },
});
