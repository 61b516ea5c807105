import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema, NameSchema } from "../naming";

const PartOfBed = {
  bedId: IdSchema,
  /** Metres from the bed's near end at which it begins. */
  fromM: z.number({ error: "Give where it begins." }).min(0, "At least 0 m.").max(500),
  lengthM: z.number({ error: "Give a length." }).min(0.1, "At least 0.1 m.").max(500),
};

/** A part of a bed that grows nothing to eat for a while: under a cover crop, or under mulch. */
export const RestSchema = z.strictObject({
  id: IdSchema,
  ...PartOfBed,
  fromOn: IsoDateSchema,
  /** The day it is turned in, crimped or raked off. */
  untilOn: IsoDateSchema,
  under: z.discriminatedUnion("kind", [
    z.strictObject({
      kind: z.literal("coverCrop"),
      coverCropId: z.string(),
      sowing: z.enum(["drilled", "broadcast"]),
      /** The rate times this, for late or rough sowings. */
      safety: z.number().min(1, "At least the usual rate.").max(3, "At most three times the rate."),
    }),
    z.strictObject({
      kind: z.literal("mulch"),
      mulchId: z.string(),
      depthCm: z.number({ error: "Give a depth." }).min(0.5, "At least 0.5 cm.").max(60),
    }),
  ]),
});
export type Rest = z.infer<typeof RestSchema>;

const Share = z.number({ error: "Give the numbers on the bag." }).min(0, "0 or more.").max(1);
const PerM2 = z
  .number({ error: "Give a rate." })
  .min(0, "A rate is 0 or more.")
  .max(10_000, "At most 10 kg for a square metre.");

/** Something that a bed is fed with on a day. */
export const FeedingSchema = z.strictObject({
  id: IdSchema,
  bedId: IdSchema,
  on: IsoDateSchema,
  feed: z.discriminatedUnion("kind", [
    z.strictObject({
      kind: z.literal("compost"),
      depthCm: z.number({ error: "Give a depth." }).min(0.1, "At least 0.1 cm.").max(60),
    }),
    z
      .strictObject({
        kind: z.literal("fertiliser"),
        name: NameSchema,
        nitrogen: Share,
        phosphate: Share,
        potash: Share,
        /** Wanted nitrogen, g/m². */
        nitrogenGPerM2: PerM2,
      })
      .refine((bag) => bag.nitrogen + bag.phosphate + bag.potash <= 1, {
        path: ["nitrogen"],
        message: "Together the three numbers pass 100 %: look at the bag again.",
      })
      .refine((bag) => bag.nitrogen > 0, {
        path: ["nitrogen"],
        message: "This product has no nitrogen, so it cannot supply nitrogen.",
      }),
    z.strictObject({
      kind: z.literal("manure"),
      /** Raw, or composted hot and turned. */
      raw: z.boolean(),
      kgPerM2: z.number({ error: "Give a rate." }).min(0.1, "At least 0.1 kg.").max(50),
    }),
    z.strictObject({ kind: z.literal("amendment"), name: NameSchema, gPerM2: PerM2 }),
    z.strictObject({
      kind: z.literal("carbon"),
      /** Straw, dry leaves or chips, as dry weight. */
      kgPerM2: z.number({ error: "Give a rate." }).min(0.1, "At least 0.1 kg.").max(20),
    }),
  ]),
});
export type Feeding = z.infer<typeof FeedingSchema>;
