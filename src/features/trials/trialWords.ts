import type { Trial } from "@/core/garden";
import type { Comparison } from "@/core/trials";
import type { LocalWording } from "@/ui/wording";
import { trials as say } from "@/words/en/trials";

const percent = (share: number, wording: LocalWording) => `${wording.number(100 * share)}\u00a0%`;

/** A treatment by its name. */
export function treatmentName({ treatments }: Pick<Trial, "treatments">, id: string | null) {
  return treatments.find((one) => one.id === id)?.name ?? say.nothingBetter;
}

/** What a treatment gave against the first: "Compost gave 32 % more than none". */
export function effectWords(trial: Trial, one: Comparison, wording: LocalWording): string {
  const treatment = treatmentName(trial, one.treatmentId);
  const usual = trial.treatments[0]?.name ?? "";
  if (trial.measure === "score") {
    const points = `${one.effect >= 0 ? "+" : "\u2212"}${wording.number(Math.abs(one.effect), 1)}`;
    return say.points({ treatment, points, usual });
  }
  const words = { treatment, percent: percent(Math.abs(one.effect - 1), wording), usual };
  return one.effect >= 1 ? say.more(words) : say.less(words);
}

/** Between what the difference likely lies: "likely −4 % to 31 %"; null where nothing can be said. */
export function intervalWords(trial: Trial, one: Comparison, wording: LocalWording): string | null {
  if (!one.interval) return null;
  const told = (value: number) => {
    const off = trial.measure === "score" ? value : 100 * (value - 1);
    const sign = off < 0 ? "\u2212" : "+";
    const digits = trial.measure === "score" ? 1 : 0;
    const number = wording.number(Math.abs(off), digits);
    return `${sign}${number}${trial.measure === "score" ? "" : "\u00a0%"}`;
  };
  return say.between({ low: told(one.interval.low), high: told(one.interval.high) });
}

/** Whether it is enough, or how much more would be. */
export function enoughWords(one: Comparison, wording: LocalWording): string {
  const chance = say.chance({ percent: percent(one.p, wording) });
  if (one.enough) return `${say.enough} ${capitalOf(chance)}.`;
  if (one.plotsNeeded === null) return say.noDifference;
  return say.tooFew({ count: one.plotsNeeded });
}

const capitalOf = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
