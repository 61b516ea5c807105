"use client";

import Box from "@mui/material/Box";
import { useId } from "react";
import type { DayNumber } from "@/core/calendar";
import type { RoomStretch } from "@/core/trays";
import { DayLine, Hatch, monthStarts, timeScale, useSize } from "@/ui/chart/index";
import { useWording } from "@/ui/wording";
import { trays as say } from "@/words/en/trays";

interface Props {
  name: string;
  stretches: readonly RoomStretch[];
  roomM2: number;
  fromDay: DayNumber;
  toDay: DayNumber;
  day: DayNumber;
}

const HEIGHT = 78;
const FOOT = 18;
const TOP = 6;
/** The drawing reaches this far over the brim, so that too much is seen as such. */
const OVER_THE_BRIM = 1.5;

/** How full a bench is through time; what stands over the brim is hatched. */
export function RoomChart({ name, stretches, roomM2, fromDay, toDay, day }: Props) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const hatchId = useId();
  const x = timeScale(fromDay, toDay, 0, width);
  const floor = HEIGHT - FOOT;
  const y = (takenM2: number) =>
    floor - (Math.min(takenM2, roomM2 * OVER_THE_BRIM) / (roomM2 * OVER_THE_BRIM)) * (floor - TOP);
  const brim = y(roomM2);
  return (
    <Box ref={attach} sx={{ height: HEIGHT, maxWidth: 900 }}>
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={say.spaceUsedOnOverTime({ name })}
        >
          <defs>
            <Hatch id={hatchId} every={6} lineWidth={3} line="var(--ember)" ground="var(--paper)" />
          </defs>
          {stretches.map(({ fromDay: from, toDay: to, takenM2 }) => {
            const wide = Math.max(0.5, x(to) - x(from));
            return (
              <g key={from}>
                <rect
                  x={x(from)}
                  width={wide}
                  y={y(Math.min(takenM2, roomM2))}
                  height={floor - y(Math.min(takenM2, roomM2))}
                  fill="var(--moss)"
                />
                {takenM2 > roomM2 + 1e-9 && (
                  <rect
                    x={x(from)}
                    width={wide}
                    y={y(takenM2)}
                    height={brim - y(takenM2)}
                    fill={`url(#${hatchId})`}
                    stroke="var(--ember)"
                  />
                )}
              </g>
            );
          })}
          <line x1={0} x2={width} y1={brim} y2={brim} stroke="var(--text)" strokeDasharray="5 3" />
          <text x={4} y={brim - 3} fontSize="11">
            {say.full}
          </text>
          <line x1={0} x2={width} y1={floor} y2={floor} stroke="var(--line)" />
          {monthStarts(fromDay, toDay).map((start) => (
            <text key={start} x={x(start) + 2} y={HEIGHT - 5} fontSize="12">
              {wording.month(start)}
            </text>
          ))}
          <DayLine day={day} x={x} top={TOP} bottom={floor} />
        </svg>
      )}
    </Box>
  );
}
