import { line } from "d3-shape";
import type { DayNumber, Season } from "@/core/calendar";
import { firstFrostDay, frostChances, lastFrostDay, type Climate } from "@/core/climate";
import type { TimeScale } from "@/ui/chart/index";

/** One threshold's curves, as SVG paths, and where the chosen risk meets them. */
export interface FrostCurve {
  thresholdC: number;
  /** Chance that frost has come, up to where it rises no more. */
  first: string;
  /** Chance that frost is still to come, from where it begins to fall. */
  last: string;
  firstDay: DayNumber | null;
  lastDay: DayNumber | null;
  /** The highest chance it reaches: below 1 where some winters have none. */
  most: number;
  /** Where its name can stand: on the rising and on the falling curve. */
  firstLabel: { x: number; y: number };
  lastLabel: { x: number; y: number };
}

const SAME = 0.002;

/** The curves of one threshold over a season. */
export function frostCurve(
  climate: Climate,
  season: Season,
  { thresholdC, labelAt }: { thresholdC: number; labelAt: number },
  risk: number,
  x: TimeScale,
  y: (chance: number) => number,
): FrostCurve {
  const { comeBy, stillToCome } = frostChances(climate, season, thresholdC);
  const most = comeBy.at(-1) ?? 0;
  const topOfFirst = comeBy.findIndex((chance) => chance >= most - SAME);
  const startOfLast = stillToCome.findLastIndex((chance) => chance >= (stillToCome[0] ?? 0) - SAME);
  const path = (values: Float64Array, from: number, to: number) =>
    line<number>()
      .x((index) => x(season.startDay + index))
      .y((index) => y(values[index] ?? 0))(range(from, to)) ?? "";
  const labelled = (values: Float64Array, index: number) => ({
    x: x(season.startDay + Math.max(0, index)),
    y: y(values[Math.max(0, index)] ?? 0),
  });
  return {
    thresholdC,
    first: path(comeBy, 0, topOfFirst),
    last: path(stillToCome, startOfLast, stillToCome.length - 1),
    firstDay: firstFrostDay(climate, season, thresholdC, risk),
    lastDay: lastFrostDay(climate, season, thresholdC, risk),
    most,
    firstLabel: labelled(
      comeBy,
      comeBy.findIndex((chance) => chance >= most * labelAt),
    ),
    lastLabel: labelled(
      stillToCome,
      stillToCome.findLastIndex((chance) => chance >= most * labelAt),
    ),
  };
}

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, index) => from + index);
}

/** Risks one can settle on, as growers say them: from 1 year in 20 to 9 in 10. */
export const RISKS: readonly number[] = [
  1 / 20,
  1 / 15,
  1 / 10,
  1 / 8,
  1 / 7,
  1 / 6,
  1 / 5,
  1 / 4,
  1 / 3,
  1 / 2,
  0.6,
  0.7,
  0.8,
  0.9,
];

/** The risk one can settle on that lies nearest. */
export function nearestRisk(risk: number): number {
  return RISKS.reduce((best, candidate) =>
    Math.abs(candidate - risk) < Math.abs(best - risk) ? candidate : best,
  );
}

/** The next higher or lower risk one can settle on. */
export function stepRisk(risk: number, steps: number): number {
  const at = RISKS.indexOf(nearestRisk(risk));
  return RISKS[Math.min(RISKS.length - 1, Math.max(0, at + steps))] ?? risk;
}
