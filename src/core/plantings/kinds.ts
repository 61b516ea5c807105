import growthJson from "@data/growth.json";
import { dayNumber, type DayNumber } from "../calendar";
import { derive } from "../derive";
import type { Bed, Garden, Planting } from "../garden";
import type { Site } from "../growth";
import { relativeEmergence, type Growing } from "../schedule";
import { siteFor } from "./gardenSite";
import { growingOf, standOf } from "./growing";
import { kindsOf, type Kind } from "./kindsOf";
import { amountsFor, usualYieldKg, type Amounts } from "./spacing";

/** A kind with what it wants and gives. */
export interface KindAmounts extends Kind {
  /** Of its sound seed, the share that sprouts where and when it is sown. */
  seedShare: number;
  plants: number;
  seeds: number;
  seedGrams: number;
  /** Null when it is sown direct. */
  cells: number | null;
  yieldKg: number;
}

/**
 * Plants, seed and cells of a planting's stand, by what will come up where and when it is sown.
 *
 * @returns null when its crop or its bed is not there
 */
export function plantingAmounts(garden: Garden, planting: Planting): Amounts | null {
  const bed = garden.beds.get(planting.bedId);
  const growing = growingOf(garden, planting);
  if (!bed || !growing) return null;
  const share = seedShareOf(siteFor(garden), growing, dayNumber(planting.sowOn));
  return amountsFor(standOf(planting, bed), growing.crop, planting.method, share);
}

/** Whether it is sown by weight over its ground: young leaves and shoots, from seed. */
export function isSownByWeight({ crop, stage }: Pick<Growing, "crop" | "stage">): boolean {
  return crop.startedFrom === "seed" && (stage === "baby" || crop.group === "shoots");
}

/** What each kind of a planting wants and gives, the planting's own crop first. */
export function kindAmounts(garden: Garden, planting: Planting): KindAmounts[] {
  const bed = garden.beds.get(planting.bedId);
  const growing = growingOf(garden, planting);
  if (!bed || !growing) return [];
  return derive([planting, bed, growing, siteFor(garden)], amountsOfKinds);
}

function amountsOfKinds(
  planting: Planting,
  bed: Bed,
  growing: Growing,
  site: Site | null,
): KindAmounts[] {
  const stand = standOf(planting, bed);
  const sowDay = dayNumber(planting.sowOn);
  const kinds = kindsOf(growing);
  const { plants: all } = amountsFor(stand, growing.crop, planting.method);
  const plants = sharedOut(all, kinds);
  return kinds.map((kind, index) => {
    const { crop } = kind.growing;
    const seedShare = seedShareOf(site, kind.growing, sowDay);
    const alone = amountsFor(stand, crop, planting.method, seedShare);
    const own = plants[index] ?? 0;
    const part = all === 0 ? 0 : own / all;
    const seeds = kinds.length === 1 ? alone.seeds : Math.ceil(alone.seeds * part);
    return {
      ...kind,
      seedShare,
      plants: own,
      seeds,
      seedGrams: seeds / crop.sowing.seedsPerGram,
      cells: alone.cells === null ? null : Math.ceil(alone.cells * part),
      yieldKg: usualYieldKg(stand, crop, planting.method, planting.stage) * part,
    };
  });
}

/** Whole plants by their shares: what is left over goes where most was cut off. */
function sharedOut(plants: number, kinds: readonly Kind[]): number[] {
  const exact = kinds.map(({ share }) => plants * share);
  const whole = exact.map(Math.floor);
  const byRest = exact
    .map((value, index) => ({ index, rest: value - Math.floor(value) }))
    .sort((a, b) => b.rest - a.rest);
  let left = plants - whole.reduce((sum, value) => sum + value, 0);
  for (const { index } of byRest) {
    if (left <= 0) break;
    whole[index] = (whole[index] ?? 0) + 1;
    left -= 1;
  }
  return whole;
}

/** Of sound, fresh seed, the share that sprouts in the soil of a place on a day, or on the bench. */
export function seedShareOf(site: Site | null, growing: Growing, sowDay: DayNumber): number {
  const { crop, method } = growing;
  const usual = crop.sowing.sproutShare;
  if (!site || crop.startedFrom !== "seed") return usual;
  // On the bench what wants warmth stands on a mat.
  const benchC = crop.sprouting.heatMatC ?? growthJson.bench.temperatureC;
  return usual * relativeEmergence(site, growing, sowDay, method === "transplant" ? benchC : null);
}
