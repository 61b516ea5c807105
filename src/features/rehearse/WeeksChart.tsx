"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { area, curveMonotoneX, line } from "d3-shape";
import { memo } from "react";
import { DAYS_PER_WEEK } from "@/core/calendar";
import type { RehearsalReport } from "@/core/winter";
import { SeasonAxis, timeScale, useSize, WeightLines } from "@/ui/chart";
import { useWording } from "@/ui/wording";
import { rehearse as say } from "@/words/en/rehearse";

const HEIGHT = 190;
const [TOP, BOTTOM, LEFT, RIGHT] = [10, 24, 48, 8];
const GRAMS_PER_KG = 1000;

/** Kilograms a week: eight winters of ten as a band, the middling one as a line. */
export const WeeksChart = memo(function WeeksChart({ report }: { report: RehearsalReport }) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const { weeks, totalKg } = report;
  const last = weeks.findLastIndex(({ kg }) => kg.p90 > 0);
  const shown = weeks.slice(0, last + 2);
  const topKg = Math.max(0.5, ...shown.map(({ kg }) => kg.p90));
  const fromDay = shown[0]?.weekOf ?? 0;
  const endDay = (shown.at(-1)?.weekOf ?? fromDay) + DAYS_PER_WEEK;
  const x = timeScale(fromDay, endDay, LEFT, width - RIGHT);
  const y = (kg: number) => HEIGHT - BOTTOM - (kg / topKg) * (HEIGHT - TOP - BOTTOM);
  const at = ({ weekOf }: (typeof shown)[number]) => x(weekOf + DAYS_PER_WEEK / 2);
  const weight = (kg: number) => wording.weightG(kg * GRAMS_PER_KG);
  const summary = say.kgAWeekSummary({
    kg: weight(totalKg.p50),
    least: weight(totalKg.p10),
    most: weight(totalKg.p90),
  });
  const band = area<(typeof shown)[number]>()
    .x(at)
    .y0(({ kg }) => y(kg.p10))
    .y1(({ kg }) => y(kg.p90))
    .curve(curveMonotoneX);
  const middle = line<(typeof shown)[number]>()
    .x(at)
    .y(({ kg }) => y(kg.p50))
    .curve(curveMonotoneX);
  return (
    <Box component="section">
      <Typography variant="h2">{say.kgAWeek}</Typography>
      <Box sx={{ fontSize: 15, mb: 0.5 }}>{summary}</Box>
      <Box ref={attach} sx={{ height: HEIGHT }}>
        {width > 0 && (
          <svg width={width} height={HEIGHT} role="img" aria-label={summary}>
            <WeightLines {...{ topKg, fromX: LEFT, toX: width - RIGHT, y }} />
            <path
              d={band(shown) ?? ""}
              fill="var(--moss)"
              fillOpacity="0.3"
              stroke="var(--moss)"
              strokeWidth="0.75"
            />
            <path d={middle(shown) ?? ""} fill="none" stroke="var(--text)" strokeWidth="2" />
            <g fill="var(--ash-text)">
              <SeasonAxis
                season={{ startDay: fromDay, endDay, midwinterDay: fromDay }}
                x={x}
                width={width}
                y={HEIGHT - 6}
              />
            </g>
          </svg>
        )}
      </Box>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
        {say.band} · {say.middle}
      </Box>
    </Box>
  );
});
