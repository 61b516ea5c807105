import { z } from "zod";
import { WeatherRecordSchema } from "../climate";
import { NeedSchema, StoreLotSchema } from "../food";
import { PlotSchema } from "../layout";
import { LogEntrySchema, ThermometerDaySchema } from "../log";
import { SeedLotSchema } from "../seedBox";
import { PieceSchema } from "../shelter";
import { FeedingSchema, RestSchema } from "../soil";
import { MixSchema, StandSchema, TraySchema } from "../trays";
import {
  BedSchema,
  GardenHeadSchema,
  HistorySchema,
  KeptOutlookSchema,
  KeptSeasonSchema,
  OwnCropSchema,
  OwnNumberSchema,
  OwnVarietySchema,
  PlaceSchema,
  PlantingSchema,
  SeedPlanSchema,
  SettingsSchema,
  ShelterSchema,
  SuccessionSchema,
  TrialSchema,
} from "../garden";
import { GARDEN_FILE_FORMAT, GARDEN_FILE_VERSION } from "./version";
import { fact, inMessage, type Fact } from "../facts";

/** How many entities of a kind a garden holds at most. */
const LIMITS = {
  shelters: 500,
  beds: 2000,
  plantings: 50_000,
  rests: 5000,
  feedings: 20_000,
  successions: 5000,
  ownCrops: 500,
  ownVarieties: 2000,
  ownNumbers: 5000,
  seedLots: 5000,
  stands: 200,
  trays: 5000,
  pieces: 5000,
  thermometerDays: 40_000,
  storeLots: 5000,
  logEntries: 100_000,
  keptSeasons: 60,
  trials: 500,
  seedPlans: 2000,
  mixes: 200,
} as const;
export type ListName = keyof typeof LIMITS;

/** Why a list is too long for a garden; null when it is not. */
export function tooMany(name: ListName, count: number): Fact | null {
  const most = LIMITS[name];
  return count > most ? fact("gardenFile.atMost", { most, list: name }) : null;
}

function listOf<S extends z.ZodType>(name: ListName, schema: S) {
  const most = LIMITS[name];
  return z.array(schema).max(most, inMessage(fact("gardenFile.atMost", { most, list: name })));
}

/** The garden as one file: what is exported and imported. */
export const GardenFileSchema = z.strictObject({
  format: z.literal(GARDEN_FILE_FORMAT),
  version: z.literal(GARDEN_FILE_VERSION),
  garden: GardenHeadSchema,
  settings: SettingsSchema,
  place: PlaceSchema.nullable(),
  record: WeatherRecordSchema.nullable(),
  outlook: KeptOutlookSchema.nullable(),
  plot: PlotSchema.nullable(),
  need: NeedSchema.nullable(),
  shelters: listOf("shelters", ShelterSchema),
  beds: listOf("beds", BedSchema),
  plantings: listOf("plantings", PlantingSchema),
  rests: listOf("rests", RestSchema),
  feedings: listOf("feedings", FeedingSchema),
  successions: listOf("successions", SuccessionSchema),
  ownCrops: listOf("ownCrops", OwnCropSchema),
  ownVarieties: listOf("ownVarieties", OwnVarietySchema),
  ownNumbers: listOf("ownNumbers", OwnNumberSchema),
  seedLots: listOf("seedLots", SeedLotSchema),
  stands: listOf("stands", StandSchema),
  trays: listOf("trays", TraySchema),
  pieces: listOf("pieces", PieceSchema),
  thermometerDays: listOf("thermometerDays", ThermometerDaySchema),
  storeLots: listOf("storeLots", StoreLotSchema),
  logEntries: listOf("logEntries", LogEntrySchema),
  keptSeasons: listOf("keptSeasons", KeptSeasonSchema),
  trials: listOf("trials", TrialSchema),
  seedPlans: listOf("seedPlans", SeedPlanSchema),
  mixes: listOf("mixes", MixSchema),
  history: HistorySchema.nullable(),
});
export type GardenFile = z.infer<typeof GardenFileSchema>;
