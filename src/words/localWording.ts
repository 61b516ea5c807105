import { MS_PER_DAY, civilDate, type DayNumber } from "@/core/calendar";
import type { Units } from "@/core/units";
import {
  areaWords,
  clothWords,
  distanceWords,
  lengthWords,
  perWeightWords,
  rainWords,
  rateWords,
  soilWords,
  temperatureWords,
  volumeWords,
  waterWords,
  wayWords,
  weightWords,
} from "./amounts";
import { daysWords, laterWords } from "./days";
import { chanceWords } from "./odds";
import { partOf } from "./sentences";
import type { LocalWording } from "./voice";

export type { LocalWording } from "./voice";

export function localWording(units: Units, locale?: string): LocalWording {
  // Each takes a while to make, and a view needs few of them.
  const format = (options: Intl.DateTimeFormatOptions) => {
    let formatter: Intl.DateTimeFormat | null = null;
    return (day: DayNumber) => {
      formatter ??= new Intl.DateTimeFormat(locale, { timeZone: "UTC", ...options });
      return formatter.format(new Date(day * MS_PER_DAY));
    };
  };
  const numbers = new Map<number, Intl.NumberFormat>();
  const plain = format({ day: "numeric", month: "long" });
  const withYear = format({ day: "numeric", month: "long", year: "numeric" });
  const number = (value: number, digits = 0) => {
    const known =
      numbers.get(digits) ?? new Intl.NumberFormat(locale, { maximumFractionDigits: digits });
    numbers.set(digits, known);
    return known.format(value);
  };
  const imperial = units === "imperial";
  const names = new Intl.ListFormat(locale, { type: "unit" });
  const list = new Intl.ListFormat(locale, { type: "conjunction" });
  const say: LocalWording = {
    tell: (told) => partOf(told, say),
    names: (all) => names.format(all),
    list: (all) => list.format(all.map((one) => partOf(one, say))),
    chance: chanceWords,
    days: daysWords,
    later: laterWords,
    date: (day, besideDay) =>
      civilDate(day).year === civilDate(besideDay ?? day).year ? plain(day) : withYear(day),
    temperature: (tempC, digits) => temperatureWords(tempC, units, digits),
    degrees: (differenceC) =>
      `${number(imperial ? differenceC * 1.8 : differenceC, 1)} °${imperial ? "F" : "C"}`,
    shortDate: format({ day: "numeric", month: "short" }),
    longDate: format({ weekday: "long", day: "numeric", month: "long" }),
    narrowDate: format({ weekday: "short", day: "numeric", month: "short" }),
    month: format({ month: "short" }),
    monthOfYear: format({ month: "long", year: "numeric" }),
    lengthM: (m, digits = 1) => lengthWords(m, units, number, digits),
    distanceM: (m) => wayWords(m, units, number),
    areaM2: (m2) => areaWords(m2, units, number),
    ratePerM2: (grams) => rateWords(grams, units, number),
    clothWeight: (weights) => clothWords(weights, units, number),
    perWeight: (perGram) => perWeightWords(perGram, units, number),
    rainMm: (mm) => rainWords(mm, units, number),
    waterL: (litres) => waterWords(litres, units, number),
    soilL: (litres) => soilWords(litres, units, number),
    distanceCm: (cm) => distanceWords(cm, units, number),
    volumeL: (litres) => volumeWords(litres, units, number),
    weightG: (grams) => weightWords(grams, units, number),
    examplePicking: imperial ? "2.5 lb" : "1.2 kg",
    number,
  };
  return say;
}
