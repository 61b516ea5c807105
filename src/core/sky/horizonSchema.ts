import * as z from "zod";

const FULL_CIRCLE_DEG = 360;

/** A skyline as it is kept: at most 72 points, clockwise from north, each direction once. */
export const HorizonSchema = z
  .array(
    z.strictObject({
      azimuthDeg: z
        .number({ error: "Give the direction in degrees." })
        .min(0, "A direction runs from 0 (north) clockwise to under 360.")
        .lt(FULL_CIRCLE_DEG, "A direction runs from 0 (north) clockwise to under 360."),
      elevationDeg: z
        .number({ error: "Give the height in degrees." })
        .min(0, "A skyline is at least level: 0°.")
        .max(89, "A skyline ends short of straight overhead: at most 89°."),
    }),
  )
  .max(72, "At most 72 points.")
  .superRefine((points, context) => {
    points.forEach((point, index) => {
      const before = points[index - 1];
      if (!before || point.azimuthDeg > before.azimuthDeg) return;
      const again = point.azimuthDeg === before.azimuthDeg;
      context.addIssue({
        code: "custom",
        path: [index, "azimuthDeg"],
        message: again
          ? `The skyline stands twice at ${point.azimuthDeg}°: give each direction once.`
          : `The skyline turns back on itself from ${before.azimuthDeg}° to ${point.azimuthDeg}°: give its points clockwise from north.`,
      });
    });
  });
