import { trialFound, type Comparison } from "@/core/trials";
import { Refusal, required } from "../arguments";
import { gardenFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

/** Effects as they are printed: enough to go on reckoning with. */
const rounded = (value: number) => Math.round(value * 10_000) / 10_000;

export const trial: Verb = {
  name: "trial",
  usage: say.trialUsage,
  summary: say.whatATrialSaysAgainstChance,
  positional: 0,
  options: [
    { name: "garden", takes: "value", help: say.aGardenFile },
    { name: "id", takes: "value", help: say.aTrialsId },
  ],
  run(given) {
    const garden = gardenFrom(required(given, "garden"));
    const id = required(given, "id");
    const found = garden.trials.get(id);
    if (!found) {
      const known = [...garden.trials.keys()].join(", ") || say.noneYet;
      throw new Refusal(say.thereIsNoTrial({ id, known }));
    }
    const { comparisons, plots, isSingleBlock } = trialFound(found);
    const told = comparisons.map((one) => ({
      treatment: nameOf(found.treatments, one),
      against: found.treatments[0]?.name ?? "",
      pairs: one.pairs,
      effect: rounded(one.effect),
      interval: one.interval && {
        low: rounded(one.interval.low),
        high: rounded(one.interval.high),
      },
      p: rounded(one.p),
      enough: one.enough,
      plotsNeeded: one.plotsNeeded,
    }));
    // What two treatments came to stands by itself; of several, what is surest.
    const [surest] = [...told].sort((a, b) => a.p - b.p);
    return { json: { ...surest, plots, oneStripEach: isSingleBlock, comparisons: told } };
  },
};

function nameOf(treatments: readonly { id: string; name: string }[], { treatmentId }: Comparison) {
  return treatments.find(({ id }) => id === treatmentId)?.name ?? treatmentId;
}
