import { area, curveMonotoneX, line } from "d3-shape";
import type { DayNumber, Season } from "@/core/calendar";
import { timeScale, type TimeScale } from "../chart";
import { ui as say } from "@/words/en/ui";

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
  /** Hours of direct sun on the bed looked at, by week; null when none is. */
  bedSun: { bedName: string; weeks: readonly { firstDay: DayNumber; directSunH: number }[] } | null;
  /** Nights of a winter that is lived through on trial: in place of odds; null where it is none. */
  nights: { firstDay: DayNumber; lowsC: ArrayLike<number> } | null;
  /** What comes after this day is not known: it lies in the dark; null where all is. */
  knownUntil: DayNumber | null;
}

/** "8 h 50 min" */
export function hoursWords(hours: number): string {
  const minutes = Math.round(hours * 60);
  return say.hMin({ floor: Math.floor(minutes / 60), minutes: minutes % 60 });
}

/** The ribbon's outlines as SVG paths: all light, the short days' light, frost odds and their edge. */
export function ribbonShapes(ribbon: RibbonSeason, left: number, right: number, bottom: number) {
  const { season, dayLengthsH, frostChances, shortDays, bedSun } = ribbon;
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
  const nights = ribbon.nights ? nightMarks(ribbon.nights, season, x) : null;
  const frostEdge = line<DayNumber>()
    .x((day) => x(day))
    .y(frostY);
  return {
    light: light(days) ?? "",
    short: shortDays
      ? (light(days.filter((day) => day >= shortDays.fromDay && day <= shortDays.toDay)) ?? "")
      : "",
    sun: bedSun ? sunEdge(bedSun.weeks, season, x, bottom) : "",
    frost: nights ?? frost(days) ?? "",
    frostEdge: nights === null ? (frostEdge(days) ?? "") : "",
  };
}

/** So cold a night hangs down to the foot of the band, °C. */
const DEEPEST_C = -15;

/** Each night of frost as a tooth from above, the longer the colder. */
function nightMarks(
  { firstDay, lowsC }: NonNullable<RibbonSeason["nights"]>,
  season: Season,
  x: TimeScale,
): string {
  const width = Math.max(1, x(season.startDay + 1) - x(season.startDay) - 0.6);
  const teeth: string[] = [];
  const last = Math.min(season.endDay, firstDay + lowsC.length - 1);
  for (let day = Math.max(firstDay, season.startDay); day <= last; day += 1) {
    const lowC = lowsC[day - firstDay] ?? 0;
    if (lowC >= 0) continue;
    const length = 4 + (FROST_HEIGHT - 4) * Math.min(1, lowC / DEEPEST_C);
    teeth.push(
      `M${x(day).toFixed(1)},0h${width.toFixed(1)}v${length.toFixed(1)}h-${width.toFixed(1)}z`,
    );
  }
  return teeth.join("");
}

/** What lies between the bed's direct sun and nothing: the wash inside the light. */
function sunEdge(
  weeks: readonly { firstDay: DayNumber; directSunH: number }[],
  season: Season,
  x: TimeScale,
  bottom: number,
): string {
  const shape = area<{ firstDay: DayNumber; directSunH: number }>()
    .x(({ firstDay }) => x(Math.min(season.endDay, firstDay + 3)))
    .y0(bottom)
    .y1(({ directSunH }) => bottom - (directSunH / 24) * bottom)
    .curve(curveMonotoneX);
  return shape([...weeks]) ?? "";
}
