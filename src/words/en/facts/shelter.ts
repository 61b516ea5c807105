import type { ShelterFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const shelter = learn<ShelterFacts>({
  "shelter.giveALengthInMetres": "Give a length in metres.",
  "shelter.atLeast01M": "At least 0.1 m.",
  "shelter.atMost500M": "At most 500 m.",
  "shelter.sayHowMany": "Say how many.",
  "shelter.wholePiecesOnly": "Whole pieces only.",
  "shelter.atLeastOne": "At least one.",
  "shelter.atMost5000": "At most 5,000.",
  "shelter.aYearFrom1950On": "A year from 1950 on.",
  "shelter.giveAnHour": "Give an hour.",
  "shelter.enterTheTemperatureAtWhichItStarts": "Enter the temperature at which it starts to open.",
  "shelter.aVentThatOpensAtFreezingOrBelow":
    "A vent that opens at freezing or below lets the frost in: give at least 1 °C (34 °F).",
  "shelter.atMost40C": "At most 40 °C.",
  "shelter.enterTheTemperatureAtWhichItIs": "Enter the temperature at which it is fully open.",
  "shelter.atLeast2C": "At least 2 °C.",
  "shelter.atMost50C": "At most 50 °C.",
  "shelter.moreThanClosed": "More than closed.",
  "shelter.atMostWideOpen": "At most wide open.",
  "shelter.fullyOpenMustBeAHigherTemperature":
    "Fully open must be a higher temperature than starting to open.",
  "shelter.itClosesLaterThanItOpensEnterA": "It closes later than it opens: enter a later hour.",
});
