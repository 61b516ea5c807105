import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { code } from "../facts";
import { IdSchema } from "../naming";

/** What of the library a grower's record can speak to. */
export const OWN_NUMBERS = [
  "growth",
  "emergence",
  "stand",
  "yield",
  "regrowth",
  "hardiness",
  "keeping",
  "degrees",
] as const;
export type OwnNumberOf = (typeof OWN_NUMBERS)[number];

/**
 * A number of the grower's own, as it was when it was last taken over from the record: it does not move by
 * itself, so that a plan stays as it was made.
 */
export const OwnNumberSchema = z.strictObject({
  id: IdSchema,
  what: z.enum(OWN_NUMBERS),
  about: z.discriminatedUnion("kind", [
    z.strictObject({ kind: z.literal("garden") }),
    z.strictObject({ kind: z.literal("crop"), id: IdSchema }),
    z.strictObject({ kind: z.literal("bed"), id: IdSchema }),
    z.strictObject({ kind: z.literal("shelter"), id: IdSchema }),
  ]),
  /**
   * Joined from the library's number and the record. Paces, stands, yields and keeping: as many times the
   * library's. Hardiness: the degrees that it stands more. Degrees: nothing; its thermometers say it.
   */
  value: z
    .number()
    .min(-15, code("garden.noRecordSaysThat"))
    .max(15, code("garden.noRecordSaysThat")),
  /** How many entries it rests on. */
  entries: z.number().int().min(0).max(1_000_000),
  /** How far the record counts against the library, 0 to 1. */
  weight: z.number().min(0).max(1),
  on: IsoDateSchema,
  /** Whether the garden goes by it. */
  used: z.boolean(),
});
export type OwnNumber = z.infer<typeof OwnNumberSchema>;
