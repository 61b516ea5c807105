import seedSavingJson from "@data/seedSaving.json";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { dayNumber } from "../calendar";
import type { SeedPlan } from "../garden";
import type { Site } from "../growth";
import type { PlantingState } from "../plantings";
import { floweringOf } from "./flowering";
import { seedSavingOf } from "./species";

const { dryWeeks, markedWeeksBefore } = seedSavingJson;

/** What has to be done for seed, and when. */
export interface SeedStep {
  what: "mark" | "lift" | "setOut" | "isolate" | "cut" | "dry" | "test";
  day: DayNumber;
}

/** From marking the plants to the seed box; nothing where it is not known when they flower. */
export function seedSteps(site: Site, state: PlantingState, plan: SeedPlan): SeedStep[] {
  const saving = seedSavingOf(state.growing.crop);
  const flowering = floweringOf(site, state, plan);
  if (!saving || !flowering) return [];
  const { timeline } = state;
  const readyDay = timeline.readyDay ?? timeline.sowDay;
  const ripeDay = flowering.fromDay + saving.ripeDays;
  const cutDay = plan.harvestedOn === null ? ripeDay : dayNumber(plan.harvestedOn);
  const overWinter =
    saving.life !== "annual" && flowering.fromDay > site.season(readyDay).midwinterDay;
  const lifted = overWinter && plan.winter === "lifted";
  const { midwinterDay } = site.season(readyDay);
  const steps: SeedStep[] = [
    {
      what: "mark",
      // What comes through a winter is marked before it is eaten in it.
      day: overWinter
        ? Math.max(readyDay, midwinterDay - LIFTED_BEFORE_DAYS)
        : flowering.fromDay - markedWeeksBefore * DAYS_PER_WEEK,
    },
  ];
  if (lifted) {
    steps.push({ what: "lift", day: Math.max(readyDay, midwinterDay - LIFTED_BEFORE_DAYS) });
    const { boltsAfterReplantDays } = seedSavingJson;
    steps.push({ what: "setOut", day: flowering.fromDay - boltsAfterReplantDays });
  }
  if (plan.isolation === "cage") {
    steps.push({ what: "isolate", day: flowering.fromDay - CAGED_BEFORE_DAYS });
  }
  steps.push({ what: "cut", day: cutDay });
  steps.push({ what: "dry", day: cutDay + dryWeeks * DAYS_PER_WEEK });
  steps.push({ what: "test", day: cutDay + (dryWeeks + 1) * DAYS_PER_WEEK });
  return steps;
}

/** Roots for seed are lifted with the others for the store, before the ground is hard (estimate). */
const LIFTED_BEFORE_DAYS = 50;
/** A cage stands before the first flower opens. */
const CAGED_BEFORE_DAYS = 7;
