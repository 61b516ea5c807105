"use client";

import Box from "@mui/material/Box";
import { area } from "d3-shape";
import { scaleLinear } from "d3-scale";
import { useId } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import { dayLengthOnDay, type ShortDays } from "@/core/sky";
import { DayLine, DaylightGradient, Hatch, SeasonAxis, timeScale, useSize } from "@/ui/chart/index";
import { hoursWords } from "@/ui/ribbon/index";
import { place as say } from "@/words/en/place";

interface Props {
  latitudeDeg: number;
  season: Season;
  short: ShortDays | null;
  shortDayHours: number;
  day: DayNumber;
}

const MARGIN = { top: 14, right: 14, bottom: 24, left: 44 };
const HEIGHT = 240;

/** Hours of daylight over the season, with the short days marked. */
export function DayLengthChart({ latitudeDeg, season, short, shortDayHours, day }: Props) {
  const [attach, { width }] = useSize();
  const id = useId();
  const x = timeScale(season.startDay, season.endDay, MARGIN.left, width - MARGIN.right);
  const days: DayNumber[] = [];
  for (let at = season.startDay; at <= season.endDay; at += 1) days.push(at);
  const lengths = days.map((at) => dayLengthOnDay(latitudeDeg, at));
  const most = Math.max(16, ...lengths);
  const y = scaleLinear()
    .domain([0, most])
    .range([HEIGHT - MARGIN.bottom, MARGIN.top]);
  const shape = area<DayNumber>()
    .x((at) => x(at))
    .y0(y(0))
    .y1((at) => y(lengths[at - season.startDay] ?? 0));
  const here = lengths[Math.min(days.length - 1, Math.max(0, day - season.startDay))] ?? 0;
  const ticks = [0, 4, 8, shortDayHours, 12, 16, 20, 24].filter(
    (hour, index, all) => hour <= most && all.indexOf(hour) === index,
  );
  return (
    <Box ref={attach} sx={{ height: HEIGHT }}>
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={say.daylightOverTheSeasonLongest({
            hours: hoursWords(Math.max(...lengths)),
            hours2: hoursWords(Math.min(...lengths)),
          })}
        >
          <defs>
            <DaylightGradient id={`${id}light`} />
            <Hatch id={`${id}ash`} every={6} lineWidth={1.5} line="#7d746c" ground="#a79f97" />
          </defs>
          <path d={shape(days) ?? ""} fill={`url(#${id}light)`} />
          {short && (
            <path
              d={shape(days.filter((at) => at >= short.fromDay && at <= short.toDay)) ?? ""}
              fill={`url(#${id}ash)`}
            />
          )}
          {ticks.map((hour) => (
            <g key={hour}>
              <line
                x1={MARGIN.left}
                x2={width - MARGIN.right}
                y1={y(hour)}
                y2={y(hour)}
                stroke={hour === shortDayHours ? "var(--text)" : "var(--line)"}
                strokeDasharray={hour === shortDayHours ? "4 3" : undefined}
                opacity={hour === shortDayHours ? 1 : 0.6}
              />
              <text
                x={MARGIN.left - 8}
                y={y(hour) + 4}
                fontSize="12"
                textAnchor="end"
                fontWeight={hour === shortDayHours ? 700 : 400}
              >
                {`${hour} h`}
              </text>
            </g>
          ))}
          <SeasonAxis season={season} x={x} width={width} y={HEIGHT - 6} />
          <DayLine day={day} x={x} top={MARGIN.top} bottom={y(0)} />
          <circle
            cx={x(day)}
            cy={y(here)}
            r={5.5}
            fill="#fff6e0"
            stroke="var(--ember-text)"
            strokeWidth="2"
          />
          <text
            x={x(day) + 10}
            y={Math.max(MARGIN.top + 12, y(here) - 8)}
            fontSize="13"
            fontWeight="700"
          >
            {hoursWords(here)}
          </text>
        </svg>
      )}
    </Box>
  );
}
