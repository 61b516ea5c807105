import type { Nothing, Told } from "./told";

/** What the room of frostNight has to say, and about what. */
export interface FrostNightFacts {
  "frostNight.theyAreNotHardenedAfterMildWeeks": Nothing;
  "frostNight.plantsMayDie": { inHundred: Told };
  "frostNight.leavesMayBeLost": { inHundred: Told };
  "frostNight.noCoverIsLeftForThem": Nothing;
  "frostNight.noCoverHereHelpsMuch": Nothing;
  "frostNight.putAOverThemAndItIs": { soft: Told; danger: Told; by: string; left: Told };
  "frostNight.harvestWhatIsReadyAndPutAOverThe": {
    soft: Told;
    danger: Told;
    by: string;
    left: Told;
  };
  "frostNight.andHarvestWhatIsReadyFirst": { soft: Told; danger: Told; none: Told };
  "frostNight.bringThePotsInForTheNight": { soft: Told; danger: Told };
  "frostNight.nothingToDo": Nothing;
  "frostNight.in100": { share: number };
  "frostNight.nothingHelps": { soft: Told; danger: Told; none: Told };
}
