import { z } from "zod";
import { WeatherRecordSchema } from "../climate";
import { PlotSchema } from "../layout";
import { LogEntrySchema, ThermometerDaySchema } from "../log";
import { SeedLotSchema } from "../seedBox";
import { PieceSchema } from "../shelter";
import { FeedingSchema, RestSchema } from "../soil";
import { MixSchema, StandSchema, TraySchema } from "../trays";
import {
  BedSchema,
  GardenHeadSchema,
  KeptOutlookSchema,
  OwnCropSchema,
  OwnVarietySchema,
  PlaceSchema,
  PlantingSchema,
  SettingsSchema,
  ShelterSchema,
  SuccessionSchema,
} from "../garden";
import { GARDEN_FILE_FORMAT, GARDEN_FILE_VERSION } from "./version";

/** How many entities of a kind a garden holds at most, and what they are called. */
const LIMITS = {
  shelters: [500, "shelters"],
  beds: [2000, "beds"],
  plantings: [50_000, "plantings"],
  rests: [5000, "rests"],
  feedings: [20_000, "feedings"],
  successions: [5000, "successions"],
  ownCrops: [500, "your own crops"],
  ownVarieties: [2000, "your own varieties"],
  seedLots: [5000, "seed lots"],
  stands: [200, "tray locations"],
  trays: [5000, "trays"],
  pieces: [5000, "pieces"],
  thermometerDays: [40_000, "thermometer readings"],
  logEntries: [100_000, "log entries"],
  mixes: [200, "mixes"],
} as const;
export type ListName = keyof typeof LIMITS;

/** Why a list is too long for a garden; null when it is not. */
export function tooMany(name: ListName, count: number): string | null {
  const [most, what] = LIMITS[name];
  return count > most ? `At most ${most.toLocaleString("en")} ${what}.` : null;
}

function listOf<S extends z.ZodType>(name: ListName, schema: S) {
  const [most] = LIMITS[name];
  return z.array(schema).max(most, tooMany(name, Infinity) ?? undefined);
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
  shelters: listOf("shelters", ShelterSchema),
  beds: listOf("beds", BedSchema),
  plantings: listOf("plantings", PlantingSchema),
  rests: listOf("rests", RestSchema),
  feedings: listOf("feedings", FeedingSchema),
  successions: listOf("successions", SuccessionSchema),
  ownCrops: listOf("ownCrops", OwnCropSchema),
  ownVarieties: listOf("ownVarieties", OwnVarietySchema),
  seedLots: listOf("seedLots", SeedLotSchema),
  stands: listOf("stands", StandSchema),
  trays: listOf("trays", TraySchema),
  pieces: listOf("pieces", PieceSchema),
  thermometerDays: listOf("thermometerDays", ThermometerDaySchema),
  logEntries: listOf("logEntries", LogEntrySchema),
  mixes: listOf("mixes", MixSchema),
});
export type GardenFile = z.infer<typeof GardenFileSchema>;
