import * as z from "zod";

/** A covering and what growers reckon one layer of it gives. */
export const MaterialSchema = z.object({
  id: z.string(),
  name: z.string(),
  shortName: z.string(),
  /** Where a crop under it stands: "in the greenhouse". */
  whereWords: z.string(),
  /** Taken off in mild weather (row covers, low tunnels); a house or frame stays and is vented. */
  removable: z.boolean(),
  lightTransmittance: z.number().gt(0).lte(1),
  /** Degrees a layer adds to a night's minimum at the crop. */
  nightGainC: z.number().min(0).max(10),
  /** Degrees a closed layer adds to a cool day's maximum at the crop. */
  dayGainC: z.number().min(0).max(20),
  sources: z.record(z.string(), z.string()),
});

export type Material = z.infer<typeof MaterialSchema>;
