import * as z from "zod";
import { IdSchema, NoteSchema } from "../naming";

const Share = z.number().min(0).max(1);
const Days = z.number().int().min(0).max(400);

/** What standing crops want done, and the days and limits of the round. */
export const CareSchema = z.strictObject({
  supports: z.array(
    z.strictObject({
      crops: z.array(IdSchema),
      atGrown: Share,
      words: NoteSchema,
      endsWhen: NoteSchema,
    }),
  ),
  earthingUp: z.array(
    z.strictObject({ crops: z.array(IdSchema), atGrown: z.array(Share).min(1), words: NoteSchema }),
  ),
  /** Hungry crops get more while they grow, in soil that is warm enough to give it. */
  sideDressing: z.strictObject({
    demand: z.literal("heavy"),
    atGrown: Share,
    leastMeanC: z.number(),
  }),
  springFeed: z.strictObject({ leastMeanC: z.number() }),
  store: z.strictObject({ aheadDays: Days, lookEveryDays: Days, keptForDays: Days }),
  /** Packet days until what was picked is worth picking again, by habit, within calendar days. */
  pickAgain: z.strictObject({
    cutAgain: Days,
    outerLeaves: Days,
    wholePlant: Days,
    mainHead: Days,
    pickedAgain: Days,
    lifted: Days,
    leastDays: Days,
    mostDays: Days,
  }),
  scoutFirstAfterDays: Days,
  /** Water that may be missing before it is given, mm; the share of the open's demand under cover. */
  water: z.strictObject({
    openMm: z.number().positive(),
    coveredMm: z.number().positive(),
    coveredShare: Share,
    leastMm: z.number().positive(),
    /** Share of usual rain counted on where no outlook tells. */
    usualRainShare: Share,
  }),
  winterSettings: z.strictObject({ beforeDays: Days, forDays: Days, risk: Share }),
  /** Seed that mice, voles and crows dig out: covered until it stands, shoots weighed down under a board. */
  seedThieves: z.strictObject({
    crops: z.array(IdSchema),
    askedDays: z.number().int().positive(),
    uncoverAfterEmergenceDays: z.number().int().positive(),
    boardDays: z.number().int().positive(),
  }),
  fillAheadDays: Days,
  readyBedAheadDays: Days,
  orderAheadDays: Days,
  sources: z.record(z.string(), z.string()),
});
export type Care = z.infer<typeof CareSchema>;
