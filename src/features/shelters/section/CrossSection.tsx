"use client";

import Box from "@mui/material/Box";
import type { ShelterDays } from "@/core/frostNight";
import { materials, type Material } from "@/core/shelter";
import { useSize } from "@/ui/chart/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { timeWords } from "./curves";
import { sectionOf, type SectionShape } from "./sectionShape";
import type { CoveredBeds } from "../stacks";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  group: CoveredBeds;
  days: ShelterDays;
  step: number;
}

const HEIGHT = 230;
const GROUND_PX = 62;
const NARROW_PX = 340;
const ABOVE_PX = 8;

/** The shelter cut across, to scale, with the temperature of each space at the hour looked at. */
export function CrossSection({ group, days, step }: Props) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const layers = group.covers.flatMap((id) => materials.get(id) ?? []);
  const shape = sectionOf(group, layers);
  const pxPerM = Math.min((width - 40) / shape.widthM, (HEIGHT - GROUND_PX - 26) / shape.heightM);
  const x = (m: number) => width / 2 + (m - shape.widthM / 2) * pxPerM;
  const y = (m: number) => HEIGHT - GROUND_PX - m * pxPerM;
  // Words wider than what they are about stand above it.
  const isNarrow = layers[0]?.kind !== "house" && shape.widthM * pxPerM < NARROW_PX;
  const temp = (values: Float64Array | undefined) => wording.temperature(values?.[step] ?? 0, 1);
  const outside = days.weather.airC;
  return (
    <Box ref={attach} sx={{ width: "100%", height: HEIGHT }}>
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={words(days, layers, step, wording)}
        >
          <rect x="0" y="0" width={width} height={y(0)} fill={tint(outside[step] ?? 0)} />
          <rect
            x="0"
            y={y(0)}
            width={width}
            height={GROUND_PX}
            fill="var(--straw)"
            fillOpacity="0.45"
          />
          {shape.arches.map((arch, index) => (
            <path
              key={index}
              d={archPath(arch, x, y)}
              fill={tint(days.run.spacesC[arch.layer]?.[step] ?? 0)}
              stroke={arch.layer === 0 ? "var(--text)" : "var(--frost-text)"}
              strokeWidth={arch.layer === 0 ? 2.5 : 1.8}
              strokeDasharray={layers[arch.layer]?.kind === "sheet" ? "5 3" : undefined}
            />
          ))}
          {shape.beds.map((bed, index) => (
            <g key={index}>
              <rect
                x={x(bed.fromM)}
                y={y(0.06)}
                width={(bed.toM - bed.fromM) * pxPerM}
                height={0.06 * pxPerM + 5}
                fill="var(--ash)"
              />
              {[0.2, 0.5, 0.8].map((share) => (
                <circle
                  key={share}
                  cx={x(bed.fromM + share * (bed.toM - bed.fromM))}
                  cy={y(0.06) - 0.07 * pxPerM}
                  r={Math.max(3, 0.08 * pxPerM)}
                  fill="var(--moss)"
                  stroke="var(--moss-text)"
                />
              ))}
            </g>
          ))}
          <Label x={10} y={20} words={say.outside2({ temp: temp(outside) })} />
          {layers.slice(0, -1).map((layer, index) => (
            <Label
              key={layer.id}
              x={width / 2}
              y={y(shape.labelHeightsM[index] ?? 0)}
              words={say.text3({ shortName: layer.shortName, temp: temp(days.run.spacesC[index]) })}
              middle
            />
          ))}
          {layers.length > 0 && (
            <Label
              x={width / 2}
              y={
                isNarrow
                  ? y(shape.heightM / 1.12) - ABOVE_PX
                  : y(shape.labelHeightsM[layers.length - 1] ?? 0.3)
              }
              words={say.crop({ temp: temp(days.run.cropC) })}
              middle
              strong
            />
          )}
          <Label
            x={width / 2}
            y={y(0) + 28}
            words={say.soilAt5Cm({ depth: wording.distanceCm(5), temp: temp(days.run.soil5cmC) })}
            middle
          />
          <Label x={10} y={HEIGHT - 10} words={timeWords(days, step, wording)} />
        </svg>
      )}
    </Box>
  );
}

interface LabelProps {
  x: number;
  y: number;
  words: string;
  middle?: boolean;
  strong?: boolean;
}

function Label({ x, y, words: text, middle, strong }: LabelProps) {
  return (
    <text
      x={x}
      y={y}
      fontSize={strong ? 19 : 14}
      fontWeight={strong ? 700 : 400}
      textAnchor={middle ? "middle" : "start"}
      paintOrder="stroke"
      stroke="var(--surface)"
      strokeWidth="4"
      strokeLinejoin="round"
    >
      {text}
    </text>
  );
}

/** Half an ellipse over the ground; a frame has straight walls and a sloping light. */
function archPath(
  { fromM, toM, heightM, isFrame }: SectionShape["arches"][number],
  x: (m: number) => number,
  y: (m: number) => number,
): string {
  const [left, right, foot] = [x(fromM), x(toM), y(0)];
  if (isFrame)
    return `M${left},${foot}L${left},${y(heightM)}L${right},${y(heightM * 0.6)}L${right},${foot}Z`;
  const rx = (right - left) / 2;
  const ry = foot - y(heightM);
  return `M${left},${foot}A${rx},${ry} 0 0 1 ${right},${foot}Z`;
}

const FREEZING_FULL_C = -12;
const WARM_FULL_C = 24;

/** Cold is a wash of frost, warmth one of glow; the words say how much. */
function tint(tempC: number): string {
  const share = tempC < 4 ? (4 - tempC) / (4 - FREEZING_FULL_C) : (tempC - 4) / (WARM_FULL_C - 4);
  const percent = Math.round(Math.min(1, Math.max(0, share)) * 55);
  return `color-mix(in srgb, var(${tempC < 4 ? "--frost" : "--glow"}) ${percent}%, var(--surface))`;
}

function words(
  days: ShelterDays,
  layers: readonly Material[],
  step: number,
  wording: LocalWording,
): string {
  const at = (values: Float64Array | undefined) => wording.temperature(values?.[step] ?? 0, 1);
  const spaces = layers.map((layer, index) =>
    say.under({ shortName: layer.shortName, at: at(days.run.spacesC[index]) }),
  );
  return [
    say.outside3({ time: timeWords(days, step, wording), at: at(days.weather.airC) }),
    ...spaces,
    say.soil({ at: at(days.run.soil5cmC) }),
  ].join(", ");
}
