import { dayNumber, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import {
  materials,
  runShelter,
  stackOf,
  usualDay,
  usualGroundOf,
  weatherSteps,
  type CoverIds,
  type ShelterDay,
  type ShelterRun,
  type WeatherSteps,
  type Working,
} from "../shelter";
import type { Site } from "./site";

const STEPS_PER_DAY = 96;
/** A run begins so many days before, so that the soil has come to what the covers make of it. */
const DAYS_BEFORE = 12;
const DAYS_SHOWN = 2;
/** Two days under a stack of covers, quarter hour by quarter hour. */
export interface ShelterDays {
  covers: CoverIds;
  weather: WeatherSteps;
  run: ShelterRun;
  /** Index of the first step shown: midnight of the day. */
  fromStep: number;
  toStep: number;
}

/** A day as it is expected, or as it usually is where no outlook reaches. */
export function expectedDay(
  site: Site,
  outlook: readonly OutlookDay[],
  day: DayNumber,
): ShelterDay {
  const told = outlook.find(({ date }) => dayNumber(date) === day);
  const usual = usualDay(site.climate, day);
  if (!told) return usual;
  return {
    minTempC: told.minTempC,
    maxTempC: told.maxTempC,
    cloudShare: told.cloudShare ?? usual.cloudShare,
    windMps: told.windMps ?? usual.windMps,
  };
}

/**
 * Two days under a stack of covers, by the outlook where it reaches; the days before as they usually
 * are.
 *
 * @param day the first of the two
 */
export function shelterDays(
  site: Site,
  covers: CoverIds,
  outlook: readonly OutlookDay[],
  day: DayNumber,
  working: Working,
): ShelterDays {
  const firstDay = day - DAYS_BEFORE;
  const days = Array.from({ length: DAYS_BEFORE + DAYS_SHOWN + 1 }, (_, index) =>
    expectedDay(site, outlook, firstDay + index),
  );
  const weather = weatherSteps(site.latitudeDeg, firstDay, days, STEPS_PER_DAY);
  const run = runShelter(stackOf(covers), weather, usualGroundOf(site.climate, firstDay), working);
  const fromStep = DAYS_BEFORE * STEPS_PER_DAY;
  return { covers, weather, run, fromStep, toStep: fromStep + DAYS_SHOWN * STEPS_PER_DAY };
}

/** The night between the two days: coldest outside and at the crop, and what the covers add. */
export interface NightAtCrop {
  outsideMinC: number;
  cropMinC: number;
  gainC: number;
}

/** From six in the evening of the first day to noon of the second. */
export function nightOf({ weather, run, fromStep }: ShelterDays): NightAtCrop {
  const from = fromStep + (18 * STEPS_PER_DAY) / 24;
  const to = fromStep + (36 * STEPS_PER_DAY) / 24;
  const outsideMinC = Math.min(...weather.airC.subarray(from, to));
  const cropMinC = Math.min(...run.cropC.subarray(from, to));
  return { outsideMinC, cropMinC, gainC: cropMinC - outsideMinC };
}

/** When a shut shelter gets too warm for cool crops, and how warm. */
export interface VentAdvice {
  /** Hours of the first day, with quarters; null when it stays cool enough. */
  openAtHour: number | null;
  shutAtHour: number | null;
  shutMaxC: number;
}

/** Cool crops are aired above this, and shut in again below it, °C (usual practice). */
const AIR_ABOVE_C = 18;

/** When to open and when to shut on the first day, from a run with everything shut. */
export function ventAdvice({ run, fromStep }: ShelterDays): VentAdvice {
  const shut = run.spacesC[0] ?? run.cropC;
  const warm: number[] = [];
  let shutMaxC = -Infinity;
  for (let step = 0; step < STEPS_PER_DAY; step += 1) {
    const tempC = Math.max(shut[fromStep + step] ?? 0, run.cropC[fromStep + step] ?? 0);
    shutMaxC = Math.max(shutMaxC, tempC);
    if (tempC > AIR_ABOVE_C) warm.push((step * 24) / STEPS_PER_DAY);
  }
  return { openAtHour: warm[0] ?? null, shutAtHour: warm.at(-1) ?? null, shutMaxC };
}

/** What one more layer inside a stack would do. */
export interface OneMore {
  materialId: string;
  covers: CoverIds;
  /** Degrees more at the crop in the night to come. */
  moreC: number;
  /** Share of the light in the open that is left. */
  lightShare: number;
}

const INNER_LAYERS = ["row-cover-light", "row-cover-medium", "row-cover-heavy", "low-tunnel-film"];

/** Light that a stack leaves, as a share of that in the open. */
export function lightShareOfCovers(covers: CoverIds): number {
  return covers.reduce((share, id) => share * (materials.get(id)?.lightTransmittance ?? 1), 1);
}

/** Each layer that could be put inside, with what it adds tonight and takes of the light. */
export function oneMoreLayer(
  site: Site,
  covers: CoverIds,
  outlook: readonly OutlookDay[],
  day: DayNumber,
  working: Working,
): OneMore[] {
  const now = nightOf(shelterDays(site, covers, outlook, day, working)).cropMinC;
  return INNER_LAYERS.filter((id) => !covers.includes(id)).map((materialId) => {
    const more = [...covers, materialId];
    const then = nightOf(shelterDays(site, more, outlook, day, working)).cropMinC;
    return { materialId, covers: more, moreC: then - now, lightShare: lightShareOfCovers(more) };
  });
}
