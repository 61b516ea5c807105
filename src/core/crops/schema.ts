import * as z from "zod";
import { CROP_GROUPS } from "./groups";
import { IdSchema, NameSchema, NoteSchema } from "../naming";
import { SPROUTING_TEMPERATURES_C } from "./sproutingTemperatures";
import { code } from "../facts";
import type { Here } from "./here";

const Share = z.number().gt(0, code("crops.moreThan0")).lte(1, code("crops.atMost100"));
const Days = z
  .number({ error: code("crops.giveDays") })
  .positive(code("crops.moreThan0Days"))
  .max(400, code("crops.atMost400Days"));
const Lt50C = z
  .number({ error: code("crops.giveATemperature") })
  .min(-45, code("crops.noCropSurvivesBelowMinus45C"))
  .max(5, code("crops.atMost5C"));
const Cm = z
  .number({ error: code("crops.giveCentimetres") })
  .positive(code("crops.moreThan0Cm"))
  .max(500, code("crops.atMost500Cm"));

/** Where a seed packet starts counting its days. */
export const PacketBasisSchema = z.enum(["sowing", "emergence", "transplanting"]);
export type PacketBasis = z.infer<typeof PacketBasisSchema>;

/** A kind of variety, by type and not by trade name. */
export const VarietySchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  /** Days to maturity as a packet gives them, for spring weather. */
  packetDays: Days,
  packetBasis: PacketBasisSchema,
  /** Temperature that kills half of the plants once hardened, where it differs from the crop's. */
  hardenedLt50C: Lt50C.optional(),
  note: NoteSchema.optional(),
});
export type Variety = z.infer<typeof VarietySchema>;

/** What grows together on the shelf: how the library is leafed through. */
export const CropGroupSchema = z.enum(CROP_GROUPS);
export type CropGroup = z.infer<typeof CropGroupSchema>;

const columns = SPROUTING_TEMPERATURES_C.length;

export const CropSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  latinName: z.string().max(80),
  family: NameSchema,
  group: CropGroupSchema,
  /** What is eaten; sets how much light the crop wants. */
  harvestedPart: z.enum(["leaf", "root", "bulb", "head", "pod", "fruit", "shoot", "flower"]),
  /**
   * `beforeWinter`: to eat before deep winter. `overwinters`: stands through and crops in spring.
   * `either`: both. `lateSummer`: a summer crop squeezed in late. `indoors`: shoots, at any time.
   */
  season: z.enum(["beforeWinter", "overwinters", "either", "lateSummer", "indoors"]),
  startedFrom: z.enum(["seed", "clove", "set", "tuber", "division", "root"]),
  /** Cardinal temperatures of growth, °C. */
  temperature: z.strictObject({
    minimumC: z.number().min(-5).max(20),
    optimumC: z.number().min(5).max(40),
    ceilingC: z.number().min(15).max(50),
  }),
  /** Weather for which its packets give their days, where it is warmer than usual, °C. */
  packetTemperatureC: z.number().min(15).max(30).optional(),
  /** Daily light integral at which light response is half of its limit, mol/m² per day. */
  lightHalfMol: z.number().positive().max(40),
  /** Hours of direct sun a day that it wants to do well. */
  directSunHoursNeeded: z.number().positive().max(12),
  hardiness: z.strictObject({
    /** What kills half of the plants: before any hardening, and fully hardened. */
    unhardenedLt50C: Lt50C,
    hardenedLt50C: Lt50C,
    /** Parts and stages that stand less cold, or more, than the plant. */
    organs: z.array(
      z.strictObject({
        organ: z.enum(["seedling", "head", "flower", "pod", "root"]),
        unhardenedLt50C: Lt50C,
        hardenedLt50C: Lt50C,
      }),
    ),
  }),
  varieties: z.array(VarietySchema).min(1),
  /** For crops that are also cut as young leaves: packet days from sowing to the cut, and of standing. */
  babyLeaf: z.strictObject({ packetDays: Days, standingPacketDays: Days }).optional(),
  sprouting: z.strictObject({
    /** Days from sowing to emergence at 0, 5, … 40 °C of soil; null where none comes up. */
    days: z.array(z.number().positive().max(250).nullable()).length(columns),
    /** Share of sound seed that comes up at these temperatures, 0 to 1. */
    share: z.array(z.number().min(0).max(1)).length(columns),
    /** Whether the seed wants light: then it is pressed in, hardly covered. */
    light: z.enum(["needed", "helps", "indifferent"]),
    /** Set point of a heat mat, for crops that want one, °C of the mix. */
    heatMatC: z.number().min(15).max(32).optional(),
  }),
  transplanting: z.strictObject({
    tolerance: z.enum(["usual", "possible", "never"]),
    /** Weeks on the bench before planting out. */
    seedlingWeeks: z.number().min(0).max(16),
    /** Packet days lost to the move. */
    shockPacketDays: z.number().min(0).max(20),
  }),
  /** How it is raised in cells, for crops that are. */
  tray: z
    .strictObject({
      /** Usual volume of a cell, mL. */
      cellMl: z.number().positive().max(1000),
      seedsPerCell: z.number().int().positive().max(30),
      /** Plants left together where it is grown in clusters that push apart. */
      clusterPlants: z.number().int().min(2).max(15).optional(),
    })
    .optional(),
  sowing: z.strictObject({
    depthCm: z.number().positive(code("crops.moreThan0Cm")).max(30, code("crops.atMost30Cm")),
    /** Seeds a gram; for cloves, sets and tubers the pieces a gram, below 1. */
    seedsPerGram: z
      .number()
      .positive(code("crops.moreThan02"))
      .max(20_000, code("crops.atMost20000")),
    seedsPerStation: z.number().int().positive(),
    /** Share of sound, fresh seed that sprouts. */
    sproutShare: Share,
    /** Share of sprouts that come to stand in the field. */
    fieldShare: Share,
    /** Years in which stored seed loses half of its sprouting. */
    halfLifeYears: z
      .number()
      .positive(code("crops.moreThan0Years"))
      .max(30, code("crops.atMost30Years")),
  }),
  /** For what is planted by the piece: cloves, sets, tubers, roots, divisions. */
  piece: z
    .strictObject({
      grams: z.number().positive().max(1000),
      /** Pieces from one bulb; 1 where it is planted whole. */
      perBulb: z.number().int().positive().max(30),
    })
    .optional(),
  spacing: z.strictObject({
    rowCm: Cm,
    inRowCm: Cm,
    /** Wind-pollinated crops set badly in less than such a block. */
    leastBlockRows: z.number().int().positive().max(20).optional(),
    leastBlockLengthM: z.number().positive().max(20).optional(),
  }),
  harvest: z.strictObject({
    habit: z.enum(["cutAgain", "outerLeaves", "wholePlant", "mainHead", "pickedAgain", "lifted"]),
    /** Sweeter after frost: growers wait for it. */
    frostSweetens: z.boolean().optional(),
    /** Weeks over which one planting is usually picked. */
    spanWeeks: z.number().positive().max(60),
    /** Packet days for which it stands in good order once ready. */
    standingPacketDays: z.number().positive().max(400),
    /** Usual yield of a planting at the usual spacing. */
    yieldKgPerM2: z.number().positive().max(30),
  }),
  /** How what is harvested keeps; absent for what is eaten fresh. */
  storage: z
    .strictObject({
      weeks: z.number().positive().max(60),
      temperatureC: z.number().min(-2).max(25),
      air: z.enum(["moist", "dry"]),
    })
    .optional(),
  nutrientDemand: z.enum(["light", "medium", "heavy"]),
  /** Crops that need a winter first: packet days from its end until they are ready at the earliest. */
  winterNeeded: z
    .strictObject({
      springPacketDays: Days,
      /** Counted from the first day so long after midwinter, where it bulbs by day length. */
      fromDayLengthH: z.number().min(8).max(20).optional(),
    })
    .optional(),
  /**
   * Packet days from midwinter until plants that stood through it run to flower: the end of an
   * overwintered crop. Absent for what flowers when it is eaten, or never here.
   */
  springBolting: z.strictObject({ packetDays: Days }).optional(),
  /** Plants of the long day: packet days after coming up, in days so long, until they run to flower. */
  longDayBolting: z
    .strictObject({ dayLengthH: z.number().min(8).max(20), packetDays: Days })
    .optional(),
  /**
   * What ends in heat: degrees by which days, once it is half grown, are warmer on the mean than it
   * bears, added up until it bolts, turns bitter or sets no more.
   */
  heat: z
    .strictObject({
      aboveMeanC: z.number().min(10).max(35),
      degreeDays: z.number().positive().max(300),
    })
    .optional(),
  /** Forcing in the dark after lifting, or under a cover. */
  forcing: z
    .strictObject({
      weeks: z.number().positive().max(20),
      temperatureC: z.number().min(0).max(30),
    })
    .optional(),
  /** What it is forced from: a crop whose roots lie in the store. */
  forcedFrom: IdSchema.optional(),
  /** Crops with the same word cannot be told apart as seedlings. */
  lookAlike: z.string().max(60).optional(),
  /** Ids of `data/cautions.json`. */
  cautions: z.array(z.string()),
});
/** A crop as one garden grows it: the library's, with how it does there where that was learned. */
export type Crop = z.infer<typeof CropSchema> & { here?: Here };
