"use client";

import Box from "@mui/material/Box";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useEffect, useId, useMemo, useRef } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import type { DateSpread } from "@/core/schedule";
import type { ShortDays } from "@/core/sky";
import { timeScale, useSize } from "@/ui/chart/index";
import { useOneTabStop } from "@/ui/oneTabStop";
import {
  DAYS_BEFORE_SEASON,
  DAYS_CUT_AT_END,
  GROUP_HEIGHT,
  LABEL_WIDTH,
  NARROW_LABEL_WIDTH,
  ROW_HEIGHT,
  type StrandLayout,
} from "./strandLayout";
import { StrandAxis, StrandBackdrop, StrandPatterns } from "./StrandBackdrop";
import { StrandRow, type StrandOdds } from "./StrandRow";
import type { StrandGroup, StrandItem } from "./useStrands";

interface Props {
  groups: StrandGroup[];
  /** Rows as they would be if the knot were let go: one, or a whole succession. */
  dragged: readonly StrandItem[];
  /** How first pickings stray, by planting. */
  spreads: Readonly<Record<string, DateSpread>>;
  /** Odds over rehearsed winters by planting; null where the plan was not rehearsed. */
  odds: ReadonlyMap<string, StrandOdds> | null;
  season: Season;
  short: ShortDays | null;
  shortDayHours: number;
  day: DayNumber;
  selectedId: string | null;
  /** Several that are chosen; null while none are. */
  chosen: ReadonlySet<string> | null;
  onSelect: (id: string) => void;
  /** A row was tapped; `isAdding` where it is to be chosen with others. */
  onTap: (id: string, isAdding: boolean) => void;
  onPreview: (id: string, sowDay: DayNumber | null) => void;
  onMove: (id: string, sowDay: DayNumber) => void;
}

const NARROW_PX = 620;

/** All strands of a season under one time axis that stays in sight. */
export function StrandChart(props: Props) {
  const { groups, dragged, season, day, selectedId } = props;
  const [attach, { width }] = useSize();
  const strands = useOneTabStop("[data-planting]", ".knot");
  const scroller = useRef<HTMLDivElement | null>(null);
  const patternId = useId();
  const coarse = useMediaQuery("(pointer: coarse)");
  const layout = useMemo<StrandLayout>(() => {
    const narrow = width < NARROW_PX;
    return {
      width,
      left: narrow ? NARROW_LABEL_WIDTH : LABEL_WIDTH,
      right: width - 12,
      rowHeight: ROW_HEIGHT[narrow || coarse ? "coarse" : "fine"],
    };
  }, [width, coarse]);
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
  const rows = useMemo(() => placed(groups, layout.rowHeight), [groups, layout.rowHeight]);
  const height = rows.height + 8;
  useKeepInSight(scroller, selectedId);
  return (
    <Box
      ref={attach}
      sx={{
        height: "100%",
        display: "flex",
        flexDirection: "column",
        "@media print": { height: "auto", display: "block" },
      }}
    >
      {width > 0 && (
        <>
          <StrandAxis {...props} x={x} layout={layout} />
          <Box
            ref={scroller}
            tabIndex={-1}
            sx={{ flex: 1, minHeight: 0, overflowY: "auto", overflowX: "hidden" }}
          >
            <svg
              ref={strands}
              className="fits-page"
              width={width}
              height={height}
              viewBox={`0 0 ${width} ${height}`}
              style={{ display: "block" }}
            >
              <StrandPatterns id={patternId} layout={layout} height={height} />
              <StrandBackdrop
                season={season}
                short={props.short}
                x={x}
                height={height}
                patternId={patternId}
              />
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
                  item={draggedOr(item, dragged)}
                  y={y}
                  x={x}
                  layout={layout}
                  patternId={patternId}
                  spread={isDragged(item, dragged) ? undefined : props.spreads[item.id]}
                  odds={isDragged(item, dragged) ? undefined : props.odds?.get(item.id)}
                  selected={item.id === selectedId}
                  chosen={props.chosen && props.chosen.has(item.id)}
                  showBed={showBed}
                  onSelect={props.onSelect}
                  onTap={props.onTap}
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

/** A row as it is dragged, under its own label; or as it is. */
function isDragged({ id }: StrandItem, dragged: readonly StrandItem[]): boolean {
  return dragged.some((one) => one.id === id);
}

function draggedOr(item: StrandItem, dragged: readonly StrandItem[]): StrandItem {
  const moved = dragged.find(({ id }) => id === item.id);
  return moved ? { ...moved, label: item.label } : item;
}

/** Where each title and row stands; a bed is named once for its rows. */
function placed(groups: StrandGroup[], rowHeight: number) {
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
      y += rowHeight;
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
