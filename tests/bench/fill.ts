import { searchPlan } from "@/core/fill";
import { usualNeed } from "@/core/food";
import { siteFor } from "@/core/plantings";
import { solve } from "@/solver/solve";
import { DAY, largeGarden } from "./largeGarden";
import { report } from "./timing";

const WEEKS = 40;
const SECONDS = 60;
const EATERS = 40;
/** Sixty empty beds in June: all crops of the season ahead may still be sown. */
const JUNE_DAYS_BEFORE = 90;

/** A whole plan for sixty empty beds and forty weeks: how soon there is one, and how near it is to the best. */
export async function benchFill(): Promise<void> {
  const garden = largeGarden(0);
  const site = siteFor(garden);
  if (!site) throw new Error("a place");
  const today = DAY - JUNE_DAYS_BEFORE;
  const wanted = {
    need: usualNeed(EATERS, "usual"),
    weeks: { firstDay: today, count: WEEKS, today },
    limits: { hours: null, kinds: null },
  };
  const begin = performance.now();
  let firstMs = 0;
  let greedyKg = 0;
  const { plan, gap } = await searchPlan(
    site,
    garden,
    wanted,
    (text, options) => solve(text, { ...options, seconds: SECONDS }),
    (found) => {
      if (firstMs > 0) return;
      firstMs = performance.now() - begin;
      greedyKg = found.plan.afterKg;
    },
  );
  const crops = new Set(plan.steps.flatMap((step) => ("cropName" in step ? step.cropName : [])));
  report(`first whole plan for 60 beds and ${WEEKS} weeks`, firstMs, 5000, "ms");
  report(`from the proven best after ${SECONDS} s at most`, gap * 100, 5, "%");
  console.log(
    `short ${Math.round(plan.beforeKg)} kg without it, ${Math.round(greedyKg)} kg a gap after another, ${Math.round(plan.afterKg)} kg searched; ${plan.steps.length} steps, ${crops.size} crops`,
  );
}
