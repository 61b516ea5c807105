import * as z from "zod";

/** A crop grown to cover and feed the soil, not to be eaten. */
export const CoverCropSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  latinName: z.string(),
  family: z.string(),
  kind: z.enum(["cereal", "legume", "broadleaf"]),
  /** For a blend: what it is made of, with the seed of each, g/m². */
  blendOf: z
    .array(
      z.strictObject({
        coverCropId: z.string(),
        drilledGPerM2: z.number().positive().max(60),
        broadcastGPerM2: z.number().positive().max(60),
      }),
    )
    .min(2)
    .optional(),
  /** Seed in rows, and the thicker rate where it is thrown by hand, g/m². */
  sowingGramsPerM2: z.strictObject({
    drilled: z.number().positive().max(60),
    broadcast: z.number().positive().max(60),
  }),
  /** How deep it is sown, cm. */
  depthCm: z.number().positive().max(10),
  /** Legumes bring nitrogen in; others hold what is there. */
  nitrogen: z.enum(["fixes", "holds"]),
  /** Legumes sprout their nodules only with bacteria of this group. */
  inoculantGroup: z.string().optional(),
  /** Cereals turned in as straw bind nitrogen at first. */
  nitrogenForStraw: z.boolean().optional(),
  /** Seed that is sold under its name, or looks like it, and is something else. */
  lookAlikeSeed: z.string().optional(),
  minimumSoilC: z.number().min(0).max(20),
  hardenedLt50C: z.number().min(-45).max(5),
  /** Sowing window before the first fall frost. */
  sowWeeksBeforeFrost: z.strictObject({
    earliest: z.number().positive(),
    /** Negative: still so many weeks after it. */
    latest: z.number().min(-4),
  }),
  /** Sowing window about the last spring frost, for what is sown in spring too; negative: weeks after it. */
  sowWeeksBeforeLastFrost: z
    .strictObject({ earliest: z.number().min(-4).max(12), latest: z.number().min(-14) })
    .optional(),
  turnInWeeksBeforeSowing: z.number().min(0).max(10),
  note: z.string(),
  sources: z.record(z.string(), z.string()),
});
export type CoverCrop = z.infer<typeof CoverCropSchema>;
