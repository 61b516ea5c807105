import { z } from "zod";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { DayOfPair } from "@/core/log";
import { celsius, type Units } from "@/core/units";
import { maybeAmount } from "@/ui/forms";
import { shelters as say } from "@/words/en/shelters";

export const NIGHTS_TYPED = 7;

/** Days' readings as they are typed, in °C or °F; NaN where nobody looked. */
export const TypedNightsSchema = z.object({
  nights: z.array(
    z.object({
      insideLow: maybeAmount,
      outsideLow: maybeAmount,
      insideHigh: maybeAmount,
      outsideHigh: maybeAmount,
    }),
  ),
});

export type TypedNight = z.infer<typeof TypedNightsSchema>["nights"][number];

export const EMPTY_NIGHT: TypedNight = {
  insideLow: NaN,
  outsideLow: NaN,
  insideHigh: NaN,
  outsideHigh: NaN,
};

type Typed = { ok: true; days: DayOfPair[] } | { ok: false; problem: string };

/**
 * Typed nights, from a day on, as readings in °C.
 *
 * @param dateWords how a day is named in what is told
 */
export function daysFromTyped(
  nights: readonly TypedNight[],
  firstDay: DayNumber,
  units: Units,
  dateWords: (day: DayNumber) => string,
): Typed {
  const days: DayOfPair[] = [];
  for (const [index, night] of nights.entries()) {
    const day = firstDay + index;
    if (Object.values(night).every(Number.isNaN)) continue;
    const told = (value: number) =>
      Number.isNaN(value) ? null : units === "imperial" ? celsius(value) : value;
    const [insideMinC, outsideMinC] = [told(night.insideLow), told(night.outsideLow)];
    if (insideMinC === null || outsideMinC === null) {
      return {
        ok: false,
        problem: say.enterBothLowsInsideAndOutsideOne({ date: dateWords(day) }),
      };
    }
    days.push({
      on: isoDate(day),
      insideMinC,
      outsideMinC,
      insideMaxC: told(night.insideHigh),
      outsideMaxC: told(night.outsideHigh),
    });
  }
  return days.length > 0
    ? { ok: true, days }
    : { ok: false, problem: say.enterAtLeastOneNightItsLowInside };
}
