import type { DayNumber } from "../calendar";
import { firstFrostDay, FROST_THRESHOLDS_C } from "../climate";
import {
  hardinessRange,
  packetEmergenceDays,
  type Crop,
  type HardinessRange,
  type Variety,
} from "../crops";
import { NOTHING_KNOWN, type DatesKnown } from "./happened";
import {
  dayWhenGathered,
  latestStart,
  requirement,
  standingPacketDays,
  sumBetween,
  type Exposure,
  type Method,
  type PlanSettings,
  type Requirement,
  type RunningSum,
  type Site,
  type Stage,
} from "../growth";

const WINTERS_LOOKED_AT = 2;

/** One way to grow something: everything that decides its dates but the date itself. */
export interface Growing extends Exposure {
  crop: Crop;
  variety: Variety;
  method: Method;
  stage: Stage;
  /** The day the grower pulls it; nothing, or null, as long as it is good. */
  clearDay?: DayNumber | null;
  /** Age at which bought plants come into the bed, days; nothing, or null, where the grower sows. */
  boughtAgeDays?: number | null;
  /** What is sown with it, each with its share of the plants; nothing where it stands alone. */
  mix?: readonly MixedWith[];
}

/** One more kind in a sowing. */
export interface MixedWith {
  crop: Crop;
  variety: Variety;
  /** Of all plants of the sowing, above 0 and below 1. */
  share: number;
}

/** The life of one planting, as day numbers. */
export interface Timeline {
  sowDay: DayNumber;
  /** When seedlings move to the bed; null when sown direct. */
  plantOutDay: DayNumber | null;
  /** When seedlings show, in the bed or on the bench; null when the soil lets none come up. */
  emergeDay: DayNumber | null;
  /** Null when it does not get ready within the two years looked at. */
  readyDay: DayNumber | null;
  /** Last day it is expected to stand in good order; null when never ready. */
  holdsUntilDay: DayNumber | null;
  /** The day by which a night that kills it has come with the chosen risk; null when less likely. */
  coldLossDay: DayNumber | null;
  /** The day it is pulled, when that comes before it is over; null otherwise. */
  clearDay: DayNumber | null;
  /** The day from which a crop that stood through the winter runs to flower; null where it does not. */
  boltDay: DayNumber | null;
  /** Chance that such a night comes before it is ready (0 to 1); null when never ready. */
  lossBeforeReady: number | null;
  requirement: Requirement;
}

/** What a way of growing needs to get ready, in packet days. */
export function needOf({ crop, variety, method, stage, boughtAgeDays }: Growing): Requirement {
  return requirement(crop, variety, method, stage, boughtAgeDays);
}

/** When a planting stands in its bed: from sowing or planting out until it is over or pulled. */
export function bedDays(timeline: Timeline): { fromDay: DayNumber; untilDay: DayNumber } {
  const fromDay = timeline.plantOutDay ?? timeline.sowDay;
  const untilDay = timeline.holdsUntilDay ?? timeline.coldLossDay ?? Infinity;
  // Pulled before it came into the bed, it takes no room at all.
  return {
    fromDay,
    untilDay: Math.max(fromDay, Math.min(untilDay, timeline.clearDay ?? Infinity)),
  };
}

/** What kills half of a planting's plants before any hardening, and fully hardened, °C at the crop. */
export function plantHardiness({ crop, variety }: Growing): HardinessRange {
  return hardinessRange(crop, variety);
}

/**
 * What becomes of a sowing on a date, by the school in force.
 *
 * @param facts what is known to have happened: it takes the place of what was planned, and moves what
 *              comes after
 */
export function timelineFrom(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  plannedDay: DayNumber,
  facts: DatesKnown = NOTHING_KNOWN,
): Timeline {
  const need = needOf(growing);
  const sowDay = facts.sownDay ?? plannedDay;
  const bedDay = need.benchDays > 0 ? (facts.plantedOutDay ?? sowDay + need.benchDays) : sowDay;
  const growth = site.growth(growing.crop, growing, sowDay);
  const emergeDay = facts.emergedDay ?? emergenceDay(site, growing, need, sowDay);
  const startDay = need.benchDays > 0 ? bedDay : emergeDay;
  const expectedDay = readyDayFrom(site, settings, growing, need, { sowDay, bedDay, startDay });
  const picked = facts.firstHarvestDay;
  // What was picked was ready, whatever was expected.
  const readyDay =
    picked !== null && picked > sowDay ? Math.min(picked, expectedDay ?? picked) : expectedDay;
  const cold = site.cold(plantHardiness(growing), growing, sowDay);
  const risk = -Math.log(1 - settings.frostRisk);
  const { seenDay } = facts;
  // What was seen standing came through the nights until then.
  const firstLossDay = dayWhenGathered(cold, bedDay, risk);
  const coldLossDay =
    seenDay !== null && firstLossDay !== null && firstLossDay <= seenDay
      ? dayWhenGathered(cold, seenDay, risk)
      : firstLossDay;
  const flowersDay =
    startDay === null ? null : boltingDay(site, growing, growth, startDay, readyDay);
  const boltDay =
    seenDay !== null && flowersDay !== null && flowersDay <= seenDay ? null : flowersDay;
  let holdsUntilDay: DayNumber | null = null;
  let lossBeforeReady: number | null = null;
  if (readyDay !== null) {
    const standing = standingPacketDays(growing.crop, growing.stage);
    const expectedEndDay = dayWhenGathered(growth, readyDay, standing) ?? readyDay + 365;
    const fadesDay =
      seenDay !== null && seenDay >= expectedEndDay
        ? (dayWhenGathered(growth, seenDay, standing) ?? seenDay + 365)
        : expectedEndDay;
    // What flowers before it is ready is eaten as it is then.
    const spentDay =
      boltDay === null ? fadesDay : Math.max(readyDay + 1, Math.min(fadesDay, boltDay));
    holdsUntilDay =
      coldLossDay !== null && coldLossDay > readyDay ? Math.min(spentDay, coldLossDay) : spentDay;
    // What was picked still stood.
    if (facts.lastHarvestDay !== null && facts.lastHarvestDay >= holdsUntilDay) {
      holdsUntilDay = facts.lastHarvestDay + 1;
    }
    lossBeforeReady = 1 - Math.exp(-sumBetween(cold, bedDay, readyDay));
  }
  const clearDay = facts.overDay ?? growing.clearDay ?? null;
  return pulledOn(clearDay, {
    sowDay,
    plantOutDay: need.benchDays > 0 ? bedDay : null,
    emergeDay,
    readyDay,
    holdsUntilDay,
    coldLossDay:
      coldLossDay !== null && holdsUntilDay !== null && coldLossDay > holdsUntilDay
        ? null
        : coldLossDay,
    clearDay: null,
    boltDay,
    lossBeforeReady,
    requirement: need,
  });
}

/** Plants that have gathered less by midwinter are too young to be set on flowering, packet days (estimate). */
const JUVENILE_PACKET_DAYS = 8;

/** When a crop that stands through the winter runs to flower; null where it does not. */
function boltingDay(
  site: Site,
  { crop }: Growing,
  growth: RunningSum,
  upDay: DayNumber,
  readyDay: DayNumber | null,
): DayNumber | null {
  if (!crop.springBolting) return null;
  const midwinter = midwinterAfter(site, upDay);
  if (sumBetween(growth, upDay, midwinter) < JUVENILE_PACKET_DAYS) return null;
  const boltDay = dayWhenGathered(growth, midwinter, crop.springBolting.packetDays);
  return readyDay === null ? null : boltDay;
}

/** A life that the grower ends on a day: what would have come after does not. */
function pulledOn(clearDay: DayNumber | null, life: Timeline): Timeline {
  const { readyDay, holdsUntilDay, coldLossDay } = life;
  if (clearDay === null || clearDay >= (holdsUntilDay ?? coldLossDay ?? Infinity)) return life;
  const isPicked = readyDay !== null && readyDay < clearDay;
  return {
    ...life,
    clearDay,
    readyDay: isPicked ? readyDay : null,
    holdsUntilDay: isPicked ? clearDay : null,
    coldLossDay: coldLossDay !== null && coldLossDay < clearDay ? coldLossDay : null,
    boltDay: life.boltDay !== null && life.boltDay < clearDay ? life.boltDay : null,
  };
}

/** The day a sowing shows: in the bed by its soil, on the bench by the bench's warmth. */
function emergenceDay(
  site: Site,
  growing: Growing,
  need: Requirement,
  sowDay: DayNumber,
): DayNumber | null {
  if (need.benchDays === 0) {
    return dayWhenGathered(site.sprouting(growing.crop, growing, sowDay), sowDay, 1);
  }
  return sowDay + Math.ceil(packetEmergenceDays(growing.crop));
}

/** The day from which growth counts: emergence in the bed, or planting out. */
export function growthStartDay(
  site: Site,
  growing: Growing,
  need: Requirement,
  sowDay: DayNumber,
): DayNumber | null {
  return need.benchDays > 0 ? sowDay + need.benchDays : emergenceDay(site, growing, need, sowDay);
}

/** The day a sowing is ready, by the school in force; null when not within the days looked at. */
export function readyDayBy(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  need: Requirement,
  sowDay: DayNumber,
): DayNumber | null {
  const startDay = growthStartDay(site, growing, need, sowDay);
  return readyDayFrom(site, settings, growing, need, {
    sowDay,
    bedDay: sowDay + need.benchDays,
    startDay,
  });
}

/** The days from which a planting is counted: sown, in its bed, growing there. */
interface Starts {
  sowDay: DayNumber;
  bedDay: DayNumber;
  startDay: DayNumber | null;
}

function readyDayFrom(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  need: Requirement,
  { sowDay, bedDay, startDay }: Starts,
): DayNumber | null {
  if (settings.school === "calendar") {
    // Planted out later than planned, it is ready later by as much.
    return bedDay - need.benchDays + calendarDays(settings, need);
  }
  if (startDay === null) return null;
  const growth = site.growth(growing.crop, growing, sowDay);
  const ready =
    settings.school === "growth"
      ? dayWhenGathered(growth, startDay, need.bedPacketDays)
      : heldReadyDay(site, settings, growth, need.bedPacketDays, startDay);
  const spring = growing.crop.winterNeeded;
  if (ready === null || !spring) return ready;
  // Without its winter it makes no head, bulb or pod, however large it has grown.
  const afterWinter = dayWhenGathered(
    growth,
    midwinterAfter(site, startDay),
    spring.springPacketDays,
  );
  return afterWinter === null ? null : Math.max(ready, afterWinter);
}

/** Calendar school: days from sowing to ready, the fall addition and the bench among them. */
function calendarDays(settings: PlanSettings, need: Requirement): number {
  return (
    need.benchDays +
    Math.ceil(need.emergencePacketDays + need.bedPacketDays + settings.fallAdditionDays)
  );
}

/** The first midwinter on a day or after it. */
function midwinterAfter(site: Site, day: DayNumber): DayNumber {
  const season = site.season(day);
  return season.midwinterDay >= day
    ? season.midwinterDay
    : site.season(season.endDay + 1).midwinterDay;
}

/**
 * The ten-hour school: growth counts until the days are short; what is nearly full-grown by then
 * holds and is picked as it stands, and the rest waits for the light to come back.
 */
function heldReadyDay(
  site: Site,
  settings: PlanSettings,
  growth: RunningSum,
  needed: number,
  bedDay: DayNumber,
): DayNumber | null {
  let fromDay = bedDay;
  let left = needed;
  let season = site.season(bedDay);
  for (let winter = 0; winter < WINTERS_LOOKED_AT; winter += 1) {
    const short = site.shortDays(season, settings.shortDayHours);
    season = site.season(season.endDay + 1);
    if (!short || fromDay > short.toDay) continue;
    const ready = dayWhenGathered(growth, fromDay, left);
    if (ready !== null && ready <= short.fromDay) return ready;
    if (fromDay < short.fromDay) {
      left -= sumBetween(growth, fromDay, short.fromDay);
      if (needed - left >= settings.grownBeforeShortDays * needed) return short.fromDay;
    }
    fromDay = short.toDay + 1;
  }
  return dayWhenGathered(growth, fromDay, left);
}

/**
 * The latest sowing that is ready by a date, by the school in force.
 *
 * @returns null when no sowing of the two hundred days before the season would do
 */
export function latestSowingFor(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  readyByDay: DayNumber,
): DayNumber | null {
  const need = needOf(growing);
  if (settings.school === "calendar") {
    return readyByDay - calendarDays(settings, need);
  }
  const growth = site.growth(growing.crop, growing, readyByDay);
  if (settings.school === "growth") {
    const byGrowth = latestStart(growth, readyByDay, need.bedPacketDays);
    const startDay = beforeItsWinter(site, growing, growth, readyByDay, byGrowth);
    if (startDay === null) return null;
    if (need.benchDays > 0) return startDay - need.benchDays;
    return latestStart(site.sprouting(growing.crop, growing, readyByDay), startDay, 1);
  }

  // Holding makes this school's answer jump, so walk back from the earliest it can be.
  let sowDay = readyByDay - need.benchDays;
  const floorDay = growth.firstDay;
  while (sowDay >= floorDay) {
    const ready = readyDayBy(site, settings, growing, need, sowDay);
    if (ready !== null && ready <= readyByDay) return sowDay;
    sowDay -= 1;
  }
  return null;
}

/** The latest start of growth that still gives a crop the winter it needs before `readyByDay`. */
function beforeItsWinter(
  site: Site,
  growing: Growing,
  growth: RunningSum,
  readyByDay: DayNumber,
  startDay: DayNumber | null,
): DayNumber | null {
  const spring = growing.crop.winterNeeded;
  if (!spring || startDay === null) return startDay;
  const season = site.season(readyByDay);
  const midwinterDay =
    season.midwinterDay <= readyByDay
      ? season.midwinterDay
      : site.season(season.startDay - 1).midwinterDay;
  const afterWinter = dayWhenGathered(growth, midwinterDay, spring.springPacketDays);
  if (afterWinter === null || afterWinter > readyByDay) return null;
  return Math.min(startDay, midwinterDay);
}

/**
 * The day of first frost from which the calendar school counts back, at the chosen risk.
 *
 * @returns null where frost is less likely than the risk taken
 */
export function frostCountedFrom(site: Site, settings: PlanSettings, day: DayNumber) {
  return firstFrostDay(
    site.climate,
    site.season(day),
    FROST_THRESHOLDS_C.light,
    settings.frostRisk,
  );
}
