import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { ClimateSketchSchema, OutlookSchema } from "../climate";
import { ContainerSchema } from "../containers";
import { CropSchema, VarietySchema } from "../crops";
import { AcrossSchema, OutlineSchema, PositionSchema } from "../layout";
import { IdSchema, NameSchema } from "../naming";
import { VentSchema } from "../shelter";
import { HorizonSchema } from "../sky";
import { STATION_ADDRESS } from "./stationAddress";
import { code } from "../facts";

const LengthM = z
  .number({ error: code("garden.giveALengthInMetres") })
  .min(0.1, code("garden.atLeast01M"))
  .max(500, code("garden.atMost500M"));
const SpacingCm = z
  .number({ error: code("garden.giveADistanceInCentimetres") })
  // Shoots stand closer than a centimetre.
  .min(0.2, code("garden.atLeast02Cm"))
  .max(500, code("garden.atMost500Cm"));

const PlaceFields = z.strictObject({
  id: z.literal("place"),
  name: NameSchema,
  latitudeDeg: z
    .number({ error: code("garden.giveTheLatitudeInDegrees") })
    .min(-90, code("garden.latitudeRunsFromMinus90SouthTo90"))
    .max(90, code("garden.latitudeRunsFromMinus90SouthTo90")),
  longitudeDeg: z
    .number({ error: code("garden.giveTheLongitudeInDegrees") })
    .min(-180, code("garden.longitudeRunsFromMinus180WestTo180"))
    .max(180, code("garden.longitudeRunsFromMinus180WestTo180")),
  elevationM: z
    .number({ error: code("garden.giveTheElevationInMetres") })
    .min(-430, code("garden.noGardenIsThatLow"))
    .max(6000, code("garden.noGardenIsThatHigh")),
  /** The few numbers a grower knows; null when there is only a record. */
  climate: ClimateSketchSchema.nullable(),
  /** Which of the two the garden goes by. */
  climateFrom: z.enum(["sketch", "record"]),
  /** The skyline around the garden, for beds that have none of their own. */
  horizon: HorizonSchema,
});

export const PlaceSchema = PlaceFields.refine(
  (place) => place.climateFrom === "record" || place.climate !== null,
  { path: ["climate"], message: code("garden.enterAverageTemperaturesOrUseA") },
);

export const SettingsSchema = z.strictObject({
  id: z.literal("settings"),
  units: z.enum(["metric", "imperial"]),
  school: z.enum(["growth", "calendar", "tenhour"]),
  frostRisk: z
    .number()
    .min(0.01, code("garden.theAcceptedRiskIsAtLeast1YearIn100"))
    .max(0.9, code("garden.theAcceptedRiskIsAtMost9YearsIn10")),
  shortDayHours: z
    .number()
    .min(7, code("garden.atLeast7Hours"))
    .max(13, code("garden.atMost13Hours")),
  fallAdditionDays: z
    .number()
    .int()
    .min(0, code("garden.atLeast0Days"))
    .max(60, code("garden.atMost60Days")),
  grownBeforeShortDays: z
    .number()
    .min(0.5, code("garden.atLeast50"))
    .max(1, code("garden.atMost100")),
  /** Years before a family comes back to a bed; 0 for no rotation. */
  rotationYears: z
    .number()
    .int()
    .min(0, code("garden.atLeast0Years"))
    .max(10, code("garden.atMost10Years")),
  /** Dug: compost and green manure go in. Undug: they stay on top, and roots stay in. */
  soilSchool: z.enum(["undug", "dug"]),
  /** By what the degrees under covers are told: rule of thumb, energy balance, own thermometers. */
  degreesSchool: z.enum(["rule", "balance", "measured"]),
  /** Where outlook and readings are asked for; null when nowhere. */
  stationUrl: z
    .string()
    .regex(STATION_ADDRESS, code("garden.giveAWebAddressThatBeginsWithHttp"))
    .max(300, code("garden.keepTheAddressWithin300Characters"))
    .nullable(),
});

export const GardenHeadSchema = z.strictObject({
  id: z.literal("garden"),
  name: NameSchema,
  /** A garden with a today of its own (the demo, a rehearsal); null follows the calendar. */
  today: IsoDateSchema.nullable(),
  /** The beds in the order in which the grower walks past them; beds not named follow in their own. */
  walk: z.array(IdSchema).max(2000, code("garden.atMost2000Beds")),
  /** Came with the program, to try things out in. */
  sample: z.boolean(),
});

export const ShelterSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  covers: z.array(z.string()).max(4, code("garden.atMostFourLayers")),
  /** Its walls on the ground; null until the garden is laid out. */
  outline: OutlineSchema.nullable(),
  /** Mean height inside; null is the usual one of its kind. */
  heightM: z
    .number({ error: code("garden.giveAHeightInMetres") })
    .min(0.1, code("garden.aShelterNeedsSomeHeightToHoldAirAt"))
    .max(12, code("garden.atMost12M"))
    .nullable(),
  vent: VentSchema,
  /** Water in barrels that stand in it. */
  barrelLitres: z
    .number({ error: code("garden.giveLitres") })
    .min(0, code("garden.n0OrMoreLitres"))
    .max(100_000, code("garden.atMost100000Litres")),
  /** Its film: the year it was put on, and whether it is made for the sun; null for glass and panels. */
  film: z
    .strictObject({
      sinceYear: z.number().int().min(1950, code("garden.aYearFrom1950On")).max(2200),
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
  covers: z.array(z.string()).max(4, code("garden.atMostFourLayers")),
  /** A skyline of its own; null takes the garden's. */
  horizon: HorizonSchema.nullable(),
  /** How its ground is in winter; nothing where snow lies as it usually does and nothing is spread. */
  winter: z
    .strictObject({
      /** Straw, leaves or the like over the soil, cm. */
      mulchCm: z
        .number({ error: code("garden.giveCentimetresOfMulch") })
        .min(0, code("garden.atLeast0Cm"))
        .max(60, code("garden.atMost60CmOfMulch")),
      /** Whether the snow that usually falls stays on it: wind does not take it, nobody clears it. */
      snowStays: z.boolean(),
    })
    .optional(),
  /** Containers in a row in place of ground; nothing where it is a bed. */
  container: ContainerSchema.optional(),
  /** Where it lies; null until the garden is laid out. */
  position: PositionSchema.nullable(),
  /** Families that stood here before the garden was kept here, for the rotation. */
  history: z
    .array(
      z.strictObject({
        year: z.number().int().min(1900, code("garden.aYearFrom1900On")).max(2200),
        family: z.string().min(3).max(60),
      }),
    )
    .max(60, code("garden.atMost60Entries")),
});

/** The last outlook that came in, kept for when no newer one can be had. */
export const KeptOutlookSchema = z.strictObject({
  id: z.literal("outlook"),
  /** When it came in, as an ISO date and time in UTC. */
  receivedAt: z.iso.datetime({ error: code("garden.giveTheTimeAs20260924t173000z") }),
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
  fromM: z
    .number({ error: code("garden.giveWhereItBegins") })
    .min(0, code("garden.atLeast0M"))
    .max(500),
  /** Length of bed it takes. */
  lengthM: LengthM,
  /** How it lies across the bed: from side to side, in a strip, on both sides, around the edge, in squares. */
  across: AcrossSchema,
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
      waterDays: z
        .number()
        .int()
        .min(0, code("garden.atLeast0Days"))
        .max(60, code("garden.atMost60Days")),
    })
    .nullable(),
  /** Between rows, and in the row from station to station; for pots, from edge to edge. */
  rowCm: SpacingCm,
  inRowCm: SpacingCm,
  /** `offset`: every second row shifted by half. `pots`: round pots, shifted alike. */
  arrangement: z.enum(["rows", "offset", "pots"]),
  /** Diameter of the pots; null in the ground. */
  potCm: z
    .number()
    .min(3, code("garden.atLeast3Cm"))
    .max(100, code("garden.atMost100Cm"))
    .nullable(),
  /** Plants left at a station: more than one is a cluster that pushes apart. */
  plantsPerStation: z
    .number({ error: code("garden.enterThePlantsPerStation") })
    .int(code("garden.wholePlantsOnly"))
    .min(1, code("garden.atLeastOnePlant"))
    .max(15, code("garden.atMost15PlantsPerStation")),
  /** Seeds in each hole or cell, thinned to the plants of a station; null sows for the usual losses. */
  seedsPerHole: z
    .number()
    .int(code("garden.wholeSeedsOnly"))
    .min(1, code("garden.atLeastOneSeed"))
    .max(50, code("garden.atMost50SeedsPerHole"))
    .nullable(),
  /** Both distances times this: over 1 is wider, for winter light. */
  spacingFactor: z
    .number({ error: code("garden.enterTheFactor") })
    .min(0.5, code("garden.atLeastHalfOfTheUsualSpacing"))
    .max(2, code("garden.atMostTwiceTheUsualSpacing")),
  /** For plants that were bought: how old they are when they come into the bed; null where one sows. */
  bought: z
    .strictObject({
      ageDays: z
        .number({ error: code("garden.enterTheAgeOfThePlants") })
        .int(code("garden.wholeDaysOnly"))
        .min(7, code("garden.atLeast7Days"))
        .max(365, code("garden.atMost365Days")),
    })
    .nullable(),
  /** What else is sown with it in one sowing, each with its share of the plants; null where nothing is. */
  mix: z
    .strictObject({
      /** Seed mixed together, or stations that alternate. */
      as: z.enum(["mixed", "alternating"]),
      parts: z
        .array(
          z.strictObject({
            cropId: z.string(),
            varietyId: z.string(),
            share: z
              .number({ error: code("garden.enterAShare") })
              .gt(0, code("garden.aShareIsAbove0"))
              .lt(1, code("garden.sharesAddUpTo100")),
          }),
        )
        .min(1)
        .max(11, code("garden.atMost12KindsInAMix"))
        .refine((parts) => parts.reduce((sum, { share }) => sum + share, 0) < 1, {
          error: code("garden.sharesAddUpTo100"),
        }),
    })
    .nullable(),
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
    .number({ error: code("garden.enterTheInterval") })
    .min(1, code("garden.atLeastADay"))
    .max(200, code("garden.atMost200Days")),
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
    message: code("garden.theCropsOwnIdShouldBeTheSameAsIts"),
  });

/** A variety of the grower's own, of a crop of the library. */
export const OwnVarietySchema = z
  .strictObject({ id: IdSchema, cropId: z.string(), variety: VarietySchema })
  .refine((own) => own.variety.id === own.id, {
    path: ["variety", "id"],
    message: code("garden.theVarietysOwnIdShouldBeTheSameAs"),
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
