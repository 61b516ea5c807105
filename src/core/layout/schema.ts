import * as z from "zod";

const MetresInPlot = z
  .number({ error: "Give metres." })
  .min(-1000, "That is far outside any garden.")
  .max(2000, "That is far outside any garden.");
const Side = z
  .number({ error: "Give a length in metres." })
  .min(0.1, "At least 0.1 m.")
  .max(1000, "At most 1,000 m.");
/** Which way the long side runs: 0 along the plot's foot, 90 up; half a turn is the same again. */
const AngleDeg = z
  .number({ error: "Give the angle in degrees." })
  .min(0, "At least 0°.")
  .lt(180, "Less than 180°: half a turn is the same bed.");

/** Where a bed lies: its middle, in metres from the plot's left and lower edge. */
export const PositionSchema = z.strictObject({
  xM: MetresInPlot,
  yM: MetresInPlot,
  angleDeg: AngleDeg,
});
export type Position = z.infer<typeof PositionSchema>;

/** A rectangle on the ground: a shelter's outline. */
export const OutlineSchema = z.strictObject({
  ...PositionSchema.shape,
  lengthM: Side,
  widthM: Side,
});
export type Outline = z.infer<typeof OutlineSchema>;

/** The piece of ground that all beds lie in. */
export const PlotSchema = z.strictObject({
  id: z.literal("plot"),
  /** Along its foot. */
  lengthM: Side,
  /** Up the drawing. */
  widthM: Side,
  /** Compass bearing of "up" on the drawing: 0 where north is up. */
  upBearingDeg: z
    .number({ error: "Give degrees." })
    .min(0, "At least 0°.")
    .lt(360, "Less than 360°."),
});
export type Plot = z.infer<typeof PlotSchema>;
