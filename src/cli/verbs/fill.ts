import { DAYS_PER_WEEK, dayNumber } from "@/core/calendar";
import { searchPlan, type FillStep } from "@/core/fill";
import { usualNeed } from "@/core/food";
import { solve } from "@/solver/solve";
import { optional, Refusal, required } from "../arguments";
import { gardenFrom, siteFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

const USUAL_SECONDS = 20;
const MOST_SECONDS = 3600;
const WEEKS = 40;
const USUAL_EATERS = 2;
const grams = (kg: number) => Math.round(kg * 1000) / 1000;

export const fill: Verb = {
  name: "fill",
  usage: say.fillUsage,
  summary: say.whichSowingsLeaveLeastUnmet,
  positional: 0,
  options: [
    { name: "garden", takes: "value", help: say.aGardenFile },
    { name: "seconds", takes: "value", help: say.howLongToSearch },
  ],
  async run(given) {
    const garden = gardenFrom(required(given, "garden"));
    const site = siteFrom(garden);
    const seconds = Number(optional(given, "seconds") ?? USUAL_SECONDS);
    if (!(seconds > 0 && seconds <= MOST_SECONDS)) throw new Refusal(say.secondsFromTo);
    const { today } = garden.head;
    const firstDay = today === null ? Math.floor(Date.now() / 86_400_000) : dayNumber(today);
    const count = Math.min(
      WEEKS,
      Math.ceil((site.season(firstDay).endDay + 1 - firstDay) / DAYS_PER_WEEK),
    );
    const weeks = { firstDay, count, today: firstDay };
    const need = garden.need ?? usualNeed(USUAL_EATERS, "usual");
    const limits = { hours: null, kinds: null };
    const { plan, gap } = await searchPlan(site, garden, { need, weeks, limits }, (text, options) =>
      solve(text, { ...options, seconds }),
    );
    return {
      json: {
        before: { unmetKg: grams(plan.beforeKg) },
        after: { unmetKg: grams(plan.afterKg) },
        gapToBest: grams(gap),
        steps: plan.steps.map((step) => stepJson(step, plan.steps)),
      },
    };
  },
};

/** Every step with the same fields; what it has none of is 0, or nothing. */
function stepJson(step: FillStep, steps: readonly FillStep[]) {
  const { kind, bedName } = step;
  const none = { cover: [], plants: 0, hours: 0, kg: 0 };
  if (kind === "cover") {
    // It lies there before what wants it is sown.
    const dates = steps.flatMap((one) =>
      "wants" in one && one.wants === step.id ? [one.plantings[0].sowOn] : [],
    );
    const date = dates.sort()[0] ?? null;
    return { what: kind, crop: null, bed: bedName, date, ...none, cover: [step.coverId] };
  }
  if (kind === "leaveOut") {
    return { what: kind, crop: step.cropName, bed: bedName, date: step.planting.sowOn, ...none };
  }
  const { plantings, cropName, covers, plants } = step;
  const [{ sowOn }] = plantings;
  const amounts = { plants, hours: grams(step.hours), kg: grams(step.kg) };
  return { what: kind, crop: cropName, bed: bedName, date: sowOn, cover: covers, ...amounts };
}
