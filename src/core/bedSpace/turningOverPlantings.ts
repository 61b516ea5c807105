import { isoDate, type DayNumber } from "../calendar";
import { containerCount } from "../containers";
import { BY_THE_BOOK } from "../gardenFile";
import type { Bed, Planting } from "../garden";
import { seedlingDays, usualBoughtAgeDays } from "../growth";
import { exactM, SAME_LENGTH_M, type Across } from "../layout";
import { amountsFor, bookSpacing, fittedTo, standOf } from "../plantings";
import type { Growing } from "../schedule";
import type { Units } from "../units";

/** One standing planting, and which of its plants are left standing. */
export interface Clearing {
  planting: Planting;
  growing: Growing;
  /** Places along the bed, counted from its near end from 0; none pulls all. */
  keep: readonly number[];
}

/** A part of a bed is at least so long, m. */
const LEAST_M = 0.1;
/** Beside plants that are kept a strip is at least so wide, m. */
const LEAST_SIDE_M = 0.1;
/** Plants that are kept take at least this part of the bed's width on either side of their stems. */
const KEPT_SHARE = 1 / 6;

/** How a bed is turned over. */
export interface TurnOverPlan {
  bed: Bed;
  onDay: DayNumber;
  clearings: readonly Clearing[];
  next: Growing;
  /** Also between the plants that are left, along both sides of them, or on the cleared ground alone. */
  beside: "between" | "sides" | "nowhere";
  units: Units;
  /** The next crop comes as plants that are bought. */
  bought: boolean;
  newId: () => string;
}

/** The places of a planting, counted along the bed: a place is as many plants as stand across there. */
export interface Places {
  /** Along the bed. */
  count: number;
  plantsAtEach: number;
  /** From the bed's near end to the first, and from one to the next, m. */
  firstM: number;
  apartM: number;
  /** Whether they stand in one row, with room for others on both sides. */
  isOneRow: boolean;
}

export function placesOf(planting: Planting, growing: Growing, bed: Bed): Places {
  const stand = standOf(planting, bed);
  const { rows, stations, stationsPerRow, stationCm } = amountsFor(
    stand,
    growing.crop,
    planting.method,
  );
  const apartM = stationCm / 100;
  const { container } = bed;
  if (container) {
    // Pots are kept or emptied whole.
    const count = containerCount({ lengthM: planting.lengthM, container });
    const firstM = planting.fromM + container.eachM / 2;
    const plantsAtEach = stations / count;
    return { count, plantsAtEach, firstM, apartM: container.eachM, isOneRow: false };
  }
  if (planting.across.kind === "cells" || planting.across.kind === "edge") {
    // Squares and a line around the edge are not cut: all of them stay, or none.
    const { fromM, lengthM } = planting;
    const firstM = fromM + lengthM / 2;
    return { count: 1, plantsAtEach: stations, firstM, apartM: lengthM, isOneRow: false };
  }
  return {
    count: stationsPerRow,
    plantsAtEach: stations / stationsPerRow,
    firstM: planting.fromM + (planting.lengthM - (stationsPerRow - 1) * apartM) / 2,
    apartM,
    isOneRow: rows === 1 && planting.across.kind === "whole",
  };
}

/** Stretches of a planting, kept or pulled, in its order along the bed. */
interface Stretch {
  fromM: number;
  toM: number;
  isKept: boolean;
}

function stretchesOf({ planting, growing, keep }: Clearing, bed: Bed): Stretch[] {
  const { count, firstM, apartM } = placesOf(planting, growing, bed);
  const endM = planting.fromM + planting.lengthM;
  const kept = [...new Set(keep)].filter((at) => at >= 0 && at < count).sort((a, b) => a - b);
  const stretches: Stretch[] = [];
  const add = (fromM: number, toM: number, isKept: boolean) => {
    const last = stretches.at(-1);
    if (last?.isKept === isKept) last.toM = toM;
    else if (toM - fromM > SAME_LENGTH_M) stretches.push({ fromM, toM, isKept });
  };
  let reachedM = planting.fromM;
  for (const at of kept) {
    const nearM = exactM(Math.min(firstM + (at - 0.5) * apartM, endM - LEAST_M));
    const ownEndM = at === count - 1 ? endM : firstM + (at + 0.5) * apartM;
    // Plants that stand close keep their neighbours: no part is shorter than can be planted.
    const farM = exactM(Math.min(endM, Math.max(ownEndM, nearM + LEAST_M)));
    if (farM <= reachedM) continue;
    // What would be left before it is too short to plant: it stays with it.
    const fromM = nearM - reachedM < LEAST_M ? reachedM : nearM;
    add(reachedM, fromM, false);
    add(fromM, farM, true);
    reachedM = farM;
  }
  if (endM - reachedM >= LEAST_M) add(reachedM, endM, false);
  else if (stretches.length > 0) add(reachedM, endM, stretches.at(-1)?.isKept ?? false);
  return stretches;
}

/** What turning a bed over changes and adds, and of which planting what is new is a part. */
export interface TurnedOver {
  plantings: Planting[];
  parts: { id: string; of: string }[];
}

/**
 * The plantings that turning a bed over changes and adds: those pulled end on the day, those kept go
 * on in their own part, the next crop takes what is free and, when it is wanted, stands between those
 * kept or in strips along both sides of them.
 */
export function turnOverPlantings(plan: TurnOverPlan): TurnedOver {
  const { bed, onDay, clearings, beside, newId } = plan;
  const clearOn = isoDate(onDay);
  const changed: Planting[] = [];
  const parts: TurnedOver["parts"] = [];
  const free: FreeGround[] = [];
  const added: { ground: FreeGround; interplanted: boolean }[] = [];
  const next = (ground: FreeGround, interplanted: boolean): Planting => ({
    ...fittedTo(bed, {
      ...plantingOf(plan, newId()),
      fromM: ground.fromM,
      lengthM: exactM(ground.toM - ground.fromM),
      across: ground.across,
      interplanted,
    }),
  });
  for (const clearing of clearings) {
    const { planting, growing } = clearing;
    const stretches = stretchesOf(clearing, bed);
    const pulled = stretches.filter(({ isKept }) => !isKept);
    const kept = stretches.filter(({ isKept }) => isKept);
    const isInRow = placesOf(planting, growing, bed).isOneRow;
    const sides = beside === "sides" && isInRow ? keptStrip(planting, growing, bed) : null;
    const partOf = (one: Stretch, id: string): Planting => ({
      ...planting,
      id,
      fromM: one.fromM,
      lengthM: exactM(one.toM - one.fromM),
      ...(one.isKept ? (sides ? { across: sides.kept } : {}) : { clearOn }),
    });
    const changes = pulled.length > 0 || sides !== null;
    for (const [index, one] of (changes ? [...pulled, ...kept] : []).entries()) {
      const id = index === 0 ? planting.id : newId();
      if (index > 0) parts.push({ id, of: planting.id });
      changed.push(partOf(one, id));
    }
    free.push(...pulled.map(({ fromM, toM }) => ({ fromM, toM, across: planting.across })));
    for (const { fromM, toM } of joined(
      kept.map((one) => ({ fromM: one.fromM, toM: one.toM, across: planting.across })),
    )) {
      if (sides) added.push({ ground: { fromM, toM, across: sides.free }, interplanted: false });
      else if (beside === "between")
        added.push({ ground: { fromM, toM, across: planting.across }, interplanted: true });
    }
  }
  const plantings = [
    ...changed,
    ...joined(free).map((part) => next(part, false)),
    ...added.map(({ ground, interplanted }) => next(ground, interplanted)),
  ];
  return { plantings, parts };
}

/** How much of the bed's width would be free along both sides of kept plants, m; 0 where it is none. */
export function freeBesideM(planting: Planting, growing: Growing, bed: Bed): number {
  if (!placesOf(planting, growing, bed).isOneRow) return 0;
  return 2 * (keptStrip(planting, growing, bed)?.free.widthM ?? 0);
}

/** The strip that a kept row takes along the middle of its bed, and those free on both sides of it. */
function keptStrip(planting: Planting, growing: Growing, bed: Bed) {
  const { rowCm } = amountsFor(standOf(planting, bed), growing.crop, planting.method);
  const halfM = Math.min(rowCm / 200, bed.widthM * KEPT_SHARE);
  const sideM = exactM(bed.widthM / 2 - halfM);
  if (sideM < LEAST_SIDE_M) return null;
  const kept: Across = { kind: "strip", fromM: sideM, widthM: exactM(bed.widthM - 2 * sideM) };
  return { kept, free: { kind: "sides", widthM: sideM } satisfies Across };
}

function plantingOf({ bed, next, onDay, units, bought }: TurnOverPlan, id: string) {
  const { crop, variety, method, stage } = next;
  const isBought = bought && method === "transplant";
  const raisedDays = isBought ? usualBoughtAgeDays(crop) : seedlingDays(crop);
  const benchDays = method === "transplant" ? raisedDays : 0;
  return {
    id,
    cropId: crop.id,
    varietyId: variety.id,
    bedId: bed.id,
    sowOn: isoDate(onDay - benchDays),
    method,
    stage,
    ...bookSpacing(crop, stage, units),
    ...BY_THE_BOOK,
    bought: isBought ? { ageDays: benchDays } : null,
  };
}

/** A stretch of ground and how it lies across. */
interface FreeGround {
  fromM: number;
  toM: number;
  across: Across;
}

/** Parts that touch and lie alike, as one. */
function joined(parts: readonly FreeGround[]): FreeGround[] {
  const whole: FreeGround[] = [];
  for (const part of [...parts].sort((a, b) => a.fromM - b.fromM)) {
    const last = whole.at(-1);
    const isLike = JSON.stringify(last?.across) === JSON.stringify(part.across);
    if (last && isLike && part.across.kind !== "cells" && part.fromM <= last.toM + SAME_LENGTH_M)
      last.toM = Math.max(last.toM, part.toM);
    else whole.push({ ...part });
  }
  return whole;
}
