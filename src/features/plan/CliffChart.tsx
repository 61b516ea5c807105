"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { line } from "d3-shape";
import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import { cliffOf, type Cliff, type Growing, type PlanSettings, type Site } from "@/core/plan";
import { coverWords } from "@/core/shelter";
import { monthStarts, timeScale, useSize, type TimeScale } from "@/ui/chart";
import type { LocalWording } from "@/ui/wording";

interface Props {
  site: Site;
  settings: PlanSettings;
  growing: Growing;
  /** Stacks of covers to compare, the open air first. */
  stacks: readonly (readonly string[])[];
  /** A day of the season whose sowings are compared. */
  aroundDay: DayNumber;
  /** The sowing looked at, and when it is ready. */
  sowDay: DayNumber;
  readyDay: DayNumber | null;
  wording: LocalWording;
}

const TOP = 8;
const BOTTOM = 22;
const LEFT = 84;
const LABEL_ROOM = 186;
const LABEL_GAP = 15;
const JUMP_DAYS = 10;
const LINES = [
  { color: "var(--text)", dash: "5 3" },
  { color: "var(--moss-text)", dash: "" },
  { color: "var(--ember-text)", dash: "9 3" },
  { color: "var(--frost-text)", dash: "" },
  { color: "var(--ash-text)", dash: "2 3" },
];

interface Curve {
  name: string;
  cliff: Cliff;
  style: (typeof LINES)[number];
}

/** The cliff: sown when, ready when, for each cover the crop could have. */
export function CliffChart(props: Props) {
  const { site, settings, growing, stacks, aroundDay, sowDay, readyDay, wording } = props;
  const [attach, { width, height }] = useSize();
  const season = site.season(aroundDay);
  const curves = useMemo<Curve[]>(
    () =>
      stacks.map((covers, index) => ({
        name: coverWords(covers),
        cliff: cliffOf(site, settings, { ...growing, covers }, season.startDay),
        style: LINES[index % LINES.length] ?? { color: "var(--text)", dash: "" },
      })),
    // The growing's own covers do not matter here: each curve has its own.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [
      site,
      settings,
      stacks,
      season.startDay,
      growing.crop,
      growing.variety,
      growing.method,
      growing.stage,
    ],
  );
  const narrow = width < 560;
  const left = narrow ? 48 : LEFT;
  const right = width - (narrow ? 134 : LABEL_ROOM);
  const firstDay = curves[0]?.cliff.sowDays[0] ?? season.startDay;
  const x = timeScale(firstDay, season.midwinterDay - 45, left, right);
  const days = curves.flatMap((curve) => curve.cliff.readyDays.filter((day) => day !== null));
  const y = timeScale(
    Math.min(...days),
    Math.min(Math.max(...days), season.endDay),
    TOP,
    height - BOTTOM,
  );
  const name = `${growing.crop.name.toLowerCase()}${growing.stage === "baby" ? " (young leaves)" : ""}`;
  return (
    <Box sx={{ height: "100%", display: "flex", flexDirection: "column" }}>
      <Typography variant="h2" sx={{ px: 2, pt: 0.5 }}>
        The cliff: {name}
        {narrow ? "" : ", sown when, ready when"}
      </Typography>
      <Box ref={attach} sx={{ flex: 1, minHeight: 0 }}>
        {width > 0 && height > 40 && days.length > 0 && (
          <svg
            width={width}
            height={height}
            style={{ display: "block" }}
            role="img"
            aria-label={cliffWords(curves, name, wording)}
          >
            <CliffAxes
              x={x}
              y={y}
              width={width}
              height={height}
              left={left}
              right={right}
              wording={wording}
            />
            {curves.map((curve) => (
              <CliffCurve
                key={curve.name}
                curve={curve}
                x={x}
                y={y}
                wording={wording}
                narrow={narrow}
              />
            ))}
            {labels(curves, x, y, height).map((label) => (
              <text
                key={label.name}
                x={right + 8}
                y={label.y + 4}
                fontSize={narrow ? 11 : 12.5}
                fontWeight="600"
                style={{ fill: label.color }}
              >
                {label.name}
              </text>
            ))}
            {readyDay !== null && readyDay <= (y.domain()[1] ?? 0) && sowDay >= firstDay && (
              <circle
                cx={x(sowDay)}
                cy={y(readyDay)}
                r={6.5}
                fill="var(--ember)"
                stroke="var(--text)"
                strokeWidth="2"
              />
            )}
          </svg>
        )}
      </Box>
    </Box>
  );
}

function CliffAxes(props: {
  x: TimeScale;
  y: TimeScale;
  width: number;
  height: number;
  left: number;
  right: number;
  wording: LocalWording;
}) {
  const { x, y, height, left, right, wording } = props;
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
              {`${left < LEFT ? "" : "ready "}${wording.month(day)}`}
            </text>
          )}
        </g>
      ))}
      {monthStarts(firstSow, lastSow).map((day) => (
        <text key={day} x={x(day)} y={height - 6} fontSize="12" textAnchor="middle">
          {`${right - left > 420 ? "sown " : ""}${wording.shortDate(day)}`}
        </text>
      ))}
    </g>
  );
}

function CliffCurve({
  curve,
  x,
  y,
  wording,
  narrow,
}: {
  curve: Curve;
  x: TimeScale;
  y: TimeScale;
  wording: LocalWording;
  narrow: boolean;
}) {
  const { cliff, style } = curve;
  const shape = line<[DayNumber, DayNumber]>()
    .x(([sow]) => x(sow))
    .y(([, ready]) => y(ready));
  const { pieces, jumps } = cut(cliff, x.domain()[1] ?? 0, y.domain()[1] ?? 0);
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
          <title>{`last safe ${curve.name}: ${wording.date(cliff.lastSafeDay)}`}</title>
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
          {`last safe in the open ${wording.shortDate(cliff.lastSafeDay)}`}
        </text>
      )}
    </g>
  );
}

/** The curve in pieces, cut where a day's delay makes it jump. */
function cut(cliff: Cliff, lastSow: DayNumber, lastReady: DayNumber) {
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
function labels(curves: Curve[], x: TimeScale, y: TimeScale, height: number) {
  const lastSow = x.domain()[1] ?? 0;
  const lastReady = y.domain()[1] ?? 0;
  const ends = curves
    .map((curve) => {
      const { pieces } = cut(curve.cliff, lastSow, lastReady);
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

function cliffWords(curves: Curve[], name: string, wording: LocalWording): string {
  const parts = curves.map(({ name: cover, cliff }) =>
    cliff.lastSafeDay === null
      ? `${cover}: ${cliff.hasCliff ? "no safe sowing" : "no cliff"}`
      : `${cover}: last safe sowing ${wording.date(cliff.lastSafeDay)}`,
  );
  return `Sowing day against ready day for ${name}. ${parts.join("; ")}.`;
}
