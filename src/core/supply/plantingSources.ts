import foodJson from "@data/food.json";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import type { Crop } from "../crops";
import { foodGroupOf, keepingIn } from "../food";
import type { Garden } from "../garden";
import { standingPacketDays, sumBetween, type RunningSum, type Site } from "../growth";
import { expectedYieldKg, groundHardDay, type PlantingState } from "../plantings";
import { coldRiskOf, sizeShare, spreadOf } from "../schedule";
import type { Source } from "./source";
import { isTaken, lateness, type Year } from "./year";

const { firstShare, leafKeepsPacketDays, fruitKeepsWeeks, correctedByKg } = foodJson.harvest;
/** What keeps shorter is eaten fresh, weeks. */
const STORED_FROM_WEEKS = 6;
/** From the second decile of a normal to the eighth, in standard deviations. */
const FIFTHS_APART_SD = 1.683;
const GRAMS_PER_KG = 1000;
/** Roots are lifted for the store until so long after midwinter, days (estimate). */
const LIFTED_AFTER_DAYS = 30;
/** How far a planting is looked at past its first picking, days. */
const LONGEST_DAYS = 400;

/** The weeks that are looked at: from a day on, and what is known up to a day. */
export interface Weeks {
  firstDay: DayNumber;
  count: number;
  today: DayNumber;
}

const TAKEN_ONCE: ReadonlySet<Crop["harvest"]["habit"]> = new Set(["wholePlant", "lifted"]);
const PICKED_FRUIT: ReadonlySet<Crop["harvestedPart"]> = new Set(["fruit", "pod", "flower"]);

/** A planting in one kind of year: when it can be picked, and until when. */
interface Life {
  state: PlantingState;
  weeks: Weeks;
  fromDay: DayNumber;
  /** It is over by itself: spent, bolted, spoilt by heat, or pulled. */
  endDay: DayNumber;
  /** Cold has taken it; Infinity where it does not. */
  deadDay: DayNumber;
  lateDays: number;
}

/**
 * What a planting gives to eat, week by week, in one kind of year. Crops that are taken once stand and
 * wait, and go into the store where they keep, before cold takes them; leaves are cut and grow again by
 * what the days are worth, and what is not cut stays on the plant for some packet days; fruit is eaten
 * as it ripens.
 *
 * @source shares of a first cut and how long leaves stay good: estimates; yields and weeks: data/crops
 */
export function plantingSources(
  site: Site,
  garden: Garden,
  state: PlantingState,
  weeks: Weeks,
  year: Year,
): Source[] {
  const { growing, timeline, planting } = state;
  const { readyDay } = timeline;
  const isEaten = planting.worth !== "none" && planting.worth !== "diseased";
  if (readyDay === null || foodGroupOf(growing.crop) === null || !isEaten) return [];
  const lateDays = readyDay <= weeks.today ? 0 : lateDaysIn(site, garden, state, year);
  const fromDay = readyDay + lateDays;
  const endDay = endDayOf(site, state, fromDay);
  const deadDay = killedDay(site, state, weeks, year, Math.min(endDay, fromDay + LONGEST_DAYS));
  const life = { state, weeks, fromDay, endDay, deadDay, lateDays };
  return TAKEN_ONCE.has(growing.crop.harvest.habit)
    ? takenOnce(site, life)
    : pickedAgain(site, life);
}

/** How much later than usual it is ready in such a year, days. */
function lateDaysIn(site: Site, garden: Garden, { growing, timeline }: PlantingState, year: Year) {
  const late = lateness(year);
  if (late === 0) return 0;
  const spread = spreadOf(site, garden.settings, growing, timeline)?.usable;
  if (!spread || spread.p20 === null || spread.p80 === null) return 0;
  return Math.round((late * (spread.p80 - spread.p20)) / FIFTHS_APART_SD);
}

/** The day on which it is over by itself, cold aside. */
function endDayOf(site: Site, { growing, timeline, facts }: PlantingState, fromDay: DayNumber) {
  const { clearDay, boltDay, heatDay, fullSizeDay } = timeline;
  const growth = site.growth(growing.crop, growing, timeline.sowDay);
  const standing = standingPacketDays(growing.crop, growing.stage);
  return Math.min(
    facts.overDay ?? Infinity,
    clearDay ?? Infinity,
    after(boltDay, fromDay),
    after(heatDay, fromDay),
    keptUntil(growth, Math.max(fromDay, fullSizeDay ?? fromDay), standing),
  );
}

const after = (day: DayNumber | null, fromDay: DayNumber) =>
  day === null || day <= fromDay ? Infinity : day;

/** The day by which so many packet days have passed since one. */
function keptUntil(growth: RunningSum, fromDay: DayNumber, packetDays: number): DayNumber {
  let day = fromDay;
  while (day < fromDay + LONGEST_DAYS && sumBetween(growth, fromDay, day) < packetDays) {
    day += 1;
  }
  return day;
}

/** The day by which cold has taken it in such a year; Infinity where it has not by the end. */
function killedDay(
  site: Site,
  { growing, timeline }: PlantingState,
  { today }: Weeks,
  year: Year,
  endDay: DayNumber,
): DayNumber {
  const cold = coldRiskOf(site, growing, timeline);
  const beginDay = Math.max(today, timeline.plantOutDay ?? timeline.sowDay);
  const isDead = (day: DayNumber) => isTaken(year, 1 - Math.exp(-cold.between(beginDay, day)));
  if (endDay <= beginDay || !isDead(endDay)) return Infinity;
  let [low, high] = [beginDay, endDay];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (isDead(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** The place of a day among the weeks. */
const weekOf = ({ firstDay }: Weeks, day: DayNumber) =>
  Math.floor((day - firstDay) / DAYS_PER_WEEK);

function takenOnce(site: Site, life: Life): Source[] {
  const { state, weeks, fromDay, endDay, deadDay, lateDays } = life;
  const { growing, timeline, planting, facts } = state;
  const { storage } = growing.crop;
  const keeps = storage !== undefined && storage.weeks >= STORED_FROM_WEEKS;
  const hardDay = keeps ? groundHardDay(site, state, fromDay) : null;
  const untilDay = Math.min(endDay, deadDay, hardDay ?? Infinity);
  if (untilDay <= fromDay) return [];
  const worth = new Float64Array(weeks.count);
  const [first, over] = [weekOf(weeks, fromDay), weekOf(weeks, untilDay - 1) + 1];
  for (let week = Math.max(0, first); week < Math.min(over, weeks.count); week += 1) {
    const day = Math.min(untilDay - 1, weeks.firstDay + (week + 1) * DAYS_PER_WEEK - 1);
    worth[week] = sizeShare(site, growing, timeline, Math.max(fromDay, day) - lateDays);
  }
  // What has been pulled, or is picked empty, is stored by its own entry.
  const isGone = facts.overDay !== null && facts.overDay <= untilDay;
  // What has stood in the ground into spring has kept as long as it will.
  const isStored =
    keeps && !isGone && untilDay <= site.season(fromDay).midwinterDay + LIFTED_AFTER_DAYS;
  const size = sizeShare(site, growing, timeline, untilDay - lateDays);
  const storedFromWeek = !isStored ? Infinity : putIntoStore(worth, growing.crop, over, size);
  const units = expectedYieldKg(state, weeks.today) - facts.harvestedGrams / GRAMS_PER_KG;
  return units > 0 ? [{ ...whose(state), id: planting.id, units, worth, storedFromWeek }] : [];
}

/** What keeps is lifted in time and eaten from the store; the first week in which it is. */
function putIntoStore(worth: Float64Array, crop: Crop, fromWeek: number, size: number): number {
  const keeping = keepingIn(crop, crop.storage?.air === "dry" ? "shelf" : "cellar");
  const untilWeek = Math.min(worth.length, fromWeek + Math.floor(keeping.weeks));
  for (let week = Math.max(0, fromWeek); week < untilWeek; week += 1) {
    worth[week] = size * (1 - keeping.lossAWeek) ** (week - fromWeek + 1);
  }
  return fromWeek;
}

function pickedAgain(site: Site, life: Life): Source[] {
  const { state, weeks, fromDay, endDay, deadDay } = life;
  const { growing, timeline, planting, facts } = state;
  const { crop } = growing;
  const isFruit = PICKED_FRUIT.has(crop.harvestedPart);
  const growth = site.growth(crop, growing, timeline.sowDay);
  const standing = standingPacketDays(crop, growing.stage);
  const overDay = Math.min(endDay, deadDay, fromDay + LONGEST_DAYS);
  const overPacketDays = isFruit
    ? Math.min(standing, crop.harvest.spanWeeks * DAYS_PER_WEEK)
    : standing;
  const first = isFruit ? 0 : firstShare;
  const grownSince = (day: DayNumber, until: DayNumber) =>
    ((1 - first) * sumBetween(growth, day, until)) / overPacketDays;
  const yieldKg = expectedYieldKg(state, weeks.today) * corrected(life, first, grownSince);
  const lastPickedDay = facts.pickedDays.at(-1) ?? -Infinity;
  const found: Source[] = [];
  const add = (id: string, share: number, day: DayNumber, until: DayNumber) => {
    // What was there when it was picked last is eaten.
    if (share <= 0 || day <= lastPickedDay || until <= day) return;
    const from = Math.max(0, weekOf(weeks, day));
    const to = Math.min(weeks.count, weekOf(weeks, until - 1) + 1);
    if (from >= to) return;
    const worth = new Float64Array(weeks.count).fill(1, from, to);
    found.push({ ...whose(state), id, units: yieldKg * share, worth, storedFromWeek: Infinity });
  };
  add(planting.id, first, fromDay, Math.min(overDay, keptUntil(growth, fromDay, standing)));
  let left = 1 - first;
  for (let day = fromDay; day < overDay && left > 0; day += DAYS_PER_WEEK) {
    const until = Math.min(overDay, day + DAYS_PER_WEEK);
    const share = Math.min(left, grownSince(day, until));
    left -= share;
    const good = isFruit
      ? until + fruitKeepsWeeks * DAYS_PER_WEEK
      : Math.min(overDay, keptUntil(growth, until, leafKeepsPacketDays));
    add(`${planting.id}-${day}`, share, day, Math.max(until, good));
  }
  return found;
}

/**
 * How far what was weighed so far is off what was expected by now: little after a first handful, nearly
 * whole once several times the doubted weight was picked.
 */
function corrected(
  { state, weeks, fromDay }: Life,
  first: number,
  grownSince: (day: DayNumber, until: DayNumber) => number,
): number {
  const { facts } = state;
  if (facts.harvestedGrams === 0 || fromDay >= weeks.today) return 1;
  const share = Math.min(1, first + grownSince(fromDay, weeks.today));
  const expectedKg = expectedYieldKg(state, weeks.today) * share;
  return (facts.harvestedGrams / GRAMS_PER_KG + correctedByKg) / (expectedKg + correctedByKg);
}

function whose({ planting, growing }: PlantingState) {
  const group = foodGroupOf(growing.crop) ?? "salad";
  return { group, crop: growing.crop, plantingId: planting.id, storeLotId: null };
}
