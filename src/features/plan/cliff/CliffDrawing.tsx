"use client";

import { line } from "d3-shape";
import type { DayNumber } from "@/core/calendar";
import { monthStarts, type TimeScale } from "@/ui/chart/index";
import { useWording } from "@/ui/wording";
import { BOTTOM, cliffPieces, inYearsOfTen, LEFT, TOP, type CliffLine } from "./cliffShape";
import { cliff as cliffSay } from "@/words/en/cliff";
import { plan as say } from "@/words/en/plan";

/** Months ready from above to below, sowing dates from left to right. */
export function CliffAxes(props: {
  x: TimeScale;
  y: TimeScale;
  width: number;
  height: number;
  left: number;
  right: number;
}) {
  const wording = useWording();
  const { x, y, height, left, right } = props;
  const [firstReady = 0, lastReady = 0] = y.domain();
  const [firstSow = 0, lastSow = 0] = x.domain();
  const rows = monthStarts(firstReady, lastReady);
  const every = Math.max(1, Math.ceil(16 / Math.max(1, (height - TOP - BOTTOM) / rows.length)));
  return (
    <g>
      {rows.map((day, index) => (
        <g key={day}>
          <line x1={left} x2={right} y1={y(day)} y2={y(day)} stroke="var(--line)" />
          {index % every === 0 && (
            <text x={left - 8} y={y(day) + 4} fontSize="12" textAnchor="end">
              {`${left < LEFT ? "" : say.ready2}${wording.month(day)}`}
            </text>
          )}
        </g>
      ))}
      {monthStarts(firstSow, lastSow).map((day) => (
        <text key={day} x={x(day)} y={height - 6} fontSize="12" textAnchor="middle">
          {`${right - left > 420 ? say.sown : ""}${wording.shortDate(day)}`}
        </text>
      ))}
    </g>
  );
}

/** One curve: its pieces, its jumps dotted, its last safe sowing ringed. */
export function CliffCurve({
  curve,
  safeShare,
  x,
  y,
  narrow,
}: {
  curve: CliffLine;
  /** Share of years in which a sowing on the last safe day is picked before the dark; null when not known. */
  safeShare: number | null;
  x: TimeScale;
  y: TimeScale;
  narrow: boolean;
}) {
  const wording = useWording();
  const { cliff, style } = curve;
  const shape = line<[DayNumber, DayNumber]>()
    .x(([sow]) => x(sow))
    .y(([, ready]) => y(ready));
  const { pieces, jumps } = cliffPieces(cliff, x.domain()[1] ?? 0, y.domain()[1] ?? 0);
  const index = cliff.lastSafeDay === null ? -1 : cliff.sowDays.indexOf(cliff.lastSafeDay);
  const safeReady = cliff.readyDays[index] ?? null;
  return (
    <g fill="none" stroke={style.color} strokeWidth="2">
      {pieces.map((piece) => (
        <path key={piece[0]?.[0]} d={shape(piece) ?? ""} strokeDasharray={style.dash} />
      ))}
      {jumps.map((jump) => (
        <path
          key={jump[0]?.[0]}
          d={shape(jump) ?? ""}
          strokeWidth="1.25"
          strokeDasharray="1 4"
          strokeLinecap="round"
        />
      ))}
      {cliff.lastSafeDay !== null && safeReady !== null && (
        <circle cx={x(cliff.lastSafeDay)} cy={y(safeReady)} r={5} fill="var(--paper)">
          <title>
            {inYearsOfTen(
              cliffSay.lastSafe({ curve: curve.name, date: wording.date(cliff.lastSafeDay) }),
              safeShare,
            )}
          </title>
        </circle>
      )}
      {cliff.lastSafeDay !== null && safeReady !== null && !narrow && style.dash === "5 3" && (
        <text
          x={x(cliff.lastSafeDay) - 9}
          y={y(safeReady) + 16}
          fontSize="12"
          textAnchor="end"
          stroke="none"
          style={{ fill: style.color }}
        >
          {cliffSay.lastSafeDateOf({
            date: wording.shortDate(cliff.lastSafeDay),
            years: safeShare === null ? null : Math.round(safeShare * 10),
          })}
        </text>
      )}
    </g>
  );
}
