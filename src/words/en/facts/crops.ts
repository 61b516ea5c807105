import type { CropsFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const crops = learn<CropsFacts>({
  "crops.itShouldStopGrowingAtALower":
    "It should stop growing at a lower temperature than it grows best at.",
  "crops.itShouldBeTooHotAtAHigher":
    "It should be too hot at a higher temperature than it grows best at.",
  "crops.aHardenedCropSurvivesMoreColdThan":
    "A hardened crop survives more cold than an unhardened one: enter a lower temperature.",
  "crops.plantsAreFurtherApartInTheRowThan":
    "Plants are further apart in the row than the rows are: are they swapped?",
  "crops.itNeverGerminatesEnterDaysForAt":
    "It never germinates: enter days for at least one temperature.",
  "crops.aHardenedVarietySurvivesMoreCold":
    "A hardened variety survives more cold than the unhardened crop: enter a lower temperature.",
  "crops.takesAboutDaysToComeUpItCannotBe": ({ crop, packetEmergenceDays }) =>
    `${crop} takes about ${Math.round(packetEmergenceDays)} days to come up: it cannot be ready before.`,
  "crops.moreThan0": "More than 0 %.",
  "crops.atMost100": "At most 100 %.",
  "crops.giveDays": "Give days.",
  "crops.moreThan0Days": "More than 0 days.",
  "crops.atMost400Days": "At most 400 days.",
  "crops.giveATemperature": "Give a temperature.",
  "crops.noCropSurvivesBelowMinus45C": "No crop survives below −45 °C.",
  "crops.atMost5C": "At most 5 °C.",
  "crops.giveCentimetres": "Give centimetres.",
  "crops.moreThan0Cm": "More than 0 cm.",
  "crops.atMost500Cm": "At most 500 cm.",
  "crops.atMost30Cm": "At most 30 cm.",
  "crops.moreThan02": "More than 0.",
  "crops.atMost20000": "At most 20,000.",
  "crops.moreThan0Years": "More than 0 years.",
  "crops.atMost30Years": "At most 30 years.",
});
