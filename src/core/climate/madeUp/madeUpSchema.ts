import * as z from "zod";
import { ClimateSketchSchema } from "../sketch";

/** A climate that nobody measured: a starting point for growers, and a test ground. */
export const MadeUpClimateSchema = z.object({
  id: z.string(),
  name: z.string(),
  /** The station that its generated records and outlooks are named after. */
  station: z.string(),
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180),
  elevationM: z.number(),
  seed: z.number().int(),
  climate: ClimateSketchSchema,
  source: z.literal("made-up"),
});

export type MadeUpClimate = z.infer<typeof MadeUpClimateSchema>;
