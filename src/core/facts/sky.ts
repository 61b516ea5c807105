import type { Nothing } from "./told";

/** What the room of sky has to say, and about what. */
export interface SkyFacts {
  "sky.giveTheDirectionInDegrees": Nothing;
  "sky.aDirectionRunsFrom0NorthClockwise": Nothing;
  "sky.giveTheHeightInDegrees": Nothing;
  "sky.aSkylineIsAtLeastLevel0": Nothing;
  "sky.aSkylineEndsShortOfStraight": Nothing;
  "sky.atMost72Points": Nothing;
  "sky.theSkylineStandsTwiceAtGiveEach": { azimuthDeg: number };
  "sky.theSkylineTurnsBackOnItselfFromTo": { azimuthDeg: number; azimuthDeg2: number };
}
