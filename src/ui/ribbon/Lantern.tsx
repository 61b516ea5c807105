"use client";

import type { KeyboardEvent } from "react";
import { DAYS_PER_WEEK, type DayNumber, type Season } from "@/core/calendar";
import { FROST_HEIGHT, hoursWords } from "./ribbonShape";
import { ui as say } from "@/words/en/ui";
import { useWording } from "../wording";

interface Props {
  x: number;
  y: number;
  bottom: number;
  width: number;
  glowId: string;
  season: Season;
  day: DayNumber;
  today: DayNumber;
  lengthH: number;
  onDay: (day: DayNumber) => void;
}

const WORDS_ROOM = 90;

/** The lantern on the light's edge: the date in view, moved by keys too. */
export function Lantern(props: Props) {
  const wording = useWording();
  const { x, y, bottom, width, glowId, season, day, today, lengthH, onDay } = props;
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

  const atEnd = x > width - WORDS_ROOM;
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={say.dateInView}
      aria-valuemin={season.startDay}
      aria-valuemax={season.endDay}
      aria-valuenow={day}
      aria-valuetext={say.ofDaylight({
        date: wording.longDate(day),
        isDay: day === today,
        hours: hoursWords(lengthH),
      })}
      onKeyDown={onKeyDown}
      className="lantern"
    >
      <line x1={x} x2={x} y1={0} y2={bottom} stroke="#fff3dc" strokeWidth="1.5" />
      <circle cx={x} cy={y} r={18} fill={`url(#${glowId})`} />
      <circle cx={x} cy={y} r={6} fill="#fff6e0" stroke="#a63f12" strokeWidth="1.5" />
      <text
        x={x + (atEnd ? -10 : 10)}
        y={Math.max(FROST_HEIGHT + 14, y - 8)}
        textAnchor={atEnd ? "end" : "start"}
        fontSize="12"
        fontWeight="600"
        style={{ fill: "#fff", paintOrder: "stroke" }}
        stroke="#2b211c"
        strokeWidth="3"
      >
        {hoursWords(lengthH)}
      </text>
    </g>
  );
}
