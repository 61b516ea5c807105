"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { memo, useId } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { plantingState } from "@/core/plantings";
import type { PlantingOdds, RehearsalReport } from "@/core/winter";
import { Hatch, SeasonAxis, timeScale, useSize, type TimeScale } from "@/ui/chart";
import { setView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { endWords, lostWords } from "@/words/causes";
import { rehearse as say } from "@/words/en/rehearse";

interface Props {
  garden: Garden;
  site: Site;
  report: RehearsalReport;
  fromDay: DayNumber;
}

const ROW = 46;
const AXIS = 22;
const BAR = 124;

/** The plantings by how sure their harvest is, the least sure first: when it is picked, and what prevents it. */
export const OddsList = memo(function OddsList({ garden, site, report, fromDay }: Props) {
  const [attach, { width }] = useSize();
  const ids = useId();
  const season = { ...site.season(fromDay), startDay: fromDay };
  const x = timeScale(fromDay, season.endDay, 4, Math.max(8, width - 4));
  const rows = report.plantings
    .flatMap((odds) => {
      const planting = garden.plantings.get(odds.plantingId);
      const state = planting && plantingState(garden, site, planting);
      return state ? [{ odds, name: state.name, bed: state.bed.name }] : [];
    })
    .sort((a, b) => a.odds.reached - b.odds.reached || a.name.localeCompare(b.name));
  const always = rows.filter(({ odds }) => odds.reached === report.winters).length;
  return (
    <Box component="section">
      <Typography variant="h2">{say.reachesHarvest}</Typography>
      <Box sx={{ fontSize: 15, color: "var(--ash-text)", mb: 1 }}>
        {always > 0 && `${say.inAllWinters({ count: always })} · `}
        {say.leastSureFirst}
      </Box>
      <svg width="0" height="0" style={{ position: "absolute" }} aria-hidden>
        <defs>
          <Hatch
            id={`${ids}lost`}
            every={5}
            lineWidth={2}
            line="var(--frost-text)"
            ground="var(--paper)"
          />
        </defs>
      </svg>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {rows.map((row, index) => (
          <OddsRow
            key={row.odds.plantingId}
            {...row}
            winters={report.winters}
            lostFill={`url(#${ids}lost)`}
            x={x}
            width={width}
            attach={index === 0 ? attach : undefined}
          />
        ))}
      </Box>
      {width > 0 && (
        <Box sx={{ display: "grid", gridTemplateColumns: COLUMNS, columnGap: 1.5 }}>
          <Box sx={{ gridColumn: { xs: "1 / -1", sm: 2 } }}>
            <svg width={width} height={AXIS} aria-hidden style={{ fill: "var(--ash-text)" }}>
              <SeasonAxis season={season} x={x} width={width} y={15} />
            </svg>
          </Box>
        </Box>
      )}
    </Box>
  );
});

const COLUMNS = { xs: "minmax(0, 1fr) 132px", sm: "minmax(0, 210px) minmax(0, 1fr) 132px" };

interface RowProps {
  odds: PlantingOdds;
  name: string;
  bed: string;
  winters: number;
  lostFill: string;
  x: TimeScale;
  width: number;
  attach: ((element: HTMLElement | null) => void) | undefined;
}

function OddsRow({ odds, name, bed, winters, lostFill, x, width, attach }: RowProps) {
  const wording = useWording();
  const { reached, plantingId, first } = odds;
  const share = reached / winters;
  const { p10, p50, p90 } = first;
  const dates =
    p10 === null || p50 === null
      ? say.neverPicked
      : say.firstPicking({
          usual: wording.shortDate(p50),
          early: wording.shortDate(p10),
          late: wording.shortDate(p90 ?? p50),
        });
  return (
    <Box
      component="li"
      sx={{
        display: "grid",
        gridTemplateColumns: COLUMNS,
        columnGap: 1.5,
        alignItems: "center",
        minHeight: ROW,
        borderTop: "1px solid var(--line)",
        py: 0.5,
      }}
    >
      <Box
        component="button"
        type="button"
        onClick={() => setView({ selectedPlantingId: plantingId })}
        aria-label={say.reachedLong({ name: `${name}, ${bed}`, reached, winters })}
        sx={{
          all: "unset",
          boxSizing: "border-box",
          cursor: "pointer",
          minWidth: 0,
          py: 0.25,
          "@media (pointer: coarse)": { minHeight: 44 },
          "&:focus-visible": { outline: "2px solid var(--ember)" },
        }}
      >
        <Box
          sx={{
            fontSize: 15.5,
            fontWeight: 600,
            overflow: "hidden",
            textOverflow: "ellipsis",
            whiteSpace: "nowrap",
          }}
        >
          {name}
        </Box>
        <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>{bed}</Box>
      </Box>
      <Box
        ref={attach}
        sx={{ minWidth: 0, gridColumn: { xs: "1 / -1", sm: 2 }, gridRow: { xs: 2, sm: 1 } }}
      >
        {width > 0 && <PickingBand odds={odds} x={x} width={width} />}
        <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", lineHeight: 1.3 }}>
          {dates}
          {endWords(odds, winters)}
        </Box>
      </Box>
      <Box sx={{ textAlign: "right" }}>
        <Box sx={{ fontSize: 19, fontWeight: 700, fontVariantNumeric: "tabular-nums" }}>
          {say.reached({ reached, winters })}
        </Box>
        <svg width={BAR} height={8} aria-hidden>
          <rect width={BAR} height={8} fill={lostFill} stroke="var(--line)" />
          <rect width={BAR * share} height={8} fill="var(--moss)" />
        </svg>
        <Box sx={{ fontSize: 13.5, lineHeight: 1.25 }}>{lostWords(odds)}</Box>
      </Box>
    </Box>
  );
}

/** When it is first picked in eight winters of ten, and until when it is picked. */
function PickingBand({ odds, x, width }: { odds: PlantingOdds; x: TimeScale; width: number }) {
  const { p10, p50, p90 } = odds.first;
  if (p10 === null || p50 === null) return null;
  const lastDay = odds.last.p50 ?? p50;
  const [fromX, middleX, toX] = [x(p10), x(p50), x(p90 ?? p50)];
  return (
    <svg width={width} height={14} aria-hidden style={{ display: "block" }}>
      <line x1={middleX} x2={x(lastDay)} y1={7} y2={7} stroke="var(--ember)" strokeWidth="3" />
      <rect
        x={fromX}
        y={2}
        width={Math.max(2, toX - fromX)}
        height={10}
        fill="var(--straw)"
        stroke="var(--moss)"
      />
      <line x1={middleX} x2={middleX} y1={0} y2={14} stroke="var(--text)" strokeWidth="2" />
    </svg>
  );
}
