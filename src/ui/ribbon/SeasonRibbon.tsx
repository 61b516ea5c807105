"use client";

import Box from "@mui/material/Box";
import { area, line } from "d3-shape";
import { useId, useMemo, type KeyboardEvent } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import { monthStarts, timeScale, useSize } from "../chart";
import type { LocalWording } from "../wording";

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

interface Props {
  ribbon: RibbonSeason;
  day: DayNumber;
  today: DayNumber;
  wording: LocalWording;
  onDay: (day: DayNumber) => void;
}

const MONTHS_HEIGHT = 20;
const FROST_HEIGHT = 24;
const LEFT = 78;
const RIGHT = 12;
const DAYS_PER_WEEK = 7;

/** The season as a band of light, cooling to ash where days are short; a lantern marks the day. */
export function SeasonRibbon({ ribbon, day, today, wording, onDay }: Props) {
  const [attach, { width, height }] = useSize();
  const ids = useId();
  const { season } = ribbon;
  const bottom = Math.max(0, height - MONTHS_HEIGHT);
  const left = width < 600 ? 8 : LEFT;
  const x = timeScale(season.startDay, season.endDay, left, width - RIGHT);
  const shapes = useMemo(
    () => ribbonShapes(ribbon, left, width - RIGHT, bottom),
    [ribbon, left, width, bottom],
  );
  const clampDay = (value: number) =>
    Math.min(season.endDay, Math.max(season.startDay, Math.round(value)));
  const dayAt = (clientX: number, element: Element) =>
    clampDay(x.invert(clientX - element.getBoundingClientRect().left));
  const lengthH = ribbon.dayLengthsH[clampDay(day) - season.startDay] ?? 0;
  const lightY = (hours: number) => bottom - (hours / 24) * bottom;

  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowRight: 1, PageDown: -DAYS_PER_WEEK, PageUp: DAYS_PER_WEEK }[
      event.key
    ];
    const target =
      step !== undefined
        ? day + step
        : event.key === "Home"
          ? season.startDay
          : event.key === "End"
            ? season.endDay
            : null;
    if (target === null) return;
    event.preventDefault();
    onDay(target);
  };

  return (
    <Box
      ref={attach}
      sx={{ height: "100%", bgcolor: "#1b1715", position: "relative", overflow: "hidden" }}
    >
      {width > 0 && (
        <svg
          width={width}
          height={height}
          style={{ display: "block", touchAction: "none", cursor: "ew-resize" }}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            onDay(dayAt(event.clientX, event.currentTarget));
          }}
          onPointerMove={(event) => {
            if (event.currentTarget.hasPointerCapture(event.pointerId)) {
              onDay(dayAt(event.clientX, event.currentTarget));
            }
          }}
        >
          <defs>
            <linearGradient id={`${ids}light`} x1="0" y1="0" x2="0" y2="1">
              <stop offset="0" stopColor="#ffdca6" />
              <stop offset="0.35" stopColor="#f2a65a" />
              <stop offset="0.75" stopColor="#c8501e" />
              <stop offset="1" stopColor="#4a2013" />
            </linearGradient>
            <pattern
              id={`${ids}ash`}
              width="6"
              height="6"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <rect width="6" height="6" fill="#6d645d" />
              <line x1="0" y1="0" x2="0" y2="6" stroke="#8b827a" strokeWidth="2" />
            </pattern>
            <radialGradient id={`${ids}lantern`}>
              <stop offset="0" stopColor="#fff6e0" />
              <stop offset="0.35" stopColor="#f2a65a" stopOpacity="0.8" />
              <stop offset="1" stopColor="#f2a65a" stopOpacity="0" />
            </radialGradient>
          </defs>
          <path d={shapes.light} fill={`url(#${ids}light)`} />
          {ribbon.shortDays && <path d={shapes.short} fill={`url(#${ids}ash)`} />}
          <path d={shapes.frost} fill="#49606c" />
          <path d={shapes.frostEdge} fill="none" stroke="#9cc0d2" strokeWidth="1.5" />
          {width >= 600 && (
            <>
              <text x={10} y={17} fontSize="12" style={{ fill: "#a9c9d8" }}>
                frost odds
              </text>
              <text x={10} y={bottom - 8} fontSize="12" style={{ fill: "#f2c78f" }}>
                daylight
              </text>
            </>
          )}
          {ribbon.shortDays && width >= 600 && (
            <text
              x={(x(ribbon.shortDays.fromDay) + x(ribbon.shortDays.toDay)) / 2}
              y={bottom - 8}
              fontSize="12"
              textAnchor="middle"
              style={{ fill: "#fff", paintOrder: "stroke" }}
              stroke="#3b342f"
              strokeWidth="3"
            >
              {`under ${ribbon.shortDayHours} hours: ${wording.shortDate(ribbon.shortDays.fromDay)} – ${wording.shortDate(ribbon.shortDays.toDay)}`}
            </text>
          )}
          {ribbon.frostDay !== null && (
            <g>
              <line
                x1={x(ribbon.frostDay)}
                x2={x(ribbon.frostDay)}
                y1={0}
                y2={FROST_HEIGHT + 6}
                stroke="#cfe3ec"
                strokeDasharray="2 2"
              />
              <text
                x={x(ribbon.frostDay) + 6}
                y={FROST_HEIGHT - 7}
                fontSize="12"
                style={{ fill: "#fff", paintOrder: "stroke" }}
                stroke="#2e3d45"
                strokeWidth="3"
              >
                {ribbon.frostWords}
              </text>
            </g>
          )}
          {monthStarts(season.startDay, season.endDay).map((start) => (
            <g key={start}>
              <line x1={x(start)} x2={x(start)} y1={bottom} y2={bottom + 5} stroke="#8b827a" />
              <text x={x(start) + 4} y={height - 6} fontSize="12" style={{ fill: "#e6ddd3" }}>
                {wording.month(start)}
              </text>
            </g>
          ))}
          <g
            role="slider"
            tabIndex={0}
            aria-label="Date in view"
            aria-valuemin={season.startDay}
            aria-valuemax={season.endDay}
            aria-valuenow={day}
            aria-valuetext={`${wording.longDate(day)}${day === today ? ", today" : ""}, ${hoursWords(lengthH)} of daylight`}
            onKeyDown={onKeyDown}
            className="lantern"
          >
            <line x1={x(day)} x2={x(day)} y1={0} y2={bottom} stroke="#fff3dc" strokeWidth="1.5" />
            <circle cx={x(day)} cy={lightY(lengthH)} r={18} fill={`url(#${ids}lantern)`} />
            <circle
              cx={x(day)}
              cy={lightY(lengthH)}
              r={6}
              fill="#fff6e0"
              stroke="#a63f12"
              strokeWidth="1.5"
            />
            <text
              x={x(day) + (x(day) > width - 90 ? -10 : 10)}
              y={Math.max(FROST_HEIGHT + 14, lightY(lengthH) - 8)}
              textAnchor={x(day) > width - 90 ? "end" : "start"}
              fontSize="12"
              fontWeight="600"
              style={{ fill: "#fff", paintOrder: "stroke" }}
              stroke="#2b211c"
              strokeWidth="3"
            >
              {hoursWords(lengthH)}
            </text>
          </g>
        </svg>
      )}
    </Box>
  );
}

/** "8 h 50 min" */
export function hoursWords(hours: number): string {
  const minutes = Math.round(hours * 60);
  return `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}

function ribbonShapes(ribbon: RibbonSeason, left: number, right: number, bottom: number) {
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
