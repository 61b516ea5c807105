import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { SHARD_FORMAT, SHARD_VERSION } from "./shardFormat";

const Whole = z.number().int();
const Numbers = z.array(z.number());
const OutcomeSchema = z.strictObject({
  winter: Whole.min(0),
  firstDay: Numbers,
  lastDay: Numbers,
  kg: Numbers,
  lostBy: Numbers,
  endedBy: Numbers,
  endDay: Numbers,
  weekKg: Numbers,
  coldestC: z.number(),
  meanC: z.number(),
  totalKg: z.number(),
  coverNights: z.number(),
});

/** Some winters of a rehearsal, lived through anywhere, to be put together with the others. */
export const ShardSchema = z.strictObject({
  format: z.literal(SHARD_FORMAT),
  version: z.literal(SHARD_VERSION),
  /** The same in all parts of one rehearsal. */
  of: z.strictObject({
    /** Of the garden and the change, to tell parts of another rehearsal. */
    digest: z.string(),
    seed: z.number(),
    winters: z.enum(["made", "recorded"]),
    from: IsoDateSchema,
    until: IsoDateSchema,
  }),
  /** Plantings of the plan, and of the garden with the change, in the order of the values. */
  plantings: z.array(
    z.array(
      z.strictObject({ id: z.string(), crop: z.string(), variety: z.string(), bed: z.string() }),
    ),
  ),
  /** For each winter the plan, then the change where there is one. */
  outcomes: z.array(z.array(OutcomeSchema).min(1)),
});
export type Shard = z.infer<typeof ShardSchema>;
export type ShardOutcome = z.infer<typeof OutcomeSchema>;
