import { z } from "zod";
import { isoDate, type DayNumber } from "@/core/calendar";
import {
  OUTLOOK_FORMAT,
  OUTLOOK_VERSION,
  OutlookSchema,
  usualSpreadC,
  type Outlook,
} from "@/core/climate";
import { problemsFrom } from "@/core/gardenFile";
import { celsius, type Units } from "@/core/units";
import { maybeAmount } from "@/ui/forms";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";
import "@/words/en/facts/climate";

/** The coming days' lows and highs, as typed in °C or °F; NaN where nothing is. */
export const TypedDaysSchema = z.object({
  days: z.array(z.object({ low: maybeAmount, high: maybeAmount })),
});

export type TypedDay = z.infer<typeof TypedDaysSchema>["days"][number];

export const TYPED_DAYS = 7;

export function emptyTypedDays(): TypedDay[] {
  return Array.from({ length: TYPED_DAYS }, () => ({ low: NaN, high: NaN }));
}

/**
 * The outlook that typed lows and highs make; the spread is the usual one for as many days ahead.
 *
 * @param nameOf how a day is called in a sentence
 */
export function outlookFromTyped(
  typed: readonly TypedDay[],
  today: DayNumber,
  units: Units,
  nameOf: (day: DayNumber) => string,
): { ok: true; outlook: Outlook } | { ok: false; problem: string } {
  const filled = typed.findLastIndex(({ low, high }) => !(Number.isNaN(low) && Number.isNaN(high)));
  if (filled < 0) return { ok: false, problem: say.enterALowAndAHighForAtLeastThe };
  const days = [];
  for (let index = 0; index <= filled; index += 1) {
    const [minTempC, maxTempC] = [typed[index]?.low, typed[index]?.high].map((value) =>
      value !== undefined && units === "imperial" ? celsius(value) : value,
    );
    if (minTempC === undefined || maxTempC === undefined || Number.isNaN(minTempC + maxTempC)) {
      return {
        ok: false,
        problem: say.enterALowAndAHighInDegreesOrLeave({ nameOf: nameOf(today + index) }),
      };
    }
    days.push({
      date: isoDate(today + index),
      minTempC,
      maxTempC,
      spreadC: usualSpreadC(index + 1),
      precipitationMm: null,
      cloudShare: null,
      windMps: null,
    });
  }
  const parsed = OutlookSchema.safeParse({
    format: OUTLOOK_FORMAT,
    version: OUTLOOK_VERSION,
    source: say.enteredByHand,
    simulated: false,
    issuedOn: isoDate(today),
    days,
  });
  if (parsed.success) return { ok: true, outlook: parsed.data };
  const [problem] = problemsFrom(parsed.error);
  const index = Number(/^days\[(\d+)\]/.exec(problem?.path ?? "")?.[1] ?? 0);
  return {
    ok: false,
    problem: `${nameOf(today + index)}: ${problem ? told(problem.message) : ""}`,
  };
}
