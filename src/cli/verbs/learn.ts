import { learn as learned } from "@/core/learn";
import { required } from "../arguments";
import { gardenFrom, siteFrom, todayFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

/** Numbers as they are printed: enough to go on reckoning with. */
const rounded = (value: number) => Math.round(value * 10_000) / 10_000;

export const learn: Verb = {
  name: "learn",
  usage: say.learnUsage,
  summary: say.whatTheRecordSaysOfTheLibrarysNumbers,
  positional: 0,
  options: [
    { name: "garden", takes: "value", help: say.aGardenFile },
    { name: "on", takes: "value", help: say.learnOn },
  ],
  run(given) {
    const garden = gardenFrom(required(given, "garden"));
    const numbers = learned(siteFrom(garden), garden, todayFrom(given, garden));
    return {
      json: {
        numbers: numbers.map((one) => ({
          what: one.what,
          about: one.about.kind,
          ...(one.about.kind === "garden" ? {} : { id: one.about.id }),
          unit: one.unit,
          library: rounded(one.library),
          own: rounded(one.own),
          joined: rounded(one.joined),
          interval: { low: rounded(one.low), high: rounded(one.high) },
          n: one.seen.length,
          odd: one.seen.filter(({ counts }) => counts < ODD_BELOW).length,
          weight: rounded(one.weight),
          used: one.used,
        })),
      },
    };
  },
};

const ODD_BELOW = 0.4;
