"use client";

import { useRef, type KeyboardEvent } from "react";
import type { ScaleLinear } from "d3-scale";
import { chanceWords } from "@/words";
import { useDrag } from "@/ui/chart/index";
import { nearestRisk, RISKS, stepRisk } from "./frostCurves";
import { place as say } from "@/words/en/place";

interface Props {
  risk: number;
  y: ScaleLinear<number, number>;
  left: number;
  right: number;
  /** Where along the line its grip sits, clear of what it crosses. */
  gripX: number;
  /** What the risk means, for screen readers. */
  words: string;
  onPreview: (risk: number) => void;
  /** A step by keys: kept after a moment's rest. */
  onNudge: (risk: number) => void;
  onRisk: (risk: number) => void;
}

const GRIP = { width: 118, height: 26 };
/** What a finger hits. */
const TOUCH_PX = 44;
const STEPS: Record<string, number> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
  PageUp: 3,
  PageDown: -3,
  Home: -RISKS.length,
  End: RISKS.length,
};

/** The risk taken, as a line across the curves that is dragged up and down, or moved by keys. */
export function RiskLine({
  risk,
  y,
  left,
  right,
  gripX,
  words,
  onPreview,
  onNudge,
  onRisk,
}: Props) {
  const last = useRef<number | null>(null);
  const drag = useDrag({
    onMove(_dx, _dy, { currentTarget, clientY }) {
      const svg = (currentTarget as SVGElement).ownerSVGElement;
      last.current = nearestRisk(y.invert(clientY - (svg?.getBoundingClientRect().top ?? 0)));
      onPreview(last.current);
    },
    onEnd(moved) {
      if (moved && last.current !== null) onRisk(last.current);
      last.current = null;
    },
    onCancel() {
      last.current = null;
      onPreview(risk);
    },
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const steps = STEPS[event.key];
    if (steps === undefined) return;
    event.preventDefault();
    onNudge(stepRisk(risk, steps));
  };
  const at = y(risk);
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={say.acceptedFrostRisk}
      aria-valuemin={RISKS[0]}
      aria-valuemax={RISKS.at(-1)}
      aria-valuenow={risk}
      aria-valuetext={words}
      className="risk-line"
      style={{ cursor: "ns-resize" }}
      onKeyDown={onKeyDown}
      {...drag}
    >
      <rect
        x={left}
        y={at - TOUCH_PX / 2}
        width={right - left}
        height={TOUCH_PX}
        fill="transparent"
      />
      <line
        x1={left}
        x2={right}
        y1={at}
        y2={at}
        stroke="var(--ember-text)"
        strokeWidth="2"
        strokeDasharray="6 4"
      />
      <rect
        x={gripX - GRIP.width / 2}
        y={at - GRIP.height / 2}
        width={GRIP.width}
        height={GRIP.height}
        rx={13}
        fill="var(--paper)"
        stroke="var(--ember-text)"
        strokeWidth="2"
      />
      <text
        x={gripX}
        y={at + 4.5}
        fontSize="13"
        fontWeight="700"
        textAnchor="middle"
        style={{ fill: "var(--ember-text)" }}
      >
        {`↕ ${chanceWords(risk)}`}
      </text>
    </g>
  );
}
