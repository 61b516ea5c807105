import type { Material } from "@/core/shelter";
import type { CoveredBeds } from "../stacks";

/** A shelter cut across, in metres from its left foot and from the ground. */
export interface SectionShape {
  widthM: number;
  heightM: number;
  /** Covers, the outermost first; inner ones over each bed. */
  arches: { layer: number; fromM: number; toM: number; heightM: number; isFrame: boolean }[];
  beds: { fromM: number; toM: number }[];
  /** Height at which each layer's space is told. */
  labelHeightsM: number[];
}

/** Ground shown on both sides of what stands there. */
const ASIDE_M = 0.5;
/** A house without an outline is so wide for each bed. */
const HOUSE_PER_BED_M = 1.25;
const MOST_BEDS = 4;
/** A row of film or cloth stands off the bed by so much on each side. */
const OVER_BED_M = 0.06;
/** Mean height of a half ellipse over its peak. */
const MEAN_OVER_PEAK = Math.PI / 4;

/** The section of a group of beds with what is over them, from its real dimensions. */
export function sectionOf(group: CoveredBeds, layers: readonly Material[]): SectionShape {
  const [outermost] = layers;
  const isHouse = outermost?.kind === "house";
  const meanHeightM = (layer: Material, index: number) =>
    index === 0 ? (group.shelter?.heightM ?? layer.heightM) : layer.heightM;
  const shown = isHouse ? group.beds.slice(0, MOST_BEDS) : group.beds.slice(0, 1);
  const bedsM = shown.reduce((sum, bed) => sum + bed.widthM, 0);
  const shelterM =
    isHouse && group.shelter
      ? (group.shelter.outline?.widthM ?? shown.length * HOUSE_PER_BED_M + 0.5)
      : bedsM + 2 * OVER_BED_M;
  const widthM = shelterM + 2 * ASIDE_M;
  // Beds evenly across a house, with paths between them.
  const path = (shelterM - bedsM) / (shown.length + 1);
  let reached = ASIDE_M + path;
  const beds = shown.map((bed) => {
    const fromM = reached;
    reached += bed.widthM + path;
    return { fromM, toM: fromM + bed.widthM };
  });
  const arches = layers.flatMap((layer, index) => {
    const heightM =
      meanHeightM(layer, index) / (layer.kind === "frame" ? 1 : MEAN_OVER_PEAK) - 0.03 * index;
    const isFrame = layer.kind === "frame";
    if (index === 0)
      return [{ layer: 0, fromM: ASIDE_M, toM: ASIDE_M + shelterM, heightM, isFrame }];
    const inset = OVER_BED_M * (layers.length - index);
    return beds.map(({ fromM, toM }) => ({
      layer: index,
      fromM: fromM - inset,
      toM: toM + inset,
      heightM: isHouse ? heightM : heightM * 0.75,
      isFrame,
    }));
  });
  const heights = layers.map((layer, index) => meanHeightM(layer, index) / MEAN_OVER_PEAK);
  return {
    widthM,
    heightM: Math.max(0.6, ...heights) * 1.12,
    arches,
    beds,
    labelHeightsM: heights.map((height, index) =>
      index === layers.length - 1 && layers.length > 1 ? height + 0.12 : height * 0.68,
    ),
  };
}
