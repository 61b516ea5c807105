"use client";

import Box from "@mui/material/Box";
import { useId, useMemo } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { horizonOver, type Garden } from "@/core/garden";
import { cornersOf, patchesOf, type Outline } from "@/core/layout";
import { groundSun } from "@/core/schedule";
import { layoutOf, restName } from "@/core/bedSpace";
import { plantingName, plantsIn } from "@/core/plantings";
import type { Site } from "@/core/growth";
import type { Rest } from "@/core/soil";
import { Hatch, useSize } from "@/ui/chart/index";
import { setView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { BedHandles } from "./BedHandles";
import { BedShape } from "./BedShape";
import { CarriedNote } from "./CarriedNote";
import { mapScale, nearestBed, partOf, patchOutline, pathOf, type MapScale } from "./mapScale";
import { useMoving, type Carried } from "./useMoving";
import { PlantsCanvas } from "./PlantsCanvas";
import { useLaying } from "./useLaying";
import { beds as say } from "@/words/en/beds";

interface Props {
  garden: Garden;
  /** Null while the place is not known: then there is nothing to grow. */
  site: Site | null;
  day: DayNumber;
  selectedBedId: string | null;
  layingOut: boolean;
}

/** The plot from above, to scale: shelters, beds with their plants, covers, sun, north. */
export function BedMap({ garden, site, day, selectedBedId, layingOut }: Props) {
  const wording = useWording();
  const [attach, { width, height }] = useSize();
  const hatchId = useId();
  const restId = useId();
  const layout = layoutOf(garden);
  const scale = useMemo(() => mapScale(layout.plot, width, height), [layout.plot, width, height]);
  const laying = useLaying(garden);
  const moving = useMoving(garden, site, layout.beds, scale);
  const { carried } = moving;
  const beds = useMemo(() => [...garden.beds.values()], [garden.beds]);
  const plants = useMemo(
    () => new Map(beds.map((bed) => [bed.id, site ? plantsIn(site, garden, bed, day) : NO_PLANTS])),
    [beds, garden, site, day],
  );
  const outlineOf = (id: string): Outline | undefined =>
    laying.pending?.id === id ? laying.pending.outline : layout.beds.get(id);
  const outlineEntry = (id: string): [string, Outline][] => {
    const outline = outlineOf(id);
    return outline ? [[id, outline]] : [];
  };
  const selectedBed = selectedBedId === null ? undefined : garden.beds.get(selectedBedId);
  const selectedOutline = selectedBed && outlineOf(selectedBed.id);
  const sunOf = (bedId: string) => {
    const bed = garden.beds.get(bedId);
    return site && bed ? groundSun(site, horizonOver(garden, bed), day).directSunH : null;
  };
  return (
    <Box ref={attach} sx={{ height: "100%", position: "relative", overflow: "hidden" }}>
      {width > 0 && (
        <>
          <svg width={width} height={height} style={{ position: "absolute", inset: 0 }}>
            <defs>
              <pattern id={restId} width="9" height="9" patternUnits="userSpaceOnUse">
                <rect width="9" height="9" fill="var(--straw)" fillOpacity="0.55" />
                <path d="M2 3 l2.5 2 M6 7 l2 -2.5" stroke="var(--ash-text)" strokeWidth="1.1" />
              </pattern>
              <Hatch
                id={hatchId}
                every={7}
                lineWidth={1.2}
                line="var(--frost-text)"
                opacity={0.55}
              />
            </defs>
            <rect
              x={scale.left}
              y={scale.top}
              width={layout.plot.lengthM * scale.pxPerM}
              height={layout.plot.widthM * scale.pxPerM}
              fill="var(--surface)"
              stroke="var(--line)"
            />
            {[...layout.shelters].map(([id, outline]) => (
              <path
                key={id}
                d={pathOf(scale, cornersOf(outline))}
                fill="none"
                stroke="var(--frost-text)"
                strokeWidth="2"
                strokeDasharray="1 0"
              >
                <title>{garden.shelters.get(id)?.name}</title>
              </path>
            ))}
            {beds.map((bed) => {
              const outline = outlineOf(bed.id);
              const sunH = sunOf(bed.id);
              return outline && sunH !== null ? (
                <path
                  key={bed.id}
                  d={pathOf(scale, cornersOf(outline))}
                  fill="var(--glow)"
                  opacity={SUN_WASH * Math.min(1, sunH / FULL_SUN_H)}
                />
              ) : null;
            })}
            {[...garden.rests.values()].map((rest) => {
              const outline = outlineOf(rest.bedId);
              return outline && isResting(rest, day) ? (
                <path
                  key={rest.id}
                  d={pathOf(scale, cornersOf(partOf(outline, rest)))}
                  fill={`url(#${restId})`}
                  stroke="var(--ash-text)"
                >
                  <title>{restName(rest)}</title>
                </path>
              ) : null;
            })}
            <NorthArrow
              x={scale.left + 18}
              y={scale.top + 24}
              bearingDeg={layout.plot.upBearingDeg}
            />
          </svg>
          <PlantsCanvas
            width={width}
            height={height}
            scale={scale}
            beds={beds.flatMap((bed) => {
              const outline = outlineOf(bed.id);
              return outline ? [{ outline, plants: plants.get(bed.id) ?? NO_PLANTS }] : [];
            })}
          />
          <svg
            width={width}
            height={height}
            style={{ position: "absolute", inset: 0 }}
            onClick={(event) => {
              // Drawn to scale a bed can be narrower than a finger: what is hit is what is nearest.
              if (event.target !== event.currentTarget) return;
              const box = event.currentTarget.getBoundingClientRect();
              const nearest = nearestBed(
                new Map(beds.flatMap((bed) => outlineEntry(bed.id))),
                scale,
                event.clientX - box.left,
                event.clientY - box.top,
              );
              if (nearest !== null) setView({ selectedBedId: nearest, selectedPlantingId: null });
            }}
          >
            {beds.map((bed) => {
              const outline = outlineOf(bed.id);
              return outline ? (
                <BedShape
                  key={bed.id}
                  bed={bed}
                  outline={outline}
                  scale={scale}
                  plants={plants.get(bed.id) ?? NO_PLANTS}
                  directSunH={sunOf(bed.id)}
                  coverPattern={bed.covers.length > 0 ? hatchId : null}
                  selected={bed.id === (carried?.bed.id ?? selectedBedId)}
                  {...{ layingOut, laying, moving }}
                  onSelect={() => setView({ selectedBedId: bed.id, selectedPlantingId: null })}
                />
              ) : null;
            })}
            {layingOut && selectedBed && selectedOutline && (
              <BedHandles
                bed={selectedBed}
                outline={selectedOutline}
                scale={scale}
                laying={laying}
              />
            )}
            {carried && (
              <CarriedPart carried={carried} outline={outlineOf(carried.bed.id)} scale={scale} />
            )}
          </svg>
          {carried && (
            <CarriedNote
              carried={carried}
              name={plantingName(garden, carried.planting)}
              {...{ width, height, wording }}
            />
          )}
        </>
      )}
    </Box>
  );
}

/** How deep the wash of a full summer day's sun is. */
const SUN_WASH = 0.5;
const FULL_SUN_H = 14;

const NO_PLANTS: readonly never[] = [];

function isResting({ fromOn, untilOn }: Rest, day: DayNumber): boolean {
  return dayNumber(fromOn) <= day && day < dayNumber(untilOn);
}

/** The ground that a carried planting would take, hatched where it cannot. */
function CarriedPart(props: { carried: Carried; outline: Outline | undefined; scale: MapScale }) {
  const { carried, outline, scale } = props;
  if (!outline) return null;
  const { planting, fromM, across, meanings } = carried;
  const patches = patchesOf({ fromM, lengthM: planting.lengthM, across }, outline.widthM);
  const stops = meanings.some(({ kind }) => kind === "stops");
  return (
    <path
      d={patches.map((patch) => pathOf(scale, cornersOf(patchOutline(outline, patch)))).join("")}
      fill="var(--glow)"
      fillOpacity={stops ? 0.15 : 0.5}
      stroke="var(--ember)"
      strokeWidth="2.5"
      strokeDasharray={stops ? "4 4" : undefined}
      pointerEvents="none"
    />
  );
}

function NorthArrow({ x, y, bearingDeg }: { x: number; y: number; bearingDeg: number }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${-bearingDeg})`} role="img" aria-label={say.north}>
      <path d="M0,-14 L6,8 L0,4 L-6,8 Z" fill="var(--text)" />
      <text y={22} fontSize="11" textAnchor="middle">
        N
      </text>
    </g>
  );
}
