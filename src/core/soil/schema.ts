import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { AcrossSchema } from "../layout";
import { IdSchema, NameSchema } from "../naming";
import { code } from "../facts";

const PartOfBed = {
  bedId: IdSchema,
  /** Metres from the bed's near end at which it begins. */
  fromM: z
    .number({ error: code("soil.giveWhereItBegins") })
    .min(0, code("soil.atLeast0M"))
    .max(500),
  lengthM: z
    .number({ error: code("soil.giveALength") })
    .min(0.1, code("soil.atLeast01M"))
    .max(500),
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
      safety: z
        .number()
        .min(1, code("soil.atLeastTheUsualRate"))
        .max(3, code("soil.atMostThreeTimesTheRate")),
    }),
    z.strictObject({
      kind: z.literal("mulch"),
      mulchId: z.string(),
      depthCm: z
        .number({ error: code("soil.giveADepth") })
        .min(0.5, code("soil.atLeast05Cm"))
        .max(60),
    }),
  ]),
});
export type Rest = z.infer<typeof RestSchema>;

const Share = z
  .number({ error: code("soil.giveTheNumbersOnTheBag") })
  .min(0, code("soil.n0OrMore"))
  .max(1);
const PerM2 = z
  .number({ error: code("soil.giveARate") })
  .min(0, code("soil.aRateIs0OrMore"))
  .max(10_000, code("soil.atMost10KgForASquareMetre"));

/** Something that a bed is fed with on a day. */
export const FeedingSchema = z.strictObject({
  id: IdSchema,
  bedId: IdSchema,
  /** The part of the bed that gets it; null for all of it. */
  part: z
    .strictObject({ fromM: PartOfBed.fromM, lengthM: PartOfBed.lengthM, across: AcrossSchema })
    .nullable(),
  on: IsoDateSchema,
  feed: z.discriminatedUnion("kind", [
    z.strictObject({
      kind: z.literal("compost"),
      depthCm: z
        .number({ error: code("soil.giveADepth") })
        .min(0.1, code("soil.atLeast01Cm"))
        .max(60),
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
        message: code("soil.togetherTheThreeNumbersPass100Look"),
      })
      .refine((bag) => bag.nitrogen > 0, {
        path: ["nitrogen"],
        message: code("soil.thisProductHasNoNitrogenSoItCannot"),
      }),
    z.strictObject({
      kind: z.literal("manure"),
      /** Raw, or composted hot and turned. */
      raw: z.boolean(),
      kgPerM2: z
        .number({ error: code("soil.giveARate") })
        .min(0.1, code("soil.atLeast01Kg"))
        .max(50),
    }),
    z.strictObject({ kind: z.literal("amendment"), name: NameSchema, gPerM2: PerM2 }),
    z.strictObject({
      kind: z.literal("carbon"),
      /** Straw, dry leaves or chips, as dry weight. */
      kgPerM2: z
        .number({ error: code("soil.giveARate") })
        .min(0.1, code("soil.atLeast01Kg"))
        .max(20),
    }),
  ]),
});
export type Feeding = z.infer<typeof FeedingSchema>;
