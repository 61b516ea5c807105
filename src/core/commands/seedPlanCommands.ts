import * as z from "zod";
import { cropsOf, SeedPlanSchema, type Garden, type SeedPlan } from "../garden";
import { fact } from "../facts";
import { plantingAmounts } from "../plantings";
import { SeedLotSchema } from "../seedBox";
import { seedSavingOf } from "../seedSaving";
import { change, command, refuse, type Run } from "./command";

function cropName(garden: Garden, plantingId: string): string {
  const planting = garden.plantings.get(plantingId);
  return (planting && cropsOf(garden).get(planting.cropId)?.name.toLowerCase()) ?? plantingId;
}

export const setSeedPlan = command({
  name: "seedPlan.set",
  label: ({ plantingId }, garden) =>
    fact("commands.leavingForSeed", { crop: cropName(garden, plantingId) }),
  input: SeedPlanSchema,
  run(garden, plan) {
    const problem = planProblem(garden, plan);
    if (problem) return problem;
    const before = garden.seedPlans.get(plan.id) ?? null;
    return change({ kind: "seedPlan", id: plan.id, before, after: plan });
  },
});

export const removeSeedPlan = command({
  name: "seedPlan.remove",
  label: ({ id }, garden) =>
    fact("commands.leavingForSeed", {
      crop: cropName(garden, garden.seedPlans.get(id)?.plantingId ?? id),
    }),
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.seedPlans.get(id);
    if (!before) return refuse(fact("commands.thisSeedPlanIsNoLongerThere"));
    return change({ kind: "seedPlan", id, before, after: null });
  },
});

/** Own seed, dry and clean, as a lot of the seed box: one step with its plan. */
export const boxOwnSeed = command({
  name: "seedPlan.box",
  label: ({ lot }, garden) =>
    fact("commands.seedIntoTheBox", { crop: cropsOf(garden).get(lot.cropId)?.name ?? lot.cropId }),
  input: z.object({ id: z.string(), lot: SeedLotSchema }),
  run(garden, { id, lot }) {
    const before = garden.seedPlans.get(id);
    if (!before) return refuse(fact("commands.thisSeedPlanIsNoLongerThere"));
    const after: SeedPlan = { ...before, lotId: lot.id };
    return change(
      { kind: "seedPlan", id, before, after },
      { kind: "seedLot", id: lot.id, before: garden.seedLots.get(lot.id) ?? null, after: lot },
    );
  },
});

function planProblem(garden: Garden, plan: SeedPlan): Run | null {
  const planting = garden.plantings.get(plan.plantingId);
  if (!planting) return refuse(fact("commands.thisPlantingIsNoLongerInTheGarden"));
  const crop = cropsOf(garden).get(planting.cropId);
  if (!crop || !seedSavingOf(crop)) {
    return refuse(
      fact("commands.noSeedOfThis", { crop: crop?.name.toLowerCase() ?? planting.cropId }),
    );
  }
  if (plan.harvestedOn !== null && plan.harvestedOn < planting.sowOn) {
    return refuse(fact("commands.cutBeforeItWasSown"), "harvestedOn");
  }
  const plants = plantingAmounts(garden, planting)?.plants ?? Infinity;
  return plan.plants > plants
    ? refuse(fact("commands.soManyDoNotStand", { plants }), "plants")
    : null;
}
