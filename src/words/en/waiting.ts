import { table } from "../table";

/** What is said before a garden is open. */
export const waiting = table({
  couldNotStart:
    "Part of Late Ember could not be loaded, so it cannot start. Your garden is safe in this browser. Check the connection, then:",
  needsScripts:
    "Late Ember works in your browser and needs its scripts. Allow JavaScript for this page, then load it again.",
  lateEmberIsOpenInAnotherTab: "Late Ember is open in another tab",
  theOtherTabIsOlderAndHoldsThe:
    "The other tab is older and holds the garden. Close or reload it and this one continues.",
  thisGardenWasMadeByANewerLateEmber: "This garden was made by a newer Late Ember",
  thisPageIsOlderThanTheGardenInThis:
    "This page is older than the garden in this browser. Reload it to get the newer version. Nothing changes until then.",
  theGardenTakesLongToOpen: "The garden takes long to open",
  thisBrowserHasNotHandedOverTheGardenYet:
    "This browser has not handed over the garden yet. Wait a little; if nothing comes, close other tabs of Late Ember and reload this page. Nothing is changed by that.",
  openingTheGarden: "Opening the garden",
  lateEmber: "Late Ember",
});
