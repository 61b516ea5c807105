import uFuzzy from "@leeoniya/ufuzzy";
import type { Crop } from "../crops";
import { derive } from "../derive";
import { otherNamesOf } from "./otherNames";

/** A crop that was found, and the name that led to it where it is not the crop's own. */
export interface FoundCrop {
  crop: Crop;
  calledToo: string | null;
}

/** One slip in a word of so many letters is forgiven: "zuchini", "corriander", "brocoli". */
const FORGIVEN = {
  intraMode: 1,
  intraIns: 1,
  intraSub: 1,
  intraTrn: 1,
  intraDel: 1,
} as const;
const exact = new uFuzzy({ intraMode: 0 });
const forgiving = new uFuzzy(FORGIVEN);

interface Names {
  texts: string[];
  of: { crop: Crop; isOwn: boolean }[];
}

/**
 * Crops by what people call them: their names, their varieties, and their names elsewhere; typos are
 * forgiven where nothing is spelled so. The likeliest first: names that begin so, then the crop's own
 * before others.
 *
 * @param crops those of a garden, the library's and the grower's own
 * @param typed nothing gives nothing
 *
 * @example findCrops(cropLibrary, "courgette")[0]?.crop.id // "summer-squash"
 */
export function findCrops(crops: ReadonlyMap<string, Crop>, typed: string): FoundCrop[] {
  const wanted = plain(typed);
  if (wanted === "") return [];
  const names = derive([crops], namesOf);
  const spelled = search(exact, names, wanted);
  const found = spelled.length > 0 ? spelled : search(forgiving, names, wanted);
  const best = new Map<string, { found: FoundCrop; rank: number }>();
  for (const index of found) {
    const { crop, isOwn } = names.of[index] ?? {};
    const text = names.texts[index] ?? "";
    if (!crop) continue;
    const rank = rankOf(text, wanted, isOwn ?? false);
    const before = best.get(crop.id);
    if (before && before.rank <= rank) continue;
    best.set(crop.id, { found: { crop, calledToo: isOwn ? null : text }, rank });
  }
  return [...best.values()]
    .sort((a, b) => a.rank - b.rank || (a.found.crop.name < b.found.crop.name ? -1 : 1))
    .map((one) => one.found);
}

function search(fuzzy: uFuzzy, { texts }: Names, wanted: string): number[] {
  return fuzzy.filter(texts, wanted) ?? [];
}

/** Smaller is likelier. */
function rankOf(text: string, wanted: string, isOwn: boolean): number {
  const words = text.split(" ");
  const place =
    text === wanted
      ? 0
      : text.startsWith(wanted)
        ? 2
        : words.some((w) => w.startsWith(wanted))
          ? 4
          : 6;
  return place + (isOwn ? 0 : 1);
}

function namesOf(crops: ReadonlyMap<string, Crop>): Names {
  const names: Names = { texts: [], of: [] };
  const add = (text: string, crop: Crop, isOwn: boolean) => {
    names.texts.push(plain(text));
    names.of.push({ crop, isOwn });
  };
  for (const crop of crops.values()) {
    add(crop.name, crop, true);
    for (const name of otherNamesOf(crop.id)) add(name, crop, false);
    for (const variety of crop.varieties) add(`${crop.name} ${variety.name}`, crop, true);
  }
  return names;
}

/** Small letters without accents or marks. */
function plain(text: string): string {
  return text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[’']/g, "")
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}
