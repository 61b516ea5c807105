import { DAYS_PER_WEEK } from "../calendar";
import { benchDayWorth, packetEmergenceDays, type Crop, type Variety } from "../crops";

/** How a planting comes into its bed. */
export type Method = "direct" | "transplant";
/** What is cut: the full-grown crop, or its young leaves. */
export type Stage = "full" | "baby";

/** What a planting needs before it is ready, in packet days, and how it spends its first weeks. */
export interface Requirement {
  method: Method;
  stage: Stage;
  /** Calendar days on the seedling bench; 0 when sown direct. */
  benchDays: number;
  /** Packet days to be gathered in the bed, from planting out (or from emergence, when direct). */
  bedPacketDays: number;
  /** Packet days from sowing to ready altogether, the bench's included. */
  totalPacketDays: number;
  /** Packet days gathered on the bench. */
  benchPacketDays: number;
  /**
   * Days until it emerges that a packet's count has in it; 0 when transplanted. In the bed the soil
   * decides how long that takes.
   */
  emergencePacketDays: number;
  /** Packet days in the bed lost to the move. */
  shockPacketDays: number;
}

/** Age of bought plants of a crop that is not usually raised, days (estimate). */
const UNUSUAL_AGE_DAYS = 42;

/** Days from sowing until seedlings of a crop are usually set out; 0 where they are not raised. */
export function seedlingDays({ transplanting }: Crop): number {
  return transplanting.seedlingWeeks * DAYS_PER_WEEK;
}

/** How old bought plants of a crop usually are when they are set out, days. */
export function usualBoughtAgeDays(crop: Crop): number {
  return seedlingDays(crop) || UNUSUAL_AGE_DAYS;
}

/** A plant that waits in its pot grows no further than this many times the usual age (estimate). */
const MOST_USUAL_AGES = 1.5;

/**
 * Packet days a planting needs, whatever start its packet counts from.
 *
 * A packet that counts from transplanting leaves out the seedling weeks and already includes the
 * shock of the move; one that counts from emergence leaves out the sprouting.
 *
 * @param boughtAgeDays age of bought plants when they come into the bed, which older ones are ahead by;
 *                      null for plants raised for the crop's usual weeks
 */
export function requirement(
  crop: Crop,
  variety: Variety,
  method: Method,
  stage: Stage = "full",
  boughtAgeDays: number | null = null,
): Requirement {
  const { shockPacketDays } = crop.transplanting;
  const usualDays = seedlingDays(crop);
  const benchDays = boughtAgeDays ?? usualDays;
  const benchPacketDays = Math.min(benchDays, MOST_USUAL_AGES * usualDays) * benchDayWorth(crop);
  const fromSowing =
    stage === "baby" && crop.babyLeaf !== undefined
      ? crop.babyLeaf.packetDays
      : packetDaysFromSowing(crop, variety, usualDays * benchDayWorth(crop));
  if (method === "direct") {
    const emergencePacketDays = packetEmergenceDays(crop);
    return {
      method,
      stage,
      benchDays: 0,
      bedPacketDays: Math.max(1, fromSowing - emergencePacketDays),
      totalPacketDays: fromSowing,
      benchPacketDays: 0,
      emergencePacketDays,
      shockPacketDays: 0,
    };
  }
  const countsFromMove = variety.packetBasis === "transplanting" && stage === "full";
  const shock = countsFromMove ? 0 : shockPacketDays;
  const bedPacketDays = Math.max(1, fromSowing - benchPacketDays + shock);
  return {
    method,
    stage,
    benchDays,
    bedPacketDays,
    totalPacketDays: bedPacketDays + benchPacketDays,
    benchPacketDays,
    emergencePacketDays: 0,
    shockPacketDays: shock,
  };
}

function packetDaysFromSowing(crop: Crop, variety: Variety, benchPacketDays: number): number {
  switch (variety.packetBasis) {
    case "sowing":
      return variety.packetDays;
    case "emergence":
      return variety.packetDays + packetEmergenceDays(crop);
    case "transplanting":
      return variety.packetDays + benchPacketDays;
  }
}

/** Packet days for which a crop stands in good order once it is ready, at the stage it is cut. */
export function standingPacketDays(crop: Crop, stage: Stage): number {
  if (stage === "baby" && crop.babyLeaf) return crop.babyLeaf.standingPacketDays;
  return crop.harvest.standingPacketDays;
}
