import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { ClimateSketchSchema, OutlookSchema } from "../climate";
import { CropSchema, VarietySchema } from "../crops";
import { OutlineSchema, PositionSchema } from "../layout";
import { IdSchema, NameSchema } from "../naming";
import { VentSchema } from "../shelter";
import { HorizonSchema } from "../sky";
import { STATION_ADDRESS } from "./stationAddress";

const LengthM = z
  .number({ error: "Give a length in metres." })
  .min(0.1, "At least 0.1 m.")
  .max(500, "At most 500 m.");
const SpacingCm = z
  .number({ error: "Give a distance in centimetres." })
  // Shoots stand closer than a centimetre.
  .min(0.2, "At least 0.2 cm.")
  .max(500, "At most 500 cm.");

const PlaceFields = z.strictObject({
  id: z.literal("place"),
  name: NameSchema,
  latitudeDeg: z
    .number({ error: "Give the latitude in degrees." })
    .min(-90, "Latitude runs from −90 (south) to 90 (north).")
    .max(90, "Latitude runs from −90 (south) to 90 (north)."),
  longitudeDeg: z
    .number({ error: "Give the longitude in degrees." })
    .min(-180, "Longitude runs from −180 (west) to 180 (east).")
    .max(180, "Longitude runs from −180 (west) to 180 (east)."),
  elevationM: z
    .number({ error: "Give the elevation in metres." })
    .min(-430, "No garden is that low.")
    .max(6000, "No garden is that high."),
  /** The few numbers a grower knows; null when there is only a record. */
  climate: ClimateSketchSchema.nullable(),
  /** Which of the two the garden goes by. */
  climateFrom: z.enum(["sketch", "record"]),
  /** The skyline around the garden, for beds that have none of their own. */
  horizon: HorizonSchema,
});

export const PlaceSchema = PlaceFields.refine(
  (place) => place.climateFrom === "record" || place.climate !== null,
  { path: ["climate"], message: "Enter average temperatures, or use a daily weather record." },
);

export const SettingsSchema = z.strictObject({
  id: z.literal("settings"),
  units: z.enum(["metric", "imperial"]),
  school: z.enum(["growth", "calendar", "tenhour"]),
  frostRisk: z
    .number()
    .min(0.01, "The accepted risk is at least 1 year in 100.")
    .max(0.9, "The accepted risk is at most 9 years in 10."),
  shortDayHours: z.number().min(7, "At least 7 hours.").max(13, "At most 13 hours."),
  fallAdditionDays: z.number().int().min(0, "At least 0 days.").max(60, "At most 60 days."),
  grownBeforeShortDays: z.number().min(0.5, "At least 50 %.").max(1, "At most 100 %."),
  /** Years before a family comes back to a bed; 0 for no rotation. */
  rotationYears: z.number().int().min(0, "At least 0 years.").max(10, "At most 10 years."),
  /** Dug: compost and green manure go in. Undug: they stay on top, and roots stay in. */
  soilSchool: z.enum(["undug", "dug"]),
  /** By what the degrees under covers are told: rule of thumb, energy balance, own thermometers. */
  degreesSchool: z.enum(["rule", "balance", "measured"]),
  /** Where outlook and readings are asked for; null when nowhere. */
  stationUrl: z
    .string()
    .regex(
      STATION_ADDRESS,
      "Give a web address that begins with http:// or https:// and has no ?, # or @ in it, or /api/station for the simulated one.",
    )
    .max(300, "Keep the address within 300 characters.")
    .nullable(),
});

export const GardenHeadSchema = z.strictObject({
  id: z.literal("garden"),
  name: NameSchema,
  /** A garden with a today of its own (the demo, a rehearsal); null follows the calendar. */
  today: IsoDateSchema.nullable(),
  /** The beds in the order in which the grower walks past them; beds not named follow in their own. */
  walk: z.array(IdSchema).max(2000, "At most 2,000 beds."),
  /** Came with the program, to try things out in. */
  sample: z.boolean(),
});

export const ShelterSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  covers: z.array(z.string()).max(4, "At most four layers."),
  /** Its walls on the ground; null until the garden is laid out. */
  outline: OutlineSchema.nullable(),
  /** Mean height inside; null is the usual one of its kind. */
  heightM: z
    .number({ error: "Give a height in metres." })
    .min(0.1, "A shelter needs some height to hold air: at least 0.1 m.")
    .max(12, "At most 12 m.")
    .nullable(),
  vent: VentSchema,
  /** Water in barrels that stand in it. */
  barrelLitres: z
    .number({ error: "Give litres." })
    .min(0, "0 or more litres.")
    .max(100_000, "At most 100,000 litres."),
  /** Its film: the year it was put on, and whether it is made for the sun; null for glass and panels. */
  film: z
    .strictObject({
      sinceYear: z.number().int().min(1950, "A year from 1950 on.").max(2200),
      madeForSun: z.boolean(),
    })
    .nullable(),
});

export const BedSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  lengthM: LengthM,
  widthM: LengthM,
  /** The shelter it lies in; null in the open. */
  shelterId: IdSchema.nullable(),
  /** Covers of its own inside the shelter's, from the outside in, as material ids. */
  covers: z.array(z.string()).max(4, "At most four layers."),
  /** A skyline of its own; null takes the garden's. */
  horizon: HorizonSchema.nullable(),
  /** Where it lies; null until the garden is laid out. */
  position: PositionSchema.nullable(),
  /** Families that stood here before the garden was kept here, for the rotation. */
  history: z
    .array(
      z.strictObject({
        year: z.number().int().min(1900, "A year from 1900 on.").max(2200),
        family: z.string().min(3).max(60),
      }),
    )
    .max(60, "At most 60 entries."),
});

/** The last outlook that came in, kept for when no newer one can be had. */
export const KeptOutlookSchema = z.strictObject({
  id: z.literal("outlook"),
  /** When it came in, as an ISO date and time in UTC. */
  receivedAt: z.iso.datetime({ error: "Give the time as 2026-09-24T17:30:00Z." }),
  outlook: OutlookSchema,
});

export const PlantingSchema = z.strictObject({
  id: IdSchema,
  cropId: z.string(),
  varietyId: z.string(),
  bedId: IdSchema,
  sowOn: IsoDateSchema,
  method: z.enum(["direct", "transplant"]),
  stage: z.enum(["full", "baby"]),
  /** Metres from the bed's near end at which it begins. */
  fromM: z.number({ error: "Give where it begins." }).min(0, "At least 0 m.").max(500),
  /** Length of bed it takes. */
  lengthM: LengthM,
  /** Stands between the plants of another planting instead of having the ground to itself. */
  interplanted: z.boolean(),
  /** The day it is pulled; null stands as long as it is good. */
  clearOn: IsoDateSchema.nullable(),
  /** The grower's word on what it is still worth. */
  worth: z.enum(["full", "little", "none", "diseased"]),
  /** What is done when it comes into the bed; null does what its crop usually wants. */
  setup: z
    .strictObject({
      /** `byWeather`: on bright and warm days, off on cool and cloudy ones. */
      shade: z.enum(["byWeather", "none"]),
      netting: z.boolean(),
      /** Days of short, daily watering before it is deep and rare again. */
      waterDays: z.number().int().min(0, "At least 0 days.").max(60, "At most 60 days."),
    })
    .nullable(),
  /** The book's distances; for pots, from edge to edge. */
  rowCm: SpacingCm,
  inRowCm: SpacingCm,
  /** `offset`: every second row shifted by half. `pots`: round pots, shifted alike. */
  arrangement: z.enum(["rows", "offset", "pots"]),
  /** Diameter of the pots; null in the ground. */
  potCm: z.number().min(3, "At least 3 cm.").max(100, "At most 100 cm.").nullable(),
  /** Plants at a station: more than one is a cluster that pushes apart. */
  plantsPerStation: z
    .number({ error: "Enter the plants per station." })
    .int("Whole plants only.")
    .min(1, "At least one plant.")
    .max(15, "At most 15 plants per station."),
  /** Both distances times this: over 1 is wider, for winter light. */
  spacingFactor: z
    .number({ error: "Enter the factor." })
    .min(0.5, "At least half of the usual spacing.")
    .max(2, "At most twice the usual spacing."),
  /** The succession it belongs to; null when it stands alone. */
  successionId: IdSchema.nullable(),
});

/** Sowings of one crop that follow each other and move together. */
export const SuccessionSchema = z.strictObject({
  id: IdSchema,
  /** `growth`: each is ready as the one before is used up. `calendar`: a harvest every so many days. */
  rule: z.enum(["growth", "calendar"]),
  /** Packet days (by growth) or calendar days (by the calendar) from one to the next. */
  interval: z
    .number({ error: "Enter the interval." })
    .min(1, "At least a day.")
    .max(200, "At most 200 days."),
});

/** A crop of the grower's own, copied from one that is near. */
export const OwnCropSchema = z
  .strictObject({
    id: IdSchema,
    /** The crop of the library it was copied from. */
    copiedFrom: z.string(),
    crop: CropSchema,
  })
  .refine((own) => own.crop.id === own.id, {
    path: ["crop", "id"],
    message: "The crop's own id should be the same as its entry's.",
  });

/** A variety of the grower's own, of a crop of the library. */
export const OwnVarietySchema = z
  .strictObject({ id: IdSchema, cropId: z.string(), variety: VarietySchema })
  .refine((own) => own.variety.id === own.id, {
    path: ["variety", "id"],
    message: "The variety's own id should be the same as its entry's.",
  });

export type Place = z.infer<typeof PlaceSchema>;
export type Settings = z.infer<typeof SettingsSchema>;
export type GardenHead = z.infer<typeof GardenHeadSchema>;
export type Shelter = z.infer<typeof ShelterSchema>;
export type Bed = z.infer<typeof BedSchema>;
export type Planting = z.infer<typeof PlantingSchema>;
export type Succession = z.infer<typeof SuccessionSchema>;
export type OwnCrop = z.infer<typeof OwnCropSchema>;
export type OwnVariety = z.infer<typeof OwnVarietySchema>;
export type KeptOutlook = z.infer<typeof KeptOutlookSchema>;
