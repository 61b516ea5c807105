import type { Bed } from "@/core/garden";
import { onDrawing, type Outline } from "@/core/layout";
import type { StandingPlants } from "@/core/plantings";
import { namePlaces } from "./namePlaces";
import { wordsTurn, type MapScale } from "./mapScale";

const BED_NAME_PX = 11.5;
const CROP_NAME_PX = 11.5;
/** Between a bed's side and its name, px. */
const AWAY_PX = 9;

const HALO = {
  paintOrder: "stroke",
  stroke: "var(--surface)",
  strokeWidth: 3,
  strokeLinejoin: "round",
  pointerEvents: "none",
} as const;

/** A bed's name beside it, along its side: clear of what grows in it. */
export function BedName({ bed, outline, scale }: { bed: Bed; outline: Outline; scale: MapScale }) {
  const turn = wordsTurn(outline, scale);
  const middle = scale.at({ x: outline.xM, y: outline.yM });
  const lengthPx = outline.lengthM * scale.pxPerM;
  const namePx = bed.name.length * BED_NAME_PX * 0.58;
  // Above the bed as its words run: at their beginning, or over the middle of a bed that is shorter.
  const along = lengthPx > namePx ? -lengthPx / 2 : -namePx / 2;
  return (
    <text
      {...HALO}
      transform={`translate(${middle.x} ${middle.y}) rotate(${turn})`}
      x={along}
      y={-(outline.widthM / 2) * scale.pxPerM - AWAY_PX + 5}
      fontSize={BED_NAME_PX}
      fontWeight="700"
    >
      {bed.name}
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
  return namePlaces(plants, outline, scale.pxPerM).map(({ id, words, alongM, acrossM }) => {
    const { x, y } = scale.at(onDrawing(outline, alongM, acrossM));
    return (
      <text
        key={id}
        {...HALO}
        transform={`translate(${x} ${y}) rotate(${turn})`}
        y={4}
        fontSize={CROP_NAME_PX}
        textAnchor="middle"
      >
        {words}
      </text>
    );
  });
}
