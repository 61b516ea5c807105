import * as z from "zod";

const Share = z.number().gt(0).lte(1);
const Days = z.number().positive().max(400);

/** Where a seed packet starts counting its days. */
export const PacketBasisSchema = z.enum(["sowing", "emergence", "transplanting"]);
export type PacketBasis = z.infer<typeof PacketBasisSchema>;

/** A kind of variety, by type and not by trade name. */
export const VarietySchema = z.object({
  id: z.string().min(1).max(80),
  name: z.string().min(1).max(80),
  /** Days to maturity as a packet gives them, for spring weather. */
  packetDays: Days,
  packetBasis: PacketBasisSchema,
  /** Temperature that kills half of the plants once hardened, where it differs from the crop's. */
  hardenedLt50C: z.number().min(-40).max(5).optional(),
  note: z.string().max(300).optional(),
});
export type Variety = z.infer<typeof VarietySchema>;

export const CropSchema = z.object({
  id: z.string(),
  name: z.string(),
  latinName: z.string(),
  family: z.string(),
  /** What is eaten; sets how much light the crop wants. */
  harvestedPart: z.enum(["leaf", "root", "head"]),
  /** Cardinal temperatures of growth, °C. */
  temperature: z.object({ minimumC: z.number(), optimumC: z.number(), ceilingC: z.number() }),
  /** Daily light integral at which light response is half of its limit, mol/m² per day. */
  lightHalfMol: z.number().positive(),
  /** Hours of direct sun a day that it wants to do well. */
  directSunHoursNeeded: z.number().positive().max(12),
  hardiness: z.object({ unhardenedLt50C: z.number(), hardenedLt50C: z.number() }),
  varieties: z.array(VarietySchema).min(1),
  /** For crops that are also cut as young leaves: packet days from sowing to the cut, and of standing. */
  babyLeaf: z.object({ packetDays: Days, standingPacketDays: Days }).optional(),
  /** Packet days from sowing to emergence. */
  emergencePacketDays: z.number().positive().max(40),
  transplanting: z.object({
    tolerance: z.enum(["usual", "possible", "never"]),
    /** Weeks on the bench before planting out. */
    seedlingWeeks: z.number().min(0).max(16),
    /** Packet days lost to the move. */
    shockPacketDays: z.number().min(0).max(20),
  }),
  sowing: z.object({
    depthCm: z.number().positive(),
    seedsPerGram: z.number().positive(),
    seedsPerStation: z.number().int().positive(),
    /** Share of sound seed that sprouts. */
    sproutShare: Share,
    /** Share of sprouts that come to stand in the field. */
    fieldShare: Share,
  }),
  spacing: z.object({ rowCm: z.number().positive(), inRowCm: z.number().positive() }),
  harvest: z.object({
    habit: z.enum(["cutAgain", "outerLeaves", "wholePlant", "mainHead"]),
    /** Weeks over which one planting is usually picked. */
    spanWeeks: z.number().positive(),
    /** Packet days for which it stands in good order once ready. */
    standingPacketDays: z.number().positive(),
  }),
  /** Each value above by its path, with the id of its source in `data/sources.json`. */
  sources: z.record(z.string(), z.string()),
});
export type Crop = z.infer<typeof CropSchema>;
