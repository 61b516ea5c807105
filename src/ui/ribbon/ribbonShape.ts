import { area, line } from "d3-shape";
import type { DayNumber, Season } from "@/core/calendar";
import { timeScale } from "../chart";

/** Height of the band in which frost odds hang from above, in pixels: certain frost fills it. */
export const FROST_HEIGHT = 24;

/** What the ribbon shows of a season; one entry a day from the season's first. */
export interface RibbonSeason {
  season: Season;
  dayLengthsH: Float64Array;
  /** Chance from 0 to 1 that killing frost has come, or is still to come. */
  frostChances: Float64Array;
  shortDays: { fromDay: DayNumber; toDay: DayNumber } | null;
  shortDayHours: number;
  /** The day by which killing frost has come with the risk taken; null when it seldom comes. */
  frostDay: DayNumber | null;
  frostWords: string;
}

/** "8 h 50 min" */
export function hoursWords(hours: number): string {
  const minutes = Math.round(hours * 60);
  return `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}

/** The ribbon's outlines as SVG paths: all light, the short days' light, frost odds and their edge. */
export function ribbonShapes(ribbon: RibbonSeason, left: number, right: number, bottom: number) {
  const { season, dayLengthsH, frostChances, shortDays } = ribbon;
  const x = timeScale(season.startDay, season.endDay, left, right);
  const days = Array.from(dayLengthsH, (_, index) => season.startDay + index);
  const light = area<DayNumber>()
    .x((day) => x(day))
    .y0(bottom)
    .y1((day) => bottom - ((dayLengthsH[day - season.startDay] ?? 0) / 24) * bottom);
  const frostY = (day: DayNumber) => (frostChances[day - season.startDay] ?? 0) * FROST_HEIGHT;
  const frost = area<DayNumber>()
    .x((day) => x(day))
    .y0(0)
    .y1(frostY);
  const frostEdge = line<DayNumber>()
    .x((day) => x(day))
    .y(frostY);
  return {
    light: light(days) ?? "",
    short: shortDays
      ? (light(days.filter((day) => day >= shortDays.fromDay && day <= shortDays.toDay)) ?? "")
      : "",
    frost: frost(days) ?? "",
    frostEdge: frostEdge(days) ?? "",
  };
}
