import * as z from "zod";
import { IsoDateSchema, type IsoDate } from "../calendar";
import {
  countSeedlings,
  moveTo,
  potOn,
  sowInto,
  StandSchema,
  takeCells,
  thinTo,
  TraySchema,
  TraySowingSchema,
  type Tray,
  type TrayResult,
} from "../trays";
import { seedsIn, withoutSeeds } from "../seedBox";
import { type Change, cropsOf, type Garden, PlantingSchema } from "../garden";
import { cropAndVarietyProblems, trayProblems } from "../gardenFile";
import { change, command, refuse } from "./command";
import { addPlanting } from "./plantingCommands";
import { code, fact } from "../facts";

const GONE = fact("commands.thisTrayIsNoLongerInTheGarden");
const cellsOf = { trayId: z.string(), sowingId: z.string(), on: IsoDateSchema };

function trayName(garden: Garden, id: string): string {
  return garden.trays.get(id)?.name ?? "a tray";
}

/** A tray command that changes one tray by a function of the core. */
function trayChange(garden: Garden, trayId: string, act: (tray: Tray) => TrayResult) {
  const before = garden.trays.get(trayId);
  if (!before) return refuse(GONE);
  const result = act(before);
  if (!result.ok) return refuse(result.refusal);
  return change({ kind: "tray", id: trayId, before, after: result.tray });
}

export const setStand = command({
  name: "stand.set",
  label: ({ name }) => fact("commands.keeping4", { name }),
  input: StandSchema,
  run: (garden, stand) =>
    change({
      kind: "stand",
      id: stand.id,
      before: garden.stands.get(stand.id) ?? null,
      after: stand,
    }),
});

export const removeStand = command({
  name: "stand.remove",
  label: ({ id }, garden) => fact("commands.removing8", { stand: garden.stands.get(id)?.name }),
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.stands.get(id);
    if (!before) return refuse(fact("commands.thisTrayLocationIsNoLongerThere"));
    const there = [...garden.trays.values()].filter((tray) => tray.stays.at(-1)?.standId === id);
    if (there.length > 0) {
      const names = there.slice(0, 3).map((tray) => tray.name);
      return refuse(fact("commands.thereMoveFirst", { names, thereCount: there.length }));
    }
    // Trays that stood there once forget where.
    const trays = [...garden.trays.values()].filter((tray) =>
      tray.stays.some(({ standId }) => standId === id),
    );
    return change(
      ...trays.map((tray): Change => ({
        kind: "tray",
        id: tray.id,
        before: tray,
        after: {
          ...tray,
          stays: tray.stays.map((stay) =>
            stay.standId === id ? { ...stay, standId: null } : stay,
          ),
        },
      })),
      { kind: "stand", id, before, after: null },
    );
  },
});

export const addTray = command({
  name: "tray.add",
  label: ({ name }) => fact("commands.adding4", { name }),
  input: TraySchema,
  run(garden, tray) {
    return (
      newTrayRefusal(garden, tray) ??
      change({ kind: "tray", id: tray.id, before: null, after: tray })
    );
  },
});

function newTrayRefusal(garden: Garden, tray: Tray) {
  if (garden.trays.has(tray.id)) return refuse(fact("commands.thisTrayIsAlreadyThere"));
  const taken = [...garden.trays.values()].find(({ name }) => name === tray.name);
  if (taken) return refuse(fact("commands.thereIsAlreadyATrayCalled", { tray: tray.name }), "name");
  const [problem] = trayProblems("tray", tray, garden);
  return problem ? refuse(problem.message, problem.path) : null;
}

/** A tray that is there, or the one that is put up in the same step. */
function thereOrNew(garden: Garden, id: string, newTray: Tray | undefined) {
  if (!newTray) return garden.trays.get(id) ?? refuse(GONE);
  return newTrayRefusal(garden, newTray) ?? newTray;
}

export const renameTray = command({
  name: "tray.rename",
  label: ({ id }, garden) => fact("commands.renaming", { trayName: trayName(garden, id) }),
  input: z.object({ id: z.string(), name: TraySchema.shape.name }),
  run: (garden, { id, name }) =>
    trayChange(garden, id, (tray) => ({ ok: true, tray: { ...tray, name } })),
});

export const moveTray = command({
  name: "tray.move",
  label: ({ id }, garden) => fact("commands.moving3", { trayName: trayName(garden, id) }),
  input: z.object({ id: z.string(), standId: z.string().nullable(), from: IsoDateSchema }),
  run(garden, { id, standId, from }) {
    if (standId !== null && !garden.stands.has(standId)) {
      return refuse(fact("commands.thisTrayLocationIsNoLongerThere"), "standId");
    }
    return trayChange(garden, id, (tray) => ({ ok: true, tray: moveTo(tray, standId, from) }));
  },
});

export const removeTray = command({
  name: "tray.remove",
  label: ({ id }, garden) => fact("commands.removing9", { trayName: trayName(garden, id) }),
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.trays.get(id);
    if (!before) return refuse(GONE);
    return change({ kind: "tray", id, before, after: null });
  },
});

export const sowTray = command({
  name: "tray.sow",
  label: ({ trayId, newTray }, garden) =>
    fact("commands.sowing", { newTray: newTray?.name, trayName: trayName(garden, trayId) }),
  input: z.object({
    trayId: z.string(),
    sowing: TraySowingSchema.omit({ entries: true, seedlings: true }).extend({
      seedsPerCell: z
        .number({ error: code("commands.sayHowManySeedsGoIntoACell") })
        .int(code("commands.wholeSeedsOnly"))
        .min(1, code("commands.atLeastOneSeedForACell"))
        .max(50, code("commands.atMost50SeedsForACell")),
    }),
    /** The tray itself, when it is put up in the same step. */
    newTray: TraySchema.optional(),
    /** Sow although the packet says it holds less: packets are counted by eye. */
    evenIfShort: z.boolean().optional(),
  }),
  run(garden, { trayId, sowing, newTray, evenIfShort }) {
    const tray = thereOrNew(garden, trayId, newTray);
    if (!("cellMl" in tray)) return tray;
    const crops = cropsOf(garden);
    const [problem] = cropAndVarietyProblems("sowing", sowing, crops);
    if (problem) return refuse(problem.message, problem.path);
    const result = sowInto(tray, sowing);
    if (!result.ok) return refuse(result.refusal, "sowing.cells");
    const before = newTray ? null : tray;
    const changes: Change[] = [{ kind: "tray", id: tray.id, before, after: result.tray }];

    const lot = sowing.lotId === null ? undefined : garden.seedLots.get(sowing.lotId);
    const crop = crops.get(sowing.cropId);
    if (sowing.lotId !== null && (!lot || lot.cropId !== sowing.cropId)) {
      return refuse(fact("commands.thisSeedIsNotInTheBox"), "sowing.lotId");
    }
    if (lot && crop) {
      const taken = sowing.cells.length * sowing.seedsPerCell;
      const there = seedsIn(crop, lot);
      if (taken > there && !evenIfShort) {
        return refuse(
          fact("commands.thePacketHoldsSeedsAndThisTakesSow", {
            there,
            taken,
            seedsPerCell: sowing.seedsPerCell,
          }),
          "evenIfShort",
        );
      }
      changes.push({
        kind: "seedLot",
        id: lot.id,
        before: lot,
        after: withoutSeeds(crop, lot, taken),
      });
    }
    // The plan follows what was done.
    const planting = garden.plantings.get(sowing.plantingId ?? "");
    if (sowing.plantingId !== null && planting?.cropId !== sowing.cropId) {
      return refuse(fact("commands.thisPlantingIsNotOfThatCrop"), "sowing.plantingId");
    }
    if (planting && planting.sowOn !== sowing.sownOn) {
      const after = { ...planting, sowOn: sowing.sownOn };
      changes.push({ kind: "planting", id: planting.id, before: planting, after });
    }
    return change(...changes);
  },
});

export const countTray = command({
  name: "tray.count",
  label: ({ trayId }, garden) => fact("commands.counting", { trayName: trayName(garden, trayId) }),
  input: z.object({ ...cellsOf, seedlings: z.array(z.number().int().min(0).max(99)).max(2000) }),
  run: (garden, { trayId, sowingId, on, seedlings }) =>
    trayChange(garden, trayId, (tray) => countSeedlings(tray, sowingId, on, seedlings)),
});

export const thinTray = command({
  name: "tray.thin",
  label: ({ trayId }, garden) => fact("commands.thinning", { trayName: trayName(garden, trayId) }),
  input: z.object({
    ...cellsOf,
    leave: z
      .number()
      .int()
      .min(1, code("commands.leaveAtLeastOne"))
      .max(15, code("commands.leaveAtMost15")),
  }),
  run: (garden, { trayId, sowingId, on, leave }) =>
    trayChange(garden, trayId, (tray) => thinTo(tray, sowingId, on, leave)),
});

export const potOnSowing = command({
  name: "tray.potOn",
  label: ({ trayId, how }, garden) =>
    fact("commands.splitSplittingPottingUp", { how, trayName: trayName(garden, trayId) }),
  input: z.object({
    ...cellsOf,
    intoTrayId: z.string(),
    /** The tray they go into, when it is put up in the same step. */
    newTray: TraySchema.optional(),
    how: z.enum(["together", "split"]),
    newId: z.string(),
  }),
  run(garden, { trayId, sowingId, on, intoTrayId, newTray, how, newId }) {
    const from = garden.trays.get(trayId);
    if (!from) return refuse(GONE);
    const into = thereOrNew(garden, intoTrayId, newTray);
    if (!("cellMl" in into)) return into;
    const result = potOn(from, sowingId, into, on, how, newId);
    if (!result.ok) return refuse(result.refusal);
    return change(
      { kind: "tray", id: trayId, before: from, after: result.from },
      { kind: "tray", id: into.id, before: newTray ? null : into, after: result.into },
    );
  },
});

const takenInput = z.object({ ...cellsOf, cells: z.array(z.number().int().min(0)).nullable() });

export const discardCells = command({
  name: "tray.discard",
  label: ({ trayId }, garden) =>
    fact("commands.discardingFrom", { trayName: trayName(garden, trayId) }),
  input: takenInput,
  run: (garden, { trayId, sowingId, on, cells }) =>
    trayChange(garden, trayId, (tray) => takeCells(tray, sowingId, on, "discarded", cells)),
});

export const plantOutCells = command({
  name: "tray.plantOut",
  label: ({ trayId }, garden) =>
    fact("commands.transplanting", { trayName: trayName(garden, trayId) }),
  input: takenInput,
  run(garden, { trayId, sowingId, on, cells }) {
    const taken = trayChange(garden, trayId, (tray) =>
      takeCells(tray, sowingId, on, "plantedOut", cells),
    );
    return "refusal" in taken
      ? taken
      : change(...taken.changes, ...plantedOutLogged(garden, trayId, sowingId, on, cells));
  },
});

/** The planting that a sowing was raised for stands in its bed from the first cells on: logged once. */
function plantedOutLogged(
  garden: Garden,
  trayId: string,
  sowingId: string,
  on: IsoDate,
  cells: readonly number[] | null,
): Change[] {
  const sowing = garden.trays.get(trayId)?.sowings.find(({ id }) => id === sowingId);
  const isWhole = cells === null || cells.length === sowing?.cells.length;
  // Only when all are out is nothing left to be asked for.
  const id = `${sowingId}-${isWhole ? "plantOut" : "plantOut-part"}`;
  if (!sowing || sowing.plantingId === null || garden.logEntries.has(id)) return [];
  const what = { kind: "plantedOut", plantingId: sowing.plantingId, plants: null } as const;
  return [
    {
      kind: "logEntry",
      id,
      before: null,
      after: { id, on, taskId: isWhole ? id : null, what, note: "" },
    },
  ];
}

/** A planting in a bed for seedlings that were sown for none. */
export const plantSowing = command({
  name: "tray.chooseBed",
  label: ({ planting }, garden) =>
    fact("commands.choosingABedFor", { crop: cropsOf(garden).get(planting.cropId)?.name }),
  input: z.object({ trayId: z.string(), sowingId: z.string(), planting: PlantingSchema }),
  run(garden, { trayId, sowingId, planting }) {
    const sowing = garden.trays.get(trayId)?.sowings.find(({ id }) => id === sowingId);
    if (!sowing) return refuse(GONE);
    if (garden.plantings.has(sowing.plantingId ?? "")) {
      return refuse(fact("commands.theseSeedlingsHaveABed"));
    }
    if (planting.cropId !== sowing.cropId) {
      return refuse(fact("commands.thisPlantingIsNotOfThatCrop"), "planting.cropId");
    }
    const added = addPlanting.run(garden, planting);
    if ("refusal" in added) return added;
    const given = trayChange(garden, trayId, (tray) => ({
      ok: true,
      tray: {
        ...tray,
        sowings: tray.sowings.map((one) =>
          one.id === sowingId ? { ...one, plantingId: planting.id } : one,
        ),
      },
    }));
    return "refusal" in given ? given : change(...added.changes, ...given.changes);
  },
});

export const labelSowing = command({
  name: "tray.label",
  label: ({ trayId, labelled }, garden) =>
    fact("commands.labellingTakingTheLabelFrom", { labelled, trayName: trayName(garden, trayId) }),
  input: z.object({ trayId: z.string(), sowingId: z.string(), labelled: z.boolean() }),
  run: (garden, { trayId, sowingId, labelled }) =>
    trayChange(garden, trayId, (tray) => ({
      ok: true,
      tray: {
        ...tray,
        sowings: tray.sowings.map((sowing) =>
          sowing.id === sowingId ? { ...sowing, labelled } : sowing,
        ),
      },
    })),
});
