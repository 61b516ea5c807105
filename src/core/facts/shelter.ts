import type { Nothing } from "./told";

/** What the room of shelter has to say, and about what. */
export interface ShelterFacts {
  "shelter.giveALengthInMetres": Nothing;
  "shelter.atLeast01M": Nothing;
  "shelter.atMost500M": Nothing;
  "shelter.sayHowMany": Nothing;
  "shelter.wholePiecesOnly": Nothing;
  "shelter.atLeastOne": Nothing;
  "shelter.atMost5000": Nothing;
  "shelter.aYearFrom1950On": Nothing;
  "shelter.giveAnHour": Nothing;
  "shelter.enterTheTemperatureAtWhichItStarts": Nothing;
  "shelter.aVentThatOpensAtFreezingOrBelow": Nothing;
  "shelter.atMost40C": Nothing;
  "shelter.enterTheTemperatureAtWhichItIs": Nothing;
  "shelter.atLeast2C": Nothing;
  "shelter.atMost50C": Nothing;
  "shelter.moreThanClosed": Nothing;
  "shelter.atMostWideOpen": Nothing;
  "shelter.fullyOpenMustBeAHigherTemperature": Nothing;
  "shelter.itClosesLaterThanItOpensEnterA": Nothing;
}
