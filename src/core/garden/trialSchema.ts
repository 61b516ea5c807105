import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { code } from "../facts";
import { IdSchema, NameSchema, NoteSchema } from "../naming";

const Metres = z.number().min(0).max(500);

/** What the treatments of a trial differ in. */
export const TRIAL_KINDS = ["amendment", "variety", "spacing", "date", "cover", "other"] as const;
export const TRIAL_MEASURES = ["grams", "count", "score"] as const;

/** Ground of a bed that gets one treatment: a strip across its rows, or a plot of its own. */
export const TrialPlotSchema = z.strictObject({
  id: IdSchema,
  /** Plots of one block lie together and get each treatment once. */
  block: z.number().int().min(1).max(40),
  treatmentId: IdSchema,
  bedId: IdSchema,
  fromM: Metres,
  lengthM: Metres,
});
export type TrialPlot = z.infer<typeof TrialPlotSchema>;

/** What was measured of one row in one plot. */
export const TrialResultSchema = z.strictObject({
  plotId: IdSchema,
  rowId: IdSchema,
  /** Grams, a count, or points of a score. */
  value: z
    .number({ error: code("garden.giveANumberMeasured") })
    .min(0, code("garden.measuredIs0OrMore"))
    .max(10_000_000, code("garden.moreThanAnyPlotGives")),
});
export type TrialResult = z.infer<typeof TrialResultSchema>;

/** Treatments compared on the grower's own ground. */
export const TrialSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  kind: z.enum(TRIAL_KINDS),
  measure: z.enum(TRIAL_MEASURES),
  /** The first is what the others are compared with: as it is usually done. */
  treatments: z
    .array(
      z.strictObject({
        id: IdSchema,
        name: NameSchema,
        /** What a planting of it is, where it is another variety, sown on another day, or spaced otherwise. */
        varietyId: z.string().nullable(),
        sowOn: IsoDateSchema.nullable(),
        spacingFactor: z.number().min(0.5).max(2).nullable(),
      }),
    )
    .min(2, code("garden.aTrialComparesTwoAtLeast"))
    .max(8, code("garden.atMostEightTreatments")),
  /** What is measured in every plot: rows of crops that run through all of them. */
  rows: z
    .array(z.strictObject({ id: IdSchema, cropId: z.string(), name: NameSchema }))
    .min(1, code("garden.aTrialNeedsACrop"))
    .max(12, code("garden.atMostTwelveRows")),
  plots: z
    .array(TrialPlotSchema)
    .min(2, code("garden.aTrialWithOnePlotComparesNothing"))
    .max(320, code("garden.atMost320Plots")),
  laidOn: IsoDateSchema,
  /** What the lay-out was drawn by lot with. */
  seed: z.number().int().min(0).max(4_294_967_295),
  results: z.array(TrialResultSchema).max(4000),
  /** What the grower takes from it; null while it goes on. */
  verdict: z
    .strictObject({
      on: IsoDateSchema,
      /** The treatment that is kept to; null where none is better. */
      treatmentId: IdSchema.nullable(),
      note: NoteSchema,
    })
    .nullable(),
});
export type Trial = z.infer<typeof TrialSchema>;
