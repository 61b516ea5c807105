import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { code } from "../facts";
import { NeedSchema, StoreLotSchema } from "../food";
import { LogEntrySchema } from "../log";
import { IdSchema } from "../naming";
import { FeedingSchema, RestSchema } from "../soil";
import { TraySchema } from "../trays";
import { OwnNumberSchema } from "./ownNumberSchema";
import {
  BedSchema,
  OwnCropSchema,
  OwnVarietySchema,
  PlaceSchema,
  PlantingSchema,
  SettingsSchema,
  ShelterSchema,
  SuccessionSchema,
} from "./schema";

/** The days of a planting's life; null for what never came. */
const DatesSchema = z.strictObject({
  sowOn: IsoDateSchema,
  plantOutOn: IsoDateSchema.nullable(),
  upOn: IsoDateSchema.nullable(),
  readyOn: IsoDateSchema.nullable(),
  untilOn: IsoDateSchema.nullable(),
});

/** A planting of a season that is over, with what was planned and what came. */
export const KeptPlantingSchema = z.strictObject({
  planting: PlantingSchema,
  /** As it was called: "Spinach, winter type". */
  name: z.string().min(1).max(300),
  planned: DatesSchema,
  came: DatesSchema,
  /** What it would have given with nothing lost, g. */
  usualG: z.number().min(0).max(100_000_000),
});
export type KeptPlanting = z.infer<typeof KeptPlantingSchema>;
export type KeptDates = z.infer<typeof DatesSchema>;

/** What the grower wants done otherwise with a planting in the season after. */
const WishSchema = z.strictObject({
  plantingId: IdSchema,
  change: z.discriminatedUnion("kind", [
    /** Sown so many days sooner; later below 0. */
    z.strictObject({ kind: z.literal("sooner"), days: z.number().int().min(-120).max(120) }),
    z.strictObject({ kind: z.literal("leftOut") }),
    /** So much of its length. */
    z.strictObject({ kind: z.literal("less"), share: z.number().min(0.1).max(1) }),
    z.strictObject({ kind: z.literal("underCover"), bedId: IdSchema }),
    z.strictObject({ kind: z.literal("netted") }),
  ]),
});
export type Wish = z.infer<typeof WishSchema>;

const list = <S extends z.ZodType>(schema: S, most: number) =>
  z.array(schema).max(most, code("garden.aSeasonHoldsNoMore"));

/**
 * A season that was closed, whole: what stood in it, what was written down, and the garden around it as it
 * was then. Nothing that is learned or moved later changes it.
 */
export const KeptSeasonSchema = z.strictObject({
  id: IdSchema,
  /** The year in which it began. */
  year: z.number().int().min(1900, code("garden.aYearFrom1900On")).max(2200),
  fromOn: IsoDateSchema,
  untilOn: IsoDateSchema,
  closedOn: IsoDateSchema,
  place: PlaceSchema.nullable(),
  settings: SettingsSchema,
  need: NeedSchema.nullable(),
  shelters: list(ShelterSchema, 500),
  beds: list(BedSchema, 2000),
  ownCrops: list(OwnCropSchema, 500),
  ownVarieties: list(OwnVarietySchema, 2000),
  ownNumbers: list(OwnNumberSchema, 2000),
  successions: list(SuccessionSchema, 5000),
  plantings: list(KeptPlantingSchema, 10_000),
  rests: list(RestSchema, 5000),
  feedings: list(FeedingSchema, 10_000),
  trays: list(TraySchema, 5000),
  storeLots: list(StoreLotSchema, 5000),
  entries: list(LogEntrySchema, 50_000),
  wishes: list(WishSchema, 10_000),
});
export type KeptSeason = z.infer<typeof KeptSeasonSchema>;
