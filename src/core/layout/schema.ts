import * as z from "zod";
import { code } from "../facts";

const MetresInPlot = z
  .number({ error: code("layout.giveMetres") })
  .min(-1000, code("layout.thatIsFarOutsideAnyGarden"))
  .max(2000, code("layout.thatIsFarOutsideAnyGarden"));
const Side = z
  .number({ error: code("layout.giveALengthInMetres") })
  .min(0.1, code("layout.atLeast01M"))
  .max(1000, code("layout.atMost1000M"));
/** Which way the long side runs: 0 along the plot's foot, 90 up; half a turn is the same again. */
const AngleDeg = z
  .number({ error: code("layout.giveTheAngleInDegrees") })
  .min(0, code("layout.atLeast0"))
  .lt(180, code("layout.lessThan180HalfATurnIsTheSameBed"));

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
    .number({ error: code("layout.giveDegrees") })
    .min(0, code("layout.atLeast0"))
    .lt(360, code("layout.lessThan360")),
});
export type Plot = z.infer<typeof PlotSchema>;
