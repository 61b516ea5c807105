import type { ShelterFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const shelter = learn<ShelterFacts>({
  "shelter.giveALengthInMetres": "Give a length in metres.",
  "shelter.atLeast01M": (_about, say) => `At least ${say.lengthM(0.1)}.`,
  "shelter.atMost500M": (_about, say) => `At most ${say.lengthM(500)}.`,
  "shelter.sayHowMany": "Say how many.",
  "shelter.wholePiecesOnly": "Whole pieces only.",
  "shelter.atLeastOne": "At least one.",
  "shelter.atMost5000": "At most 5,000.",
  "shelter.aYearFrom1950On": "A year from 1950 on.",
  "shelter.giveAnHour": "Give an hour.",
  "shelter.enterTheTemperatureAtWhichItStarts": "Enter the temperature at which it starts to open.",
  "shelter.aVentThatOpensAtFreezingOrBelow": (_about, say) =>
    `A vent that opens at freezing or below lets the frost in: give at least ${say.temperature(1)}.`,
  "shelter.atMost40C": (_about, say) => `At most ${say.temperature(40)}.`,
  "shelter.enterTheTemperatureAtWhichItIs": "Enter the temperature at which it is fully open.",
  "shelter.atLeast2C": (_about, say) => `At least ${say.temperature(2)}.`,
  "shelter.atMost50C": (_about, say) => `At most ${say.temperature(50)}.`,
  "shelter.moreThanClosed": "More than closed.",
  "shelter.atMostWideOpen": "At most wide open.",
  "shelter.fullyOpenMustBeAHigherTemperature":
    "Fully open must be a higher temperature than starting to open.",
  "shelter.itClosesLaterThanItOpensEnterA": "It closes later than it opens: enter a later hour.",
});
