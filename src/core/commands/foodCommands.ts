import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { fact } from "../facts";
import { keepingIn, NeedSchema, StoreLotSchema, takenGrams, type StoreLot } from "../food";
import { cropsOf, type Change, type Garden } from "../garden";
import { storeLotProblems } from "../gardenFile";
import { LoggedSchema, TAKEN_FOR } from "../log";
import { change, command, refuse } from "./command";
import { logWithout } from "./log/logFollows";

const GONE = fact("commands.thisIsNoLongerInStore");
/** What keeps no longer is eaten, not stored, weeks. */
const STORED_FROM_WEEKS = 1;
/** What rounding of a scale may add, g. */
const SLACK_G = 0.5;

const cropIn = (garden: Garden, { cropId }: Pick<StoreLot, "cropId">) =>
  cropsOf(garden).get(cropId);

export const setNeed = command({
  name: "need.set",
  label: () => fact("commands.whatTheEatersWant"),
  input: NeedSchema,
  run: (garden, need) => change({ kind: "need", id: "need", before: garden.need, after: need }),
});

export const setStoreLot = command({
  name: "store.set",
  label: (lot, garden) => fact("commands.storing", { crop: cropIn(garden, lot)?.name }),
  input: StoreLotSchema,
  run(garden, lot) {
    const [problem] = storeLotProblems("storeLot", lot, garden);
    if (problem) return refuse(problem.message, problem.path);
    const crop = cropIn(garden, lot);
    const keeping = crop && keepingIn(crop, lot.place);
    if (crop && keeping && keeping.weeks <= STORED_FROM_WEEKS) {
      const { place } = lot;
      return refuse(fact("commands.itWouldRotThere", { crop: crop.name, place }), "place");
    }
    const taken = takenGrams(garden.logEntries, lot.id);
    if (taken > lot.grams + SLACK_G) {
      return refuse(fact("commands.moreWasTakenThanThat", { takenG: taken }), "grams");
    }
    const before = garden.storeLots.get(lot.id) ?? null;
    return change({ kind: "storeLot", id: lot.id, before, after: lot });
  },
});

export const removeStoreLot = command({
  name: "store.remove",
  label: ({ id }, garden) => {
    const lot = garden.storeLots.get(id);
    return fact("commands.takingOutOfStore", { crop: lot && cropIn(garden, lot)?.name });
  },
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.storeLots.get(id);
    if (!before) return refuse(GONE);
    return change(
      { kind: "storeLot", id, before, after: null },
      ...logWithout(garden, { kind: "storeLot", ids: new Set([id]) }),
    );
  },
});

/** Picked or lifted, weighed, and put by: one step. */
export const putBy = command({
  name: "store.putBy",
  label: ({ lot }, garden) => fact("commands.storing", { crop: cropIn(garden, lot)?.name }),
  input: z.object({ lot: StoreLotSchema, pickedId: z.string() }),
  run(garden, { lot, pickedId }) {
    const stored = setStoreLot.run(garden, lot);
    if ("refusal" in stored || lot.plantingId === null) return stored;
    const read = LoggedSchema.safeParse({
      kind: "harvested",
      plantingId: lot.plantingId,
      grams: lot.grams,
      count: null,
      isLast: false,
    });
    if (!read.success) return refuse(fact("food.moreThanNothing"), "grams");
    const after = { id: pickedId, on: lot.since, taskId: null, what: read.data, note: "" };
    return change(...stored.changes, { kind: "logEntry", id: pickedId, before: null, after });
  },
});

/** So much out of the store, as an entry of the log: eaten, sorted out, given away or sold. */
export const takeFromStore = command({
  name: "store.take",
  label: ({ storeLotId }, garden) => {
    const lot = garden.storeLots.get(storeLotId);
    return fact("commands.takingOutOfStore", { crop: lot && cropIn(garden, lot)?.name });
  },
  input: z.object({
    id: z.string(),
    on: IsoDateSchema,
    storeLotId: z.string(),
    grams: z.number(),
    why: z.enum(TAKEN_FOR),
  }),
  run(garden, { id, on, ...taken }) {
    const lot = garden.storeLots.get(taken.storeLotId);
    if (!lot) return refuse(GONE);
    const read = LoggedSchema.safeParse({ kind: "taken", ...taken });
    if (!read.success) return refuse(fact("food.moreThanNothing"), "grams");
    const leftG = lot.grams - takenGrams(garden.logEntries, lot.id);
    if (taken.grams > leftG + SLACK_G) {
      return refuse(fact("commands.soMuchIsNotLeft", { leftG: Math.max(0, leftG) }), "grams");
    }
    if (on < lot.since) return refuse(fact("commands.itWasNotInStoreYet"), "on");
    const after = { id, on, taskId: null, what: read.data, note: "" };
    return change({ kind: "logEntry", id, before: null, after } satisfies Change);
  },
});
