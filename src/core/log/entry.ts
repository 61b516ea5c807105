import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema, NameSchema, NoteSchema } from "../naming";
import { WORKS } from "./work";
import { code } from "../facts";

/** What a task is known by: the same for the same work on the same thing. */
export const TaskIdSchema = z
  .string()
  .regex(/^[A-Za-z0-9-]{1,160}$/, code("log.aTasksIdIsMadeOfLettersDigitsAnd"));

const Count = z
  .number({ error: code("log.giveANumber") })
  .int(code("log.wholeNumbersOnly"))
  .min(0, code("log.n0OrMore"))
  .max(1_000_000, code("log.atMostAMillion"));
/** More than this in one entry is a slip of the pen, g. */
const MOST_GRAMS = 500_000;

/** What takes plants: one word each, for counting up. */
export const LOSS_CAUSES = [
  "frost",
  "heat",
  "drought",
  "wet",
  "wind",
  "slugs",
  "insects",
  "mice",
  "birds",
  "disease",
  "bolting",
  "other",
] as const;
export type LossCause = (typeof LOSS_CAUSES)[number];

/** Why something leaves the store. */
export const TAKEN_FOR = ["eaten", "rotted", "given", "sold"] as const;
export type TakenFor = (typeof TAKEN_FOR)[number];

const OfPlanting = { plantingId: IdSchema };
/** Work named as it was asked for, so that the log reads on when its subject is gone. */
const OfWork = {
  work: z.enum(WORKS),
  subject: z.string().min(1).max(200),
  place: z.string().min(1).max(200),
  bedId: IdSchema.nullable(),
  plantingId: IdSchema.nullable(),
};

/** What happened, by kind. */
export const LoggedSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("sown"),
    ...OfPlanting,
    /** The lot the seed came from, and how many were taken; null where nobody says. */
    lotId: IdSchema.nullable(),
    seeds: Count.nullable(),
  }),
  z.strictObject({
    kind: z.literal("emerged"),
    ...OfPlanting,
    /** Counted: so many up, of so many places or seeds looked at. */
    up: Count.nullable(),
    outOf: Count.nullable(),
  }),
  z.strictObject({ kind: z.literal("plantedOut"), ...OfPlanting, plants: Count.nullable() }),
  z.strictObject({
    kind: z.literal("harvested"),
    ...OfPlanting,
    /** Null where it was not weighed. */
    grams: z
      .number({ error: code("log.giveAWeight") })
      .gt(0, code("log.aHarvestWeighsMoreThanNothing"))
      .max(MOST_GRAMS, code("log.moreThan500KgInOneEntryIsItInGrams"))
      .nullable(),
    /** Null where they were not counted. */
    count: Count.min(1, code("log.aHarvestCountsAtLeastOne")).nullable(),
    /** Nothing is left to pick. */
    isLast: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal("lost"),
    ...OfPlanting,
    cause: z.enum(LOSS_CAUSES),
    /** Of what stood there, above 0 to 1. */
    share: z.number().gt(0, code("log.moreThan0")).lte(1, code("log.atMost100")),
  }),
  /** Out of the store: eaten, sorted out, given away or sold. */
  z.strictObject({
    kind: z.literal("taken"),
    storeLotId: IdSchema,
    grams: z
      .number({ error: code("log.giveAWeight") })
      .gt(0, code("log.aHarvestWeighsMoreThanNothing"))
      .max(MOST_GRAMS, code("log.moreThan500KgInOneEntryIsItInGrams")),
    why: z.enum(TAKEN_FOR),
  }),
  /** Pulled, cut down, dug in: the ground is free. */
  z.strictObject({ kind: z.literal("cleared"), ...OfPlanting }),
  z.strictObject({
    kind: z.literal("temperature"),
    /** Where the thermometer hangs; null outside. */
    under: z.strictObject({ kind: z.enum(["shelter", "bed"]), id: IdSchema }).nullable(),
    tempC: z
      .number({ error: code("log.giveATemperature") })
      .min(-60, code("log.colderThanMinus60CMinus76FIsItA"))
      .max(70, code("log.warmerThan70C158FIsItInFahrenheit")),
  }),
  z.strictObject({
    kind: z.literal("seen"),
    bedId: IdSchema.nullable(),
    plantingId: IdSchema.nullable(),
    /** Id of `data/pests.json`, when it was one of these. */
    pestId: z.string().max(60).nullable(),
  }),
  z.strictObject({ kind: z.literal("worked"), ...OfWork }),
  /** Not done, and not to be done. */
  z.strictObject({ kind: z.literal("skipped"), ...OfWork }),
  z.strictObject({ kind: z.literal("putOff"), ...OfWork, untilOn: IsoDateSchema }),
]);
export type Logged = z.infer<typeof LoggedSchema>;
export type LoggedKind = Logged["kind"];

/** The device that wrote something down, and who used it: a role ("helper", "third household"), never a person. */
export const WriterSchema = z.strictObject({
  device: NameSchema,
  role: NameSchema.nullable(),
});
export type Writer = z.infer<typeof WriterSchema>;

/** One line of the logbook. */
export const LogEntrySchema = z.strictObject({
  /** An entry that settles a task has the task's own id: ticked twice, it stands there once. */
  id: TaskIdSchema,
  on: IsoDateSchema,
  /** The task that it settles; null when it was written down without one. */
  taskId: TaskIdSchema.nullable(),
  what: LoggedSchema,
  note: NoteSchema,
  /** Missing where the device had no name yet. */
  by: WriterSchema.optional(),
});
export type LogEntry = z.infer<typeof LogEntrySchema>;
