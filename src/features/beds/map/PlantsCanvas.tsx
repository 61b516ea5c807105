"use client";

import { useTheme } from "@mui/material/styles";
import { useEffect, useRef } from "react";
import { onDrawing, type Outline } from "@/core/layout";
import type { StandingPlants } from "@/core/plantings";
import type { MapScale } from "./mapScale";

interface Props {
  width: number;
  height: number;
  scale: MapScale;
  beds: readonly { outline: Outline; plants: readonly StandingPlants[] }[];
}

/** Plants smaller than this are drawn as dots. */
const LEAST_PX = 0.7;
const OUTLINED_FROM_PX = 2.4;
/** Ready plants have a light dot in the middle, so that it is not told by colour alone. */
const DOTTED_FROM_PX = 2.6;
const DOT_SHARE = 0.35;

/**
 * Every plant where it stands and as large as it is. On a canvas: thousands of circles are too many
 * for elements of their own; what is chosen and read lies above, in the drawing.
 */
export function PlantsCanvas({ width, height, scale, beds }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  // Drawn anew when the look changes: the colours are read from the page.
  const { palette } = useTheme();
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context || !canvas.current) return;
    const density = window.devicePixelRatio || 1;
    canvas.current.width = width * density;
    canvas.current.height = height * density;
    context.scale(density, density);
    const style = getComputedStyle(document.documentElement);
    const color = (name: string) => style.getPropertyValue(name).trim();
    const [moss, edge, ember] = [color("--moss"), color("--moss-text"), color("--ember")];
    const paper = color("--surface");
    for (const { outline, plants } of beds) {
      for (const group of plants) {
        const radius = Math.max(LEAST_PX, group.radiusM * scale.pxPerM);
        context.fillStyle = moss;
        context.strokeStyle = group.isReady ? ember : edge;
        context.lineWidth = group.isReady ? 1.6 : 0.7;
        // All plants of a planting in one path: thousands of fills are slow, one is not.
        circles(context, outline, group, scale, radius);
        context.fill();
        if (radius >= OUTLINED_FROM_PX) context.stroke();
        if (!group.isReady || radius < DOTTED_FROM_PX) continue;
        context.fillStyle = paper;
        circles(context, outline, group, scale, radius * DOT_SHARE);
        context.fill();
      }
    }
  }, [width, height, scale, beds, palette]);
  return (
    <canvas
      ref={canvas}
      aria-hidden
      style={{ position: "absolute", inset: 0, width, height, pointerEvents: "none" }}
    />
  );
}

/** The plants of a group as one path of circles. */
function circles(
  context: CanvasRenderingContext2D,
  outline: Outline,
  group: StandingPlants,
  scale: MapScale,
  radius: number,
): void {
  context.beginPath();
  for (const { alongM, acrossM } of group.points) {
    const { x, y } = scale.at(onDrawing(outline, alongM, acrossM));
    context.moveTo(x + radius, y);
    context.arc(x, y, radius, 0, 2 * Math.PI);
  }
}
