import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { MixSchema } from "../trays";
import { SeedLotSchema } from "../seedBox";
import { type Change, cropsOf, type Garden } from "../garden";
import { cropAndVarietyProblems } from "../gardenFile";
import { change, command, refuse } from "./command";
import { logWithout } from "./log/logFollows";
import { fact, type Fact } from "../facts";

function lotWords(garden: Garden, lot: { cropId: string } | undefined): Fact {
  return lot
    ? fact("commands.seed", {
        crop: cropsOf(garden).get(lot.cropId)?.name.toLowerCase() ?? lot.cropId,
      })
    : fact("commands.someSeed");
}

export const setSeedLot = command({
  name: "seedLot.set",
  label: ({ lot }, garden) => fact("commands.keeping3", { lot: lotWords(garden, lot) }),
  input: z.object({
    lot: SeedLotSchema,
    /** A packet for a later year than the coming one, or a test not yet made, is a slip of the pen. */
    today: IsoDateSchema,
  }),
  run(garden, { lot, today }) {
    const [problem] = cropAndVarietyProblems("lot", lot, cropsOf(garden));
    if (problem) return refuse(problem.message, problem.path);
    const thisYear = Number(today.slice(0, 4));
    // Next season's packets are sold from fall on.
    const newest = today.slice(5) >= "08-01" ? thisYear + 1 : thisYear;
    if (lot.packedYear > newest) {
      return refuse(
        fact("commands.seedPackedForCannotBeHereYetGiveA", { packedYear: lot.packedYear, newest }),
        "lot.packedYear",
      );
    }
    if (lot.germinationTest && lot.germinationTest.testedOn > today) {
      return refuse(fact("commands.theTestDateIsInTheFutureEnterThe"), "lot.testedOn");
    }
    const before = garden.seedLots.get(lot.id) ?? null;
    return change({ kind: "seedLot", id: lot.id, before, after: lot });
  },
});

export const removeSeedLot = command({
  name: "seedLot.remove",
  label: ({ id }, garden) =>
    fact("commands.removing6", { lot: lotWords(garden, garden.seedLots.get(id)) }),
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.seedLots.get(id);
    if (!before) return refuse(fact("commands.thisSeedIsNoLongerInTheSeedBox"));
    const changes: Change[] = [{ kind: "seedLot", id, before, after: null }];
    // The trays remember what was sown, no longer from which packet.
    for (const tray of garden.trays.values()) {
      if (!tray.sowings.some(({ lotId }) => lotId === id)) continue;
      const sowings = tray.sowings.map((sowing) =>
        sowing.lotId === id ? { ...sowing, lotId: null } : sowing,
      );
      changes.push({ kind: "tray", id: tray.id, before: tray, after: { ...tray, sowings } });
    }
    changes.push(...logWithout(garden, { kind: "seedLot", ids: new Set([id]) }));
    return change(...changes);
  },
});

export const setMix = command({
  name: "mix.set",
  label: ({ name }) => fact("commands.keeping4", { name }),
  input: MixSchema,
  run: (garden, mix) =>
    change({ kind: "mix", id: mix.id, before: garden.mixes.get(mix.id) ?? null, after: mix }),
});

export const removeMix = command({
  name: "mix.remove",
  label: ({ id }, garden) => fact("commands.removing7", { mixe: garden.mixes.get(id)?.name }),
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.mixes.get(id);
    if (!before) return refuse(fact("commands.thisMixIsNoLongerThere"));
    return change({ kind: "mix", id, before, after: null });
  },
});
