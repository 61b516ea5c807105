import * as z from "zod";
import { dayNumber, isoDate, type IsoDate, IsoDateSchema } from "../calendar";
import { fitsInto } from "../layout";
import {
  type Change,
  cropsOf,
  type Garden,
  type Planting,
  PlantingSchema,
  SuccessionSchema,
} from "../garden";
import { plantingProblems } from "../gardenFile";
import { factsOf } from "../plantings";
import { change, command, refuse } from "./command";
import { groundProblem } from "./groundProblem";
import { logWithout, seedPlansWithout, storeWithoutPlantings } from "./log/logFollows";
import { occupying } from "./occupying";
import { code, fact, type Fact } from "../facts";

const idInput = z.object({ id: z.string() });
const GONE = fact("commands.thisPlantingIsNoLongerInTheGarden");

function cropWords(garden: Garden, cropId: string): string {
  return cropsOf(garden).get(cropId)?.name.toLowerCase() ?? cropId;
}

function plantingWords(garden: Garden, id: string): string {
  const planting = garden.plantings.get(id);
  return planting ? cropWords(garden, planting.cropId) : "a planting";
}

export const addPlanting = command({
  name: "planting.add",
  label: (planting, garden) =>
    fact("commands.adding3", { crop: cropWords(garden, planting.cropId) }),
  input: PlantingSchema,
  run(garden, planting) {
    const problem = plantingRefusal(garden, planting);
    if (problem) return problem;
    if (garden.plantings.has(planting.id))
      return refuse(fact("commands.thisPlantingIsAlreadyThere"));
    return occupying(garden, { kind: "planting", id: planting.id, before: null, after: planting });
  },
});

export const moveSowing = command({
  name: "planting.moveSowing",
  label: ({ id }, garden) => fact("commands.moving2", { planting: plantingWords(garden, id) }),
  input: z.object({ id: z.string(), sowOn: IsoDateSchema }),
  run(garden, { id, sowOn }) {
    const before = garden.plantings.get(id);
    if (!before) return refuse(GONE);
    const sown = madeAlready(garden, id);
    if (sown) return refuse(sown);
    const after = { ...before, sowOn };
    return pulledTooEarly(after) ?? occupying(garden, { kind: "planting", id, before, after });
  },
});

export const shiftPlantings = command({
  name: "planting.shift",
  label: ({ ids, days }) => fact("commands.shifting", { count: ids.length, days }),
  input: z.object({ ids: z.array(z.string()).min(1).max(1000), days: z.int().min(-366).max(366) }),
  /** Sowings that have been made stay where they are; a day of pulling goes along. */
  run(garden, { ids, days }) {
    const later = (on: IsoDate) => isoDate(dayNumber(on) + days);
    const changes: Change[] = [];
    let sown: Fact | null = null;
    for (const id of new Set(ids)) {
      const before = garden.plantings.get(id);
      if (!before) return refuse(GONE);
      const made = madeAlready(garden, id);
      sown ??= made;
      if (made) continue;
      const clearOn = before.clearOn === null ? null : later(before.clearOn);
      const after = { ...before, sowOn: later(before.sowOn), clearOn };
      changes.push({ kind: "planting", id, before, after });
    }
    if (sown && changes.length === 0) return refuse(sown);
    return occupying(garden, ...changes);
  },
});

export const editPlanting = command({
  name: "planting.edit",
  label: ({ id }, garden) => fact("commands.changing2", { planting: plantingWords(garden, id) }),
  input: PlantingSchema.partial().required({ id: true }),
  run(garden, some) {
    const before = garden.plantings.get(some.id);
    if (!before) return refuse(GONE);
    const after = { ...before, ...some };
    return (
      plantingRefusal(garden, after) ??
      occupying(garden, { kind: "planting", id: some.id, before, after })
    );
  },
});

export const setPlantings = command({
  name: "planting.setMany",
  label: ({ plantings }, garden) =>
    fact("commands.placing", { crop: cropWords(garden, plantings.at(-1)?.cropId ?? "") }),
  input: z.object({ plantings: z.array(PlantingSchema).min(1).max(300) }),
  run(garden, { plantings }) {
    const changes: Change[] = [];
    for (const planting of plantings) {
      const problem = plantingRefusal(garden, planting);
      if (problem) return problem;
      const before = garden.plantings.get(planting.id) ?? null;
      const sown = before && before.sowOn !== planting.sowOn && madeAlready(garden, planting.id);
      if (sown) return refuse(sown);
      changes.push({ kind: "planting", id: planting.id, before, after: planting });
    }
    return occupying(garden, ...changes);
  },
});

export const removePlanting = command({
  name: "planting.remove",
  label: ({ id }, garden) => fact("commands.removing5", { planting: plantingWords(garden, id) }),
  input: idInput,
  run(garden, { id }) {
    const before = garden.plantings.get(id);
    if (!before) return refuse(GONE);
    return change({ kind: "planting", id, before, after: null }, ...withoutPlanting(garden, id));
  },
});

export const addSuccession = command({
  name: "succession.add",
  label: ({ plantings }, garden) =>
    fact("commands.addingSowingsOf", {
      plantingsCount: plantings.length,
      crop: cropWords(garden, plantings[0]?.cropId ?? ""),
    }),
  input: z.object({
    succession: SuccessionSchema,
    plantings: z
      .array(PlantingSchema)
      .min(2, code("commands.aSuccessionHasAtLeastTwoSowings"))
      .max(60, code("commands.atMost60SowingsInASuccession")),
  }),
  run(garden, { succession, plantings }) {
    if (garden.successions.has(succession.id))
      return refuse(fact("commands.thisSuccessionIsAlreadyThere"));
    const { id } = succession;
    const changes: Change[] = [{ kind: "succession", id, before: null, after: succession }];
    const withIt = {
      ...garden,
      successions: new Map([...garden.successions, [id, succession] as const]),
    };
    for (const planting of plantings) {
      const problem = plantingRefusal(withIt, planting);
      if (problem) return problem;
      // An earlier planting may become the first of the succession.
      const before = garden.plantings.get(planting.id) ?? null;
      changes.push({ kind: "planting", id: planting.id, before, after: planting });
    }
    return occupying(garden, ...changes);
  },
});

export const moveSuccession = command({
  name: "succession.move",
  label: ({ moves }, garden) =>
    fact("commands.movingSowingsOf", {
      movesCount: moves.length,
      planting: plantingWords(garden, moves[0]?.id ?? ""),
    }),
  input: z.object({
    moves: z
      .array(z.object({ id: z.string(), sowOn: IsoDateSchema }))
      .min(1)
      .max(60),
  }),
  run(garden, { moves }) {
    const changes: Change[] = [];
    for (const { id, sowOn } of moves) {
      const before = garden.plantings.get(id);
      if (!before) return refuse(GONE);
      const sown = madeAlready(garden, id);
      if (sown && sowOn !== before.sowOn) return refuse(sown);
      const after = { ...before, sowOn };
      const early = pulledTooEarly(after);
      if (early) return early;
      changes.push({ kind: "planting", id, before, after });
    }
    return occupying(garden, ...changes);
  },
});

/** Why a sowing that has been made cannot be moved; null when it is still to come. */
function madeAlready(garden: Garden, plantingId: string): Fact | null {
  for (const tray of garden.trays.values()) {
    const sowing = tray.sowings.find((one) => one.plantingId === plantingId);
    if (sowing)
      return fact("commands.alreadySownOnInItCannotBeMoved", {
        dayNumber: dayNumber(sowing.sownOn),
        tray: tray.name,
      });
  }
  const { sownDay } = factsOf(garden, plantingId);
  if (sownDay !== null) return fact("commands.loggedAsSownOnChangeThatEntry", { sownDay });
  return null;
}

/** What follows when a planting goes: its succession, when empty, and its place in the trays. */
function withoutPlanting(garden: Garden, plantingId: string): Change[] {
  const changes: Change[] = [];
  const successionId = garden.plantings.get(plantingId)?.successionId ?? null;
  const others = [...garden.plantings.values()].filter(
    (one) => one.successionId === successionId && one.id !== plantingId,
  );
  const succession = successionId === null ? undefined : garden.successions.get(successionId);
  if (succession && others.length === 0) {
    changes.push({ kind: "succession", id: succession.id, before: succession, after: null });
  }
  for (const tray of garden.trays.values()) {
    if (!tray.sowings.some((sowing) => sowing.plantingId === plantingId)) continue;
    const sowings = tray.sowings.map((sowing) =>
      sowing.plantingId === plantingId ? { ...sowing, plantingId: null } : sowing,
    );
    changes.push({ kind: "tray", id: tray.id, before: tray, after: { ...tray, sowings } });
  }
  const gone = new Set([plantingId]);
  changes.push(
    ...logWithout(garden, { kind: "planting", ids: gone }),
    ...storeWithoutPlantings(garden, gone),
    ...seedPlansWithout(garden, gone),
  );
  return changes;
}

export function plantingRefusal(garden: Garden, planting: z.infer<typeof PlantingSchema>) {
  const [problem] = plantingProblems("planting", planting, cropsOf(garden));
  if (problem) return refuse(problem.message, problem.path);
  if (planting.successionId !== null && !garden.successions.has(planting.successionId)) {
    return refuse(fact("commands.thisSuccessionIsNoLongerInThe"), "planting.successionId");
  }
  const bed = garden.beds.get(planting.bedId);
  if (!bed) return refuse(fact("commands.thisBedIsNoLongerInTheGarden"), "planting.bedId");
  if (!fitsInto(planting.lengthM, bed.lengthM)) {
    return refuse(
      fact("commands.isLongUseAtMostThat", { bed: bed.name, lengthM: bed.lengthM }),
      "planting.lengthM",
    );
  }
  if (!fitsInto(planting.fromM + planting.lengthM, bed.lengthM)) {
    return refuse(
      fact("commands.fromHasLeftStartNearerTheEndOrUse", {
        fromM: planting.fromM,
        bed: bed.name,
        lengthM: bed.lengthM,
      }),
      "planting.fromM",
    );
  }
  const words = groundProblem(planting, bed);
  if (words) return refuse(words, bed.container ? "planting.lengthM" : "planting.across");
  return pulledTooEarly(planting);
}

function pulledTooEarly({ sowOn, clearOn }: Planting) {
  return clearOn !== null && clearOn < sowOn
    ? refuse(fact("commands.aPlantingCannotBePulledBeforeItIs"), "planting.clearOn")
    : null;
}
