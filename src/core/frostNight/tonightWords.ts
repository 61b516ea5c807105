import { materials } from "../shelter";
import { DEATH_MATTERS, type NightForPlanting } from "./tonight";

/** What to do about one planting tonight, in a sentence. */
export function adviceWords(one: NightForPlanting): string {
  const { advice, cover, damage, isShort, isSudden } = one;
  const soft = isSudden ? "They are not hardened after mild weeks. " : "";
  const dies = damage.pointDeath >= DEATH_MATTERS;
  const danger = dies
    ? `${inHundred(damage.pointDeath)} plants may die`
    : `${inHundred(damage.leafLoss)} leaves may be lost`;
  const none = isShort ? "no cover is left for them" : "no cover here helps much";
  const by = cover ? (materials.get(cover.materialId)?.shortName ?? cover.materialId) : "";
  const left = cover ? inHundred(dies ? cover.damage.pointDeath : cover.damage.leafLoss) : "";
  switch (advice) {
    case "cover":
      return `${soft}${danger}: put a ${by} over them, and it is ${left}.`;
    case "coverAndPick":
      return `${soft}${danger}: harvest what is ready and put a ${by} over the rest; then it is ${left}.`;
    case "pick":
      return `${soft}${danger}, and ${none}: harvest what is ready first.`;
    case "carryIn":
      return `${soft}${danger}: bring the pots in for the night.`;
    case "nothing":
      return dies ? `${soft}${danger}; ${none}.` : "Nothing to do.";
  }
}

function inHundred(share: number): string {
  return `${Math.round(share * 100)} in 100`;
}
