"use client";

import { memo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { DateSpread } from "@/core/schedule";
import type { Cause } from "@/core/winter";
import { strandPath, type TimeScale } from "@/ui/chart/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { CauseMark } from "./CauseMark";
import { StrandLabel } from "./StrandLabel";
import type { StrandLayout } from "./strandLayout";
import { useKnot } from "./useKnot";
import type { StrandItem } from "./useStrands";
import { plan as say } from "@/words/en/plan";

interface Props {
  item: StrandItem;
  y: number;
  x: TimeScale;
  layout: StrandLayout;
  patternId: string;
  /** How its first picking strays from year to year; nothing while that is not known. */
  spread: DateSpread | undefined;
  /** Its odds where the plan was rehearsed; undefined where it was not. */
  odds: StrandOdds | undefined;
  selected: boolean;
  /** Whether it is one of several that are chosen; null while none are. */
  chosen: boolean | null;
  showBed: boolean;
  onSelect: (id: string) => void;
  onTap: (id: string, isAdding: boolean) => void;
  /** The sowing day under the hand, while it is dragged. */
  onPreview: (id: string, sowDay: DayNumber | null) => void;
  onMove: (id: string, sowDay: DayNumber) => void;
}

/** A planting's odds over rehearsed winters. */
export interface StrandOdds {
  reached: number;
  winters: number;
  early: DayNumber | null;
  late: DayNumber | null;
  /** What kept it from a harvest and what ends it, in words; empty where nothing does. */
  words: string;
  /** The main cause of either; null where there is none. */
  cause: Cause | null;
}

const THICKNESS = 15;
const SEEDLING_THICKNESS = 2;

/** One planting along time; its knot is dragged to sow earlier or later. */
export const StrandRow = memo(function StrandRow(props: Props) {
  const wording = useWording();
  const { item, y, x, layout, patternId, spread, odds, showBed, chosen } = props;
  const selected = chosen ?? props.selected;
  const { timeline, strand } = item;
  const middle = y + layout.rowHeight / 2;
  const knot = useKnot(props);
  // A sowing outside the picture keeps its knot at the edge, within reach.
  const knotX = Math.min(layout.right - 5, Math.max(layout.left + 5, x(timeline.sowDay)));
  const endX = x(strand.standing.at(-1)?.day ?? strand.growing.at(-1)?.day ?? timeline.sowDay);
  // What comes after a likely loss may not come at all: it is drawn pale.
  const lossX = timeline.coldLossDay === null ? null : x(timeline.coldLossDay);
  const paleFromX = lossX !== null && lossX < endX - 1 ? lossX : null;
  const readyX = timeline.readyDay === null ? null : x(timeline.readyDay);
  const fullX =
    // What is over before it is full-grown has no mark beyond its end.
    timeline.fullSizeDay === null ||
    timeline.fullSizeDay === timeline.readyDay ||
    timeline.fullSizeDay > (timeline.holdsUntilDay ?? Infinity)
      ? null
      : x(timeline.fullSizeDay);
  return (
    <g
      onClick={(event) => props.onTap(item.id, event.ctrlKey || event.metaKey)}
      style={{ cursor: "pointer" }}
      data-planting={item.id}
    >
      <title>
        {say.text({
          cropName: item.cropName,
          varietyName: item.varietyName,
          knot: knotWords(item, wording),
        })}
      </title>
      <rect
        x={0}
        y={y}
        width={layout.width}
        height={layout.rowHeight}
        fill={selected ? "var(--selected)" : "transparent"}
      />
      {chosen !== null && (
        <path
          d={`M2,${middle - 5} h10 v10 h-10 z ${chosen ? "m2,5 l2.5,3 l4,-6" : ""}`}
          fill="none"
          stroke="var(--text)"
          strokeWidth={chosen ? 1.8 : 1}
        />
      )}
      <StrandLabel
        item={item}
        middle={middle}
        layout={layout}
        showBed={showBed}
        selected={selected}
        isBesideBox={chosen !== null}
      />
      <g clipPath={`url(#${patternId}clip)`}>
        <path
          d={strandPath(strand.growing, x, middle, THICKNESS, SEEDLING_THICKNESS)}
          fill={`url(#${patternId}growing)`}
          stroke="var(--moss)"
          strokeWidth="0.75"
        />
        {strand.standing.length > 0 && (
          <>
            <path d={strandPath(strand.standing, x, middle, THICKNESS, 0.5)} fill="var(--ember)" />
            <path
              d={strandPath(strand.standing, x, middle, THICKNESS, 0.5)}
              fill={`url(#${patternId}standing)`}
            />
          </>
        )}
        {spread && readyX !== null && (
          <SpreadEdge spread={spread} middle={middle} x={x} patternId={patternId} />
        )}
        {readyX !== null && (
          <line
            x1={readyX}
            x2={readyX}
            y1={middle - THICKNESS / 2 - 2}
            y2={middle + THICKNESS / 2 + 2}
            stroke="var(--text)"
            strokeWidth="1.5"
          />
        )}
        {fullX !== null && (
          <line
            x1={fullX}
            x2={fullX}
            y1={middle - THICKNESS / 2}
            y2={middle + THICKNESS / 2}
            stroke="var(--text)"
            strokeWidth="1"
            strokeDasharray="2 2"
          />
        )}
        {timeline.plantOutDay !== null && (
          <path
            d={`M${x(timeline.plantOutDay) - 5},${middle - 3} a5,6 0 1 1 10,0`}
            fill="none"
            stroke="var(--text)"
            strokeWidth="1.4"
          >
            <title>{say.transplanted2({ date: wording.date(timeline.plantOutDay) })}</title>
          </path>
        )}
        {item.planned && (
          <PlannedLine planned={item.planned} lineY={y + layout.rowHeight - 2} x={x} />
        )}
        {item.happened?.pickedDays.map((day) => (
          <path key={day} d={`M${x(day) - 3.5},${middle + 12} l3.5,-5 l3.5,5 z`} fill="var(--text)">
            <title>{say.picked({ date: wording.date(day) })}</title>
          </path>
        ))}
        {paleFromX !== null && (
          <rect
            x={paleFromX}
            y={middle - THICKNESS / 2 - 2}
            width={Math.max(0, endX - paleFromX)}
            height={THICKNESS + 4}
            fill={selected ? "var(--selected)" : "var(--paper)"}
            opacity="0.6"
          />
        )}
        {timeline.coldLossDay !== null && (
          <path
            d={`M${x(timeline.coldLossDay) - 5.5},${middle - 11} h11 l-5.5,10 z`}
            fill="var(--paper)"
            stroke="var(--frost-text)"
            strokeWidth="1.6"
          >
            <title>
              {say.aKillingFrostIsLikelyBy({ date: wording.date(timeline.coldLossDay) })}
            </title>
          </path>
        )}
      </g>
      {odds && <OddsMark odds={odds} middle={middle} x={x} layout={layout} patternId={patternId} />}
      <g
        {...knot.handlers}
        className="knot"
        role="slider"
        tabIndex={0}
        aria-label={say.sowingDay({
          cropName: item.cropName,
          varietyName: item.varietyName,
          bedName: item.bedName,
        })}
        aria-valuemin={timeline.sowDay - 365}
        aria-valuemax={timeline.sowDay + 365}
        aria-valuenow={timeline.sowDay}
        aria-valuetext={knotWords(item, wording) + (chosen ? say.andSelected : "")}
        style={{ cursor: "ew-resize" }}
      >
        <circle
          cx={knotX}
          cy={middle}
          r={Math.max(14, layout.rowHeight / 2)}
          fill="transparent"
          stroke="none"
        />
        <circle
          cx={knotX}
          cy={middle}
          r={selected ? 5.5 : 4.5}
          fill={selected ? "var(--ember)" : item.happened?.isSown ? "var(--text)" : "var(--paper)"}
          stroke="var(--text)"
          strokeWidth="1.6"
          pointerEvents="none"
        />
      </g>
    </g>
  );
});

/**
 * The share of rehearsed winters that reach a harvest, at the end of the row: a ring that is full in all of
 * them, with its number where it is not; and between which days it was first picked.
 */
function OddsMark(props: {
  odds: StrandOdds;
  middle: number;
  x: TimeScale;
  layout: StrandLayout;
  patternId: string;
}) {
  const wording = useWording();
  const { odds, middle, x, layout, patternId } = props;
  const { reached, winters, early, late, words, cause } = odds;
  const share = reached / winters;
  const isSure = reached === winters;
  const right = layout.right - 4;
  return (
    <g>
      <title>
        {say.inWinters({ reached, winters })}
        {words && `: ${words}`}
      </title>
      {early !== null && late !== null && (
        <g clipPath={`url(#${patternId}clip)`}>
          <path
            d={`M${x(early)},${middle + 8} v4 M${x(early)},${middle + 10} H${x(late)} M${x(late)},${middle + 8} v4`}
            stroke="var(--text)"
            strokeWidth="1.25"
            fill="none"
          >
            <title>
              {say.pickedInWinters({ early: wording.date(early), late: wording.date(late) })}
            </title>
          </path>
        </g>
      )}
      <rect
        x={right - 74}
        y={middle - 9}
        width={78}
        height={18}
        rx={9}
        fill="var(--paper)"
        opacity="0.92"
      />
      {cause && <CauseMark cause={cause} x={right - 64} y={middle} />}
      <text
        x={right}
        y={middle + 4.5}
        fontSize="12.5"
        fontWeight={isSure ? 400 : 700}
        textAnchor="end"
        fill={isSure ? "var(--ash-text)" : "var(--text)"}
      >
        {say.ofWinters({ reached, winters })}
      </text>
      <rect x={right - 56} y={middle + 7} width={56 * share} height={2.5} fill="var(--moss)" />
      <rect
        x={right - 56 + 56 * share}
        y={middle + 7}
        width={56 * (1 - share)}
        height={2.5}
        fill="var(--frost-text)"
      />
    </g>
  );
}

/** Where the first picking may come: fading in from one year in five earlier to one in five later. */
function SpreadEdge(props: {
  spread: DateSpread;
  middle: number;
  x: TimeScale;
  patternId: string;
}) {
  const wording = useWording();
  const { spread, middle, x, patternId } = props;
  const { p20, p50, p80 } = spread;
  if (p20 === null) return null;
  const toDay = p80 ?? p50 ?? p20;
  const [fromX, toX] = [x(p20), x(toDay)];
  return (
    <rect
      x={fromX}
      y={middle - THICKNESS / 2}
      width={Math.max(2, toX - fromX)}
      height={THICKNESS}
      fill={`url(#${patternId}spread)`}
    >
      <title>{say.straysUntil({ early: wording.date(p20), late: wording.date(toDay) })}</title>
    </rect>
  );
}

/** What was planned, below what came of it: from the planned sowing to the day it would have been ready. */
function PlannedLine(props: {
  planned: NonNullable<StrandItem["planned"]>;
  lineY: number;
  x: TimeScale;
}) {
  const { planned, lineY, x } = props;
  const [fromX, toX] = [x(planned.sowDay), x(planned.readyDay ?? planned.sowDay)];
  return (
    <g stroke="var(--ash-text)" strokeWidth="1.2" fill="none">
      <title>{say.plannedDate}</title>
      <line x1={fromX} x2={toX} y1={lineY} y2={lineY} strokeDasharray="3 3" />
      <path d={`M${fromX},${lineY - 3} v5 M${toX},${lineY - 3} v5`} />
    </g>
  );
}

function knotWords(item: StrandItem, wording: LocalWording): string {
  const { sowDay, readyDay } = item.timeline;
  const ready =
    readyDay === null
      ? say.willNotBeReadyHere
      : say.ready3({ date: wording.date(readyDay, sowDay) });
  const known = item.happened?.isSown ? say.logged : "";
  const picked = item.happened?.pickedDays.length ?? 0;
  const times =
    picked === 0 ? "" : say.harvested2({ value: picked === 1 ? "once" : say.times({ picked }) });
  return say.sown2({ date: wording.date(sowDay), known, ready, times });
}
