"use client";

import Box from "@mui/material/Box";
import { useEffect, useId, useMemo, useRef } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { standsAtOn } from "@/core/containers";
import { horizonOver, type Bed, type Garden } from "@/core/garden";
import { cornersOf, patchesOf, type Outline, type Plot, type Point } from "@/core/layout";
import { groundSun } from "@/core/schedule";
import { layoutOf, restName } from "@/core/bedSpace";
import { plantingName, plantsIn } from "@/core/plantings";
import type { Site } from "@/core/growth";
import type { Rest } from "@/core/soil";
import { placeWords } from "@/ui/containers";
import { Hatch, useSize } from "@/ui/chart/index";
import { setView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { BedHandles } from "./BedHandles";
import { BedShape } from "./BedShape";
import { CarriedNote } from "./CarriedNote";
import { BedName, PlantNames } from "./MapNames";
import { TrialStrips } from "./TrialStrips";
import {
  mapScale,
  nearestBed,
  partOf,
  patchOutline,
  pathOf,
  shownOf,
  wholePlot,
  type MapScale,
} from "./mapScale";
import { useMapZoom } from "./useMapZoom";
import { washed, type Wash } from "./wash";
import { ZoomButtons } from "./ZoomButtons";
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
  /** Room that the map has while no inspector is open, px. */
  roomWidth: number;
  /** What the ground is coloured by. */
  wash: Wash;
}

/** The plot from above, to scale: shelters, beds with their plants, covers, sun, north. */
export function BedMap({ garden, site, day, selectedBedId, layingOut, roomWidth, wash }: Props) {
  const wording = useWording();
  const [attach, { width, height }] = useSize();
  const hatchId = useId();
  const restId = useId();
  const outId = useId();
  const layout = layoutOf(garden);
  const { view, attachZoom, zoomBy, showAll, panBy } = useMapZoom();
  // The scale is that of the whole room: nothing jumps when the inspector takes a part of it.
  const fullWidth = Math.max(width, roomWidth);
  const shown = useMemo(
    () =>
      layingOut
        ? wholePlot(layout.plot)
        : shownOf(layout.plot, [...layout.beds.values(), ...layout.shelters.values()]),
    [layout, layingOut],
  );
  const scale = useMemo(
    () => mapScale(shown, fullWidth, height, view),
    [shown, fullWidth, height, view],
  );
  const laying = useLaying(garden);
  const moving = useMoving(garden, site, layout.beds, scale);
  const { carried } = moving;
  const beds = useMemo(() => [...garden.beds.values()], [garden.beds]);
  const plants = useMemo(
    () => new Map(beds.map((bed) => [bed.id, site ? plantsIn(site, garden, bed, day) : NO_PLANTS])),
    [beds, garden, site, day],
  );
  const washes = useMemo(
    () => new Map(beds.map((bed) => [bed.id, washed(site, garden, bed, day, wash)])),
    [beds, garden, site, day, wash],
  );
  const outlineOf = (id: string): Outline | undefined =>
    laying.pending?.id === id ? laying.pending.outline : layout.beds.get(id);
  const goingOn = [...garden.trials.values()].filter(
    ({ verdict, laidOn }) => verdict === null && dayNumber(laidOn) <= day,
  );
  // The letters of the strips stand where the names would.
  const onTrial = new Set(goingOn.flatMap(({ plots }) => plots.map(({ bedId }) => bedId)));
  const outlineEntry = (id: string): [string, Outline][] => {
    const outline = outlineOf(id);
    return outline ? [[id, outline]] : [];
  };
  const selectedBed = selectedBedId === null ? undefined : garden.beds.get(selectedBedId);
  const selectedOutline = selectedBed && outlineOf(selectedBed.id);
  // A bed that the inspector would hide comes into sight.
  const hiddenPx = selectedOutline ? hiddenBy(scale, selectedOutline, width) : 0;
  const shownFor = useRef("");
  useEffect(() => {
    // Once for each bed that is chosen: who then moves the map away means it.
    const key = `${selectedBedId}|${width}`;
    if (width === 0 || shownFor.current === key) return;
    shownFor.current = key;
    if (hiddenPx !== 0) panBy(-hiddenPx, 0);
  }, [selectedBedId, width, hiddenPx, panBy]);
  const placeOf = ({ container }: Bed): string | null => {
    const at = container && standsAtOn(container, day);
    return at && at.kind !== "outdoors" ? placeWords(garden, at) : null;
  };
  const sunOf = (bedId: string) => {
    const bed = garden.beds.get(bedId);
    return site && bed ? groundSun(site, horizonOver(garden, bed), day).directSunH : null;
  };
  return (
    <Box
      ref={attach}
      sx={{ height: "100%", position: "relative", overflow: "hidden", touchAction: "pan-x pan-y" }}
    >
      <Box ref={attachZoom} sx={{ position: "absolute", inset: 0 }}>
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
                <Hatch id={outId} every={9} lineWidth={1.6} line="var(--ash-text)" opacity={0.75} />
              </defs>
              <path
                d={pathOf(scale, plotCorners(layout.plot))}
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
              {beds.flatMap((bed) => {
                const outline = outlineOf(bed.id);
                if (!outline) return [];
                return (washes.get(bed.id) ?? []).map(({ patch, share, isOut }, index) => (
                  <path
                    key={`${bed.id} ${index}`}
                    d={pathOf(scale, cornersOf(patchOutline(outline, patch)))}
                    fill={isOut ? `url(#${outId})` : WASH_COLOURS[wash.by]}
                    opacity={isOut ? 1 : SUN_WASH * share}
                  />
                ));
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
                x={24}
                y={24}
                bearingDeg={layout.plot.upBearingDeg - (scale.turned ? 90 : 0)}
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
                    away={placeOf(bed) !== null}
                    {...{ layingOut, laying, moving }}
                    onSelect={() => setView({ selectedBedId: bed.id, selectedPlantingId: null })}
                  />
                ) : null;
              })}
              <g aria-hidden>
                {beds.map((bed) => {
                  const outline = outlineOf(bed.id);
                  return outline ? (
                    <g key={bed.id}>
                      {!layingOut && !onTrial.has(bed.id) && (
                        <PlantNames
                          {...{ outline, scale }}
                          plants={plants.get(bed.id) ?? NO_PLANTS}
                        />
                      )}
                      <BedName {...{ bed, outline, scale }} place={placeOf(bed)} />
                    </g>
                  ) : null;
                })}
              </g>
              {!layingOut && (
                <g aria-hidden pointerEvents="none">
                  {goingOn.map((trial) => (
                    <TrialStrips key={trial.id} {...{ trial, outlineOf, scale }} />
                  ))}
                </g>
              )}
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
      {width > 0 && <ZoomButtons {...{ zoomBy, showAll }} isWhole={view.k === 1} />}
    </Box>
  );
}

/** How far a bed reaches out of the map's room on the right, px; 0 where all of it is in sight. */
function hiddenBy(scale: MapScale, outline: Outline, width: number): number {
  const xs = cornersOf(outline).map((corner) => scale.at(corner).x);
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  const over = to + SIGHT_PX - width;
  // A bed longer than the room shows its beginning.
  return over > 0 ? Math.min(over, Math.max(0, from - SIGHT_PX)) : 0;
}
const SIGHT_PX = 12;

function plotCorners(plot: Plot): Point[] {
  const { left, right, bottom, top } = wholePlot(plot);
  return [
    { x: left, y: bottom },
    { x: right, y: bottom },
    { x: right, y: top },
    { x: left, y: top },
  ];
}

const WASH_COLOURS = { sun: "var(--glow)", free: "var(--moss)", family: "var(--moss)" } as const;

/** How deep the wash of a full summer day's sun is. */
const SUN_WASH = 0.5;

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
