import { DAYS_PER_WEEK, dayNumber, isoDate } from "@/core/calendar";
import { byFoodGroup, usualNeed } from "@/core/food";
import { supplyOver } from "@/core/supply";
import { Refusal, required } from "../arguments";
import { dayOption, gardenFrom, siteFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

/** Looked at where nobody says: from the garden's day to the end of spring. */
const USUAL_WEEKS = 40;
const MOST_WEEKS = 104;
/** A household, where the garden says nothing of who eats. */
const USUAL_EATERS = 2;
/** Kilograms to the gram. */
const grams = (kg: number) => Math.round(kg * 1000) / 1000;

export const supply: Verb = {
  name: "supply",
  usage: say.supplyUsage,
  summary: say.whatComesEachWeekAgainstWhatIsWanted,
  positional: 0,
  options: [
    { name: "garden", takes: "value", help: say.aGardenFile },
    { name: "from", takes: "value", help: say.theFirstDay },
    { name: "to", takes: "value", help: say.theLastDay },
  ],
  run(given) {
    const garden = gardenFrom(required(given, "garden"));
    const { today } = garden.head;
    const firstDay =
      today !== null && !given.options.has("from") ? dayNumber(today) : dayOption(given, "from");
    const lastDay = given.options.has("to")
      ? dayOption(given, "to")
      : firstDay + USUAL_WEEKS * DAYS_PER_WEEK - 1;
    const count = Math.ceil((lastDay - firstDay + 1) / DAYS_PER_WEEK);
    if (count < 1) throw new Refusal(say.toLiesBeforeFrom);
    if (count > MOST_WEEKS) throw new Refusal(say.atMostWeeks({ most: MOST_WEEKS }));
    const need = garden.need ?? usualNeed(USUAL_EATERS, "usual");
    const { weeks, gaps } = supplyOver(siteFrom(garden), garden, need, {
      firstDay,
      count,
      today: today === null ? firstDay : dayNumber(today),
    });
    return {
      json: {
        weeks: weeks.map(({ weekOf, needKg, harvestKg, storeKg, gapKg, byGroup }) => ({
          weekOf: isoDate(weekOf),
          harvestKg: {
            p10: grams(harvestKg.p10),
            p50: grams(harvestKg.p50),
            p90: grams(harvestKg.p90),
          },
          needKg: grams(needKg),
          storeKg: grams(storeKg),
          gapKg: grams(gapKg),
          byGroup: byFoodGroup((group) => {
            const of = byGroup[group];
            return {
              harvestKg: grams(of.harvestKg + of.surplusKg),
              needKg: grams(of.needKg),
              storeKg: grams(of.storeKg),
              gapKg: grams(of.gapKg),
            };
          }),
        })),
        gaps: gaps.map(({ group, fromDay, untilDay, yearsIn10, shortKg }) => ({
          group,
          from: isoDate(fromDay),
          until: isoDate(untilDay),
          yearsIn10,
          shortKg: grams(shortKg),
        })),
      },
    };
  },
};
