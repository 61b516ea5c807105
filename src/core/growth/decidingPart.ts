import survivalJson from "@data/survival.json";
import { hardinessRange, type Crop, type Organ, type Variety } from "../crops";
import { derive } from "../derive";
import type { ColdPart } from "./coldRisk";
import type { Stage } from "./requirement";

const { depthCm: DEPTH_CM, fromGrownShare: FROM } = survivalJson;

/** A part and the share of a planting's growth from which it decides whether there is a harvest. */
export interface DecidingPart extends ColdPart {
  fromGrownShare: number;
  organ: Organ | "plant";
}

/** Crops that come again from what is in the soil when frost takes what is above it. */
const FROM_BELOW: ReadonlyMap<Crop["startedFrom"], number> = new Map([
  ["clove", DEPTH_CM.clove],
  ["tuber", DEPTH_CM.tuber],
  ["root", DEPTH_CM.crown],
  ["division", DEPTH_CM.crown],
]);

/**
 * The part of a crop on which its harvest hangs, as it grows: seedling and plant in the air; the root,
 * clove or crown in the soil; the head, pod or flower once it is there. A leaf lost over a root, or a
 * top that comes again, ends nothing.
 */
export function decidingParts(
  crop: Crop,
  variety: Pick<Variety, "hardenedLt50C">,
  stage: Stage,
): readonly DecidingPart[] {
  return derive([crop, variety, stage], partsOf, WAYS_KEPT);
}

/** Varieties and stages of one crop that are in view together. */
const WAYS_KEPT = 12;

function partsOf(
  crop: Crop,
  variety: Pick<Variety, "hardenedLt50C">,
  stage: Stage,
): DecidingPart[] {
  const part = (organ: Organ | "plant", fromGrownShare: number): DecidingPart => ({
    organ,
    fromGrownShare,
    range: hardinessRange(crop, variety, organ === "plant" ? undefined : organ),
    medium: "air",
    depthCm: 0,
  });
  const inSoil = (depthCm: number, fromGrownShare: number): DecidingPart => ({
    ...part("root", fromGrownShare),
    medium: "soil",
    depthCm,
  });
  const below = FROM_BELOW.get(crop.startedFrom);
  if (below !== undefined) return [inSoil(below, 0)];
  const parts = [part("seedling", 0), part("plant", FROM.plant)];
  if (crop.harvestedPart === "root") parts.push(inSoil(DEPTH_CM.root, FROM.root));
  const organ = crop.harvestedPart;
  if (stage === "full" && (organ === "head" || organ === "pod" || organ === "flower")) {
    if (crop.hardiness.organs.some((one) => one.organ === organ))
      parts.push(part(organ, FROM[organ]));
  }
  return parts;
}

/** The whole plant above the ground, whatever is harvested of it. */
export function topOf(crop: Crop, variety: Pick<Variety, "hardenedLt50C">): ColdPart {
  return { range: hardinessRange(crop, variety), medium: "air", depthCm: 0 };
}
