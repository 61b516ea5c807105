"use client";

import Box from "@mui/material/Box";
import { useId, useMemo } from "react";
import { civilDate, type DayNumber } from "@/core/calendar";
import { sunPositionAt, type Horizon } from "@/core/sky";
import { Hatch, useSize } from "@/ui/chart/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { addPoint, movePoint, removePoint } from "./horizonEdit";
import { framingDays, panoramaScales, skylinePath, sunPath } from "./panoramaShape";
import { SkylinePoint } from "./SkylinePoint";
import { place as say } from "@/words/en/place";

interface Props {
  latitudeDeg: number;
  horizon: Horizon;
  /** False while the skyline shown is another's: then it is looked at, not drawn. */
  editable: boolean;
  day: DayNumber;
  onPreview: (horizon: Horizon | null) => void;
  /** A step by keys: kept after a moment's rest. */
  onNudge: (horizon: Horizon) => void;
  onChange: (horizon: Horizon) => void;
}

const MARGIN = { top: 12, right: 12, bottom: 22, left: 34 };
const HEIGHT = 236;
const DIRECTIONS = [
  { azimuthDeg: 0, name: "N" },
  { azimuthDeg: 45, name: "NE" },
  { azimuthDeg: 90, name: "E" },
  { azimuthDeg: 135, name: "SE" },
  { azimuthDeg: 180, name: "S" },
  { azimuthDeg: 225, name: "SW" },
  { azimuthDeg: 270, name: "W" },
  { azimuthDeg: 315, name: "NW" },
];
const HOURS_MARKED = [6, 8, 10, 12, 14, 16, 18];
const HEIGHTS_DEG = [0, 20, 40, 60];

/** All that stands around the garden, from north to north, with the sun's ways above it. */
export function Panorama(props: Props) {
  const wording = useWording();
  const { latitudeDeg, horizon, editable, day, onPreview, onNudge, onChange } = props;
  const [attach, { width }] = useSize();
  const ids = useId();
  const right = Math.max(MARGIN.left + 1, width - MARGIN.right);
  const scales = useMemo(
    () => panoramaScales(latitudeDeg, MARGIN.left, right, MARGIN.top, HEIGHT - MARGIN.bottom),
    [latitudeDeg, right],
  );
  const pointAt = (event: React.MouseEvent<Element>) => {
    const box = event.currentTarget.closest("svg")?.getBoundingClientRect();
    return {
      azimuthDeg: scales.azimuthAt(event.clientX - (box?.left ?? 0)),
      elevationDeg: Math.max(0, scales.elevationAt(event.clientY - (box?.top ?? 0))),
    };
  };
  const year = civilDate(day).year;
  return (
    <Box ref={attach} sx={{ height: HEIGHT }}>
      {width > 0 && (
        <svg width={width} height={HEIGHT} style={{ display: "block" }}>
          <defs>
            <linearGradient id={`${ids}sky`} x1="0" y1="0" x2="0" y2="1">
              <stop offset="0" stopColor="var(--selected)" />
              <stop offset="1" stopColor="var(--paper)" />
            </linearGradient>
            <Hatch id={`${ids}land`} every={7} lineWidth={1.5} line="var(--ash)" ground="#6b625b" />
          </defs>
          <rect
            x={MARGIN.left}
            y={MARGIN.top}
            width={right - MARGIN.left}
            height={HEIGHT - MARGIN.bottom - MARGIN.top}
            fill={`url(#${ids}sky)`}
            style={{ cursor: editable ? "copy" : "default" }}
            onClick={(event) => {
              if (editable) onChange(addPoint(horizon, pointAt(event)));
            }}
          />
          <g role="img" aria-label={panoramaWords(horizon, latitudeDeg, day, wording)}>
            {HEIGHTS_DEG.map((height) => (
              <text
                key={height}
                x={MARGIN.left - 6}
                y={scales.y(height) + 4}
                fontSize="12"
                textAnchor="end"
              >{`${height}°`}</text>
            ))}
            {DIRECTIONS.map(({ azimuthDeg, name }) => (
              <text
                key={name}
                x={scales.x(azimuthDeg)}
                y={HEIGHT - 5}
                fontSize="12"
                fontWeight={name.length === 1 ? 700 : 400}
                textAnchor={azimuthDeg === scales.leftDeg ? "start" : "middle"}
              >
                {name}
              </text>
            ))}
            <path d={skylinePath(horizon, scales)} fill={`url(#${ids}land)`} pointerEvents="none" />
            <g pointerEvents="none">
              {framingDays(latitudeDeg, year).map(({ name, day: framing }) => (
                <FramingPath
                  key={name}
                  name={name}
                  path={sunPath(latitudeDeg, framing, scales)}
                  noon={sunPositionAt(latitudeDeg, framing, 12)}
                  named={isApart(latitudeDeg, framing, day)}
                  scales={scales}
                />
              ))}
            </g>
            <g pointerEvents="none">
              <path
                d={sunPath(latitudeDeg, day, scales)}
                fill="none"
                stroke="var(--ember)"
                strokeWidth="2.5"
              />
              {HOURS_MARKED.map((hour) => (
                <SunAtHour
                  key={hour}
                  hour={hour}
                  at={sunPositionAt(latitudeDeg, day, hour)}
                  scales={scales}
                />
              ))}
            </g>
          </g>
          {editable &&
            horizon.map((point, index) => (
              <SkylinePoint
                key={index}
                point={point}
                x={scales.x(point.azimuthDeg)}
                y={scales.y(point.elevationDeg)}
                at={pointAt}
                onPreview={(to) => onPreview(movePoint(horizon, index, to))}
                onNudge={(to) => onNudge(movePoint(horizon, index, to))}
                onMove={(to) => onChange(movePoint(horizon, index, to))}
                onRemove={() => onChange(removePoint(horizon, index))}
                onCancel={() => onPreview(null)}
              />
            ))}
        </svg>
      )}
    </Box>
  );
}

type Scales = ReturnType<typeof panoramaScales>;
type Sun = ReturnType<typeof sunPositionAt>;

function FramingPath({
  name,
  path,
  noon,
  named,
  scales,
}: {
  name: string;
  path: string;
  noon: Sun;
  named: boolean;
  scales: Scales;
}) {
  return (
    <g>
      <path d={path} fill="none" stroke="var(--paper)" strokeWidth="3" opacity="0.55" />
      <path d={path} fill="none" stroke="var(--ash-text)" strokeDasharray="3 4" />
      {named && noon.elevationDeg > 3 && (
        <text
          x={scales.x(noon.azimuthDeg)}
          y={scales.y(noon.elevationDeg) - 5}
          fontSize="12"
          textAnchor="middle"
          style={{ fill: "var(--ash-text)", paintOrder: "stroke" }}
          stroke="var(--paper)"
          strokeWidth="3"
        >
          {name}
        </text>
      )}
    </g>
  );
}

function SunAtHour({ hour, at, scales }: { hour: number; at: Sun; scales: Scales }) {
  if (at.elevationDeg < 0) return null;
  const [x, y] = [scales.x(at.azimuthDeg), scales.y(at.elevationDeg)];
  return (
    <g>
      <circle cx={x} cy={y} r={4.5} fill="var(--glow)" stroke="var(--ember-text)" />
      <text
        x={x}
        y={y - 9}
        fontSize="12"
        textAnchor="middle"
        style={{ paintOrder: "stroke" }}
        stroke="var(--paper)"
        strokeWidth="3"
      >
        {hour}
      </text>
    </g>
  );
}

const LEAST_APART_DEG = 7;

/** Whether a framing path runs far enough from the day's own for both to be named. */
function isApart(latitudeDeg: number, framing: DayNumber, day: DayNumber): boolean {
  const noon = (of: DayNumber) => sunPositionAt(latitudeDeg, of, 12).elevationDeg;
  return Math.abs(noon(framing) - noon(day)) > LEAST_APART_DEG;
}

function panoramaWords(
  horizon: Horizon,
  latitudeDeg: number,
  day: DayNumber,
  wording: LocalWording,
): string {
  const highest = horizon.reduce((most, { elevationDeg }) => Math.max(most, elevationDeg), 0);
  const noon = Math.round(sunPositionAt(latitudeDeg, day, 12).elevationDeg);
  return say.skylineFromNorthAroundToNorthOnThe({
    value: horizon.length === 0 ? say.levelAllAround : say.upToHigh({ highest }),
    date: wording.date(day),
    noon,
  });
}
