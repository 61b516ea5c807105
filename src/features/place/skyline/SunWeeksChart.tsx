"use client";

import Box from "@mui/material/Box";
import { area, curveMonotoneX, line } from "d3-shape";
import { scaleLinear } from "d3-scale";
import type { DayNumber, Season } from "@/core/calendar";
import type { WeekOfSun } from "@/core/schedule";
import { DayLine, SeasonAxis, timeScale, useSize } from "@/ui/chart/index";
import { place as say } from "@/words/en/place";

interface Props {
  weeks: readonly WeekOfSun[];
  /** The same weeks with nothing in the sun's way. */
  open: readonly WeekOfSun[];
  season: Season;
  day: DayNumber;
  spotName: string;
}

const MARGIN = { top: 8, right: 66, bottom: 24, left: 34 };
const HEIGHT = 168;
/** What crops are commonly said to need; each crop has its own figure in the library. */
const NEEDS = [
  { hours: 6, name: say.forHeads },
  { hours: 4, name: say.forLeaves },
];

/** Hours of direct sun on a spot, week by week, under what an open horizon would give. */
export function SunWeeksChart({ weeks, open, season, day, spotName }: Props) {
  const [attach, { width }] = useSize();
  const right = Math.max(MARGIN.left + 1, width - MARGIN.right);
  const x = timeScale(season.startDay, season.endDay, MARGIN.left, right);
  const most = Math.max(12, ...open.map(({ directSunH }) => directSunH));
  const y = scaleLinear()
    .domain([0, most])
    .range([HEIGHT - MARGIN.bottom, MARGIN.top]);
  const middle = (week: WeekOfSun) => x(Math.min(season.endDay, week.firstDay + 3));
  const ground = area<WeekOfSun>()
    .x(middle)
    .y0(y(0))
    .y1(({ directSunH }) => y(directSunH))
    .curve(curveMonotoneX);
  const edge = line<WeekOfSun>()
    .x(middle)
    .y(({ directSunH }) => y(directSunH))
    .curve(curveMonotoneX);
  const hours = weeks.map(({ directSunH }) => directSunH);
  return (
    <Box ref={attach} sx={{ height: HEIGHT }}>
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={say.directSunOnByWeekAtMostHoursADayAt({
            spotName,
            value: Math.max(...hours).toFixed(1),
            value2: Math.min(...hours).toFixed(1),
          })}
        >
          {[0, 4, 8, 12, 16].map((hour) =>
            hour > most ? null : (
              <text key={hour} x={MARGIN.left - 6} y={y(hour) + 4} fontSize="12" textAnchor="end">
                {`${hour} h`}
              </text>
            ),
          )}
          <path d={ground([...weeks]) ?? ""} fill="var(--glow)" opacity="0.85" />
          <path
            d={edge([...open]) ?? ""}
            fill="none"
            stroke="var(--ash-text)"
            strokeDasharray="3 4"
          />
          {NEEDS.map(({ hours: need, name }) => (
            <g key={need}>
              <line
                x1={MARGIN.left}
                x2={right}
                y1={y(need)}
                y2={y(need)}
                stroke="var(--text)"
                strokeDasharray="1 3"
              />
              <text x={right + 4} y={y(need) + 4} fontSize="12">
                {name}
              </text>
            </g>
          ))}
          <DayLine day={day} x={x} top={MARGIN.top} bottom={y(0)} />
          <SeasonAxis season={season} x={x} width={width} y={HEIGHT - 6} />
        </svg>
      )}
    </Box>
  );
}
