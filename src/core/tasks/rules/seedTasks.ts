import { fact, type Fact } from "../../facts";
import type { SeedPlan } from "../../garden";
import type { Work } from "../../log";
import { plantingState } from "../../plantings";
import {
  crossingsOf,
  seedSavingOf,
  seedSteps,
  type SeedSaving,
  type SeedStep,
} from "../../seedSaving";
import { plantingTask, type PlantingRound, type Round, type Task } from "../task";

/** Told so long before its day, and asked for so long after it, days. */
const AHEAD_DAYS = 7;
const ASKED_DAYS = 21;

const WORK_OF: Record<SeedStep["what"], Work> = {
  mark: "leaveForSeed",
  lift: "liftForSeed",
  setOut: "setOutForSeed",
  isolate: "cageForSeed",
  cut: "cutSeed",
  dry: "cleanSeed",
  test: "cleanSeed",
};

/** What plants that are left for seed ask for: marked, kept apart, cut when ripe, dried, cleaned and tested. */
export function seedTasks(round: Round): Task[] {
  const { garden, site, day } = round;
  return [...garden.seedPlans.values()].flatMap((plan) => {
    const planting = garden.plantings.get(plan.plantingId);
    const life = planting && plantingState(garden, site, planting);
    const saving = life && seedSavingOf(life.growing.crop);
    if (!life || !saving || plan.lotId !== null) return [];
    const of: PlantingRound = { ...round, life, bed: life.bed, name: life.name };
    return (
      seedSteps(site, life, plan)
        // Dried and tested in one go: the later of the two is asked for.
        .filter(({ what }) => what !== "dry")
        .filter((step) => day >= step.day - AHEAD_DAYS && day <= step.day + ASKED_DAYS)
        .filter(({ what }) => isOpen(what, plan))
        .map(({ what, day: due }) =>
          plantingTask(of, WORK_OF[what], due - AHEAD_DAYS, due, {
            reason: reasonOf(what, saving),
            howMuch: fact("tasks.plantsLeftForSeed", { plants: plan.plants }),
            endsWhen: fact("tasks.seedStepEnds", { what }),
            ifLeft: fact("tasks.seedStepLeft", { what }),
            more: moreOf(what, saving, of),
          }),
        )
    );
  });
}

/** What was cut is neither marked nor caged any more; what is not cut is not cleaned. */
function isOpen(what: SeedStep["what"], { harvestedOn }: SeedPlan): boolean {
  return what === "test" ? harvestedOn !== null : harvestedOn === null;
}

function reasonOf(what: SeedStep["what"], { plants, isolationM, pollination }: SeedSaving): Fact {
  switch (what) {
    case "mark":
      return fact("tasks.theBestMakeSeed", { plants });
    case "lift":
    case "setOut":
      return fact("tasks.itFlowersInItsSecondYear");
    case "isolate":
      return fact("tasks.itCrosses", { isolationM, by: pollination });
    default:
      return fact("tasks.ripeSeedDropsOrIsEaten");
  }
}

function moreOf(what: SeedStep["what"], saving: SeedSaving, of: PlantingRound) {
  if (what === "cut") return [fact("tasks.cutWhen", { ripeWhen: saving.ripeWhen }), saving.harvest];
  if (what === "test") return [fact("tasks.dryAndTest")];
  if (what !== "mark" && what !== "isolate") return [];
  const crossings = crossingsOf(of.site, of.garden, of.life);
  return [
    ...(crossings.length > 0
      ? [fact("tasks.crossesHereWith", { names: crossings.map(({ name }) => name) })]
      : []),
    ...(saving.wild === null ? [] : [fact("tasks.crossesWithWild", { wild: saving.wild })]),
  ];
}
