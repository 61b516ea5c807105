"use client";

import Box from "@mui/material/Box";
import { useId } from "react";
import { DAYS_PER_WEEK } from "@/core/calendar";
import type { SeasonReview } from "@/core/seasons";
import { Hatch, Mark, SeasonAxis, timeScale, useSize, WeightLines } from "@/ui/chart";
import { useWording } from "@/ui/wording";
import { seasons as say } from "@/words/en/seasons";

const HEIGHT = 150;
const [TOP, BOTTOM, LEFT, RIGHT] = [10, 22, 52, 8];
const GRAMS_PER_KG = 1000;
const MOST_PX = 1000;

/** What was weighed each week of a season: in the open, and what covers added on top of it. */
export function SeasonWeeks({ weeks }: Pick<SeasonReview, "weeks">) {
  const wording = useWording();
  const hatchId = useId();
  const [attach, { width: room }] = useSize();
  const width = Math.min(MOST_PX, room);
  const [first, last] = [weeks[0], weeks.at(-1)];
  const topKg = Math.max(...weeks.map(({ openG, coveredG }) => openG + coveredG)) / GRAMS_PER_KG;
  if (!first || !last || topKg <= 0) return null;
  const season = {
    startDay: first.fromDay,
    endDay: last.fromDay + DAYS_PER_WEEK,
    midwinterDay: first.fromDay,
  };
  const x = timeScale(season.startDay, season.endDay, LEFT, width - RIGHT);
  const y = (kg: number) => HEIGHT - BOTTOM - (kg / topKg) * (HEIGHT - TOP - BOTTOM);
  const sum = (of: (week: (typeof weeks)[number]) => number) =>
    wording.weightG(Math.round(weeks.reduce((total, week) => total + of(week), 0) / 100) * 100);
  const label = say.weeksLabel({
    open: sum(({ openG }) => openG),
    covered: sum(({ coveredG }) => coveredG),
  });
  return (
    <Box sx={{ mt: 1 }}>
      <Box ref={attach} sx={{ height: HEIGHT }}>
        {room > 0 && (
          <svg width={width} height={HEIGHT} role="img" aria-label={label}>
            <defs>
              <Hatch
                id={hatchId}
                every={6}
                lineWidth={2.5}
                line="var(--frost-text)"
                ground="var(--frost)"
              />
            </defs>
            <WeightLines {...{ topKg, fromX: LEFT, toX: width - RIGHT, y }} />
            {weeks.map(({ fromDay, openG, coveredG }) => {
              const [from, to] = [x(fromDay) + 1, x(fromDay + DAYS_PER_WEEK) - 1];
              const [open, all] = [openG / GRAMS_PER_KG, (openG + coveredG) / GRAMS_PER_KG];
              return (
                <g key={fromDay}>
                  <rect
                    x={from}
                    width={to - from}
                    y={y(open)}
                    height={y(0) - y(open)}
                    fill="var(--moss)"
                  />
                  <rect
                    x={from}
                    width={to - from}
                    y={y(all)}
                    height={y(open) - y(all)}
                    fill={`url(#${hatchId})`}
                  />
                </g>
              );
            })}
            <g fill="var(--ash-text)">
              <SeasonAxis season={season} x={x} width={width} y={HEIGHT - 6} />
            </g>
          </svg>
        )}
      </Box>
      <Box sx={{ display: "flex", gap: 2.5, fontSize: 14 }}>
        <Mark words={say.inTheOpen}>
          <rect x="0" y="2" width="18" height="14" fill="var(--moss)" />
        </Mark>
        <Mark words={say.underCovers}>
          <rect x="0" y="2" width="18" height="14" fill={`url(#${hatchId})`} />
        </Mark>
      </Box>
    </Box>
  );
}
