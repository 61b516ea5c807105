import { barrowLoads, type FeedingAmount } from "@/core/soil";
import type { LocalWording } from "@/ui/wording";

/** An amount of feed in words: what to fetch, and what it brings besides. */
export function amountWords(amount: FeedingAmount, wording: LocalWording): string {
  const { litres, grams, nitrogenG, phosphateG, potashG } = amount;
  const much =
    litres !== null
      ? `${wording.volumeL(litres)}, ${barrowLoads(litres)} ${barrowLoads(litres) === 1 ? "barrow" : "barrows"}`
      : wording.weightG(grams ?? 0);
  if (nitrogenG < 0) {
    return `${much}; dug in it binds ${wording.weightG(-nitrogenG)} of nitrogen at first: give that much more`;
  }
  const brings = [
    nitrogenG > 0 ? `${wording.weightG(nitrogenG)} nitrogen` : "",
    phosphateG > 0 ? `${wording.weightG(phosphateG)} phosphate` : "",
    potashG > 0 ? `${wording.weightG(potashG)} potash` : "",
  ].filter(Boolean);
  return brings.length === 0 ? much : `${much}, with ${brings.join(", ")}`;
}
