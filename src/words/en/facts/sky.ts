import type { SkyFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const sky = learn<SkyFacts>({
  "sky.giveTheDirectionInDegrees": "Give the direction in degrees.",
  "sky.aDirectionRunsFrom0NorthClockwise":
    "A direction runs from 0 (north) clockwise to under 360.",
  "sky.giveTheHeightInDegrees": "Give the height in degrees.",
  "sky.aSkylineIsAtLeastLevel0": "A skyline is at least level: 0°.",
  "sky.aSkylineEndsShortOfStraight": "A skyline ends short of straight overhead: at most 89°.",
  "sky.atMost72Points": "At most 72 points.",
  "sky.theSkylineStandsTwiceAtGiveEach": ({ azimuthDeg }) =>
    `The skyline stands twice at ${azimuthDeg}°: give each direction once.`,
  "sky.theSkylineTurnsBackOnItselfFromTo": ({ azimuthDeg, azimuthDeg2 }) =>
    `The skyline turns back on itself from ${azimuthDeg}° to ${azimuthDeg2}°: give its points clockwise from north.`,
});
