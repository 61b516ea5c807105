import { barrowLoads, type FeedingAmount } from "@/core/soil";
import type { LocalWording } from "@/ui/wording";
import { beds as say } from "@/words/en/beds";

/** An amount of feed in words: what to fetch, and what it brings besides. */
export function amountWords(amount: FeedingAmount, wording: LocalWording): string {
  const { litres, grams, nitrogenG, phosphateG, potashG } = amount;
  const much =
    litres !== null
      ? say.volumeAndBarrows({ volume: wording.soilL(litres), count: barrowLoads(litres) })
      : wording.weightG(grams ?? 0);
  if (nitrogenG < 0) {
    return say.dugInItTiesUpOfNitrogenAtFirstAdd({ much, weight: wording.weightG(-nitrogenG) });
  }
  const brings = [
    nitrogenG > 0 ? say.nitrogen({ weight: wording.weightG(nitrogenG) }) : "",
    phosphateG > 0 ? say.phosphate({ weight: wording.weightG(phosphateG) }) : "",
    potashG > 0 ? say.potash({ weight: wording.weightG(potashG) }) : "",
  ].filter(Boolean);
  return brings.length === 0 ? much : say.withWord2({ much, brings: brings.join(", ") });
}
