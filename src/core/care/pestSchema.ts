import * as z from "zod";
import { IdSchema, NameSchema, NoteSchema } from "../naming";

const MeanC = z.number().min(-20).max(40);
const Days = z.number().int().min(0).max(60);

/** Something that eats or sickens crops: when to look for it, and what helps, mildest first. */
export const PestSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  attacks: z.strictObject({
    families: z.array(z.string()),
    /** Single crops, beside the families. */
    crops: z.array(IdSchema),
    /** `seed` until it is up, `young` until a third grown, `grown` after; `any` once up, `always` from sowing on. */
    stage: z.enum(["seed", "young", "grown", "any", "always"]),
    where: z.enum(["open", "covered", "any"]),
  }),
  /** It is about while the day's mean lies between these, °C; no upper end where it is null. */
  season: z.strictObject({ fromMeanC: MeanC, toMeanC: MeanC.nullable() }),
  lookFor: NoteSchema,
  exclude: NoteSchema,
  mild: NoteSchema,
  /** The last resort; null where none is usual. Its days are usual ones: the label's count. */
  spray: z
    .strictObject({
      what: NameSchema,
      repeatDays: Days,
      beforeHarvestDays: Days,
      harmsBees: z.boolean(),
    })
    .nullable(),
  everyDays: Days.min(1),
  ifLeft: NoteSchema,
  sources: z.record(z.string(), z.string()),
});
export type Pest = z.infer<typeof PestSchema>;
