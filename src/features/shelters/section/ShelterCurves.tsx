"use client";

import Box from "@mui/material/Box";
import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import type { KeyboardEvent, PointerEvent } from "react";
import type { ShelterDays } from "@/core/frostNight";
import { useSize } from "@/ui/chart/index";
import { useWording } from "@/ui/wording";
import { curvesOf, labelPlaces, stepWords } from "./curves";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  days: ShelterDays;
  /** The quarter hour looked at. */
  step: number;
  onStep: (step: number) => void;
}

const HEIGHT = 210;
const LEFT = 44;
const RIGHT = 112;
const TOP = 12;
const FOOT = 24;
const STEPS_PER_HOUR = 4;

/** Two days of temperatures outside, in each space, at the crop and in the soil. */
export function ShelterCurves({ days, step, onStep }: Props) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const { fromStep, toStep } = days;
  const curves = curvesOf(days, wording);
  const all = curves.flatMap(({ values }) => [...values.subarray(fromStep, toStep)]);
  const x = scaleLinear([fromStep, toStep - 1], [LEFT, Math.max(LEFT + 1, width - RIGHT)]);
  const y = scaleLinear([Math.min(...all, 0) - 1, Math.max(...all, 2) + 1], [HEIGHT - FOOT, TOP]);
  const clamp = (at: number) => Math.min(toStep - 1, Math.max(fromStep, Math.round(at)));
  const point = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    onStep(clamp(x.invert(event.clientX - box.left)));
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1, PageDown: -STEPS_PER_HOUR, PageUp: STEPS_PER_HOUR }[
      event.key
    ];
    if (by === undefined) return;
    event.preventDefault();
    onStep(clamp(step + by));
  };
  const places = labelPlaces(curves.map(({ values }) => y(values[toStep - 1] ?? 0)));
  return (
    <Box ref={attach} sx={{ width: "100%", height: HEIGHT }}>
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          onPointerMove={(event) => {
            if (event.pointerType === "mouse" || event.buttons > 0) point(event);
          }}
          onPointerDown={point}
          style={{ touchAction: "pan-y" }}
        >
          {y.ticks(5).map((tick) => (
            <g key={tick}>
              <line
                x1={LEFT}
                x2={width - RIGHT}
                y1={y(tick)}
                y2={y(tick)}
                stroke={tick === 0 ? "var(--frost-text)" : "var(--line)"}
                strokeWidth={tick === 0 ? 1.5 : 1}
              />
              <text x={LEFT - 6} y={y(tick) + 4} fontSize="12" textAnchor="end">
                {wording.temperature(tick)}
              </text>
            </g>
          ))}
          {HOURS_NAMED.map((hour) => {
            const at = fromStep + hour * STEPS_PER_HOUR;
            return (
              <text key={hour} x={x(at)} y={HEIGHT - 6} fontSize="12" textAnchor="middle">
                {hour % 24 === 0
                  ? wording.shortDate(Math.round(days.weather.firstDay + at / 96))
                  : `${hour % 24}:00`}
              </text>
            );
          })}
          {curves.map(({ name, values, look }) => (
            <path
              key={name}
              d={
                line<number>()
                  .x((at) => x(at))
                  .y((at) => y(values[at] ?? 0))(STEPS_SHOWN.map((at) => fromStep + at)) ?? ""
              }
              fill="none"
              {...look}
            />
          ))}
          {curves.map(({ name, look }, index) => (
            <text
              key={name}
              x={width - RIGHT + 6}
              y={(places[index] ?? 0) + 4}
              fontSize="12.5"
              fontWeight={look.strokeWidth > 2 ? 700 : 400}
              style={{ fill: look.stroke }}
            >
              {name}
            </text>
          ))}
          <g
            role="slider"
            tabIndex={0}
            aria-label={say.hourShown}
            aria-valuemin={0}
            aria-valuemax={toStep - 1 - fromStep}
            aria-valuenow={step - fromStep}
            aria-valuetext={stepWords(days, step, wording)}
            onKeyDown={onKeyDown}
            className="risk-line"
          >
            <line
              x1={x(step)}
              x2={x(step)}
              y1={TOP}
              y2={HEIGHT - FOOT}
              stroke="var(--text)"
              strokeWidth="1.25"
            />
            <rect
              x={x(step) - 5}
              y={TOP - 6}
              width="10"
              height="10"
              rx="2"
              fill="var(--text)"
              stroke="var(--surface)"
            />
          </g>
        </svg>
      )}
    </Box>
  );
}

const HOURS_NAMED = [0, 6, 12, 18, 24, 30, 36, 42];
const STEPS_SHOWN = Array.from({ length: 192 }, (_, index) => index);
