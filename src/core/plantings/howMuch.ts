import eatingJson from "@data/eating.json";
import { DAYS_PER_WEEK } from "../calendar";
import type { Crop } from "../crops";
import type { Method, Stage } from "../growth";
import { amountsFor, lengthForPlants, usualYieldKg } from "./spacing";
import type { Stand } from "./stand";

/** How much of a crop a grower asks for. */
export type HowMuch =
  /** As many as it feeds, so long as it is eaten. */
  | { by: "people"; people: number }
  /** Picked a week, so long as it is eaten. */
  | { by: "weight"; kgAWeek: number }
  | { by: "plants"; plants: number }
  | { by: "length"; lengthM: number }
  /** All the ground there is. */
  | { by: "room" };

/** Two people to feed: what a new wish begins with. */
export const USUAL_HOW_MUCH = { by: "people", people: 2 } as const satisfies HowMuch;

/** Over so long a stretch the yield of a metre does not go by the last plant. */
const LONG_M = 100;

/**
 * How long one sowing of a crop is eaten, weeks: while it is picked, and from the store where it is
 * lifted and keeps; as young leaves, while those are good.
 */
export function weeksEaten({ harvest, storage, babyLeaf }: Crop, stage: Stage): number {
  if (stage === "baby" && babyLeaf) {
    // A packet day is about a day in the weather in which they are cut.
    return Math.max(1, babyLeaf.standingPacketDays / DAYS_PER_WEEK);
  }
  const stored = harvest.habit === "lifted" ? (storage?.weeks ?? 0) : 0;
  return Math.min(eatingJson.mostWeeks, harvest.spanWeeks + stored);
}

/** What one person usually eats of a crop while there is some, kg a week. */
export function kgForAPersonAWeek({ id, group }: Pick<Crop, "id" | "group">): number {
  const { byCrop, byGroup } = eatingJson.kgForEachPersonAWeek;
  return (byCrop as Partial<Record<string, number>>)[id] ?? byGroup[group];
}

/**
 * Length of bed for what is asked for, in whole stations: never shorter than asks for it.
 *
 * @param stand the bed and the distances in it; its length does not count
 * @param weeks how long it is to be eaten, in weeks; as long as the crop usually is when not said
 * @returns Infinity for all the room there is
 */
export function lengthForHowMuch(
  howMuch: HowMuch,
  stand: Stand,
  crop: Crop,
  way: { method: Method; stage: Stage },
  weeks: number = weeksEaten(crop, way.stage),
): number {
  switch (howMuch.by) {
    case "room":
      return Infinity;
    case "length":
      return howMuch.lengthM;
    case "plants":
      return lengthFor(howMuch.plants, stand, crop, way.method);
    case "weight":
      return lengthFor(
        plantsFor(howMuch.kgAWeek * weeks, stand, crop, way),
        stand,
        crop,
        way.method,
      );
    case "people": {
      const kg = howMuch.people * kgForAPersonAWeek(crop) * weeks;
      return lengthFor(plantsFor(kg, stand, crop, way), stand, crop, way.method);
    }
  }
}

function lengthFor(plants: number, stand: Stand, crop: Crop, method: Method): number {
  const piece = onePiece(stand);
  if (piece) return Math.ceil(plants / amountsFor(piece, crop, method).plants) * piece.lengthM;
  const amounts = amountsFor({ ...stand, lengthM: LONG_M }, crop, method);
  return lengthForPlants(plants, amounts, stand.plantsPerStation);
}

function plantsFor(
  kg: number,
  stand: Stand,
  crop: Crop,
  { method, stage }: { method: Method; stage: Stage },
): number {
  const long = onePiece(stand) ?? { ...stand, lengthM: LONG_M };
  const { plants } = amountsFor(long, crop, method);
  return Math.max(1, Math.ceil((kg / usualYieldKg(long, crop, method, stage)) * plants));
}

/** One pot or square of a stand that is made of such; null where more of it is longer ground. */
function onePiece(stand: Stand): Stand | null {
  const { shape } = stand;
  return shape?.byPiece
    ? { ...stand, shape: { ...shape, pieces: shape.pieces.slice(0, 1) } }
    : null;
}
