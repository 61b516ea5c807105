"use client";

import Box from "@mui/material/Box";
import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import type { NightAhead } from "@/core/frostNight";
import { useWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  name: string;
  nights: readonly NightAhead[];
}

const WIDTH = 300;
const HEIGHT = 96;
const FOOT = 18;
const RIGHT = 78;

/** The nights to come at one planting against what kills half of it: bars of cold down to a line. */
export function NightsAheadChart({ name, nights }: Props) {
  const wording = useWording();
  const lows = nights.map((night) => night.cropMinC - night.spreadC);
  const highs = nights.map((night) => night.cropMinC + night.spreadC);
  const all = [...lows, ...highs, ...nights.map(({ lt50C }) => lt50C)];
  const x = scaleLinear([-0.5, nights.length - 0.5], [4, WIDTH - RIGHT]);
  const y = scaleLinear([Math.min(...all) - 0.5, Math.max(...all) + 0.5], [HEIGHT - FOOT, 6]);
  const words = nights
    .map(({ day, cropMinC, lt50C }) =>
      say.halfDieAt({
        date: wording.shortDate(day),
        temperature: wording.temperature(cropMinC),
        temperature2: wording.temperature(lt50C),
      }),
    )
    .join("; ");
  const lethal = line<NightAhead>()
    .x((_, index) => x(index))
    .y(({ lt50C }) => y(lt50C));
  const last = nights.at(-1);
  return (
    <Box sx={{ maxWidth: WIDTH }}>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width="100%"
        role="img"
        aria-label={say.comingNightsAtThePlants({ name, words })}
      >
        {nights.map((night, index) => {
          const isDeadly = night.cropMinC - night.spreadC < night.lt50C;
          return (
            <g key={night.day}>
              <line
                x1={x(index)}
                x2={x(index)}
                y1={y(night.cropMinC + night.spreadC)}
                y2={y(night.cropMinC - night.spreadC)}
                stroke={isDeadly ? "var(--ember)" : "var(--frost)"}
                strokeWidth={isDeadly ? 9 : 6}
                strokeDasharray={night.isTold ? undefined : "3 2"}
              />
              <line
                x1={x(index) - 6}
                x2={x(index) + 6}
                y1={y(night.cropMinC)}
                y2={y(night.cropMinC)}
                stroke="var(--text)"
                strokeWidth="1.5"
              />
            </g>
          );
        })}
        <path d={lethal([...nights]) ?? ""} fill="none" stroke="var(--text)" strokeWidth="2" />
        {last && (
          <text
            x={WIDTH - RIGHT + 4}
            y={y(last.lt50C) + 4}
            fontSize="11.5"
            style={{ fill: "var(--text)" }}
          >
            {say.halfDie}
          </text>
        )}
        <text x="4" y={HEIGHT - 4} fontSize="11.5" style={{ fill: "var(--ash-text)" }}>
          {nights[0] ? wording.shortDate(nights[0].day) : ""}
        </text>
        <text
          x={WIDTH - RIGHT}
          y={HEIGHT - 4}
          fontSize="11.5"
          textAnchor="end"
          style={{ fill: "var(--ash-text)" }}
        >
          {last ? wording.shortDate(last.day) : ""}
        </text>
      </svg>
    </Box>
  );
}
