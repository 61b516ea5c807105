"use client";

import Box from "@mui/material/Box";
import { bedsInOrder, type Garden, type Trial } from "@/core/garden";
import { letterOf } from "@/core/trials";
import { useSize } from "@/ui/chart";
import { useWording } from "@/ui/wording";
import { trials as say } from "@/words/en/trials";

/** Grounds of the strips, one a treatment; each has its letter, too. */
const FILLS = [
  "var(--paper)",
  "var(--straw)",
  "var(--hatch)",
  "var(--selected)",
  "var(--line)",
  "var(--surface)",
  "var(--straw)",
  "var(--hatch)",
] as const;
/** Words on a strip stand out from any ground of it, by day and by lamp. */
const READABLE = {
  fill: "var(--text)",
  stroke: "var(--paper)",
  strokeWidth: 3,
  paintOrder: "stroke",
} as const;
const ROW_PX = 20;
const NAME_PX = 20;
const GAP_PX = 14;
const MOST_PX = 900;

interface Props {
  garden: Garden;
  trial: Pick<Trial, "name" | "treatments" | "rows" | "plots">;
}

/** How a trial lies: its strips along the beds with their letters, its rows running through them. */
export function TrialPlan({ garden, trial }: Props) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const { plots, rows, treatments } = trial;
  const beds = bedsInOrder(garden).filter(({ id }) => plots.some(({ bedId }) => bedId === id));
  const wide = Math.min(MOST_PX, width);
  const longestM = Math.max(1, ...beds.map(({ lengthM }) => lengthM));
  const bedPx = rows.length * ROW_PX + 18;
  const x = (m: number) => (m / longestM) * (wide - 2) + 1;
  const height = beds.length * (bedPx + NAME_PX + GAP_PX);
  return (
    <Box ref={attach} sx={{ width: "100%" }}>
      {width > 0 && (
        <svg width={wide} height={height} role="img" aria-label={say.plan({ name: trial.name })}>
          {beds.map((bed, at) => {
            const top = at * (bedPx + NAME_PX + GAP_PX) + NAME_PX;
            return (
              <g key={bed.id}>
                <text x="1" y={top - 5} fontSize="14" fontWeight="600" fill="var(--text)">
                  {bed.name}
                </text>
                {plots
                  .filter(({ bedId }) => bedId === bed.id)
                  .map((plot) => {
                    const letter = letterOf(trial, plot.treatmentId);
                    const index = treatments.findIndex(({ id }) => id === plot.treatmentId);
                    const [from, to] = [x(plot.fromM), x(plot.fromM + plot.lengthM)];
                    return (
                      <g key={plot.id}>
                        <rect
                          x={from}
                          y={top}
                          width={to - from}
                          height={bedPx}
                          fill={FILLS[index] ?? FILLS[0]}
                          stroke="var(--ash-text)"
                        >
                          <title>
                            {say.strip({
                              letter,
                              treatment: treatments[index]?.name ?? "",
                              bed: bed.name,
                              from: wording.lengthM(plot.fromM),
                              to: wording.lengthM(plot.fromM + plot.lengthM),
                            })}
                          </title>
                        </rect>
                        <text
                          x={(from + to) / 2}
                          y={top + 15}
                          textAnchor="middle"
                          fontSize="15"
                          fontWeight="700"
                          {...READABLE}
                        >
                          {letter}
                        </text>
                      </g>
                    );
                  })}
                {rows.map((row, place) => {
                  const y = top + 18 + place * ROW_PX + ROW_PX / 2;
                  return (
                    <g key={row.id}>
                      <line
                        x1={x(0) + 2}
                        x2={x(bed.lengthM) - 2}
                        y1={y}
                        y2={y}
                        stroke="var(--moss)"
                        strokeWidth="3"
                        strokeDasharray="2 6"
                        strokeLinecap="round"
                      />
                      <text x={x(0) + 6} y={y + 4} fontSize="12.5" {...READABLE}>
                        {row.name}
                      </text>
                    </g>
                  );
                })}
              </g>
            );
          })}
        </svg>
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2.5, fontSize: 15 }}>
        {treatments.map(({ id, name }, at) => (
          <span key={id}>
            <strong>{letterOf(trial, id)}</strong> {name}
            {at === 0 && ` (${say.usual})`}
          </span>
        ))}
      </Box>
    </Box>
  );
}
