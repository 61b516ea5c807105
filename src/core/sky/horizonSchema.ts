import * as z from "zod";
import { code, fact, inMessage } from "../facts";

const FULL_CIRCLE_DEG = 360;

/** A skyline as it is kept: at most 72 points, clockwise from north, each direction once. */
export const HorizonSchema = z
  .array(
    z.strictObject({
      azimuthDeg: z
        .number({ error: code("sky.giveTheDirectionInDegrees") })
        .min(0, code("sky.aDirectionRunsFrom0NorthClockwise"))
        .lt(FULL_CIRCLE_DEG, code("sky.aDirectionRunsFrom0NorthClockwise")),
      elevationDeg: z
        .number({ error: code("sky.giveTheHeightInDegrees") })
        .min(0, code("sky.aSkylineIsAtLeastLevel0"))
        .max(89, code("sky.aSkylineEndsShortOfStraight")),
    }),
  )
  .max(72, code("sky.atMost72Points"))
  .superRefine((points, context) => {
    points.forEach((point, index) => {
      const before = points[index - 1];
      if (!before || point.azimuthDeg > before.azimuthDeg) return;
      const again = point.azimuthDeg === before.azimuthDeg;
      context.addIssue({
        code: "custom",
        path: [index, "azimuthDeg"],
        message: inMessage(
          again
            ? fact("sky.theSkylineStandsTwiceAtGiveEach", { azimuthDeg: point.azimuthDeg })
            : fact("sky.theSkylineTurnsBackOnItselfFromTo", {
                azimuthDeg: before.azimuthDeg,
                azimuthDeg2: point.azimuthDeg,
              }),
        ),
      });
    });
  });
