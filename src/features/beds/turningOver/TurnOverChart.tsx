"use client";

import Box from "@mui/material/Box";
import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import type { DayNumber } from "@/core/calendar";
import type { StillGives, TurnOver } from "@/core/bedSpace";
import { monthStarts, timeScale, useSize } from "@/ui/chart/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { beds as say } from "@/words/en/beds";

interface Props {
  pulled: readonly StillGives[];
  chosen: TurnOver;
  day: DayNumber;
}

const HEIGHT = 150;
const FOOT_PX = 18;
const TOP_PX = 16;
/** Room for weights on the left, and for the last month on the right. */
const AXIS_PX = 52;
const MONTH_PX = 30;

/** By the day of changing over: what is still picked of the old, what the new still gives, and both. */
export function TurnOverChart({ pulled, chosen, day }: Props) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const days = chosen.gainKg.length;
  const old = Array.from({ length: days }, (_, after) =>
    pulled.reduce((sum, one) => sum + one.weight * (one.keptKg[after] ?? 0), 0),
  );
  const fresh = Array.from(chosen.gainKg);
  const both = fresh.map((kg, after) => kg + (old[after] ?? 0));
  const most = Math.max(0.1, ...both.filter((kg) => !Number.isNaN(kg)), ...old);
  const x = timeScale(day, day + days - 1, AXIS_PX, Math.max(AXIS_PX + 1, width - 4));
  const y = scaleLinear()
    .domain([0, most])
    .range([HEIGHT - FOOT_PX, TOP_PX]);
  const ticks = y.ticks(3).filter((kg) => kg > 0);
  const path = (values: number[]) =>
    line<number>()
      .defined((kg) => !Number.isNaN(kg))
      .x((_kg, after) => x(day + after))
      .y((kg) => y(kg))(values) ?? "";
  const onX = x(chosen.onDay);
  const atEnd = onX > width - 90;
  return (
    <Box sx={{ mt: 1 }}>
      <Box ref={attach} sx={{ width: "100%", height: HEIGHT }}>
        {width > 0 && (
          <svg
            width={width}
            height={HEIGHT}
            role="img"
            aria-label={chartWords(chosen, day, wording)}
          >
            <line
              x1={AXIS_PX}
              x2={width}
              y1={HEIGHT - FOOT_PX}
              y2={HEIGHT - FOOT_PX}
              stroke="var(--line)"
            />
            <path
              d={path(old)}
              fill="none"
              stroke="var(--moss-text)"
              strokeWidth="2"
              strokeDasharray="2 3"
            />
            <path
              d={path(fresh)}
              fill="none"
              stroke="var(--frost-text)"
              strokeWidth="2"
              strokeDasharray="7 3"
            />
            <path d={path(both)} fill="none" stroke="var(--ember)" strokeWidth="2.5" />
            <line x1={onX} x2={onX} y1={TOP_PX} y2={HEIGHT - FOOT_PX} stroke="var(--text)" />
            <text
              x={onX + (atEnd ? -5 : 5)}
              y={TOP_PX - 4}
              fontSize="12"
              fontWeight="700"
              textAnchor={atEnd ? "end" : "start"}
            >
              {wording.shortDate(chosen.onDay)}
            </text>
            {monthStarts(day, day + days - 1).map((start) => (
              <text
                key={start}
                x={x(start)}
                y={HEIGHT - 4}
                fontSize="11.5"
                // The last month is named before its first day rather than cut off.
                textAnchor={x(start) > width - MONTH_PX ? "end" : "start"}
              >
                {wording.month(start)}
              </text>
            ))}
            {ticks.map((kg) => (
              <g key={kg}>
                <line
                  x1={AXIS_PX}
                  x2={width}
                  y1={y(kg)}
                  y2={y(kg)}
                  stroke="var(--line)"
                  strokeWidth="0.7"
                />
                <text x={AXIS_PX - 5} y={y(kg) + 4} fontSize="11.5" textAnchor="end">
                  {wording.weightG(kg * 1000)}
                </text>
              </g>
            ))}
          </svg>
        )}
      </Box>
      <Box
        sx={{ display: "flex", flexWrap: "wrap", gap: 2, fontSize: 13, color: "var(--ash-text)" }}
      >
        <Key words={say.stillHarvested} color="var(--moss-text)" dash="2 3" />
        <Key words={say.nextCrop} color="var(--frost-text)" dash="7 3" />
        <Key words={say.both} color="var(--ember)" />
      </Box>
    </Box>
  );
}

function Key({ words, color, dash }: { words: string; color: string; dash?: string }) {
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 0.75 }}>
      <svg width="26" height="8" aria-hidden>
        <line
          x1="0"
          x2="26"
          y1="4"
          y2="4"
          stroke={color}
          strokeWidth="2.4"
          strokeDasharray={dash}
        />
      </svg>
      {words}
    </Box>
  );
}

function chartWords(chosen: TurnOver, day: DayNumber, wording: LocalWording): string {
  const gain = (chosen.gainKg[chosen.onDay - day] ?? 0) * 1000;
  return say.yieldByChangeoverDateStill({
    weight: wording.weightG(chosen.keptKg * 1000),
    weight2: wording.weightG(gain),
    crop: chosen.growing.crop.name.toLowerCase(),
    date: wording.date(chosen.onDay),
  });
}
