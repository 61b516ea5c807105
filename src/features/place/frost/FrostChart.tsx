"use client";

import Box from "@mui/material/Box";
import { scaleLinear } from "d3-scale";
import { useMemo } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import { FROST_THRESHOLDS_C, type Climate } from "@/core/climate";
import { chanceWords } from "@/words";
import { DayLine, SeasonAxis, timeScale, useSize } from "@/ui/chart/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { frostCurve, type FrostCurve } from "./frostCurves";
import { RiskLine } from "./RiskLine";
import { place as say } from "@/words/en/place";

interface Props {
  climate: Climate;
  season: Season;
  day: DayNumber;
  risk: number;
  onPreview: (risk: number) => void;
  onNudge: (risk: number) => void;
  onRisk: (risk: number) => void;
}

const MARGIN = { top: 28, right: 22, bottom: 42, left: 44 };
const HEIGHT = 300;
const SHARES = [0, 0.2, 0.4, 0.6, 0.8, 1];
interface Look {
  thresholdC: number;
  dash?: string;
  width: number;
  colour: string;
  /** Share of its height at which the curve carries its name, and on which side of it. */
  labelAt: number;
  labelSide: "outside" | "above" | "inside";
}

const LOOKS: readonly Look[] = [
  {
    thresholdC: FROST_THRESHOLDS_C.light,
    dash: "2 4",
    width: 2,
    colour: "var(--ash-text)",
    labelAt: 0.75,
    labelSide: "outside",
  },
  {
    thresholdC: FROST_THRESHOLDS_C.killing,
    width: 3,
    colour: "var(--frost-text)",
    labelAt: 0.97,
    labelSide: "above",
  },
  {
    thresholdC: FROST_THRESHOLDS_C.hardFreeze,
    dash: "9 5",
    width: 2,
    colour: "var(--text)",
    labelAt: 0.42,
    labelSide: "inside",
  },
];

/** In how many years frost has come by a date, and is still to come after it, by threshold. */
export function FrostChart(props: Props) {
  const wording = useWording();
  const { climate, season, day, risk, onPreview, onNudge, onRisk } = props;
  const [attach, { width }] = useSize();
  const right = Math.max(MARGIN.left + 1, width - MARGIN.right);
  const y = useMemo(
    () =>
      scaleLinear()
        .domain([0, 1])
        .range([HEIGHT - MARGIN.bottom, MARGIN.top]),
    [],
  );
  const x = useMemo(
    () => timeScale(season.startDay, season.endDay, MARGIN.left, right),
    [season, right],
  );
  const curves = useMemo(
    () =>
      LOOKS.map((look) => ({
        ...look,
        ...frostCurve(climate, season, look, risk, x, y),
      })),
    [climate, season, risk, x, y],
  );
  const killing = curves[1];
  return (
    <Box ref={attach} sx={{ height: HEIGHT }}>
      {width > 0 && (
        <svg width={width} height={HEIGHT} style={{ display: "block" }}>
          <g role="img" aria-label={summary(curves, risk, wording)}>
            {SHARES.map((share) => (
              <g key={share}>
                <line
                  x1={MARGIN.left}
                  x2={right}
                  y1={y(share)}
                  y2={y(share)}
                  stroke="var(--line)"
                />
                <text x={MARGIN.left - 8} y={y(share) + 4} fontSize="12" textAnchor="end">
                  {share * 10}
                </text>
              </g>
            ))}
            <text x={0} y={12} fontSize="12" style={{ fill: "var(--ash-text)" }}>
              {say.yearsIn10}
            </text>
            <SeasonAxis season={season} x={x} width={width} y={HEIGHT - 6} />
            <DayLine day={day} x={x} top={MARGIN.top} bottom={y(0)} />
            {curves.map((curve) => (
              <Curve key={curve.thresholdC} curve={curve} narrow={width < 460} />
            ))}
          </g>
          {killing && (
            <>
              <Crossing day={killing.firstDay} x={x} top={y(risk)} bottom={y(0)} />
              <Crossing day={killing.lastDay} x={x} top={y(risk)} bottom={y(0)} />
            </>
          )}
          <RiskLine
            risk={risk}
            y={y}
            left={MARGIN.left}
            right={right}
            gripX={betweenCrossings(killing, x) ?? (MARGIN.left + right) / 2}
            words={riskWords(risk, killing, wording)}
            onPreview={onPreview}
            onNudge={onNudge}
            onRisk={onRisk}
          />
        </svg>
      )}
    </Box>
  );
}

type DrawnCurve = FrostCurve & Look;

/** How far a name stands from its curve, and which of its ends is there. */
const BESIDE = {
  outside: { dx: -8, dy: 4, anchor: "end" },
  above: { dx: 0, dy: -10, anchor: "middle" },
  inside: { dx: 8, dy: 4, anchor: "start" },
} as const;
const MIRRORED = { end: "start", middle: "middle", start: "end" } as const;

function Curve({ curve, narrow }: { curve: DrawnCurve; narrow: boolean }) {
  const wording = useWording();
  const { first, last, dash, width, colour, most, firstLabel, lastLabel, thresholdC } = curve;
  const beside = BESIDE[curve.labelSide];
  const name = wording.temperature(thresholdC, 1);
  return (
    <g>
      <path d={first} fill="none" stroke={colour} strokeWidth={width} strokeDasharray={dash} />
      <path d={last} fill="none" stroke={colour} strokeWidth={width} strokeDasharray={dash} />
      {most > 0.08 &&
        [firstLabel, ...(narrow ? [] : [lastLabel])].map((at, index) => (
          <text
            key={index}
            x={at.x + (index === 0 ? beside.dx : -beside.dx)}
            y={at.y + beside.dy}
            fontSize="12"
            fontWeight="700"
            textAnchor={index === 0 ? beside.anchor : MIRRORED[beside.anchor]}
            style={{ fill: colour, paintOrder: "stroke" }}
            stroke="var(--paper)"
            strokeWidth="4"
          >
            {name}
          </text>
        ))}
    </g>
  );
}

interface CrossingProps {
  day: DayNumber | null;
  x: (day: DayNumber) => number;
  top: number;
  bottom: number;
}

/** Where the risk meets killing frost: its date at the foot. */
function Crossing({ day, x, top, bottom }: CrossingProps) {
  const wording = useWording();
  if (day === null) return null;
  return (
    <g>
      <line x1={x(day)} x2={x(day)} y1={top} y2={bottom + 4} stroke="var(--ember-text)" />
      <circle cx={x(day)} cy={top} r={4} fill="var(--ember-text)" />
      <text
        x={x(day)}
        y={bottom + 17}
        fontSize="13"
        fontWeight="700"
        textAnchor="middle"
        style={{ fill: "var(--ember-text)" }}
      >
        {wording.shortDate(day)}
      </text>
    </g>
  );
}

/** The middle of the winter between first and last killing frost; null where there is none. */
function betweenCrossings(
  killing: FrostCurve | undefined,
  x: (day: DayNumber) => number,
): number | null {
  if (!killing || killing.firstDay === null || killing.lastDay === null) return null;
  return (x(killing.firstDay) + x(killing.lastDay)) / 2;
}

function riskWords(risk: number, killing: FrostCurve | undefined, wording: LocalWording): string {
  const first = killing?.firstDay ?? null;
  const when = first === null ? say.rareHere : say.by2({ date: wording.date(first) });
  return say.killingFrost({ chance: chanceWords(risk), when });
}

function summary(curves: readonly DrawnCurve[], risk: number, wording: LocalWording): string {
  const each = curves.map(({ thresholdC, firstDay, lastDay }) => {
    const name = wording.temperature(thresholdC, 1);
    if (firstDay === null) return say.rare({ name });
    const until = lastDay === null ? "" : say.andLastOrLater({ date: wording.date(lastDay) });
    return say.by({ name, date: wording.date(firstDay), until });
  });
  return say.frostOddsOverTheSeason({ chance: chanceWords(risk), each: each.join("; ") });
}
