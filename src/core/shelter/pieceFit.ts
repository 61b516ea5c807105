import shelterJson from "@data/shelter.json";
import { materials } from "./materials";
import type { CoverPiece } from "./pieceSchema";

const { piece: PIECE } = shelterJson;
/** Mean height of a half ellipse over its peak. */
const MEAN_OVER_PEAK = Math.PI / 4;

/** How one piece of cover goes over a bed. */
export interface PieceFit {
  /** `part`: shorter than the bed. */
  fits: "whole" | "part" | "no";
  /** Why it does not fit; null where it does. */
  problem: "tooNarrow" | "tooWide" | null;
  /** Width that the bed wants, m. */
  neededWidthM: number;
  /** Length of bed that it covers. */
  coversM: number;
  /** What lies over on each side beyond that, m; to fold under. */
  spareM: number;
  /** Hoops it wants: film does, cloth may lie on the plants. */
  hoops: number;
  weights: number;
}

/**
 * Whether and how a piece covers a bed: film over hoops, cloth loosely over the plants, a light on its
 * frame, each with its edge to weigh down.
 */
export function pieceFit(piece: CoverPiece, bed: { lengthM: number; widthM: number }): PieceFit {
  const material = materials.get(piece.materialId);
  const coversM = Math.min(piece.lengthM, bed.lengthM);
  if (!material || material.kind === "house") return NO_FIT;
  if (material.kind === "frame") {
    const tooWide = piece.widthM > bed.widthM + PIECE.rigidPlayM;
    const tooNarrow = piece.widthM < bed.widthM - PIECE.rigidPlayM;
    return {
      ...NO_FIT,
      fits: tooWide || tooNarrow ? "no" : lengthFit(piece, bed),
      problem: tooWide ? "tooWide" : tooNarrow ? "tooNarrow" : null,
      neededWidthM: bed.widthM,
      coversM,
    };
  }
  const isTunnel = material.kind === "tunnel";
  const neededWidthM = isTunnel
    ? archM(bed.widthM, material.heightM / MEAN_OVER_PEAK) + 2 * PIECE.tuckM
    : bed.widthM + 2 * PIECE.looseM;
  const fits = piece.widthM < neededWidthM ? "no" : lengthFit(piece, bed);
  return {
    fits,
    problem: fits === "no" ? "tooNarrow" : null,
    neededWidthM,
    coversM,
    spareM: Math.max(0, (piece.widthM - neededWidthM) / 2),
    hoops: isTunnel ? Math.ceil(coversM / PIECE.hoopEveryM) + 1 : 0,
    weights: 2 * (Math.ceil(coversM / PIECE.weightEveryM) + 1),
  };
}

const NO_FIT: PieceFit = {
  fits: "no",
  problem: "tooNarrow",
  neededWidthM: 0,
  coversM: 0,
  spareM: 0,
  hoops: 0,
  weights: 0,
};

function lengthFit(piece: CoverPiece, bed: { lengthM: number }): "whole" | "part" {
  return piece.lengthM >= bed.lengthM - PIECE.rigidPlayM ? "whole" : "part";
}

/** Length of a half ellipse over a width, m (Ramanujan's first approximation of the perimeter). */
function archM(widthM: number, heightM: number): number {
  const [a, b] = [widthM / 2, heightM];
  return (Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)))) / 2;
}

/** Share of its degrees that a piece still gives in its condition. */
export function conditionKeeps({ condition }: CoverPiece): number {
  return shelterJson.conditionKeeps[condition];
}
