import { laterWords, type DayNumber } from "@/core/calendar";
import { tooSoonWords, type TurnOver } from "@/core/bedSpace";
import type { LocalWording } from "@/ui/wording";

const TELLS_FROM_KG = 0.05;

/** A weight as exactly as such sums are: to the tenth of a kilogram. */
export function aboutWeight(kg: number, wording: LocalWording): string {
  return wording.weightG(Math.round(kg * 10) * 100);
}

/** Why a change-over falls on its day, and what it brings and costs, a sentence each. */
export function turnOverReasons(chosen: TurnOver, day: DayNumber, wording: LocalWording): string[] {
  const { growing, timeline, onDay, gainKg, weekCostsKg, weekDelaysDays, keptKg, lostKg } = chosen;
  const name = growing.crop.name;
  const weight = (kg: number) => aboutWeight(kg, wording);
  const gain = gainKg[onDay - day];
  const reasons: string[] = [];
  if (growing.method === "transplant") {
    reasons.push(
      timeline.sowDay < day
        ? `Seedlings of planting size are needed on ${wording.date(onDay, day)}, as sown on ${wording.date(timeline.sowDay, day)}.`
        : `Sow ${name.toLowerCase()} in trays on ${wording.date(timeline.sowDay, day)}: the bed need not be free before ${wording.date(onDay, day)}.`,
    );
  }
  if (timeline.readyDay === null || gain === undefined || Number.isNaN(gain)) {
    reasons.push(`${name} planted then does not get ready any more.`);
  } else {
    reasons.push(
      `${name} would be ready on ${wording.date(timeline.readyDay, day)}: about ${weight(gain)}, by its odds.`,
    );
  }
  if (weekCostsKg >= TELLS_FROM_KG) {
    const moved =
      weekDelaysDays === null
        ? "it would not get ready"
        : `it would be ready ${laterWords(weekDelaysDays)}`;
    reasons.push(`A week later ${moved}, and give ${weight(weekCostsKg)} less.`);
  } else if (weekDelaysDays !== null) {
    reasons.push(`A week later it would be ready ${laterWords(weekDelaysDays)}, and give as much.`);
  }
  reasons.push(
    lostKg >= TELLS_FROM_KG
      ? `${keptKg >= TELLS_FROM_KG ? `Up to then ${weight(keptKg)} is still picked` : "Nothing is picked up to then"}; ${weight(lostKg)} is given up.`
      : `Nothing to speak of is given up by pulling then.`,
  );
  if (chosen.tooSoon) reasons.push(tooSoonWords(chosen.tooSoon));
  return reasons;
}
