"use client";

import type { DayNumber, Season } from "@/core/calendar";
import type { ShortDays } from "@/core/sky";
import { Hatch, monthStarts, type TimeScale } from "@/ui/chart/index";
import { useWording } from "@/ui/wording";
import {
  AXIS_HEIGHT,
  DAYS_BEFORE_SEASON,
  DAYS_CUT_AT_END,
  type StrandLayout,
} from "./strandLayout";
import { plan as say } from "@/words/en/plan";

interface BackdropProps {
  season: Season;
  short: ShortDays | null;
  x: TimeScale;
  height: number;
  patternId: string;
}

interface AxisProps {
  season: Season;
  short: ShortDays | null;
  shortDayHours: number;
  day: DayNumber;
  x: TimeScale;
  layout: StrandLayout;
}

/** The months over the strands, the short days named, and the date in view. */
export function StrandAxis({ season, short, shortDayHours, day, x, layout }: AxisProps) {
  const wording = useWording();
  const months = monthStarts(season.startDay - DAYS_BEFORE_SEASON, season.endDay - DAYS_CUT_AT_END);
  const gap = (layout.right - layout.left) / 13;
  return (
    <svg width={layout.width} height={AXIS_HEIGHT + 16} style={{ display: "block", flex: "none" }}>
      {months.map((start, index) =>
        gap < 34 && index % 2 === 1 ? null : (
          <text key={start} x={x(start) + 3} y={14} fontSize="12.5">
            {wording.month(start)}
          </text>
        ),
      )}
      {short && (
        <text
          x={(x(short.fromDay) + x(short.toDay)) / 2}
          y={32}
          fontSize="12"
          textAnchor="middle"
          style={{ fill: "var(--ash-text)" }}
        >
          {gap < 34
            ? say.underHours({ shortDayHours })
            : say.daysUnderHours({
                shortDayHours,
                date: wording.shortDate(short.fromDay),
                date2: wording.shortDate(short.toDay),
              })}
        </text>
      )}
      <line
        x1={x(day)}
        x2={x(day)}
        y1={22}
        y2={AXIS_HEIGHT + 16}
        stroke="var(--text)"
        strokeWidth="1.25"
      />
      <circle cx={x(day)} cy={22} r={4.5} fill="var(--ember)" stroke="var(--text)" />
    </svg>
  );
}

/** What stands behind the strands: the short days hatched, a line a month. */
export function StrandBackdrop({ season, short, x, height, patternId }: BackdropProps) {
  return (
    <g pointerEvents="none">
      {short && (
        <rect
          x={x(short.fromDay)}
          y={0}
          width={x(short.toDay + 1) - x(short.fromDay)}
          height={height}
          fill={`url(#${patternId}short)`}
        />
      )}
      {monthStarts(season.startDay - DAYS_BEFORE_SEASON, season.endDay - DAYS_CUT_AT_END).map(
        (start) => (
          <line key={start} x1={x(start)} x2={x(start)} y1={0} y2={height} stroke="var(--line)" />
        ),
      )}
    </g>
  );
}

/** Growing and standing differ by hatch as well as by colour. */
export function StrandPatterns({
  id,
  layout,
  height,
}: {
  id: string;
  layout: StrandLayout;
  height: number;
}) {
  return (
    <defs>
      <clipPath id={`${id}clip`}>
        <rect x={layout.left} y={0} width={layout.right - layout.left} height={height} />
      </clipPath>
      <linearGradient id={`${id}growing`} x1="0" x2="1">
        <stop offset="0" stopColor="var(--straw)" />
        <stop offset="0.45" stopColor="var(--moss)" stopOpacity="0.85" />
        <stop offset="1" stopColor="var(--moss)" />
      </linearGradient>
      <linearGradient id={`${id}spread`} x1="0" x2="1">
        <stop offset="0" stopColor="var(--ember)" stopOpacity="0" />
        <stop offset="1" stopColor="var(--ember)" stopOpacity="0.95" />
      </linearGradient>
      <Hatch id={`${id}standing`} every={5} lineWidth={2.6} line="var(--glow)" />
      <Hatch id={`${id}short`} every={7} lineWidth={1} line="var(--hatch)" opacity={0.55} />
    </defs>
  );
}
