import { materials } from "../shelter";
import { DEATH_MATTERS, type NightForPlanting } from "./tonight";
import { fact, type Fact } from "../facts";

/** What to do about one planting tonight, in a sentence. */
export function adviceWords(one: NightForPlanting): Fact {
  const { advice, cover, damage, isShort, isSudden } = one;
  const soft = isSudden ? fact("frostNight.theyAreNotHardenedAfterMildWeeks") : "";
  const dies = damage.pointDeath >= DEATH_MATTERS;
  const danger = dies
    ? fact("frostNight.plantsMayDie", { inHundred: inHundred(damage.pointDeath) })
    : fact("frostNight.leavesMayBeLost", { inHundred: inHundred(damage.leafLoss) });
  const none = isShort
    ? fact("frostNight.noCoverIsLeftForThem")
    : fact("frostNight.noCoverHereHelpsMuch");
  const by = cover ? (materials.get(cover.materialId)?.shortName ?? cover.materialId) : "";
  const left = cover ? inHundred(dies ? cover.damage.pointDeath : cover.damage.leafLoss) : "";
  switch (advice) {
    case "cover":
      return fact("frostNight.putAOverThemAndItIs", { soft, danger, by, left });
    case "coverAndPick":
      return fact("frostNight.harvestWhatIsReadyAndPutAOverThe", { soft, danger, by, left });
    case "pick":
      return fact("frostNight.andHarvestWhatIsReadyFirst", { soft, danger, none });
    case "carryIn":
      return fact("frostNight.bringThePotsInForTheNight", { soft, danger });
    case "nothing":
      return dies
        ? fact("frostNight.nothingHelps", { soft, danger, none })
        : fact("frostNight.nothingToDo");
  }
}

function inHundred(share: number): Fact {
  return fact("frostNight.in100", { share });
}
