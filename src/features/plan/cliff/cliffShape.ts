import type { DayNumber } from "@/core/calendar";
import type { Cliff } from "@/core/schedule";
import type { TimeScale } from "@/ui/chart/index";
import { plan as say } from "@/words/en/plan";

/** Room around the curves, in pixels. */
export const TOP = 8;
export const BOTTOM = 22;
export const LEFT = 84;

const LABEL_GAP = 15;
/** A ready date that leaps by more than this between two sowings is drawn as a jump. */
const JUMP_DAYS = 10;

/** How a curve is drawn; lines differ by dash as well as by colour. */
interface LineStyle {
  color: string;
  dash: string;
}

const LINES: readonly LineStyle[] = [
  { color: "var(--text)", dash: "5 3" },
  { color: "var(--moss-text)", dash: "" },
  { color: "var(--ember-text)", dash: "9 3" },
  { color: "var(--frost-text)", dash: "" },
  { color: "var(--ash-text)", dash: "2 3" },
];

export function lineStyle(index: number): LineStyle {
  return LINES[index % LINES.length] ?? { color: "var(--text)", dash: "" };
}

/** The cliff under one stack of covers, with its name and its line. */
export interface CliffLine {
  name: string;
  cliff: Cliff;
  style: LineStyle;
}

/** The curve in pieces, cut where a day's delay makes it jump. */
export function cliffPieces(cliff: Cliff, lastSow: DayNumber, lastReady: DayNumber) {
  const pieces: [DayNumber, DayNumber][][] = [[]];
  const jumps: [DayNumber, DayNumber][][] = [];
  let before: [DayNumber, DayNumber] | null = null;
  for (const [index, sow] of cliff.sowDays.entries()) {
    const ready = cliff.readyDays[index] ?? null;
    if (ready === null || sow > lastSow || ready > lastReady) break;
    if (before && ready - before[1] > JUMP_DAYS) {
      jumps.push([before, [sow, ready]]);
      pieces.push([]);
    }
    before = [sow, ready];
    pieces.at(-1)?.push(before);
  }
  return { pieces, jumps };
}

/** Names at the curves' right ends, moved apart where they would touch. */
export function placedLabels(
  curves: readonly CliffLine[],
  x: TimeScale,
  y: TimeScale,
  height: number,
) {
  const lastSow = x.domain()[1] ?? 0;
  const lastReady = y.domain()[1] ?? 0;
  const ends = curves
    .map((curve) => {
      const { pieces } = cliffPieces(curve.cliff, lastSow, lastReady);
      const end = pieces.at(-1)?.at(-1) ?? [lastSow, lastReady];
      return { name: curve.name, color: curve.style.color, y: y(end[1]) };
    })
    .sort((a, b) => a.y - b.y);
  const room = height - BOTTOM;
  for (let index = 1; index < ends.length; index += 1) {
    const above = ends[index - 1];
    const here = ends[index];
    if (above && here) here.y = Math.max(here.y, above.y + LABEL_GAP);
  }
  const over = (ends.at(-1)?.y ?? 0) - room;
  if (over > 0) {
    let limit = room;
    for (const end of ends.reverse()) {
      end.y = Math.min(end.y, limit);
      limit = end.y - LABEL_GAP;
    }
  }
  return ends;
}

/** What is told of a last safe day, with the years of ten in which it holds where that is known. */
export function inYearsOfTen(words: string, share: number | null): string {
  return share === null ? words : say.lastSafeYears({ words, years: Math.round(share * 10) });
}
