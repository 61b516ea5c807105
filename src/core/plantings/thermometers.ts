import shelterJson from "@data/shelter.json";
import { dayNumber, type IsoDate } from "../calendar";
import { coversOver, type Bed, type Garden } from "../garden";
import type { ThermometerDay } from "../log";
import { nightUnder, VENTED, type CoverIds, type OwnBias } from "../shelter";

const { ownThermometer: PRIOR } = shelterJson;

/** The sky of a night that only its low and high are known of (estimate). */
const UNKNOWN_SKY = { cloudShare: 0.4, windMps: 1, milderBeforeC: 0 };
/** A day's rise where only its night was read (estimate). */
const UNKNOWN_RISE_C = 8;
/** Hourly steps will do for a correction of tenths. */
const STEPS_PER_DAY = 24;
/** More nights than these tell nothing new. */
const NIGHTS_LOOKED_AT = 90;

/** One day of a thermometer beside what the balance makes of the same day outside. */
export interface ThermometerPair {
  on: IsoDate;
  outsideMinC: number;
  insideMinC: number;
  reckonedMinC: number;
  /** Null where only the night was read. */
  insideMaxC: number | null;
  reckonedMaxC: number | null;
}

/** What one's own thermometer says of a cover: how far off the balance is, and how far that counts. */
export interface Measured {
  pairs: readonly ThermometerPair[];
  nights: number;
  days: number;
  /** Mean of measured less reckoned, °C; null where nothing was read. */
  meanNightC: number | null;
  meanDayC: number | null;
  /** How far the means count, 0 to 1: little after a night or two, nearly whole after twenty. */
  nightWeight: number;
  dayWeight: number;
  /** The correction in force: means times their weights. */
  bias: OwnBias;
}

const reckonedKept = new WeakMap<ThermometerDay, { key: string; pair: ThermometerPair }>();

/** What the balance makes of a measured day under covers, beside what was measured. */
function pairOf(latitudeDeg: number, covers: CoverIds, day: ThermometerDay): ThermometerPair {
  const key = `${latitudeDeg}|${covers.join("+")}`;
  const kept = reckonedKept.get(day);
  if (kept?.key === key) return kept.pair;
  const { outside, crop } = nightUnder(
    covers,
    {
      latitudeDeg,
      day: dayNumber(day.on),
      minTempC: day.outsideMinC,
      maxTempC: day.outsideMaxC ?? day.outsideMinC + UNKNOWN_RISE_C,
      ...UNKNOWN_SKY,
    },
    {},
    VENTED,
    STEPS_PER_DAY,
  );
  const pair = {
    on: day.on,
    outsideMinC: day.outsideMinC,
    insideMinC: day.insideMinC,
    reckonedMinC: day.outsideMinC + crop.gainC,
    insideMaxC: day.insideMaxC,
    reckonedMaxC:
      day.insideMaxC === null || day.outsideMaxC === null
        ? null
        : day.outsideMaxC + crop.maxC - outside.maxC,
  };
  reckonedKept.set(day, { key, pair });
  return pair;
}

/**
 * How far a cover's own thermometer is off the balance, and how much that counts: the mean of many
 * nights against the belief that the balance is right, each weighed by how sure it is.
 *
 * @source the mean of a normal with known noise and a normal prior about 0 (Bayes); spreads: estimates
 */
export function measuredUnder(
  latitudeDeg: number,
  covers: CoverIds,
  days: readonly ThermometerDay[],
): Measured {
  const latest = [...days].sort((a, b) => (a.on < b.on ? 1 : -1)).slice(0, NIGHTS_LOOKED_AT);
  const pairs = latest.map((day) => pairOf(latitudeDeg, covers, day)).reverse();
  const nights = pairs.map(({ insideMinC, reckonedMinC }) => insideMinC - reckonedMinC);
  const byDay = pairs.flatMap(({ insideMaxC, reckonedMaxC }) =>
    insideMaxC === null || reckonedMaxC === null ? [] : [insideMaxC - reckonedMaxC],
  );
  const meanNightC = mean(nights);
  const meanDayC = mean(byDay);
  const nightWeight = weight(nights.length, PRIOR.nightNoiseC, PRIOR.priorNightC);
  const dayWeight = weight(byDay.length, PRIOR.dayNoiseC, PRIOR.priorDayC);
  return {
    pairs,
    nights: nights.length,
    days: byDay.length,
    meanNightC,
    meanDayC,
    nightWeight,
    dayWeight,
    bias: { nightC: (meanNightC ?? 0) * nightWeight, dayC: (meanDayC ?? 0) * dayWeight },
  };
}

function mean(values: readonly number[]): number | null {
  return values.length === 0 ? null : values.reduce((sum, value) => sum + value, 0) / values.length;
}

function weight(count: number, noiseC: number, priorC: number): number {
  return count / (count + (noiseC / priorC) ** 2);
}

interface Kept {
  shelters: Garden["shelters"];
  latitudeDeg: number;
  byPlace: Map<string, Measured>;
}
const measuredKept = new WeakMap<Garden["thermometerDays"], Kept>();

/** Everything that one's own thermometers say, by where they hang: "shelter greenhouse", "bed bed-7". */
function measuredBy(garden: Garden): Map<string, Measured> {
  const { shelters, thermometerDays, place } = garden;
  const latitudeDeg = place?.latitudeDeg ?? 0;
  const kept = measuredKept.get(thermometerDays);
  if (kept && kept.shelters === shelters && kept.latitudeDeg === latitudeDeg) return kept.byPlace;
  const byPlace = new Map<string, Measured>();
  measuredKept.set(thermometerDays, { shelters, latitudeDeg, byPlace });
  return byPlace;
}

function measuredAt(
  garden: Garden,
  under: ThermometerDay["under"],
  covers: CoverIds,
): Measured | null {
  if (garden.thermometerDays.size === 0 || !garden.place || covers.length === 0) return null;
  const byPlace = measuredBy(garden);
  const key = `${under.kind} ${under.id} ${covers.join("+")}`;
  let measured = byPlace.get(key);
  if (!measured) {
    measured = measuredUnder(garden.place.latitudeDeg, covers, thermometerDaysOf(garden, under));
    byPlace.set(key, measured);
  }
  return measured.nights > 0 ? measured : null;
}

/** The days of one thermometer, in no order. */
export function thermometerDaysOf(
  garden: Garden,
  under: ThermometerDay["under"],
): ThermometerDay[] {
  return [...garden.thermometerDays.values()].filter(
    (day) => day.under.kind === under.kind && day.under.id === under.id,
  );
}

/**
 * What one's own thermometers say of the covers over a bed: its own one, or that of its shelter, which
 * tells of the outer space and so of what lies within it.
 */
export function measuredOver(garden: Garden, bed: Bed): Measured | null {
  const own = measuredAt(garden, { kind: "bed", id: bed.id }, coversOver(garden, bed));
  if (own || bed.shelterId === null) return own;
  const shelter = garden.shelters.get(bed.shelterId);
  if (!shelter) return null;
  return measuredAt(garden, { kind: "shelter", id: shelter.id }, shelter.covers);
}
