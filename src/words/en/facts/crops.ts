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
  "crops.noCropSurvivesBelowMinus45C": (_about, say) =>
    `No crop survives below ${say.temperature(-45)}.`,
  "crops.atMost5C": (_about, say) => `At most ${say.temperature(5)}.`,
  "crops.giveCentimetres": "Give centimetres.",
  "crops.moreThan0Cm": (_about, say) => `More than ${say.distanceCm(0)}.`,
  "crops.atMost500Cm": (_about, say) => `At most ${say.distanceCm(500)}.`,
  "crops.atMost30Cm": (_about, say) => `At most ${say.distanceCm(30)}.`,
  "crops.moreThan02": "More than 0.",
  "crops.atMost20000": "At most 20,000.",
  "crops.moreThan0Years": "More than 0 years.",
  "crops.atMost30Years": "At most 30 years.",
});
