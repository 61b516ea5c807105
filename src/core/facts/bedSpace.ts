import type { Nothing, Told } from "./told";

/** What the room of bedSpace has to say, and about what. */
export interface BedSpaceFacts {
  "bedSpace.chooseTheCrop": Nothing;
  "bedSpace.chooseTheBed": Nothing;
  "bedSpace.thatIsStillToCome": Nothing;
  "bedSpace.hasNoFreeGround": { bed: string };
  "bedSpace.holdsOnlySoMany": { bed: string; plants: number; crop: string };
  "bedSpace.hasOnlySoMuchFree": { bed: string; freeM: number };
  "bedSpace.plantsInsteadOfTheBedIs": {
    plantsThen: number;
    plantsNow: number;
    widthM: number;
    widthM2: number;
  };
  "bedSpace.isTooShortForItThere": { bed: string };
  "bedSpace.theGroundIsFreeForAsLongAsItGrows": Nothing;
  "bedSpace.until": { untilDay: number };
  "bedSpace.isGrowingThere": { other: string; until: Told };
  "bedSpace.itWouldNotBeReadyThere": Nothing;
  "bedSpace.ready": { then: number };
  "bedSpace.readyTheSameAsHere": { then: number; now: number };
  "bedSpace.ready2": { then: number; now: number; days: number };
  "bedSpace.hoursDirectSunADay": { more: number };
  "bedSpace.babyLeafAndShootsDoNotCountTheyAre": Nothing;
  "bedSpace.ofTheSameFamilyWasSownHereIn": { crop: string; family: string; year: number };
  "bedSpace.theSameFamilyStoodHereIn": { family: string; year: number };
  "bedSpace.waitUntil": { who: Told; year: number };
  "bedSpace.insteadOf": { covers: readonly string[]; coversNow: readonly string[] };
}
