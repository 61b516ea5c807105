import type { Nothing } from "./told";

/** What the room of crops has to say, and about what. */
export interface CropsFacts {
  "crops.itShouldStopGrowingAtALower": Nothing;
  "crops.itShouldBeTooHotAtAHigher": Nothing;
  "crops.aHardenedCropSurvivesMoreColdThan": Nothing;
  "crops.plantsAreFurtherApartInTheRowThan": Nothing;
  "crops.itNeverGerminatesEnterDaysForAt": Nothing;
  "crops.aHardenedVarietySurvivesMoreCold": Nothing;
  "crops.takesAboutDaysToComeUpItCannotBe": { crop: string; packetEmergenceDays: number };
  "crops.moreThan0": Nothing;
  "crops.atMost100": Nothing;
  "crops.giveDays": Nothing;
  "crops.moreThan0Days": Nothing;
  "crops.atMost400Days": Nothing;
  "crops.giveATemperature": Nothing;
  "crops.noCropSurvivesBelowMinus45C": Nothing;
  "crops.atMost5C": Nothing;
  "crops.giveCentimetres": Nothing;
  "crops.moreThan0Cm": Nothing;
  "crops.atMost500Cm": Nothing;
  "crops.atMost30Cm": Nothing;
  "crops.moreThan02": Nothing;
  "crops.atMost20000": Nothing;
  "crops.moreThan0Years": Nothing;
  "crops.atMost30Years": Nothing;
}
