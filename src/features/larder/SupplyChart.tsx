"use client";

import { area, curveMonotoneX, line } from "d3-shape";
import { useId, useState, type KeyboardEvent } from "react";
import Box from "@mui/material/Box";
import { DAYS_PER_WEEK, type DayNumber, type Season } from "@/core/calendar";
import { yearSeasonOf, type YearSeason } from "@/core/food";
import type { SupplyWeek } from "@/core/supply";
import { DayLine, Hatch, SeasonAxis, timeScale, useDrag, useSize, WeightLines } from "@/ui/chart";
import { useWording } from "@/ui/wording";
import { changeNeed } from "./changeNeed";
import { bandsOf, GROUP_FILLS, topOf } from "./bands";
import { larder as say, yearSeasons } from "@/words/en/larder";

interface Props {
  weeks: readonly SupplyWeek[];
  season: Season;
  day: DayNumber;
  latitudeDeg: number;
  /** In words, for whom the drawing is not. */
  summary: string;
}

const HEIGHT = 270;
const [TOP, BOTTOM] = [16, 24];
const LEFT = 46;
const RIGHT = 12;
const GRAMS_PER_KG = 1000;
/** A press of an arrow key changes what is wanted by so much. */
const KEY_STEP = 0.05;

/** What comes in each week as bands, against the line of what is wanted, which is dragged. */
export function SupplyChart({ weeks, season, day, latitudeDeg, summary }: Props) {
  const wording = useWording();
  const ids = useId();
  const [attach, { width }] = useSize();
  /** A season's need while its handle is dragged. */
  const [drawn, setDrawn] = useState<{ season: YearSeason; factor: number } | null>(null);
  const bands = bandsOf(weeks);
  const topKg = topOf(weeks, bands);
  const ahead = { ...season, startDay: weeks[0]?.weekOf ?? season.startDay };
  const x = timeScale(ahead.startDay, ahead.endDay, LEFT, width - RIGHT);
  const y = (kg: number) =>
    HEIGHT - BOTTOM - (Math.min(kg, topKg) / topKg) * (HEIGHT - TOP - BOTTOM);
  const middle = (index: number) => x((weeks[index]?.weekOf ?? 0) + DAYS_PER_WEEK / 2);
  const shape = (low: readonly number[], high: readonly number[]) =>
    area<number>()
      .x((_, index) => middle(index))
      .y0((_, index) => y(low[index] ?? 0))
      .y1((_, index) => y(high[index] ?? 0))
      .curve(curveMonotoneX)(high as number[]) ?? "";
  const along = (of: (week: SupplyWeek) => number) =>
    line<SupplyWeek>()
      .x((_, index) => middle(index))
      .y((week) => y(of(week)))
      .curve(curveMonotoneX)(weeks as SupplyWeek[]) ?? "";
  const seasonOf = ({ weekOf }: SupplyWeek) => yearSeasonOf(weekOf + 3, latitudeDeg);
  const wantedIn = (week: SupplyWeek) =>
    week.needKg * (drawn && drawn.season === seasonOf(week) ? drawn.factor : 1);
  const handles = handlesOf(weeks, seasonOf);
  const keep = (of: YearSeason, factor: number) => {
    setDrawn(null);
    if (factor !== 1) changeNeed(of, factor);
  };
  const weight = (kg: number) => wording.weightG(kg * GRAMS_PER_KG);
  const eatenHigh = bands.find(({ id }) => id === "store")?.high ?? [];
  return (
    <Box ref={attach} sx={{ height: HEIGHT, position: "relative" }}>
      {width > 0 && weeks.length > 0 && (
        <svg width={width} height={HEIGHT} role="group" aria-label={summary}>
          <defs>
            <Hatch id={`${ids}gap`} every={7} lineWidth={1.6} line="var(--ember)" />
            <pattern id={`${ids}store`} width="7" height="7" patternUnits="userSpaceOnUse">
              <rect width="7" height="7" fill="var(--straw)" />
              <circle cx="3.5" cy="3.5" r="1.1" fill="#6d4d16" />
            </pattern>
          </defs>
          <WeightLines {...{ topKg, fromX: LEFT, toX: width - RIGHT, y }} />
          {bands.map(({ id, low, high }) => (
            <path
              key={id}
              d={shape(low, high)}
              fill={
                id === "store"
                  ? `url(#${ids}store)`
                  : id === "surplus"
                    ? "var(--moss)"
                    : GROUP_FILLS[id]
              }
              fillOpacity={id === "surplus" ? 0.18 : 1}
              stroke="var(--paper)"
              strokeWidth="1"
            />
          ))}
          <path
            d={shape(
              eatenHigh,
              weeks.map((week, index) => Math.max(eatenHigh[index] ?? 0, wantedIn(week))),
            )}
            fill={`url(#${ids}gap)`}
          />
          {(["p10", "p90"] as const).map((part) => (
            <path
              key={part}
              d={along(({ harvestKg, storeKg }) => harvestKg[part] + storeKg)}
              fill="none"
              stroke="var(--text)"
              strokeDasharray="2 4"
              opacity="0.75"
            />
          ))}
          <path d={along(wantedIn)} fill="none" stroke="var(--text)" strokeWidth="2.5" />
          {handles.map(({ season: of, index }) => {
            const week = weeks[index];
            return week ? (
              <NeedHandle
                key={of}
                x={middle(index)}
                y={y(wantedIn(week))}
                label={say.wantedIn({ season: yearSeasons[of] })}
                words={say.wantedNow({ weight: weight(wantedIn(week)) })}
                kg={wantedIn(week)}
                factorAt={(dy) =>
                  Math.max(
                    0,
                    1 - (dy / (HEIGHT - TOP - BOTTOM)) * (topKg / Math.max(0.01, week.needKg)),
                  )
                }
                onDraw={(factor) => setDrawn({ season: of, factor })}
                onKeep={(factor) => keep(of, factor)}
                onCancel={() => setDrawn(null)}
              />
            ) : null;
          })}
          <DayLine
            day={Math.max(ahead.startDay, Math.min(ahead.endDay, day))}
            x={x}
            top={TOP}
            bottom={HEIGHT - BOTTOM}
          />
          <SeasonAxis season={ahead} x={x} width={width} y={HEIGHT - 6} />
        </svg>
      )}
    </Box>
  );
}

/** The middle week of each season of the year that is in sight. */
function handlesOf(weeks: readonly SupplyWeek[], seasonOf: (week: SupplyWeek) => YearSeason) {
  const found = new Map<YearSeason, number[]>();
  weeks.forEach((week, index) => {
    const of = seasonOf(week);
    found.set(of, [...(found.get(of) ?? []), index]);
  });
  return [...found].map(([season, indexes]) => ({
    season,
    index: indexes[Math.floor(indexes.length / 2)] ?? 0,
  }));
}

/** A season's part of the need line, to be dragged up and down, or moved by arrow keys. */
function NeedHandle(props: {
  x: number;
  y: number;
  label: string;
  words: string;
  kg: number;
  /** The factor on what is wanted that a drag down by so many pixels means. */
  factorAt: (dy: number) => number;
  onDraw: (factor: number) => void;
  onKeep: (factor: number) => void;
  onCancel: () => void;
}) {
  const { x, y, label, words, kg, factorAt, onDraw, onKeep, onCancel } = props;
  const [factor, setFactor] = useState(1);
  const drag = useDrag({
    onMove(_dx, dy) {
      setFactor(factorAt(dy));
      onDraw(factorAt(dy));
    },
    onEnd: (moved) => (moved ? onKeep(factor) : onCancel()),
    onCancel,
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    onKeep(1 + step * KEY_STEP);
  };
  return (
    <g
      {...drag}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={Math.round(kg * 10) / 10}
      aria-valuemin={0}
      aria-valuetext={words}
      aria-orientation="vertical"
      onKeyDown={onKeyDown}
      style={{ cursor: "ns-resize" }}
    >
      <title>{`${label}: ${words}`}</title>
      <circle cx={x} cy={y} r={22} fill="transparent" />
      <circle cx={x} cy={y} r={7} fill="var(--paper)" stroke="var(--text)" strokeWidth="2" />
    </g>
  );
}
