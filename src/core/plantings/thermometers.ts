import shelterJson from "@data/shelter.json";
import { dayNumber, type IsoDate } from "../calendar";
import { derive } from "../derive";
import { coversOver, isThermometerOff, type Bed, type Garden, type Surroundings } from "../garden";
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

/** What the balance makes of a measured day under covers, beside what was measured. */
function pairOf(day: ThermometerDay, latitudeDeg: number, coversKey: string): ThermometerPair {
  const { outside, crop } = nightUnder(
    coversOf(coversKey),
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
  return {
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
}

/** Covers as a value that can be compared, and back. */
const keyOf = (covers: CoverIds) => covers.join("+");
const coversOf = (key: string): CoverIds => (key === "" ? [] : key.split("+"));

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
  const key = keyOf(covers);
  const pairs = latest.map((day) => derive([day, latitudeDeg, key], pairOf)).reverse();
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

/** What one thermometer says; the same as before as long as its own days are. */
function measuredAt(
  garden: Surroundings,
  under: ThermometerDay["under"],
  covers: CoverIds,
): Measured | null {
  if (!garden.place || covers.length === 0) return null;
  if (isThermometerOff(garden.ownNumbers, under)) return null;
  const [first, ...more] = thermometerDaysOf(garden, under);
  return first
    ? derive([first, garden.place.latitudeDeg, keyOf(covers), ...more], measuredFrom)
    : null;
}

function measuredFrom(
  first: ThermometerDay,
  latitudeDeg: number,
  coversKey: string,
  ...more: readonly ThermometerDay[]
): Measured {
  return measuredUnder(latitudeDeg, coversOf(coversKey), [first, ...more]);
}

/** The days of one thermometer, in no order. */
export function thermometerDaysOf(
  { thermometerDays }: Pick<Garden, "thermometerDays">,
  under: ThermometerDay["under"],
): readonly ThermometerDay[] {
  if (thermometerDays.size === 0) return [];
  return derive([thermometerDays], daysByThermometer).get(`${under.kind} ${under.id}`) ?? [];
}

function daysByThermometer(days: Garden["thermometerDays"]): ReadonlyMap<string, ThermometerDay[]> {
  const byThermometer = new Map<string, ThermometerDay[]>();
  for (const day of days.values()) {
    const key = `${day.under.kind} ${day.under.id}`;
    const known = byThermometer.get(key);
    if (known) known.push(day);
    else byThermometer.set(key, [day]);
  }
  return byThermometer;
}

/**
 * What one's own thermometers say of the covers over a bed: its own one, or that of its shelter, which
 * tells of the outer space and so of what lies within it.
 */
export function measuredOver(garden: Surroundings, bed: Bed): Measured | null {
  const own = measuredAt(garden, { kind: "bed", id: bed.id }, coversOver(garden, bed));
  if (own || bed.shelterId === null) return own;
  const shelter = garden.shelters.get(bed.shelterId);
  if (!shelter) return null;
  return measuredAt(garden, { kind: "shelter", id: shelter.id }, shelter.covers);
}
