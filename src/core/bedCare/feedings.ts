import { dayNumber, isoDate, type DayNumber } from "../calendar";
import {
  coverCropLibrary,
  depthLitres,
  feedingAmount,
  mulches,
  RAW_MANURE_DAYS,
  type Feeding,
  type Rest,
} from "../soil";
import type { Crop } from "../crops";
import type { Bed, Garden, Planting } from "../garden";
import { plantingName, plantingState } from "../plantings";
import type { Site } from "../growth";
import { fact, type Fact, type Told } from "../facts";
import { fedM2, isFed } from "./fedGround";

/** Whether what is eaten hangs above the soil; everything else touches it, or is splashed by it. */
function isAboveSoil({ harvestedPart, family }: Crop): boolean {
  // Cucumbers and squashes are fruits, and lie on the ground.
  return harvestedPart === "pod" || (harvestedPart === "fruit" && family !== "Cucurbitaceae");
}

/** A harvest that comes too soon after raw manure. */
export interface TooFresh {
  planting: Planting;
  name: string;
  /** The first harvest, days after the manure. */
  days: number;
  neededDays: number;
  /** The first day on which it may be harvested. */
  fromDay: DayNumber;
}

/**
 * The harvests in a bed that come too soon after raw manure.
 *
 * @source 7 CFR 205.203(c)(1), USDA National Organic Program: 120 days where what is eaten touches the
 *         soil, 90 days otherwise; local rules may ask for more
 */
export function tooFresh(
  site: Site,
  garden: Garden,
  bed: Bed,
  manure: Pick<Feeding, "part" | "on">,
): TooFresh[] {
  const manureDay = dayNumber(manure.on);
  return [...garden.plantings.values()].flatMap((planting) => {
    const isOnIt = planting.bedId === bed.id && isFed(manure, bed, planting);
    const life = isOnIt ? plantingState(garden, site, planting) : null;
    const readyDay = life?.timeline.readyDay ?? null;
    if (!life || readyDay === null || readyDay < manureDay) return [];
    const above = isAboveSoil(life.growing.crop);
    const neededDays = above ? RAW_MANURE_DAYS.aboveSoil : RAW_MANURE_DAYS.touchesSoil;
    const days = readyDay - manureDay;
    if (days >= neededDays) return [];
    const name = plantingName(garden, planting);
    return [{ planting, name, days, neededDays, fromDay: manureDay + neededDays }];
  });
}

/** One thing to get for the garden, over all beds. */
export interface ShoppingItem {
  item: Told;
  litres: number;
  grams: number;
  /** The beds it is for, by name. */
  beds: string[];
  /** When it is first wanted. */
  firstOn: string;
  notes: Told[];
}

/** Days over which a feeding counts as this year's. */
const A_YEAR = 365;

/** What was done, or is planned, to feed a bed in the year before a day. */
export interface FedThisYear {
  /** Nitrogen that it gives in its first year, g/m². */
  nitrogenGPerM2: number;
  /** Compost has been spread here before: the bed is kept up, not new. */
  isKeptUp: boolean;
}

/** How a bed has been fed: compost and manure count toward what its crops want. */
export function fedThisYear(garden: Garden, bed: Bed, day: DayNumber): FedThisYear {
  const fed: FedThisYear = { nitrogenGPerM2: 0, isKeptUp: false };
  for (const feeding of garden.feedings.values()) {
    const { bedId, on, feed } = feeding;
    const before = day - dayNumber(on);
    if (bedId !== bed.id || before < 0) continue;
    fed.isKeptUp ||= feed.kind === "compost";
    if (before > A_YEAR) continue;
    // What a part of the bed got counts for the whole by its share.
    const share = fedM2(feeding, bed) / (bed.lengthM * bed.widthM);
    fed.nitrogenGPerM2 += feedingAmount(feed, share, garden.settings.soilSchool).nitrogenG;
  }
  return fed;
}

/** What feedings and rests between two days need, over the garden, by name. */
export function shoppingList(garden: Garden, fromDay: DayNumber, toDay: DayNumber): ShoppingItem[] {
  const items = new Map<string, ShoppingItem>();
  const add = (
    item: Told,
    amount: { litres?: number; grams?: number },
    bed: Bed,
    on: string,
    ...notes: Told[]
  ) => {
    const key = typeof item === "string" ? item : JSON.stringify(item);
    const before = items.get(key);
    items.set(key, {
      item,
      litres: (before?.litres ?? 0) + (amount.litres ?? 0),
      grams: (before?.grams ?? 0) + (amount.grams ?? 0),
      beds: [...new Set([...(before?.beds ?? []), bed.name])],
      firstOn: before && before.firstOn < on ? before.firstOn : on,
      notes,
    });
  };
  const isIn = (on: string) => on >= isoDate(fromDay) && on <= isoDate(toDay);
  for (const feeding of garden.feedings.values()) {
    const { bedId, on, feed } = feeding;
    const bed = garden.beds.get(bedId);
    if (!bed || !isIn(on)) continue;
    const areaM2 = fedM2(feeding, bed);
    const { item, litres, grams, nitrogenG } = feedingAmount(
      feed,
      areaM2,
      garden.settings.soilSchool,
    );
    add(item, { litres: litres ?? 0, grams: grams ?? 0 }, bed, on);
    if (nitrogenG < 0) {
      add(
        fact("bedCare.nitrogenForMaterialDugIn"),
        { grams: -nitrogenG },
        bed,
        on,
        fact("bedCare.anyQuickNitrogenByItsLabel"),
      );
    }
  }
  for (const rest of garden.rests.values()) {
    const bed = garden.beds.get(rest.bedId);
    if (!bed || !isIn(rest.fromOn)) continue;
    const { item, litres, grams, notes } = restNeeds(rest, bed);
    add(item, { litres, grams }, bed, rest.fromOn, ...notes);
  }
  return [...items.values()];
}

/** Seed or mulch for a rest. */
export function restNeeds(rest: Rest, bed: Bed) {
  const areaM2 = rest.lengthM * bed.widthM;
  const { under } = rest;
  if (under.kind === "mulch") {
    const mulch = mulches.get(under.mulchId);
    const item = fact("bedCare.mulch", { mulch: mulch?.name ?? under.mulchId });
    const litres = depthLitres(areaM2, under.depthCm);
    return {
      item,
      litres,
      grams: litres * (mulch?.litreKg ?? 0) * 1000,
      notes: mulch ? [mulch.note] : [],
    };
  }
  const crop = coverCropLibrary.get(under.coverCropId);
  const item = fact("bedCare.seed", { crop: crop?.name ?? under.coverCropId });
  const grams = (crop?.sowingGramsPerM2[under.sowing] ?? 0) * areaM2 * under.safety;
  const notes: Fact[] = [];
  for (const part of crop?.blendOf ?? []) {
    const rate = under.sowing === "drilled" ? part.drilledGPerM2 : part.broadcastGPerM2;
    const name = coverCropLibrary.get(part.coverCropId)?.name ?? part.coverCropId;
    notes.push(fact("bedCare.partOfBlend", { crop: name, grams: rate * areaM2 * under.safety }));
  }
  if (crop?.inoculantGroup) {
    notes.push(fact("bedCare.withInoculant", { inoculantGroup: crop.inoculantGroup }));
  }
  if (crop?.lookAlikeSeed) {
    notes.push(fact("bedCare.not", { lookAlikeSeed: crop.lookAlikeSeed }));
  }
  return { item, litres: 0, grams, notes };
}

/** The feedings of a bed, the earliest first. */
export function feedingsOf(garden: Garden, bed: Bed): Feeding[] {
  return [...garden.feedings.values()]
    .filter(({ bedId }) => bedId === bed.id)
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.id < b.id ? -1 : 1));
}
