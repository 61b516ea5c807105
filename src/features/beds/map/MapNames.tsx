import type { Bed } from "@/core/garden";
import { onDrawing, type Outline } from "@/core/layout";
import type { StandingPlants } from "@/core/plantings";
import { namePlaces } from "./namePlaces";
import { bedMap as say } from "@/words/en/bedMap";
import { wordsTurn, type MapScale } from "./mapScale";

/** Names go with the width of their beds, so that those of neighbours do not run into each other, px. */
const NAME_PX = { least: 9, most: 11.5, ofWidth: 0.75 } as const;
/** Narrower beds are too small for names of crops: they come when the map is zoomed, px. */
const NAMED_FROM_PX = 11;

function namePx(widthPx: number): number {
  return Math.min(NAME_PX.most, Math.max(NAME_PX.least, widthPx * NAME_PX.ofWidth));
}
/** Between a bed's side and its name, px. */
const AWAY_PX = 3;

const HALO = {
  paintOrder: "stroke",
  stroke: "var(--surface)",
  strokeWidth: 3,
  strokeLinejoin: "round",
  pointerEvents: "none",
} as const;

/** A bed's name beside it, along its side: clear of what grows in it. */
export function BedName(props: {
  bed: Bed;
  /** Where its containers stand, where that is not outdoors. */
  place: string | null;
  outline: Outline;
  scale: MapScale;
}) {
  const { bed, place, outline, scale } = props;
  const name = place === null ? bed.name : say.standingAt({ bed: bed.name, place });
  const turn = wordsTurn(outline, scale);
  const middle = scale.at({ x: outline.xM, y: outline.yM });
  const lengthPx = outline.lengthM * scale.pxPerM;
  const widthPx = outline.widthM * scale.pxPerM;
  const fontPx = namePx(widthPx);
  const longPx = name.length * fontPx * 0.58;
  // Above the bed as its words run: at their beginning, or over the middle of a bed that is shorter.
  const along = lengthPx > longPx ? -lengthPx / 2 : -longPx / 2;
  return (
    <text
      {...HALO}
      transform={`translate(${middle.x} ${middle.y}) rotate(${turn})`}
      x={along}
      y={-widthPx / 2 - AWAY_PX}
      fontSize={fontPx}
      fontWeight="700"
    >
      {name}
    </text>
  );
}

/** What grows in each part of a bed, by name: whole where there is room, short where it is narrow. */
export function PlantNames(props: {
  outline: Outline;
  plants: readonly StandingPlants[];
  scale: MapScale;
}) {
  const { outline, plants, scale } = props;
  const turn = wordsTurn(outline, scale);
  const widthPx = outline.widthM * scale.pxPerM;
  if (widthPx < NAMED_FROM_PX) return null;
  const fontPx = namePx(widthPx);
  return namePlaces(plants, outline, scale.pxPerM, fontPx).map(({ id, words, alongM, acrossM }) => {
    const { x, y } = scale.at(onDrawing(outline, alongM, acrossM));
    return (
      <text
        key={id}
        {...HALO}
        transform={`translate(${x} ${y}) rotate(${turn})`}
        y={fontPx * 0.35}
        fontSize={fontPx}
        textAnchor="middle"
        data-cut={words.endsWith("…") || undefined}
      >
        {words}
      </text>
    );
  });
}
