"use client";

import Box from "@mui/material/Box";
import { useEffect, useId, useMemo, useRef } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import type { ShortDays } from "@/core/sky";
import { monthStarts, timeScale, useSize, type TimeScale } from "@/ui/chart";
import type { LocalWording } from "@/ui/wording";
import {
  AXIS_HEIGHT,
  GROUP_HEIGHT,
  LABEL_WIDTH,
  NARROW_LABEL_WIDTH,
  ROW_HEIGHT,
  type StrandLayout,
} from "./strandLayout";
import { StrandRow } from "./StrandRow";
import type { StrandGroup, StrandItem } from "./useStrands";

interface Props {
  groups: StrandGroup[];
  dragged: StrandItem | null;
  season: Season;
  short: ShortDays | null;
  shortDayHours: number;
  day: DayNumber;
  selectedId: string | null;
  wording: LocalWording;
  onSelect: (id: string) => void;
  onPreview: (id: string, sowDay: DayNumber | null) => void;
  onMove: (id: string, sowDay: DayNumber) => void;
}

/** Strands begin in spring, when leeks and brassicas for the winter are sown. */
const DAYS_BEFORE_SEASON = 52;
const DAYS_CUT_AT_END = 8;
const NARROW_PX = 620;

/** All strands of a season under one time axis that stays in sight. */
export function StrandChart(props: Props) {
  const { groups, dragged, season, day, selectedId, wording } = props;
  const [attach, { width }] = useSize();
  const scroller = useRef<HTMLDivElement | null>(null);
  const patternId = useId();
  const layout = useMemo<StrandLayout>(() => {
    const left = width < NARROW_PX ? NARROW_LABEL_WIDTH : LABEL_WIDTH;
    return { width, left, right: width - 12 };
  }, [width]);
  const x = useMemo(
    () =>
      timeScale(
        season.startDay - DAYS_BEFORE_SEASON,
        season.endDay - DAYS_CUT_AT_END,
        layout.left,
        layout.right,
      ),
    [season, layout],
  );
  const rows = useMemo(() => placed(groups), [groups]);
  const height = rows.height + 8;
  useKeepInSight(scroller, selectedId);
  return (
    <Box ref={attach} sx={{ height: "100%", display: "flex", flexDirection: "column" }}>
      {width > 0 && (
        <>
          <Axis {...props} x={x} layout={layout} />
          <Box
            ref={scroller}
            tabIndex={-1}
            sx={{ flex: 1, minHeight: 0, overflowY: "auto", overflowX: "hidden" }}
          >
            <svg width={width} height={height} style={{ display: "block" }}>
              <Patterns id={patternId} layout={layout} height={height} />
              <Backdrop {...props} x={x} layout={layout} height={height} patternId={patternId} />
              {rows.titles.map((title) => (
                <text
                  key={title.text}
                  x={16}
                  y={title.y + 17}
                  fontSize="13"
                  fontWeight="700"
                  style={{ fill: "var(--ash-text)" }}
                >
                  {title.text}
                </text>
              ))}
              {rows.items.map(({ item, y, showBed }) => (
                <StrandRow
                  key={item.id}
                  item={dragged?.id === item.id ? dragged : item}
                  y={y}
                  x={x}
                  layout={layout}
                  patternId={patternId}
                  selected={item.id === selectedId}
                  showBed={showBed}
                  wording={wording}
                  onSelect={props.onSelect}
                  onPreview={props.onPreview}
                  onMove={props.onMove}
                />
              ))}
              <line
                x1={x(day)}
                x2={x(day)}
                y1={0}
                y2={height}
                stroke="var(--text)"
                strokeWidth="1.25"
                pointerEvents="none"
              />
            </svg>
          </Box>
        </>
      )}
    </Box>
  );
}

function Axis({
  season,
  short,
  shortDayHours,
  day,
  wording,
  x,
  layout,
}: Props & { x: TimeScale; layout: StrandLayout }) {
  const months = monthStarts(season.startDay - DAYS_BEFORE_SEASON, season.endDay - DAYS_CUT_AT_END);
  const gap = (layout.right - layout.left) / 13;
  return (
    <svg width={layout.width} height={AXIS_HEIGHT + 16} style={{ display: "block", flex: "none" }}>
      {months.map((start, index) =>
        gap < 34 && index % 2 === 1 ? null : (
          <text key={start} x={x(start) + 3} y={14} fontSize="12.5">
            {wording.month(start)}
          </text>
        ),
      )}
      {short && (
        <text
          x={(x(short.fromDay) + x(short.toDay)) / 2}
          y={32}
          fontSize="12"
          textAnchor="middle"
          style={{ fill: "var(--ash-text)" }}
        >
          {gap < 34
            ? `under ${shortDayHours} hours`
            : `days under ${shortDayHours} hours, ${wording.shortDate(short.fromDay)} – ${wording.shortDate(short.toDay)}`}
        </text>
      )}
      <line
        x1={x(day)}
        x2={x(day)}
        y1={22}
        y2={AXIS_HEIGHT + 16}
        stroke="var(--text)"
        strokeWidth="1.25"
      />
      <circle cx={x(day)} cy={22} r={4.5} fill="var(--ember)" stroke="var(--text)" />
    </svg>
  );
}

function Backdrop({
  season,
  short,
  x,
  height,
  patternId,
}: Props & { x: TimeScale; layout: StrandLayout; height: number; patternId: string }) {
  return (
    <g pointerEvents="none">
      {short && (
        <rect
          x={x(short.fromDay)}
          y={0}
          width={x(short.toDay + 1) - x(short.fromDay)}
          height={height}
          fill={`url(#${patternId}short)`}
        />
      )}
      {monthStarts(season.startDay - DAYS_BEFORE_SEASON, season.endDay - DAYS_CUT_AT_END).map(
        (start) => (
          <line key={start} x1={x(start)} x2={x(start)} y1={0} y2={height} stroke="var(--line)" />
        ),
      )}
    </g>
  );
}

/** Growing and standing differ by hatch as well as by colour. */
function Patterns({ id, layout, height }: { id: string; layout: StrandLayout; height: number }) {
  return (
    <defs>
      <clipPath id={`${id}clip`}>
        <rect x={layout.left} y={0} width={layout.right - layout.left} height={height} />
      </clipPath>
      <linearGradient id={`${id}growing`} x1="0" x2="1">
        <stop offset="0" stopColor="var(--straw)" />
        <stop offset="0.45" stopColor="var(--moss)" stopOpacity="0.85" />
        <stop offset="1" stopColor="var(--moss)" />
      </linearGradient>
      <pattern
        id={`${id}standing`}
        width="5"
        height="5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" y1="0" x2="0" y2="5" stroke="var(--glow)" strokeWidth="2.6" />
      </pattern>
      <pattern
        id={`${id}short`}
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" y1="0" x2="0" y2="7" stroke="var(--hatch)" strokeWidth="1" opacity="0.55" />
      </pattern>
    </defs>
  );
}

/** Where each title and row stands; a bed is named once for its rows. */
function placed(groups: StrandGroup[]) {
  const titles: { text: string; y: number }[] = [];
  const items: { item: StrandItem; y: number; showBed: boolean }[] = [];
  let y = 0;
  for (const group of groups) {
    titles.push({ text: group.title, y });
    y += GROUP_HEIGHT;
    let bedBefore = "";
    for (const item of group.items) {
      items.push({ item, y, showBed: item.bedName !== bedBefore });
      bedBefore = item.bedName;
      y += ROW_HEIGHT;
    }
  }
  return { titles, items, height: y };
}

/** A planting selected elsewhere is brought into sight. */
function useKeepInSight(
  scroller: React.RefObject<HTMLDivElement | null>,
  selectedId: string | null,
): void {
  useEffect(() => {
    if (!selectedId) return;
    const row = scroller.current?.querySelector(`[data-planting="${CSS.escape(selectedId)}"]`);
    row?.scrollIntoView({ block: "nearest" });
  }, [scroller, selectedId]);
}
