import { dayNumber } from "../calendar";
import { containerCount, type Container } from "../containers";
import { varietyOf, type Crop } from "../crops";
import { derive } from "../derive";
import { bedsInOrder, cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { exposureOver, type BedExposure } from "./exposure";
import type { Spot } from "../growth";
import type { Growing, MixedWith } from "../schedule";
import type { Stand } from "./stand";
import type { StandShape } from "./stand";

/** How a planting is grown: its crop, way and covers; null when its crop or bed is gone. */
export function growingOf(garden: Garden, planting: Planting): Growing | null {
  const crop = cropsOf(garden).get(planting.cropId);
  const bed = garden.beds.get(planting.bedId);
  if (!crop || !bed) return null;
  // Only a mix looks at other crops than its own.
  const others = planting.mix ? cropsOf(garden) : null;
  return derive([planting, crop, exposureOver(garden, bed), others], growingFrom);
}

function growingFrom(
  planting: Planting,
  crop: Crop,
  exposure: BedExposure,
  crops: ReadonlyMap<string, Crop> | null,
): Growing | null {
  const { varietyId, method, stage, clearOn, bought } = planting;
  const variety = varietyOf(crop, varietyId);
  if (!variety) return null;
  const clearDay = clearOn === null ? null : dayNumber(clearOn);
  const boughtAgeDays = bought?.ageDays ?? null;
  const alone = { crop, variety, method, stage, ...exposure, clearDay, boughtAgeDays };
  if (!planting.mix || !crops) return alone;
  const mix = planting.mix.parts.flatMap((part): MixedWith[] => {
    const other = crops.get(part.cropId);
    const kind = other && varietyOf(other, part.varietyId);
    return other && kind ? [{ crop: other, variety: kind, share: part.share }] : [];
  });
  return { ...alone, mix };
}

/** How a planting stands in its bed. */
export function standOf(planting: Planting, bed: Pick<Bed, "widthM" | "container">): Stand {
  const { rowCm, inRowCm, arrangement, potCm } = planting;
  const { plantsPerStation, seedsPerHole, spacingFactor } = planting;
  return {
    ...(bed.container
      ? potsOf(planting, bed.widthM, bed.container)
      : groundOf(planting, bed.widthM)),
    rowCm,
    inRowCm,
    arrangement,
    potCm,
    plantsPerStation,
    seedsPerHole,
    spacingFactor,
  };
}

type Ground = Pick<Stand, "lengthM" | "widthM" | "shape">;

/** The containers that a planting takes: plants all over each of them, or around the rim. */
function potsOf({ lengthM, across }: Planting, widthM: number, container: Container): Ground {
  const { eachM, outline } = container;
  const count = containerCount({ lengthM, container });
  const pieces = Array.from({ length: count }, (_, at) => ({ alongM: at * eachM, acrossM: 0 }));
  const isEdge = across.kind === "edge";
  return {
    lengthM: eachM,
    widthM,
    shape: {
      kind: isEdge ? "edge" : "filled",
      outline,
      insetM: isEdge ? across.insetM : 0,
      pieces,
      byPiece: true,
    },
  };
}

/** Size and shape of the ground that a planting takes of a bed. */
function groundOf({ lengthM, across }: Planting, bedWidthM: number): Ground {
  const filled = (acrossM: number[]): StandShape => ({
    kind: "filled",
    outline: "rectangle",
    insetM: 0,
    pieces: acrossM.map((leftM) => ({ alongM: 0, acrossM: leftM })),
    byPiece: false,
  });
  switch (across.kind) {
    case "whole":
      return { lengthM, widthM: bedWidthM };
    case "strip":
      return { lengthM, widthM: across.widthM, shape: filled([across.fromM]) };
    case "sides":
      return {
        lengthM,
        widthM: across.widthM,
        shape: filled([0, bedWidthM - across.widthM]),
      };
    case "edge":
      return {
        lengthM,
        widthM: bedWidthM,
        shape: { ...filled([0]), kind: "edge", insetM: across.insetM },
      };
    case "cells": {
      const { cellM, cells } = across;
      const pieces = cells.map((cell) => ({
        alongM: cell.along * cellM,
        acrossM: cell.across * cellM,
      }));
      return { lengthM: cellM, widthM: cellM, shape: { ...filled([]), pieces, byPiece: true } };
    }
  }
}

/** The beds of a garden as spots for a wish, as one walks past them. */
export function spotsOf(garden: Garden): Spot[] {
  return bedsInOrder(garden).map((bed) => ({
    bedId: bed.id,
    bedName: bed.name,
    ...exposureOver(garden, bed),
  }));
}

/** A planting's crop and variety in words: "Spinach, winter type". */
export function plantingName(garden: Garden, planting: Planting): string {
  const crop = cropsOf(garden).get(planting.cropId);
  if (!crop) return planting.cropId;
  const variety = varietyOf(crop, planting.varietyId);
  if (!variety) return crop.name;
  const mix = growingOf(garden, planting)?.mix;
  return growingName({ crop, variety, stage: planting.stage, mix });
}

/** The same for what is known to grow; what is mixed with it after a plus: "Lettuce, cutting + Mizuna". */
export function growingName({
  crop,
  variety,
  stage,
  mix = [],
}: Pick<Growing, "crop" | "variety" | "stage" | "mix">): string {
  const own = `${crop.name}, ${variety.name}${stage === "baby" ? ", baby leaf" : ""}`;
  // Two varieties of one crop are told apart by their own names.
  const others = mix.map((kind) => (kind.crop.id === crop.id ? kind.variety.name : kind.crop.name));
  return [own, ...others].join(" + ");
}
