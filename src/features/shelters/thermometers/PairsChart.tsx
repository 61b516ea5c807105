"use client";

import Box from "@mui/material/Box";
import { scaleLinear } from "d3-scale";
import { dayNumber } from "@/core/calendar";
import type { ThermometerPair } from "@/core/plantings";
import { useSize } from "@/ui/chart/index";
import { useWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  pairs: readonly ThermometerPair[];
}

const HEIGHT = 150;
const LEFT = 44;
const RIGHT = 10;
const FOOT = 22;
const TOP = 10;
const NIGHTS_SHOWN = 30;

/** The last nights: what was read inside (a dot), what the balance makes of it (a ring), outside (a dash). */
export function PairsChart({ pairs }: Props) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const shown = pairs.slice(-NIGHTS_SHOWN);
  const all = shown.flatMap((one) => [one.insideMinC, one.reckonedMinC, one.outsideMinC]);
  const x = scaleLinear([-0.5, shown.length - 0.5], [LEFT, Math.max(LEFT + 1, width - RIGHT)]);
  const y = scaleLinear([Math.min(...all) - 1, Math.max(...all) + 1], [HEIGHT - FOOT, TOP]);
  const label = (pair: ThermometerPair) =>
    say.measuredCalculatedOutside({
      date: wording.shortDate(dayNumber(pair.on)),
      temperature: wording.temperature(pair.insideMinC, 1),
      temperature2: wording.temperature(pair.reckonedMinC, 1),
      temperature3: wording.temperature(pair.outsideMinC, 1),
    });
  return (
    <Box ref={attach} sx={{ width: "100%", maxWidth: 640, height: HEIGHT + 22 }}>
      {width > 0 && (
        <svg width={width} height={HEIGHT} role="img" aria-label={shown.map(label).join("; ")}>
          {y.ticks(4).map((tick) => (
            <g key={tick}>
              <line x1={LEFT} x2={width - RIGHT} y1={y(tick)} y2={y(tick)} stroke="var(--line)" />
              <text x={LEFT - 6} y={y(tick) + 4} fontSize="12" textAnchor="end">
                {wording.temperature(tick)}
              </text>
            </g>
          ))}
          {shown.map((pair, index) => (
            <g key={pair.on}>
              <line
                x1={x(index)}
                x2={x(index)}
                y1={y(pair.insideMinC)}
                y2={y(pair.reckonedMinC)}
                stroke="var(--ash-text)"
              />
              <line
                x1={x(index) - 6}
                x2={x(index) + 6}
                y1={y(pair.outsideMinC)}
                y2={y(pair.outsideMinC)}
                stroke="var(--frost-text)"
                strokeWidth="2"
              />
              <circle
                cx={x(index)}
                cy={y(pair.reckonedMinC)}
                r="5"
                fill="var(--surface)"
                stroke="var(--text)"
                strokeWidth="1.5"
              />
              <circle cx={x(index)} cy={y(pair.insideMinC)} r="4" fill="var(--ember-text)" />
            </g>
          ))}
          {[...new Set([0, shown.length - 1])].map((index) => (
            <text
              key={index}
              x={x(index)}
              y={HEIGHT - 5}
              fontSize="12"
              textAnchor={shown.length === 1 ? "middle" : index === 0 ? "start" : "end"}
            >
              {wording.shortDate(dayNumber(shown[index]?.on ?? "2026-01-01"))}
            </text>
          ))}
        </svg>
      )}
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
        {say.nightLowsFilledMeasuredInsideRing}
      </Box>
    </Box>
  );
}
