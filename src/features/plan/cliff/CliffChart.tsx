"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { memo, useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { cliffOf, type Growing } from "@/core/schedule";
import type { PlanSettings, Site } from "@/core/growth";
import { coverWords } from "@/words/covers";
import { timeScale, useSize } from "@/ui/chart/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { useLateAnswer } from "@/derive";
import { CliffAxes, CliffCurve } from "./CliffDrawing";
import {
  BOTTOM,
  inYearsOfTen,
  LEFT,
  lineStyle,
  placedLabels,
  TOP,
  type CliffLine,
} from "./cliffShape";
import { HelpMark } from "@/ui/frame";
import { cliff as cliffSay } from "@/words/en/cliff";
import { plan as say } from "@/words/en/plan";

interface Props {
  garden: Garden;
  /** The planting whose crop is looked at. */
  plantingId: string;
  site: Site;
  settings: PlanSettings;
  growing: Growing;
  /** Stacks of covers to compare, the open air first. */
  stacks: readonly (readonly string[])[];
  /** A day of the season whose sowings are compared. */
  aroundDay: DayNumber;
  /** The sowing looked at, and when it is ready. */
  sowDay: DayNumber;
  readyDay: DayNumber | null;
}

const LABEL_ROOM = 186;
const NARROW_LABEL_ROOM = 134;
const NARROW_LEFT = 48;
const NARROW_PX = 560;

/** The cliff: sown when, ready when, for each cover the crop could have. */
const CliffChart = memo(function CliffChart(props: Props) {
  const wording = useWording();
  const { site, settings, growing, stacks, aroundDay, sowDay, readyDay } = props;
  const [attach, { width, height }] = useSize();
  const season = site.season(aroundDay);
  const asked = { plantingId: props.plantingId, stacks, aroundDay: season.startDay };
  const shares = useLateAnswer("safeShares", asked, { garden: props.garden, site });
  const safeShares = shares.isLate ? null : shares.value;
  const curves = useMemo<CliffLine[]>(
    () =>
      stacks.map((covers, index) => ({
        name: coverWords(covers),
        cliff: cliffOf(site, settings, { ...growing, covers }, season.startDay),
        style: lineStyle(index),
      })),
    // The growing's own covers do not matter here: each curve has its own.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [
      site,
      settings,
      stacks,
      season.startDay,
      growing.crop,
      growing.variety,
      growing.method,
      growing.stage,
    ],
  );
  const narrow = width < NARROW_PX;
  const left = narrow ? NARROW_LEFT : LEFT;
  const right = width - (narrow ? NARROW_LABEL_ROOM : LABEL_ROOM);
  const firstDay = curves[0]?.cliff.sowDays[0] ?? season.startDay;
  const x = timeScale(firstDay, season.midwinterDay - 45, left, right);
  const days = curves.flatMap((curve) => curve.cliff.readyDays.filter((day) => day !== null));
  const y = timeScale(
    Math.min(...days),
    Math.min(Math.max(...days), season.endDay),
    TOP,
    height - BOTTOM,
  );
  const name = `${growing.crop.name.toLowerCase()}${growing.stage === "baby" ? say.babyLeaf2 : ""}`;
  return (
    <Box
      sx={{
        height: "100%",
        display: "flex",
        flexDirection: "column",
        "@media print": { height: "auto", display: "block" },
      }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", px: 2, pt: 0.5 }}>
        <Typography variant="h2">
          {cliffSay.howSowingDateChangesReadyDateThe({ name, narrow })}
        </Typography>
        <HelpMark term="cliff" />
      </Box>
      <Box ref={attach} sx={{ flex: 1, minHeight: 0 }}>
        {width > 0 && height > 40 && days.length > 0 && (
          <svg
            className="fits-page"
            width={width}
            height={height}
            viewBox={`0 0 ${width} ${height}`}
            style={{ display: "block" }}
            role="img"
            aria-label={cliffWords(curves, safeShares, name, wording)}
          >
            <CliffAxes x={x} y={y} width={width} height={height} left={left} right={right} />
            {curves.map((curve, index) => (
              <CliffCurve
                key={curve.name}
                curve={curve}
                safeShare={safeShares?.[index] ?? null}
                x={x}
                y={y}
                narrow={narrow}
              />
            ))}
            {placedLabels(curves, x, y, height).map((label) => (
              <text
                key={label.name}
                x={right + 8}
                y={label.y + 4}
                fontSize={narrow ? 11 : 12.5}
                fontWeight="600"
                style={{ fill: label.color }}
              >
                {label.name}
              </text>
            ))}
            {readyDay !== null && readyDay <= (y.domain()[1] ?? 0) && sowDay >= firstDay && (
              <circle
                cx={x(sowDay)}
                cy={y(readyDay)}
                r={6.5}
                fill="var(--ember)"
                stroke="var(--text)"
                strokeWidth="2"
              />
            )}
          </svg>
        )}
      </Box>
    </Box>
  );
});
export default CliffChart;

function cliffWords(
  curves: CliffLine[],
  safeShares: readonly (number | null)[] | null,
  name: string,
  wording: LocalWording,
): string {
  const parts = curves.map(({ name: cover, cliff }, index) => {
    if (cliff.lastSafeDay === null) {
      return `${cover}: ${cliff.hasCliff ? cliffSay.noSafeSowingDate : cliffSay.noCliffADaysDelayCostsAboutADay}`;
    }
    const words = cliffSay.lastSafeSowingDate({ cover, date: wording.date(cliff.lastSafeDay) });
    return inYearsOfTen(words, safeShares?.[index] ?? null);
  });
  return cliffSay.readyDateBySowingDateFor({ name, parts: parts.join("; ") });
}
