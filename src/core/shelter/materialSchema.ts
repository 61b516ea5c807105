import * as z from "zod";

/** A covering and what growers reckon one layer of it gives. */
export const MaterialSchema = z.object({
  id: z.string(),
  name: z.string(),
  shortName: z.string(),
  /** Of row covers, by which they are sold: one weight, or from and to. */
  weightGPerM2: z.array(z.number().positive()).min(1).max(2).optional(),
  /** Where a crop under it stands: "in the greenhouse". */
  whereWords: z.string(),
  /** Taken off in mild weather (row covers, low tunnels); a house or frame stays and is vented. */
  removable: z.boolean(),
  lightTransmittance: z.number().gt(0).lte(1),
  /** Share of it that frame, dirt and drops leave; 1 where nothing stands in the way. */
  structureLight: z.number().gt(0).lte(1).optional(),
  /** Degrees a layer adds to a night's minimum at the crop. */
  nightGainC: z.number().min(0).max(10),
  /** Degrees a closed layer adds to a cool day's maximum at the crop. */
  dayGainC: z.number().min(0).max(20),
  /** A sheet lies on hoops over one bed, as a low tunnel does; a frame has lights; a house has paths. */
  kind: z.enum(["sheet", "tunnel", "frame", "house"]),
  /** Share of thermal radiation let through: with drops on it, and dry. */
  longwaveTransmittance: z.object({ wet: z.number().min(0).max(1), dry: z.number().min(0).max(1) }),
  /** Of two sheets with air between: what passes the gap for each degree, by conduction and radiation. */
  sheetGapWPerM2K: z.number().positive().optional(),
  /** Area of cover over a square metre of ground. */
  areaRatio: z.number().min(1).max(4),
  /** Mean height of the space below it. */
  heightM: z.number().positive().max(10),
  /** Changes of its air an hour when shut: in still air, and more for each m/s of wind. */
  leakPerHour: z.object({ still: z.number().min(0), perMps: z.number().min(0) }),
  sources: z.record(z.string(), z.string()),
});

export type Material = z.infer<typeof MaterialSchema>;
