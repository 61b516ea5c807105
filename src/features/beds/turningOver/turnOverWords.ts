import { type DayNumber } from "@/core/calendar";
import { laterWords } from "@/words";
import { tooSoonWords, type TurnOver } from "@/core/bedSpace";
import type { LocalWording } from "@/ui/wording";
import { beds as say } from "@/words/en/beds";
import { told } from "@/ui/wording";
import "@/words/en/facts/bedSpace";

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
        ? say.needsTransplantSizeSeedlingsOnSown({
            date: wording.date(onDay, day),
            date2: wording.date(timeline.sowDay, day),
          })
        : say.sowInTraysOnTheBedIsNeededFrom({
            name: name.toLowerCase(),
            date: wording.date(timeline.sowDay, day),
            date2: wording.date(onDay, day),
          }),
    );
  }
  if (timeline.readyDay === null || gain === undefined || Number.isNaN(gain)) {
    reasons.push(say.plantedThenWillNotBeReady({ name }));
  } else {
    reasons.push(
      say.readyOnAboutCountingTheOdds({
        name,
        date: wording.date(timeline.readyDay, day),
        weight: weight(gain),
      }),
    );
  }
  if (weekCostsKg >= TELLS_FROM_KG) {
    const moved =
      weekDelaysDays === null
        ? say.itWouldNotBeReady
        : say.itWouldBeReady({ later: laterWords(weekDelaysDays) });
    reasons.push(say.aWeekLaterWithLess({ moved, weight: weight(weekCostsKg) }));
  } else if (weekDelaysDays !== null) {
    reasons.push(say.aWeekLaterItWouldBeReadyWithThe({ later: laterWords(weekDelaysDays) }));
  }
  reasons.push(
    lostKg >= TELLS_FROM_KG
      ? say.youGiveUp({
          value:
            keptKg >= TELLS_FROM_KG
              ? say.upToThenIsStillPicked({ weight: weight(keptKg) })
              : say.nothingIsPickedUpToThen,
          weight: weight(lostKg),
        })
      : say.youGiveUpAlmostNothingByPulling,
  );
  if (chosen.tooSoon) reasons.push(told(tooSoonWords(chosen.tooSoon)));
  return reasons;
}
