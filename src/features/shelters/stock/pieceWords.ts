import { materials, type CoverPiece } from "@/core/shelter";
import type { LocalWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

export const CONDITION_WORDS: Record<CoverPiece["condition"], string> = {
  good: say.good,
  worn: say.worn,
  torn: say.torn,
};

/** "row cover, 9 m × 2.1 m, worn" */
export function pieceName(piece: CoverPiece, wording: LocalWording): string {
  const name = materials.get(piece.materialId)?.shortName ?? piece.materialId;
  const size = `${wording.lengthM(piece.lengthM)} × ${wording.lengthM(piece.widthM)}`;
  const worn = piece.condition === "good" ? "" : `, ${CONDITION_WORDS[piece.condition]}`;
  return `${name} ${size}${worn}`;
}

/** Seasons a piece has served: "3rd season". */
export function seasonsWords(firstYear: number | null, year: number): string {
  if (firstYear === null) return "";
  const seasons = Math.max(1, year - firstYear + 1);
  const tail =
    seasons % 10 === 1 && seasons !== 11
      ? "st"
      : seasons % 10 === 2 && seasons !== 12
        ? "nd"
        : seasons % 10 === 3 && seasons !== 13
          ? "rd"
          : "th";
  return say.season({ seasons, tail });
}
