import { MS_PER_DAY, civilDate, type DayNumber } from "@/core/calendar";
import { feet, type Units } from "@/core/units";
import { distanceWords, temperatureWords, volumeWords, weightWords } from "./amounts";
import { daysWords, laterWords } from "./days";
import { chanceWords } from "./odds";
import { partOf } from "./sentences";
import type { LocalWording } from "./voice";

export type { LocalWording } from "./voice";

export function localWording(units: Units, locale?: string): LocalWording {
  const format = (options: Intl.DateTimeFormatOptions) => {
    const formatter = new Intl.DateTimeFormat(locale, { timeZone: "UTC", ...options });
    return (day: DayNumber) => formatter.format(new Date(day * MS_PER_DAY));
  };
  const plain = format({ day: "numeric", month: "long" });
  const withYear = format({ day: "numeric", month: "long", year: "numeric" });
  const number = (value: number, digits = 0) =>
    new Intl.NumberFormat(locale, { maximumFractionDigits: digits }).format(value);
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
    lengthM: (m, digits = 1) => (imperial ? `${number(feet(m), 1)} ft` : `${number(m, digits)} m`),
    distanceM: (m) => (m >= 10_000 ? `${number(m / 1000)} km` : `${number(m)} m`),
    distanceCm: (cm) => distanceWords(cm, units, number),
    volumeL: (litres) => volumeWords(litres, units, number),
    weightG: (grams) => weightWords(grams, units, number),
    number,
  };
  return say;
}
