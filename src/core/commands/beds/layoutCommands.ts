import * as z from "zod";
import {
  exactM,
  fitsInto,
  overlap,
  OutlineSchema,
  PlotSchema,
  PositionSchema,
  within,
} from "../../layout";
import { bedProblems } from "../../gardenFile";
import {
  BedSchema,
  withChanges,
  type Bed,
  type Change,
  type Garden,
  type Planting,
} from "../../garden";
import { change, command, refuse } from "../command";
import { groundProblem } from "../groundProblem";
import { layoutProblems, outlineOf } from "./layoutProblems";
import { logWithout, storeWithoutPlantings, seedPlansWithout } from "../log/logFollows";
import { occupying } from "../occupying";
import { code, fact } from "../../facts";

const GONE = fact("commands.thisBedIsNoLongerInTheGarden");

/**
 * A bed that was moved stands in the shelter that it lies wholly in, and in the open when it lies
 * clear of all; across a wall it stays what it was, and is refused for that.
 */
function shelteredWhereItLies(garden: Garden, bed: Bed): Bed {
  const outline = outlineOf(bed);
  const own = garden.shelters.get(bed.shelterId ?? "");
  if (!outline || (own && !own.outline)) return bed;
  const drawn = [...garden.shelters.values()].flatMap(({ id, outline: walls }) =>
    walls ? [{ id, walls }] : [],
  );
  const around = drawn.find(({ walls }) => within(outline, walls));
  if (around) return { ...bed, shelterId: around.id };
  return drawn.some(({ walls }) => overlap(outline, walls)) ? bed : { ...bed, shelterId: null };
}

/** Refuses a layout that cannot be, or under whose covers two would stand on the same ground. */
function checkedToo(garden: Garden, changes: Change[], after: Garden) {
  const laid = checked(garden, changes, after);
  return "refusal" in laid ? laid : occupying(garden, ...changes);
}

/**
 * Refuses changes after which beds would overlap or leave the plot. What lay so before may go on
 * lying so: a bed is not kept from its new name by two others that share a corner.
 */
export function checked(before: Garden, changes: readonly Change[], after: Garden) {
  const problems = layoutProblems(after);
  if (problems.length === 0) return change(...changes);
  const known = new Set(layoutProblems(before).map(({ key }) => key));
  const fresh = problems.find(({ key }) => !known.has(key));
  return fresh ? refuse(fresh.message) : change(...changes);
}

export const setLayout = command({
  name: "layout.set",
  label: ({ beds }, garden) =>
    beds.length === 1
      ? fact("commands.moving", { bed: garden.beds.get(beds[0]?.id ?? "")?.name })
      : fact("commands.changingTheLayout"),
  input: z.object({
    beds: z.array(z.object({ id: z.string(), position: PositionSchema })).max(2000),
    shelters: z.array(z.object({ id: z.string(), outline: OutlineSchema })).max(500),
    plot: PlotSchema.optional(),
  }),
  run(garden, { beds, shelters, plot }) {
    const changes: Change[] = [];
    const after = { ...garden, beds: new Map(garden.beds), shelters: new Map(garden.shelters) };
    if (plot) {
      changes.push({ kind: "plot", id: "plot", before: garden.plot, after: plot });
      after.plot = plot;
    }
    for (const { id, outline } of shelters) {
      const before = garden.shelters.get(id);
      if (!before) return refuse(fact("commands.thisShelterIsNoLongerInTheGarden"));
      const shelter = { ...before, outline };
      changes.push({ kind: "shelter", id, before, after: shelter });
      after.shelters.set(id, shelter);
    }
    for (const { id, position } of beds) {
      const before = garden.beds.get(id);
      if (!before) return refuse(GONE);
      const bed = shelteredWhereItLies(after, { ...before, position });
      changes.push({ kind: "bed", id, before, after: bed });
      after.beds.set(id, bed);
    }
    return checkedToo(garden, changes, after);
  },
});

/** Beds and shelters as a map has them: known ones moved and resized, new ones added. */
export const importLayout = command({
  name: "layout.import",
  label: ({ beds }) => fact("commands.importingBedsFromAMap", { bedsCount: beds.length }),
  input: z.object({
    plot: PlotSchema,
    beds: z.array(BedSchema).max(2000, code("commands.atMost2000Beds")),
    shelters: z.array(z.object({ id: z.string(), outline: OutlineSchema })).max(500),
  }),
  run(garden, { plot, beds, shelters }) {
    const changes: Change[] = [{ kind: "plot", id: "plot", before: garden.plot, after: plot }];
    for (const { id, outline } of shelters) {
      const before = garden.shelters.get(id);
      if (!before) return refuse(fact("commands.thisShelterIsNoLongerInTheGarden"));
      changes.push({ kind: "shelter", id, before, after: { ...before, outline } });
    }
    for (const bed of beds) {
      const before = garden.beds.get(bed.id) ?? null;
      const inBed = [...garden.plantings.values()].filter(({ bedId }) => bedId === bed.id);
      const refused =
        before && (shortened(garden, before, bed) ?? narrowed(garden, before, bed, inBed));
      if (refused) return refused;
      changes.push({ kind: "bed", id: bed.id, before, after: bed });
    }
    return checked(garden, changes, withChanges(garden, changes));
  },
});

/** The refusal to make a bed shorter than what grows in it; null when it is long enough. */
function shortened(garden: Garden, before: Bed, bed: Bed) {
  const takenM = [...garden.plantings.values(), ...garden.rests.values()]
    .filter(({ bedId }) => bedId === bed.id)
    .reduce((most, { fromM, lengthM }) => Math.max(most, fromM + lengthM), 0);
  // Read from a map, a bed may come out a few centimetres off; larger containers may be fewer.
  const isNoShorter = bed.lengthM >= before.lengthM && !bed.container;
  if (fitsInto(takenM, bed.lengthM) || isNoShorter) return null;
  return refuse(
    fact("commands.aPlantingInReachesToShortenOrMove", { bed: bed.name, takenM }),
    "bed.lengthM",
  );
}

/**
 * The refusal to make a bed narrower than the strips in it, or its containers other than what is
 * planted; null where all of it still lies in the bed. What did not before is let be.
 */
function narrowed(garden: Garden, before: Bed, bed: Bed, plantings: readonly Planting[]) {
  for (const planting of plantings) {
    const was = garden.plantings.get(planting.id);
    const words = groundProblem(planting, bed);
    if (words && was && !groundProblem(was, before)) return refuse(words, "bed.widthM");
  }
  return null;
}

/** What grows in a bed, where its containers came out larger or smaller in as many of them as before. */
function inItsContainers(garden: Garden, before: Bed, bed: Bed): Planting[] {
  const inBed = [...garden.plantings.values()].filter(({ bedId }) => bedId === bed.id);
  const [from, to] = [before.container?.eachM, bed.container?.eachM];
  if (from === undefined || to === undefined || from === to) return inBed;
  const scaled = (m: number) => exactM(Math.round(m / from) * to);
  return inBed.map((planting) => ({
    ...planting,
    fromM: scaled(planting.fromM),
    lengthM: scaled(planting.lengthM),
  }));
}

export const editBed = command({
  name: "bed.edit",
  label: ({ id }, garden) => fact("commands.changing", { bed: garden.beds.get(id)?.name }),
  input: BedSchema.partial().required({ id: true }),
  run(garden, some) {
    const before = garden.beds.get(some.id);
    if (!before) return refuse(GONE);
    const merged = { ...before, ...some };
    const bed =
      some.position && some.shelterId === undefined ? shelteredWhereItLies(garden, merged) : merged;
    const [problem] = bedProblems("bed", bed, new Set(garden.shelters.keys()));
    if (problem) return refuse(problem.message, problem.path);
    const changes: Change[] = [{ kind: "bed", id: bed.id, before, after: bed }];
    const plantings = inItsContainers(garden, before, bed);
    for (const planting of plantings) {
      const was = garden.plantings.get(planting.id) ?? null;
      if (was !== planting)
        changes.push({ kind: "planting", id: planting.id, before: was, after: planting });
    }
    const after = withChanges(garden, changes);
    const refused = shortened(after, before, bed) ?? narrowed(garden, before, bed, plantings);
    return refused ?? checkedToo(garden, changes, after);
  },
});

export const removeBed = command({
  name: "bed.remove",
  label: ({ id }, garden) => fact("commands.removing", { bed: garden.beds.get(id)?.name }),
  input: z.object({ id: z.string(), withPlantings: z.boolean().optional() }),
  run(garden, { id, withPlantings }) {
    const before = garden.beds.get(id);
    if (!before) return refuse(GONE);
    const there = [...garden.plantings.values()].filter(({ bedId }) => bedId === id);
    if (there.length > 0 && !withPlantings) {
      return refuse(
        fact("commands.hasMoveThemToAnotherBedOrRemove", {
          before: before.name,
          thereCount: there.length,
        }),
        "withPlantings",
      );
    }
    const gone = new Set(there.map((planting) => planting.id));
    const changes: Change[] = [...garden.trays.values()]
      .filter((tray) => tray.sowings.some(({ plantingId }) => gone.has(plantingId ?? "")))
      .map((tray) => ({
        kind: "tray",
        id: tray.id,
        before: tray,
        after: {
          ...tray,
          sowings: tray.sowings.map((sowing) =>
            gone.has(sowing.plantingId ?? "") ? { ...sowing, plantingId: null } : sowing,
          ),
        },
      }));
    for (const piece of garden.pieces.values()) {
      if (piece.kind !== "cover" || piece.bedId !== id) continue;
      changes.push({
        kind: "piece",
        id: piece.id,
        before: piece,
        after: { ...piece, bedId: null },
      });
    }
    for (const day of garden.thermometerDays.values()) {
      if (day.under.kind !== "bed" || day.under.id !== id) continue;
      changes.push({ kind: "thermometerDay", id: day.id, before: day, after: null });
    }
    changes.push(
      ...logWithout(garden, { kind: "planting", ids: gone }),
      ...storeWithoutPlantings(garden, gone),
      ...seedPlansWithout(garden, gone),
    );
    const thenLog = withChanges(garden, changes);
    changes.push(...logWithout(thenLog, { kind: "bed", ids: new Set([id]) }));
    const { head } = garden;
    if (head.walk.includes(id)) {
      const after = { ...head, walk: head.walk.filter((one) => one !== id) };
      changes.push({ kind: "garden", id: head.id, before: head, after });
    }
    for (const rest of garden.rests.values()) {
      if (rest.bedId === id) changes.push({ kind: "rest", id: rest.id, before: rest, after: null });
    }
    for (const feeding of garden.feedings.values()) {
      if (feeding.bedId !== id) continue;
      changes.push({ kind: "feeding", id: feeding.id, before: feeding, after: null });
    }
    for (const planting of there) {
      changes.push({ kind: "planting", id: planting.id, before: planting, after: null });
    }
    return change(...changes, { kind: "bed", id, before, after: null });
  },
});
