import type { FrostNightFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const frostNight = learn<FrostNightFacts>({
  "frostNight.theyAreNotHardenedAfterMildWeeks": "They are not hardened after mild weeks. ",
  "frostNight.plantsMayDie": ({ inHundred }, say) => `${say.tell(inHundred)} plants may die`,
  "frostNight.leavesMayBeLost": ({ inHundred }, say) => `${say.tell(inHundred)} leaves may be lost`,
  "frostNight.noCoverIsLeftForThem": "no cover is left for them",
  "frostNight.noCoverHereHelpsMuch": "no cover here helps much",
  "frostNight.putAOverThemAndItIs": ({ soft, danger, by, left }, say) =>
    `${say.tell(soft)}${say.tell(danger)}: put a ${by} over them, and it is ${say.tell(left)}.`,
  "frostNight.harvestWhatIsReadyAndPutAOverThe": ({ soft, danger, by, left }, say) =>
    `${say.tell(soft)}${say.tell(danger)}: harvest what is ready and put a ${by} over the rest; then it is ${say.tell(left)}.`,
  "frostNight.andHarvestWhatIsReadyFirst": ({ soft, danger, none }, say) =>
    `${say.tell(soft)}${say.tell(danger)}, and ${say.tell(none)}: harvest what is ready first.`,
  "frostNight.bringThePotsInForTheNight": ({ soft, danger }, say) =>
    `${say.tell(soft)}${say.tell(danger)}: bring the pots in for the night.`,
  "frostNight.nothingToDo": "Nothing to do.",
  "frostNight.in100": ({ share }) => `${Math.round(share * 100)} in 100`,
  "frostNight.nothingHelps": ({ soft, danger, none }, say) =>
    `${say.tell(soft)}${say.tell(danger)}; ${say.tell(none)}.`,
});
