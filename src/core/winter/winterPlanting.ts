import boltingJson from "@data/bolting.json";
import foodJson from "@data/food.json";
import turnoverJson from "@data/turnover.json";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { pacedAt, type Crop, type GrowthNeeds, type HardinessRange } from "../crops";
import {
  decidingParts,
  HARDENED_OFF_SHARE,
  hardeningYear,
  standingPacketDays,
  sumBetween,
  topOf,
  type DecidingPart,
  type Site,
} from "../growth";
import { dayOfYear } from "../calendar";
import { survivingShare, type PlantingState } from "../plantings";
import { bedPacketDaysFor, midwinterAfter, needOf, winterOf } from "../schedule";
import type { WinterSpan } from "./winterSpan";

/** How a planting's harvest comes in. */
export interface Picking {
  /** Taken whole, a part each week over some weeks; or cut and growing again; or fruit as it ripens. */
  way: "once" | "again" | "fruit";
  /** Of the whole yield, there at the first picking. */
  firstShare: number;
  /** Packet days over which the rest grows. */
  overPacketDays: number;
  spanWeeks: number;
}

/** A planting as it stands on the first day of a rehearsal. */
export interface PlantingStart {
  sprouted: number;
  isUp: boolean;
  upDay: DayNumber;
  grownPacketDays: number;
  hardened: number;
  aliveShare: number;
  /** Of the whole yield, a share that has not been picked and has not grown yet; and what is to be picked, kg. */
  leftShare: number;
  poolKg: number;
  /** The day of its first picking, where that has come. */
  readyDay: DayNumber | null;
}

/** Everything about a planting that is the same in every winter. */
export interface WinterPlanting {
  state: PlantingState;
  id: string;
  bedId: string;
  /** The place of its spot among those of the rehearsal on each day; -1 before it is in the ground. */
  spots: Int16Array;
  needs: GrowthNeeds;
  crop: Crop;
  sowDay: DayNumber;
  /** The day it comes into the bed. */
  bedDay: DayNumber;
  isTransplanted: boolean;
  usablePacketDays: number;
  fullPacketDays: number;
  benchPacketDays: number;
  parts: readonly DecidingPart[];
  /** Packet days in the bed from which each part decides. */
  partsFrom: Float64Array;
  /** What takes half of its leaves is some degrees above this. */
  top: HardinessRange;
  standing: number;
  /** Heat that ends it once it has gathered so many packet days; null where none does. */
  heat: { aboveMeanC: number; degreeDays: number; fromPacketDays: number } | null;
  picking: Picking;
  yieldKg: number;
  /** What a kilogram is worth to the grower. */
  worth: number;
  isEaten: boolean;
  /** Pulled on this day; Infinity where it stands as long as it is good. */
  clearDay: DayNumber;
  /** Containers are carried in before a deadly night. */
  isCarried: boolean;
  /** How much a night takes its mulch and snow leave of the frost in the soil. */
  mulchCm: number;
  snowStays: boolean;
  potLagHours: number | null;
  /** Light that comes back after its winter counts from this day on; Infinity where it needs none. */
  springFromDay: (upDay: DayNumber) => DayNumber;
  springPacketDays: number;
  midwinterDay: (upDay: DayNumber) => DayNumber;
  bolting: {
    afterWinterPacketDays: number | null;
    longDay: { hours: number; packetDays: number } | null;
  };
  start: PlantingStart;
}

const TAKEN_ONCE: ReadonlySet<Crop["harvest"]["habit"]> = new Set(["wholePlant", "lifted"]);
const PICKED_FRUIT: ReadonlySet<Crop["harvestedPart"]> = new Set(["fruit", "pod", "flower"]);
const GRAMS_PER_KG = 1000;

/**
 * A planting made ready for many winters.
 *
 * @param spots place of its spot on each day of the span
 * @returns null for what is over before the span begins, or cannot be in it
 */
export function winterPlanting(
  site: Site,
  state: PlantingState,
  span: WinterSpan,
  spots: Int16Array,
): WinterPlanting | null {
  const { growing, planting, facts, timeline } = state;
  const { crop, variety, stage } = growing;
  const need = needOf(growing);
  const { sowDay } = timeline;
  const bedDay = timeline.plantOutDay ?? sowDay;
  const clearDay = Math.min(facts.overDay ?? Infinity, growing.clearDay ?? Infinity);
  if (bedDay >= span.untilDay || clearDay <= span.fromDay) return null;
  const parts = decidingParts(crop, variety, stage);
  const total = need.benchPacketDays + need.bedPacketDays;
  const standing = standingPacketDays(crop, stage);
  const { heat, winterNeeded, springBolting, longDayBolting } = crop;
  const picking = pickingOf(crop, standing);
  const start = startOf(site, state, picking, span);
  // What is spent, or has flowered, by then has nothing to lose.
  if (timeline.holdsUntilDay !== null && timeline.holdsUntilDay <= span.fromDay) return null;
  const mulch = { mulchCm: growing.mulchCm ?? 0, snowStays: growing.snowStays ?? true };
  return {
    state,
    id: planting.id,
    bedId: planting.bedId,
    spots,
    needs: pacedAt(crop, growing.pace),
    crop,
    sowDay,
    bedDay,
    isTransplanted: need.benchDays > 0,
    usablePacketDays: bedPacketDaysFor(growing, need, "usable"),
    fullPacketDays: need.bedPacketDays,
    benchPacketDays: need.benchPacketDays,
    parts,
    partsFrom: Float64Array.from(
      parts,
      ({ fromGrownShare }) => fromGrownShare * total - need.benchPacketDays,
    ),
    top: topOf(crop, variety).range,
    standing,
    heat: heat
      ? { ...heat, fromPacketDays: boltingJson.heatFromGrownShare * total - need.benchPacketDays }
      : null,
    picking,
    yieldKg: state.usualYieldKg,
    worth: turnoverJson.worth[planting.worth],
    isEaten: planting.worth !== "none" && planting.worth !== "diseased",
    clearDay,
    isCarried: planting.potCm !== null || state.bed.container !== undefined,
    ...mulch,
    potLagHours: growing.container?.lagHours ?? null,
    springFromDay: (upDay) => {
      if (!winterNeeded) return -Infinity;
      const midwinter = winterOf(site, growing, sowDay, upDay);
      return winterNeeded.fromDayLengthH === undefined
        ? midwinter
        : site.daysAreLongFrom(midwinter, winterNeeded.fromDayLengthH);
    },
    springPacketDays: winterNeeded?.springPacketDays ?? 0,
    midwinterDay: (upDay) => midwinterAfter(site, upDay),
    bolting: {
      afterWinterPacketDays: springBolting?.packetDays ?? null,
      longDay: longDayBolting
        ? { hours: longDayBolting.dayLengthH, packetDays: longDayBolting.packetDays }
        : null,
    },
    start,
  };
}

function pickingOf(crop: Crop, standing: number): Picking {
  const { habit, spanWeeks } = crop.harvest;
  if (TAKEN_ONCE.has(habit)) return { way: "once", firstShare: 0, overPacketDays: 1, spanWeeks };
  const isFruit = PICKED_FRUIT.has(crop.harvestedPart);
  return {
    way: isFruit ? "fruit" : "again",
    firstShare: isFruit ? 0 : foodJson.harvest.firstShare,
    overPacketDays: isFruit ? Math.min(standing, spanWeeks * DAYS_PER_WEEK) : standing,
    spanWeeks,
  };
}

/** A planting by the usual year and what is written down, up to the first day. */
function startOf(
  site: Site,
  state: PlantingState,
  picking: Picking,
  { fromDay }: WinterSpan,
): PlantingStart {
  const { growing, timeline, facts } = state;
  const { sowDay, plantOutDay, emergeDay, readyDay } = timeline;
  const pickedKg = facts.harvestedGrams / GRAMS_PER_KG;
  const upDay = plantOutDay ?? emergeDay;
  const isUp = upDay !== null && upDay < fromDay;
  const none: PlantingStart = {
    sprouted: 0,
    isUp: false,
    upDay: 0,
    grownPacketDays: 0,
    hardened: plantOutDay === null ? 0 : HARDENED_OFF_SHARE,
    aliveShare: survivingShare(state, fromDay),
    leftShare: Math.max(0, 1 - pickedKg / Math.max(1e-9, state.usualYieldKg)),
    poolKg: 0,
    readyDay: null,
  };
  if (!isUp) {
    if (sowDay >= fromDay || plantOutDay !== null) return none;
    const sprouting = site.sprouting(growing.crop, growing, sowDay);
    return { ...none, sprouted: Math.min(0.99, sumBetween(sprouting, sowDay, fromDay)) };
  }
  const grown = sumBetween(site.growth(growing.crop, growing, sowDay), upDay, fromDay);
  const { established } = hardeningYear(site.space(growing, sowDay));
  const usable = bedPacketDaysFor(growing, needOf(growing), "usable");
  const isReady = readyDay !== null && readyDay <= fromDay;
  return {
    ...none,
    ...(isReady ? pickedSince(site, state, picking, readyDay, fromDay) : {}),
    isUp: true,
    upDay,
    // What is known to be ready has come to its size, whatever the usual year says.
    grownPacketDays: isReady ? Math.max(grown, usable) : grown,
    hardened: established[dayOfYear(fromDay) - 1] ?? 0,
  };
}

/**
 * What a planting that has been ready for a while still holds: what comes again and again has been picked
 * week by week, as it will be; what is taken once stands there but for what was weighed.
 */
function pickedSince(
  site: Site,
  { growing, timeline, usualYieldKg, facts }: PlantingState,
  { way, firstShare, overPacketDays }: Picking,
  readyDay: DayNumber,
  fromDay: DayNumber,
): Pick<PlantingStart, "readyDay"> & Partial<PlantingStart> {
  if (way === "once") return { readyDay };
  const growth = site.growth(growing.crop, growing, timeline.sowDay);
  const shareOf = (from: DayNumber) =>
    ((1 - firstShare) * sumBetween(growth, Math.max(from, readyDay), fromDay)) / overPacketDays;
  const grownShare = Math.min(1, firstShare + shareOf(readyDay));
  // What was picked last is eaten; the days since then have grown what is picked next.
  const lastPicked = Math.max(readyDay, facts.lastHarvestDay ?? fromDay - DAYS_PER_WEEK);
  return {
    readyDay,
    leftShare: 1 - grownShare,
    poolKg: usualYieldKg * Math.min(grownShare, shareOf(lastPicked)),
  };
}

/** Crops with the same needs grow alike in one spot. */
export function needsKey({
  temperature,
  lightHalfMol,
  packetTemperatureC,
  here,
}: GrowthNeeds): string {
  const { minimumC, optimumC, ceilingC } = temperature;
  const pace = here?.growthPace ?? 1;
  return `${minimumC},${optimumC},${ceilingC},${lightHalfMol},${packetTemperatureC ?? ""},${pace}`;
}
