import { MS_PER_DAY, civilDate, type DayNumber } from "@/core/calendar";
import {
  distanceWords,
  feet,
  temperatureWords,
  volumeWords,
  weightWords,
  type Units,
  type Wording,
} from "@/core/wording";

/** Dates and amounts as this browser's locale and the chosen units say them. */
export interface LocalWording extends Wording {
  /** "24 Sep" */
  shortDate(day: DayNumber): string;
  /** "Thursday 24 September" */
  longDate(day: DayNumber): string;
  /** "Thu 24 Sep" */
  narrowDate(day: DayNumber): string;
  /** "Sep" */
  month(day: DayNumber): string;
  /** A difference between temperatures. */
  degrees(differenceC: number): string;
  lengthM(metres: number): string;
  /** A volume from litres: cells small, mixes large. */
  volumeL(litres: number): string;
}

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
  return {
    date: (day, besideDay = day) =>
      civilDate(day).year === civilDate(besideDay).year ? plain(day) : withYear(day),
    temperature: (tempC, digits) => temperatureWords(tempC, units, digits),
    degrees: (differenceC) =>
      `${number(imperial ? differenceC * 1.8 : differenceC, 1)} °${imperial ? "F" : "C"}`,
    shortDate: format({ day: "numeric", month: "short" }),
    longDate: format({ weekday: "long", day: "numeric", month: "long" }),
    narrowDate: format({ weekday: "short", day: "numeric", month: "short" }),
    month: format({ month: "short" }),
    lengthM: (m) => (imperial ? `${number(feet(m), 1)} ft` : `${number(m, 1)} m`),
    distanceCm: (cm) => distanceWords(cm, units, number),
    volumeL: (litres) => volumeWords(litres, units, number),
    weightG: (grams) => weightWords(grams, units, number),
    number,
  };
}
