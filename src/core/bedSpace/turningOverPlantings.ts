import { isoDate, type DayNumber } from "../calendar";
import { BY_THE_BOOK } from "../gardenFile";
import type { Bed, Planting } from "../garden";
import { seedlingDays, usualBoughtAgeDays } from "../growth";
import { exactM, SAME_LENGTH_M } from "../layout";
import { amountsFor, bookSpacing, standOf } from "../plantings";
import type { Growing } from "../schedule";
import type { Units } from "../units";

/** One standing planting, and how many places of it are left standing. */
export interface Clearing {
  planting: Planting;
  growing: Growing;
  /** 0 pulls all. */
  leavePlaces: number;
}

/** A part of a bed is at least so long, m. */
const LEAST_M = 0.1;

/** How a bed is turned over. */
export interface TurnOverPlan {
  bed: Bed;
  onDay: DayNumber;
  clearings: readonly Clearing[];
  next: Growing;
  /** Also between the plants that are left. */
  between: boolean;
  units: Units;
  /** The next crop comes as plants that are bought. */
  bought: boolean;
  newId: () => string;
}

/** How many places a planting has, and the length of bed that one row of them takes. */
export function placesOf(planting: Planting, growing: Growing, bed: Bed) {
  const amounts = amountsFor(standOf(planting, bed), growing.crop, planting.method);
  return { places: amounts.stations, acrossRow: amounts.rows, stationM: amounts.stationCm / 100 };
}

/**
 * The plantings that turning a bed over changes and adds: those pulled end on the day, those left go
 * on in their own part at the far end of each, the next crop takes what is free and, when it is
 * wanted, stands between those left.
 */
export function turnOverPlantings(plan: TurnOverPlan): Planting[] {
  const { bed, onDay, clearings, between, newId } = plan;
  const clearOn = isoDate(onDay);
  const changed: Planting[] = [];
  const free: { fromM: number; toM: number }[] = [];
  const left: { fromM: number; toM: number }[] = [];
  for (const { planting, growing, leavePlaces } of clearings) {
    const { fromM, lengthM } = planting;
    const toM = fromM + lengthM;
    const { places, acrossRow, stationM } = placesOf(planting, growing, bed);
    const leftM =
      leavePlaces <= 0 ? 0 : Math.max(LEAST_M, Math.ceil(leavePlaces / acrossRow) * stationM);
    if (leavePlaces >= places || leftM > lengthM - LEAST_M) {
      left.push({ fromM, toM });
      continue;
    }
    const cutM = exactM(toM - leftM);
    changed.push({ ...planting, lengthM: exactM(cutM - fromM), clearOn });
    free.push({ fromM, toM: cutM });
    if (leftM > 0) {
      changed.push({ ...planting, id: newId(), fromM: cutM, lengthM: exactM(toM - cutM) });
      left.push({ fromM: cutM, toM });
    }
  }
  const next = (part: { fromM: number; toM: number }, interplanted: boolean): Planting => ({
    ...plantingOf(plan, newId()),
    fromM: part.fromM,
    lengthM: exactM(part.toM - part.fromM),
    interplanted,
  });
  return [
    ...changed,
    ...joined(free).map((part) => next(part, false)),
    ...(between ? joined(left).map((part) => next(part, true)) : []),
  ];
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

/** Parts that touch, as one. */
function joined(parts: readonly { fromM: number; toM: number }[]) {
  const whole: { fromM: number; toM: number }[] = [];
  for (const part of [...parts].sort((a, b) => a.fromM - b.fromM)) {
    const last = whole.at(-1);
    if (last && part.fromM <= last.toM + SAME_LENGTH_M) last.toM = Math.max(last.toM, part.toM);
    else whole.push({ ...part });
  }
  return whole;
}
