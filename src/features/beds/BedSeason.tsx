"use client";

import Box from "@mui/material/Box";
import { useId } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Bed } from "@/core/garden";
import { gapsIn, type Occupant } from "@/core/bedSpace";
import { DayLine, Hatch, monthStarts, timeScale, useSize } from "@/ui/chart";
import { setView } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import { beds as say } from "@/words/en/beds";

interface Props {
  occupants: readonly Occupant[];
  bed: Pick<Bed, "lengthM" | "widthM">;
  day: DayNumber;
  onOpen: (plantingId: string) => void;
}

const DAYS_BEFORE = 60;
const DAYS_AFTER = 305;
const HEIGHT = 132;
const AXIS_PX = 18;
const LEAST_NAMED_PX = 34;
const GAPS_TOLD = 3;

/** The bed's ground through a year: across the time, down its length; who takes what, and the gaps. */
export function BedSeason({ occupants, bed, day, onOpen }: Props) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const hatchId = useId();
  const [from, until] = [day - DAYS_BEFORE, day + DAYS_AFTER];
  const x = timeScale(from, until, 0, Math.max(1, width));
  const y = (m: number) => (m / bed.lengthM) * (HEIGHT - AXIS_PX);
  const shown = occupants.filter((one) => one.untilDay > from && one.fromDay < until);
  const gaps = gapsIn(occupants, bed, day, until).slice(0, GAPS_TOLD);
  return (
    <>
      <Box ref={attach} sx={{ width: "100%", height: HEIGHT }}>
        {width > 0 && (
          <svg
            width={width}
            height={HEIGHT}
            role="img"
            aria-label={seasonWords(shown, wording, day)}
          >
            <defs>
              <Hatch id={hatchId} every={6} lineWidth={1} line="var(--ash-text)" opacity={0.5} />
            </defs>
            <rect width={width} height={y(bed.lengthM)} fill="var(--paper)" stroke="var(--line)" />
            {shown.map((one) => {
              const left = Math.max(0, x(one.fromDay));
              const right = Math.min(width, x(Math.min(one.untilDay, until)));
              const top = y(one.fromM);
              const height = Math.max(2, y(one.toM) - top - 1);
              return (
                <g
                  key={one.id}
                  onClick={() => one.kind === "planting" && onOpen(one.id)}
                  style={{ cursor: one.kind === "planting" ? "pointer" : "default" }}
                >
                  <title>{occupantWords(one, wording, day)}</title>
                  <rect
                    x={left}
                    y={top + (one.interplanted ? height * 0.3 : 0.5)}
                    width={Math.max(2, right - left - 1)}
                    height={one.interplanted ? height * 0.4 : height}
                    rx={Math.min(6, height / 2)}
                    fill={one.kind === "rest" ? `url(#${hatchId})` : "var(--moss)"}
                    fillOpacity={one.kind === "rest" ? 1 : 0.32}
                    stroke={one.kind === "rest" ? "var(--ash-text)" : "var(--moss-text)"}
                    strokeDasharray={one.interplanted ? "3 2" : undefined}
                  />
                  {right - left > LEAST_NAMED_PX && (
                    <svg x={left} y={top} width={right - left - 4} height={height}>
                      <text x="5" y={Math.min(height / 2 + 4, 15)} fontSize="11.5">
                        {one.name.split(",")[0]}
                      </text>
                    </svg>
                  )}
                </g>
              );
            })}
            {monthStarts(from, until).map((start, index) =>
              index % 2 === 0 ? (
                <text key={start} x={x(start)} y={HEIGHT - 4} fontSize="11">
                  {wording.month(start)}
                </text>
              ) : null,
            )}
            <DayLine day={day} x={x} top={0} bottom={HEIGHT - AXIS_PX} />
          </svg>
        )}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none", fontSize: 14, lineHeight: 1.5 }}>
        {gaps.length === 0 && <li>{say.noFreeSpaceOfAWeekOrMoreInTheNext}</li>}
        {gaps.map((gap) => (
          <li key={`${gap.fromDay} ${gap.fromM} ${gap.toM}`}>
            <Box
              component="button"
              type="button"
              onClick={() =>
                setView({
                  bedSection: "fill",
                  openingFrom: `${gap.fromDay}|${gap.fromM.toFixed(2)}|${gap.toM.toFixed(2)}`,
                })
              }
              sx={{
                font: "inherit",
                textAlign: "left",
                border: 0,
                p: 0,
                py: 0.4,
                bgcolor: "transparent",
                color: "var(--ember-text)",
                cursor: "pointer",
                textDecoration: "underline",
              }}
            >
              {say.freeFrom({
                length: wording.lengthM(gap.toM - gap.fromM),
                value: gap.fromDay <= day ? "now" : wording.date(gap.fromDay, day),
                value2:
                  gap.untilDay >= until
                    ? say.on3
                    : say.to4({ date: wording.date(gap.untilDay, day) }),
              })}
            </Box>
          </li>
        ))}
      </Box>
    </>
  );
}

function occupantWords(one: Occupant, wording: LocalWording, day: DayNumber): string {
  const until =
    one.untilDay === Infinity ? "" : say.until({ date: wording.date(one.untilDay, day) });
  return say.occupant({
    name: one.name,
    fromM: wording.lengthM(one.fromM),
    toM: wording.lengthM(one.toM),
    date: wording.date(one.fromDay, day),
    until,
  });
}

function seasonWords(shown: readonly Occupant[], wording: LocalWording, day: DayNumber): string {
  if (shown.length === 0) return say.nothingIsPlannedInThisBedAround;
  return shown.map((one) => occupantWords(one, wording, day)).join("; ");
}
