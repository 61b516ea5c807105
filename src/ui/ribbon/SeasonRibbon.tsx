"use client";

import Box from "@mui/material/Box";
import { memo, useId, useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import { DaylightGradient, Hatch, monthStarts, timeScale, useSize } from "../chart";
import { Lantern } from "./Lantern";
import { FROST_HEIGHT, ribbonShapes, type RibbonSeason } from "./ribbonShape";
import { ui as say } from "@/words/en/ui";
import { useWording } from "../wording";

interface Props {
  ribbon: RibbonSeason;
  day: DayNumber;
  today: DayNumber;
  onDay: (day: DayNumber) => void;
}

const MONTHS_HEIGHT = 20;
const LEFT = 78;
const RIGHT = 12;
/** The dark is told in words where there is room for them, pixels. */
const UNKNOWN_WORDS_PX = 330;

/** The season as a band of light, cooling to ash where days are short; a lantern marks the day. */
export const SeasonRibbon = memo(function SeasonRibbon({ ribbon, day, today, onDay }: Props) {
  const wording = useWording();
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
            <DaylightGradient id={`${ids}light`} foot="#4a2013" />
            <Hatch id={`${ids}ash`} every={6} lineWidth={2} line="#8b827a" ground="#6d645d" />
            <radialGradient id={`${ids}lantern`}>
              <stop offset="0" stopColor="#fff6e0" />
              <stop offset="0.35" stopColor="#f2a65a" stopOpacity="0.8" />
              <stop offset="1" stopColor="#f2a65a" stopOpacity="0" />
            </radialGradient>
          </defs>
          <path d={shapes.light} fill={`url(#${ids}light)`} />
          {ribbon.shortDays && <path d={shapes.short} fill={`url(#${ids}ash)`} />}
          {ribbon.bedSun && (
            <>
              <path d={shapes.sun} fill="#fff3c4" opacity="0.42" stroke="#fff8e0" />
              {width >= 600 && (
                <text
                  x={left + 8}
                  y={bottom - 8}
                  fontSize="12"
                  fontWeight="600"
                  style={{ fill: "#2b170d" }}
                >
                  {say.directSunOn({ bedName: ribbon.bedSun.bedName })}
                </text>
              )}
            </>
          )}
          <path d={shapes.frost} fill={ribbon.nights ? "#9cc0d2" : "#49606c"} />
          <path d={shapes.frostEdge} fill="none" stroke="#9cc0d2" strokeWidth="1.5" />
          {width >= 600 && (
            <>
              <text x={10} y={17} fontSize="12" style={{ fill: "#a9c9d8" }}>
                {ribbon.nights ? say.frostyNights : say.frostOdds}
              </text>
              <text x={10} y={bottom - 8} fontSize="12" style={{ fill: "#f2c78f" }}>
                {say.daylight}
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
              {say.underHours({
                shortDayHours: ribbon.shortDayHours,
                date: wording.shortDate(ribbon.shortDays.fromDay),
                date2: wording.shortDate(ribbon.shortDays.toDay),
              })}
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
          {ribbon.knownUntil !== null && (
            <>
              <rect
                x={x(ribbon.knownUntil)}
                y={0}
                width={Math.max(0, width - x(ribbon.knownUntil))}
                height={bottom}
                fill="#1b1715"
                opacity="0.86"
              />
              {width - x(ribbon.knownUntil) > UNKNOWN_WORDS_PX && (
                <text
                  x={(x(ribbon.knownUntil) + width) / 2}
                  y={bottom / 2 + 4}
                  fontSize="13"
                  textAnchor="middle"
                  style={{ fill: "#d9cec2" }}
                >
                  {say.whatComesIsNotKnownYet}
                </text>
              )}
            </>
          )}
          <Lantern
            x={x(day)}
            y={lightY(lengthH)}
            bottom={bottom}
            width={width}
            glowId={`${ids}lantern`}
            season={season}
            day={day}
            today={today}
            lengthH={lengthH}
            onDay={onDay}
          />
        </svg>
      )}
    </Box>
  );
});
