"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { dayNumber } from "@/core/calendar";
import type { OutlookDay } from "@/core/climate";
import { useWording } from "@/ui/wording";
import { practise as say } from "@/words/en/practise";

const [WIDTH, HEIGHT, TOP, BOTTOM] = [300, 150, 16, 28];

/** The lows that are told of the coming nights, each with its spread. */
export function Forecast({ outlook }: { outlook: readonly OutlookDay[] }) {
  const wording = useWording();
  const lows = outlook.map(({ minTempC }) => minTempC);
  const spread = Math.max(...outlook.map(({ spreadC }) => spreadC));
  const [least, most] = [Math.min(0, ...lows) - spread, Math.max(0, ...lows) + spread];
  const y = (tempC: number) =>
    TOP + ((most - tempC) / Math.max(1, most - least)) * (HEIGHT - TOP - BOTTOM);
  const x = (at: number) => 22 + (at * (WIDTH - 40)) / Math.max(1, outlook.length - 1);
  const summary = outlook
    .map(({ date, minTempC, spreadC }) =>
      say.forecastDay({
        day: wording.shortDate(dayNumber(date)),
        low: wording.temperature(minTempC),
        from: wording.temperature(minTempC - spreadC),
        to: wording.temperature(minTempC + spreadC),
      }),
    )
    .join("; ");
  return (
    <>
      <Typography variant="h2">{say.forecast}</Typography>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width="100%" role="img" aria-label={summary}>
        <line
          x1={0}
          x2={WIDTH}
          y1={y(0)}
          y2={y(0)}
          stroke="var(--frost-text)"
          strokeDasharray="3 3"
        />
        <text x={0} y={y(0) - 4} fontSize="11" fill="var(--frost-text)">
          {wording.temperature(0)}
        </text>
        {outlook.map(({ date, minTempC, spreadC }, at) => (
          <g key={date}>
            <line
              x1={x(at)}
              x2={x(at)}
              y1={y(minTempC + spreadC)}
              y2={y(minTempC - spreadC)}
              stroke="var(--frost)"
              strokeOpacity="0.55"
              strokeWidth="9"
              strokeLinecap="round"
            />
            <circle cx={x(at)} cy={y(minTempC)} r="4.5" fill="var(--frost-text)" />
            <text
              x={x(at)}
              y={y(minTempC + spreadC) - 8}
              fontSize="12.5"
              fontWeight="700"
              textAnchor="middle"
              fill="var(--text)"
              stroke="var(--paper)"
              strokeWidth="3"
              style={{ paintOrder: "stroke" }}
            >
              {wording.temperature(minTempC, 0)}
            </text>
            <text
              x={x(at)}
              y={HEIGHT - 6}
              fontSize="11.5"
              textAnchor="middle"
              fill="var(--ash-text)"
            >
              {at === 0 || at % 2 === 0 ? wording.shortDate(dayNumber(date)) : ""}
            </text>
          </g>
        ))}
      </svg>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>{say.forecastSpread}</Box>
    </>
  );
}
