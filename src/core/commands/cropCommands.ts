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

/** What takes the place of a crop or variety that goes: offered where it is in use. */
const ReplacementSchema = z.object({ cropId: z.string(), varietyId: z.string() });
type Replacement = z.infer<typeof ReplacementSchema>;

export const setOwnCrop = command({
  name: "ownCrop.set",
  label: ({ crop }) => `keeping ${crop.name.toLowerCase()}`,
  input: OwnCropSchema,
  run(garden, own) {
    if (cropLibrary.has(own.id)) {
      return refuse("The crop library already has that id: use another.", "id");
    }
    const [problem] = cropProblems(own.crop);
    if (problem) return refuse(problem.message, `crop.${problem.path}`);
    const taken = [...cropsOf(garden).values()].find(
      (crop) => crop.id !== own.id && sameName(crop.name, own.crop.name),
    );
    if (taken) {
      return refuse(
        `There is already a crop called ${taken.name}: choose another name.`,
        "crop.name",
      );
    }
    const before = garden.ownCrops.get(own.id) ?? null;
    const gone = before?.crop.varieties.filter(
      ({ id }) => !own.crop.varieties.some((variety) => variety.id === id),
    );
    const used = gone?.find(({ id }) => isUsed(garden, own.id, id));
    if (used) return refuse(`${used.name} is in use and cannot be removed.`, "crop.varieties");
    return change({ kind: "ownCrop", id: own.id, before, after: own });
  },
});

export const removeOwnCrop = command({
  name: "ownCrop.remove",
  label: ({ id }, garden) =>
    `removing ${garden.ownCrops.get(id)?.crop.name.toLowerCase() ?? "a crop"}`,
  input: z.object({ id: z.string(), replaceBy: ReplacementSchema.optional() }),
  run(garden, { id, replaceBy }) {
    const before = garden.ownCrops.get(id);
    if (!before) return refuse("This crop is no longer in the garden.");
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
  label: ({ variety }) => `keeping ${variety.name}`,
  input: OwnVarietySchema,
  run(garden, own) {
    const crop = cropsOf(garden).get(own.cropId);
    if (!crop) return refuse("This crop is no longer in the garden.", "cropId");
    const [problem] = cropProblems({ ...crop, varieties: [own.variety] });
    if (problem) return refuse(problem.message, problem.path.replace("varieties.0", "variety"));
    const taken = crop.varieties.find(
      (variety) => variety.id !== own.id && sameName(variety.name, own.variety.name),
    );
    if (taken) {
      return refuse(`${crop.name} has a variety called ${taken.name} already.`, "variety.name");
    }
    const before = garden.ownVarieties.get(own.id) ?? null;
    return change({ kind: "ownVariety", id: own.id, before, after: own });
  },
});

export const removeOwnVariety = command({
  name: "ownVariety.remove",
  label: ({ id }, garden) => `removing ${garden.ownVarieties.get(id)?.variety.name ?? "a variety"}`,
  input: z.object({ id: z.string(), replaceBy: ReplacementSchema.optional() }),
  run(garden, { id, replaceBy }) {
    const before = garden.ownVarieties.get(id);
    if (!before) return refuse("This variety is no longer in the garden.");
    const uses = usesWords(garden, before.cropId, id);
    if (uses && !replaceBy) return refuse(inUseWords(before.variety.name, uses));
    const what = { cropId: before.cropId, varietyId: id };
    const changes = replaceBy ? replaced(garden, what, replaceBy) : [];
    if (changes === null) return refuse(NO_REPLACEMENT, "replaceBy");
    return change(...changes, { kind: "ownVariety", id, before, after: null });
  },
});

const NO_REPLACEMENT = "That crop or variety is not in the garden: choose another.";

function inUseWords(name: string, uses: string): string {
  return `${name} is used by ${uses}: choose another for those, or remove them first.`;
}

function sameName(a: string, b: string): boolean {
  return a.trim().toLowerCase() === b.trim().toLowerCase();
}

function isUsed(garden: Garden, cropId: string, varietyId: string): boolean {
  return usesWords(garden, cropId, varietyId) !== null;
}

/** What grows a crop, counted in words; null when nothing does. */
function usesWords(garden: Garden, cropId: string, varietyId?: string): string | null {
  const uses = usesOf(garden, cropId, varietyId);
  const words = [
    counted(uses.plantings.length, "planting", "plantings"),
    counted(uses.seedLots.length, "seed lot", "seed lots"),
    counted(uses.trays.length, "tray", "trays"),
  ].filter((word) => word !== null);
  return words.length === 0 ? null : words.join(" and ");
}

function counted(count: number, one: string, many: string): string | null {
  return count === 0 ? null : `${count} ${count === 1 ? one : many}`;
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
