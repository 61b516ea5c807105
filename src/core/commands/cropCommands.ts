import * as z from "zod";
import { cropLibrary, cropProblems } from "../crops";
import {
  type Change,
  cropsOf,
  type Garden,
  OwnCropSchema,
  OwnVarietySchema,
  usesOf,
} from "../garden";
import { change, command, refuse } from "./command";
import { fact, type Fact } from "../facts";

/** What takes the place of a crop or variety that goes: offered where it is in use. */
const ReplacementSchema = z.object({ cropId: z.string(), varietyId: z.string() });
type Replacement = z.infer<typeof ReplacementSchema>;

export const setOwnCrop = command({
  name: "ownCrop.set",
  label: ({ crop }) => fact("commands.keeping", { crop: crop.name }),
  input: OwnCropSchema,
  run(garden, own) {
    if (cropLibrary.has(own.id)) {
      return refuse(fact("commands.theCropLibraryAlreadyHasThatIdUse"), "id");
    }
    const [problem] = cropProblems(own.crop);
    if (problem) return refuse(problem.message, `crop.${problem.path}`);
    const taken = [...cropsOf(garden).values()].find(
      (crop) => crop.id !== own.id && sameName(crop.name, own.crop.name),
    );
    if (taken) {
      return refuse(
        fact("commands.thereIsAlreadyACropCalledChoose", { taken: taken.name }),
        "crop.name",
      );
    }
    const before = garden.ownCrops.get(own.id) ?? null;
    const gone = before?.crop.varieties.filter(
      ({ id }) => !own.crop.varieties.some((variety) => variety.id === id),
    );
    const used = gone?.find(({ id }) => isUsed(garden, own.id, id));
    if (used)
      return refuse(
        fact("commands.isInUseAndCannotBeRemoved", { used: used.name }),
        "crop.varieties",
      );
    return change({ kind: "ownCrop", id: own.id, before, after: own });
  },
});

export const removeOwnCrop = command({
  name: "ownCrop.remove",
  label: ({ id }, garden) =>
    fact("commands.removing3", { crop: garden.ownCrops.get(id)?.crop.name.toLowerCase() }),
  input: z.object({ id: z.string(), replaceBy: ReplacementSchema.optional() }),
  run(garden, { id, replaceBy }) {
    const before = garden.ownCrops.get(id);
    if (!before) return refuse(fact("commands.thisCropIsNoLongerInTheGarden"));
    const uses = usesWords(garden, id);
    if (uses && !replaceBy) return refuse(inUseWords(before.crop.name, uses));
    const changes = replaceBy ? replaced(garden, { cropId: id }, replaceBy) : [];
    if (changes === null) return refuse(NO_REPLACEMENT, "replaceBy");
    const own = [...garden.ownVarieties.values()].filter((variety) => variety.cropId === id);
    return change(
      ...changes,
      ...own.map((variety) => ({
        kind: "ownVariety" as const,
        id: variety.id,
        before: variety,
        after: null,
      })),
      { kind: "ownCrop", id, before, after: null },
    );
  },
});

export const setOwnVariety = command({
  name: "ownVariety.set",
  label: ({ variety }) => fact("commands.keeping2", { variety: variety.name }),
  input: OwnVarietySchema,
  run(garden, own) {
    const crop = cropsOf(garden).get(own.cropId);
    if (!crop) return refuse(fact("commands.thisCropIsNoLongerInTheGarden"), "cropId");
    const [problem] = cropProblems({ ...crop, varieties: [own.variety] });
    if (problem) return refuse(problem.message, problem.path.replace("varieties.0", "variety"));
    const taken = crop.varieties.find(
      (variety) => variety.id !== own.id && sameName(variety.name, own.variety.name),
    );
    if (taken) {
      return refuse(
        fact("commands.hasAVarietyCalledAlready", { crop: crop.name, taken: taken.name }),
        "variety.name",
      );
    }
    const before = garden.ownVarieties.get(own.id) ?? null;
    return change({ kind: "ownVariety", id: own.id, before, after: own });
  },
});

export const removeOwnVariety = command({
  name: "ownVariety.remove",
  label: ({ id }, garden) =>
    fact("commands.removing4", { variety: garden.ownVarieties.get(id)?.variety.name }),
  input: z.object({ id: z.string(), replaceBy: ReplacementSchema.optional() }),
  run(garden, { id, replaceBy }) {
    const before = garden.ownVarieties.get(id);
    if (!before) return refuse(fact("commands.thisVarietyIsNoLongerInTheGarden"));
    const uses = usesWords(garden, before.cropId, id);
    if (uses && !replaceBy) return refuse(inUseWords(before.variety.name, uses));
    const what = { cropId: before.cropId, varietyId: id };
    const changes = replaceBy ? replaced(garden, what, replaceBy) : [];
    if (changes === null) return refuse(NO_REPLACEMENT, "replaceBy");
    return change(...changes, { kind: "ownVariety", id, before, after: null });
  },
});

const NO_REPLACEMENT = fact("commands.thatCropOrVarietyIsNotInTheGarden");

function inUseWords(name: string, uses: readonly Fact[]): Fact {
  return fact("commands.isUsedByChooseAnotherForThoseOr", { name, uses });
}

function sameName(a: string, b: string): boolean {
  return a.trim().toLowerCase() === b.trim().toLowerCase();
}

function isUsed(garden: Garden, cropId: string, varietyId: string): boolean {
  return usesWords(garden, cropId, varietyId) !== null;
}

/** What grows a crop, counted; null when nothing does. */
function usesWords(garden: Garden, cropId: string, varietyId?: string): Fact[] | null {
  const uses = usesOf(garden, cropId, varietyId);
  const counts = [
    [uses.plantings.length, "commands.plantings"],
    [uses.seedLots.length, "commands.seedLots"],
    [uses.trays.length, "commands.trays"],
    [uses.storeLots.length, "commands.storeLots"],
  ] as const;
  const facts = counts.flatMap(([count, code]) => (count > 0 ? [fact(code, { count })] : []));
  return facts.length === 0 ? null : facts;
}

/** The changes that give everything of one crop or variety to another; null when there is none such. */
function replaced(
  garden: Garden,
  what: { cropId: string; varietyId?: string },
  by: Replacement,
): Change[] | null {
  const crop = cropsOf(garden).get(by.cropId);
  const same = by.cropId === what.cropId && (what.varietyId ?? by.varietyId) === by.varietyId;
  if (!crop?.varieties.some(({ id }) => id === by.varietyId) || same) return null;
  const uses = usesOf(garden, what.cropId, what.varietyId);
  const isIt = (one: { cropId: string; varietyId: string }) =>
    one.cropId === what.cropId && (what.varietyId ?? one.varietyId) === one.varietyId;
  return [
    ...uses.plantings.map((before): Change => ({
      kind: "planting",
      id: before.id,
      before,
      // The other crop may not stand being moved, or being cut young.
      after: {
        ...before,
        ...by,
        method: crop.transplanting.tolerance === "never" ? "direct" : before.method,
        stage: crop.babyLeaf ? before.stage : "full",
      },
    })),
    ...uses.seedLots.map((before): Change => ({
      kind: "seedLot",
      id: before.id,
      before,
      after: { ...before, ...by },
    })),
    ...uses.storeLots.map((before): Change => ({
      kind: "storeLot",
      id: before.id,
      before,
      after: { ...before, ...by },
    })),
    ...uses.trays.map((before): Change => ({
      kind: "tray",
      id: before.id,
      before,
      after: {
        ...before,
        sowings: before.sowings.map((sowing) => (isIt(sowing) ? { ...sowing, ...by } : sowing)),
      },
    })),
  ];
}
