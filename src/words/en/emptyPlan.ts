import { table } from "../table";

/** What a plan without plantings says. */
export const emptyPlan = table({
  setYourLocationFirstLatitudeAFew:
    "Set your location first. Latitude, a few temperatures and frost dates give the light and cold that every date is calculated from.",
  setLocation: "Set location",
  nextAddYourBedsHowManyHowLongAnd:
    "Next, add your beds: how many, how long and how they are covered.",
  addBeds: "Add beds",
  nothingIsPlannedYetChooseACropAnd:
    "Nothing is planned yet. Choose a crop and when you want it. Late Ember shows when to sow it and whether there is still time.",
  addMoreBeds: "Add more beds",
  plan: "Plan",
  iWant: "I want…",
  ifISowToday: "If I sow today…",
});
