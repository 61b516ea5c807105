import { isoDate, type DayNumber } from "@/core/calendar";
import type { DayOfPair } from "@/core/log";
import { celsius, type Units } from "@/core/wording";
import { readTyped } from "@/ui/inputs/index";

export const NIGHTS_TYPED = 7;

/** A day's readings as they are typed; empty where nobody looked. */
export interface TypedNight {
  insideLow: string;
  outsideLow: string;
  insideHigh: string;
  outsideHigh: string;
}

export const EMPTY_NIGHT: TypedNight = {
  insideLow: "",
  outsideLow: "",
  insideHigh: "",
  outsideHigh: "",
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
    const texts = Object.values(night) as string[];
    if (texts.every((text) => text.trim() === "")) continue;
    const wrong = texts.find((text) => text.trim() !== "" && numberFrom(text) === null);
    if (wrong !== undefined) {
      return { ok: false, problem: `${dateWords(day)}: "${wrong}" is no temperature.` };
    }
    const told = (text: string) => {
      const value = numberFrom(text);
      return value === null ? null : units === "imperial" ? celsius(value) : value;
    };
    const [insideMinC, outsideMinC] = [told(night.insideLow), told(night.outsideLow)];
    if (insideMinC === null || outsideMinC === null) {
      return {
        ok: false,
        problem: `${dateWords(day)}: give the lows of both sides; one alone tells nothing of the cover.`,
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
    : { ok: false, problem: "Give at least one night: its low inside and its low outside." };
}

function numberFrom(text: string): number | null {
  const value = readTyped(text);
  return Number.isNaN(value) ? null : value;
}
