"use client";

import Box from "@mui/material/Box";
import { useRef, useState } from "react";
import { exactM, patchesOf, type Part, type Patch } from "@/core/layout";
import { centimetres, inches, type Units } from "@/core/units";
import { ground as say } from "@/words/en/ground";
import { useSize } from "../chart";
import { keyOfSquare, type GroundFields } from "./groundFields";

/** Somebody who stands in the bed at the time, with the ground that is theirs. */
export interface Standing {
  id: string;
  name: string;
  patches: readonly Patch[];
}

interface Props {
  bed: { name: string; lengthM: number; widthM: number };
  part: Part;
  standing: readonly Standing[];
  units: Units;
  /** The squares chosen so far; null where no grid is asked for. */
  squares: readonly string[] | null;
  onSquares: (squares: string[]) => void;
  onDrawn: (drawn: { fromM: number; lengthM: number; fields: Partial<GroundFields> }) => void;
}

const HEIGHT_PX = 112;
/** A square is no smaller than a finger; a long bed scrolls. */
const SQUARE_PX = 36;
/** What is drawn by hand snaps to these, m. */
const SNAP_M = { metric: 0.05, imperial: 0.0762 } as const;
const LEAST_DRAWN_PX = 8;
const NAMED_FROM_PX = 40;

/** The bed from its near end, on the left, to its far end: what stands there, and the part in question. */
export function GroundSketch(props: Props) {
  const { bed, part, standing, units, squares, onSquares, onDrawn } = props;
  const [attach, { width: roomPx }] = useSize();
  const [drawn, setDrawn] = useState<{ from: At; to: At } | null>(null);
  const drawing = useRef<SVGSVGElement>(null);
  const cellM = part.across.kind === "cells" && part.across.cellM > 0.04 ? part.across.cellM : 0.3;
  const columns = Math.floor(bed.lengthM / cellM + 1e-6);
  const rows = Math.floor(bed.widthM / cellM + 1e-6);
  const width = squares ? Math.max(roomPx, columns * SQUARE_PX) : roomPx;
  const height = squares ? Math.max(HEIGHT_PX, rows * SQUARE_PX) : HEIGHT_PX;
  const x = (m: number) => (m / bed.lengthM) * width;
  const y = (m: number) => (m / bed.widthM) * height;
  const rect = ({ fromM, toM, leftM, rightM }: Patch) => ({
    x: x(fromM),
    y: y(leftM),
    width: Math.max(1, x(toM) - x(fromM)),
    height: Math.max(1, y(rightM) - y(leftM)),
  });
  const at = (event: React.PointerEvent): At => {
    const box = drawing.current?.getBoundingClientRect();
    const inM = (px: number, sizePx: number, sizeM: number) =>
      Math.min(sizeM, Math.max(0, (px / Math.max(1, sizePx)) * sizeM));
    return {
      alongM: inM(event.clientX - (box?.left ?? 0), width, bed.lengthM),
      acrossM: inM(event.clientY - (box?.top ?? 0), height, bed.widthM),
    };
  };
  const finish = () => {
    if (drawn) {
      const patch = patchOf(drawn, bed, SNAP_M[units]);
      const isMeant =
        x(patch.toM - patch.fromM) >= LEAST_DRAWN_PX &&
        y(patch.rightM - patch.leftM) >= LEAST_DRAWN_PX;
      if (isMeant) onDrawn(fieldsOf(patch, bed, units));
    }
    setDrawn(null);
  };
  const own = isDrawable(part)
    ? drawn
      ? [patchOf(drawn, bed, SNAP_M[units])]
      : patchesOf(part, bed.widthM)
    : [];
  return (
    <Box>
      <Box ref={attach} sx={{ overflowX: "auto", border: "1px solid var(--line)" }}>
        {width > 0 && (
          <svg
            ref={drawing}
            width={width}
            height={height}
            role="group"
            aria-label={say.sketch({ bed: bed.name })}
            style={{ display: "block", touchAction: squares ? "pan-x" : "none" }}
            onPointerDown={(event) => {
              if (squares) return;
              event.currentTarget.setPointerCapture(event.pointerId);
              setDrawn({ from: at(event), to: at(event) });
            }}
            onPointerMove={(event) => drawn && setDrawn({ ...drawn, to: at(event) })}
            onPointerUp={finish}
            onPointerCancel={() => setDrawn(null)}
          >
            <rect width={width} height={height} fill="var(--paper)" />
            {standing.flatMap(({ id, name, patches }) =>
              patches.map((patch, index) => {
                const box = rect(patch);
                return (
                  <g key={`${id} ${index}`}>
                    <title>{name}</title>
                    <rect {...box} fill="var(--moss)" fillOpacity="0.3" stroke="var(--moss-text)" />
                    {index === 0 && box.width > NAMED_FROM_PX && (
                      <svg x={box.x} y={box.y} width={box.width - 4} height={box.height}>
                        <text x="5" y={Math.min(box.height / 2 + 4, 15)} fontSize="12">
                          {name.split(",")[0]}
                        </text>
                      </svg>
                    )}
                  </g>
                );
              }),
            )}
            {own.map((patch, index) => (
              <rect
                key={index}
                {...rect(patch)}
                fill="var(--glow)"
                fillOpacity="0.45"
                stroke="var(--ember)"
                strokeWidth="2.5"
                pointerEvents="none"
              />
            ))}
            {squares && (
              <Squares {...{ columns, rows, cellM, squares, onSquares, standing, rect }} />
            )}
          </svg>
        )}
      </Box>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mt: 0.5 }}>
        {squares ? say.squaresHint : say.drawHint}
      </Box>
    </Box>
  );
}

interface At {
  alongM: number;
  acrossM: number;
}

/** What was drawn from one corner to the other, in whole steps; from side to side where it nearly is. */
function patchOf(
  { from, to }: { from: At; to: At },
  bed: { lengthM: number; widthM: number },
  stepM: number,
): Patch {
  const snapped = (m: number, mostM: number) =>
    mostM - m < stepM / 2 ? mostM : Math.min(mostM, exactM(Math.round(m / stepM) * stepM));
  return {
    fromM: snapped(Math.min(from.alongM, to.alongM), bed.lengthM),
    toM: snapped(Math.max(from.alongM, to.alongM), bed.lengthM),
    leftM: snapped(Math.min(from.acrossM, to.acrossM), bed.widthM),
    rightM: snapped(Math.max(from.acrossM, to.acrossM), bed.widthM),
  };
}

/** A drawn rectangle as the fields say it: a strip, or the whole width. */
function fieldsOf(patch: Patch, bed: { widthM: number }, units: Units) {
  const short = (m: number) =>
    Math.round((units === "imperial" ? inches(m * 100) : m * 100) * 10) / 10;
  const widthM = patch.rightM - patch.leftM;
  const isWhole = widthM > bed.widthM - centimetres(1) / 100;
  return {
    fromM: patch.fromM,
    lengthM: exactM(patch.toM - patch.fromM),
    fields: isWhole
      ? ({ across: "whole" } as const)
      : ({ across: "strip", stripFrom: short(patch.leftM), stripWide: short(widthM) } as const),
  };
}

/** Whether the fields say a part yet. */
function isDrawable({ fromM, lengthM, across }: Part): boolean {
  const sizes = Object.values(across).filter((value) => typeof value === "number");
  return [fromM, lengthM, ...sizes].every((size) => Number.isFinite(size) && size >= 0);
}

interface SquaresProps {
  columns: number;
  rows: number;
  cellM: number;
  squares: readonly string[];
  onSquares: (squares: string[]) => void;
  standing: readonly Standing[];
  rect: (patch: Patch) => { x: number; y: number; width: number; height: number };
}

/** Where an arrow leads from a square. */
const ARROWS: Partial<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/**
 * The bed's grid: each square is chosen or not, by a tap, or with the space bar. One of them takes the
 * focus, and arrows lead to the others: nobody steps through all of them to leave it.
 */
function Squares({ columns, rows, cellM, squares, onSquares, standing, rect }: SquaresProps) {
  const chosen = new Set(squares);
  const [focused, setFocused] = useState("0,0");
  const step = (from: SVGElement, along: number, across: number) => {
    const key = keyOfSquare(along, across);
    const next = from.ownerSVGElement?.querySelector<SVGElement>(`[data-square="${key}"]`);
    if (!next) return;
    setFocused(key);
    next.focus();
  };
  const toggle = (key: string) =>
    onSquares(chosen.has(key) ? squares.filter((one) => one !== key) : [...squares, key]);
  const places = Array.from({ length: columns * rows }, (_, index) => ({
    along: Math.floor(index / rows),
    across: index % rows,
  }));
  const isThere = (key: string) =>
    places.some((place) => keyOfSquare(place.along, place.across) === key);
  return places.map(({ along, across }) => {
    const key = keyOfSquare(along, across);
    const patch = {
      fromM: along * cellM,
      toM: (along + 1) * cellM,
      leftM: across * cellM,
      rightM: (across + 1) * cellM,
    };
    const middle = { alongM: (along + 0.5) * cellM, acrossM: (across + 0.5) * cellM };
    const by = standing.find(({ patches }) =>
      patches.some(
        (one) =>
          one.fromM < middle.alongM &&
          one.toM > middle.alongM &&
          one.leftM < middle.acrossM &&
          one.rightM > middle.acrossM,
      ),
    );
    return (
      <rect
        key={key}
        {...rect(patch)}
        className="grid-square"
        role="checkbox"
        aria-checked={chosen.has(key)}
        aria-label={
          say.squareAt({ along: along + 1, across: across + 1 }) +
          (by ? say.taken({ name: by.name }) : "")
        }
        data-square={key}
        tabIndex={key === focused || (!isThere(focused) && along + across === 0) ? 0 : -1}
        onFocus={() => setFocused(key)}
        fill="transparent"
        stroke="var(--ash-text)"
        strokeWidth="1"
        style={{ cursor: "pointer" }}
        onClick={() => toggle(key)}
        onKeyDown={(event) => {
          const arrow = ARROWS[event.key];
          if (!arrow && event.key !== " " && event.key !== "Enter") return;
          event.preventDefault();
          if (arrow) step(event.currentTarget, along + arrow[0], across + arrow[1]);
          else toggle(key);
        }}
      />
    );
  });
}
