import { DAYS_PER_WEEK, dayNumber } from "@/core/calendar";
import { fillModel, fillPlan, gapToBest, gardenFill } from "@/core/fill";
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
    const question = gardenFill(site, garden, need, weeks, { hours: null, kinds: null });
    const model = fillModel(question.problem);
    const solved = await solve(model.text, { seconds });
    const lengths = question.plantings.map(
      (_, index) => solved?.values.get(model.lengthOf(index)) ?? 0,
    );
    const plan = fillPlan(site, garden, need, weeks, question, lengths);
    return {
      json: {
        before: { unmetKg: grams(plan.beforeKg) },
        after: { unmetKg: grams(plan.afterKg) },
        gapToBest: solved ? grams(gapToBest(solved.objective, solved.bound)) : 0,
        steps: plan.steps.map(({ planting, cropName, bedName, covers, plants, kg }) => ({
          what: "sow",
          crop: cropName,
          bed: bedName,
          date: planting.sowOn,
          cover: covers,
          plants,
          kg: grams(kg),
        })),
      },
    };
  },
};
