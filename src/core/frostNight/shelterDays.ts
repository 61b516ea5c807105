import shelterJson from "@data/shelter.json";
import type { DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import type { Bed, Garden, Shelter } from "../garden";
import {
  coverLight,
  materials,
  runShelter,
  stackOf,
  thumbGainAtC,
  usualGroundOf,
  VENTED,
  weatherSteps,
  type CoverIds,
  type ShelterRun,
  type Structure,
  type WeatherSteps,
  type Working,
} from "../shelter";
import { expectedDay } from "./expectedDay";
import { leafAreaIndexOf, type StandingPlants } from "../plantings";
import type { DegreesSchool, Exposure, Site } from "../growth";

/** A run begins so many days before, so that the soil has come to what the covers make of it. */
const DAYS_BEFORE = 12;
/** Two days under a stack of covers, quarter hour by quarter hour. */
export interface ShelterDays {
  covers: CoverIds;
  weather: WeatherSteps;
  run: ShelterRun;
  /** Index of the first step shown: midnight of the day. */
  fromStep: number;
  toStep: number;
}

/** How a stack is built and worked where it stands. */
export interface ShelterHandling {
  working: Working;
  structure: Structure;
}

/**
 * A bed's covers as they are worked, by its shelter's vents, height and barrels, over what stands in it.
 */
export function handlingOver(
  garden: Pick<Garden, "shelters">,
  bed: Bed,
  standing: readonly StandingPlants[],
): ShelterHandling {
  const shelter = garden.shelters.get(bed.shelterId ?? "");
  const { working, structure } = shelter ? handlingOf(shelter) : { working: VENTED, structure: {} };
  return { working, structure: { ...structure, leafAreaIndex: leafAreaIndexOf(bed, standing) } };
}

/** A shelter as it is built and worked. */
export function handlingOf(shelter: Shelter): ShelterHandling {
  const { heightM, vent, barrelLitres, outline } = shelter;
  const floorM2 = outline ? outline.lengthM * outline.widthM : USUAL_FLOOR_M2;
  return {
    working: { ...VENTED, vent },
    structure: {
      barrelLitresPerM2: barrelLitres / floorM2,
      ...(heightM === null ? {} : { heightM }),
    },
  };
}

/** Floor of a shelter that nobody has laid out, to spread its barrels over, m² (estimate). */
const USUAL_FLOOR_M2 = 20;

interface Length {
  daysShown?: number;
  stepsPerDay?: number;
}

/**
 * Days under a stack of covers, by the outlook where it reaches; the days before as they usually are.
 *
 * @param day    the first of the days shown
 * @param length two days in quarter hours where nothing else is asked
 */
export function shelterDays(
  site: Site,
  covers: CoverIds,
  outlook: readonly OutlookDay[],
  day: DayNumber,
  { working, structure }: ShelterHandling,
  { daysShown = 2, stepsPerDay = 96 }: Length = {},
): ShelterDays {
  const firstDay = day - DAYS_BEFORE;
  const days = Array.from({ length: DAYS_BEFORE + daysShown + 1 }, (_, index) =>
    expectedDay(site, outlook, firstDay + index),
  );
  const weather = weatherSteps(site.latitudeDeg, firstDay, days, stepsPerDay);
  const ground = usualGroundOf(site.climate, firstDay);
  const run = runShelter(stackOf(covers, structure), weather, ground, working);
  const fromStep = DAYS_BEFORE * stepsPerDay;
  return { covers, weather, run, fromStep, toStep: fromStep + daysShown * stepsPerDay };
}

/** The night between two days: coldest outside and at the crop, and what the covers add. */
export interface NightAtCrop {
  outsideMinC: number;
  cropMinC: number;
  gainC: number;
  /** Coldest at 5 cm in the soil. */
  soilMinC: number;
}

/** From six in the evening of a day to noon of the next; the first night where none is named. */
export function nightOf({ weather, run, fromStep }: ShelterDays, nightIndex = 0): NightAtCrop {
  const { stepsPerDay } = weather;
  const midnight = fromStep + (nightIndex + 1) * stepsPerDay;
  const [from, to] = [midnight - stepsPerDay / 4, midnight + stepsPerDay / 2];
  const outsideMinC = Math.min(...weather.airC.subarray(from, to));
  const cropMinC = Math.min(...run.cropC.subarray(from, to));
  const soilMinC = Math.min(...run.soil5cmC.subarray(from, to));
  return { outsideMinC, cropMinC, gainC: cropMinC - outsideMinC, soilMinC };
}

/** A night's minimum at the crop by each school of degrees, °C. */
export interface NightDegrees {
  outsideMinC: number;
  rule: number;
  balance: number;
  /** By one's own thermometer; null where none has been read. */
  measured: number | null;
  /** The school that counts here: without readings the balance stands in for them. */
  inForce: DegreesSchool;
  cropMinC: number;
  /** At 5 cm, by the balance. */
  soilMinC: number;
}

/** The night at the crop by all three schools, and by the one in force. */
export function nightDegrees(
  site: Site,
  { covers, own }: Exposure,
  { outsideMinC, cropMinC: balance, soilMinC }: NightAtCrop,
): NightDegrees {
  const rule = outsideMinC + thumbGainAtC(covers, outsideMinC);
  const measured = own && covers.length > 0 ? balance + own.nightC : null;
  const inForce =
    site.degreesSchool === "measured" && measured === null ? "balance" : site.degreesSchool;
  const cropMinC = inForce === "rule" ? rule : inForce === "measured" ? measured : balance;
  return {
    outsideMinC,
    rule,
    balance,
    measured,
    inForce,
    cropMinC: cropMinC ?? balance,
    soilMinC,
  };
}

/** When a shut shelter gets too warm for cool crops, and how warm. */
export interface VentAdvice {
  /** Hours of the first day, with quarters, the sun up; null when it stays cool enough. */
  openAtHour: number | null;
  /** Early enough to catch warmth for the night; null also where it stays open over a mild night. */
  shutAtHour: number | null;
  shutMaxC: number;
}

/** Cool crops are aired above this, and shut in again below it, °C: as vents are worked everywhere. */
const AIR_ABOVE_C = shelterJson.practice.ventOpensAtC;

/** Shut in so long before sunset, a house keeps warmth for the night (usual practice). */
const SHUT_BEFORE_SUNSET_H = 1;
/** Over nights that are no colder outside, vents stay open: the warmth is not wanted (usual practice). */
const MILD_NIGHT_C = 10;

/**
 * When to open and when to shut on the first day, from a run with everything shut. Nobody airs in the
 * dark: what is too warm at midnight in July has stayed open, or is opened when the sun is up.
 */
export function ventAdvice(days: ShelterDays): VentAdvice {
  const { run, fromStep, weather } = days;
  const { stepsPerDay } = weather;
  const shut = run.spacesC[0] ?? run.cropC;
  const hourOf = (step: number) => (step * 24) / stepsPerDay;
  const warm: number[] = [];
  let [shutMaxC, sunsetHour] = [-Infinity, 0];
  for (let step = 0; step < stepsPerDay; step += 1) {
    const tempC = Math.max(shut[fromStep + step] ?? 0, run.cropC[fromStep + step] ?? 0);
    shutMaxC = Math.max(shutMaxC, tempC);
    if ((weather.sunWPerM2[fromStep + step] ?? 0) <= 0) continue;
    sunsetHour = hourOf(step + 1);
    if (tempC > AIR_ABOVE_C) warm.push(hourOf(step));
  }
  const [openAtHour = null] = warm;
  const lastWarmHour = warm.at(-1) ?? 0;
  const isMild = nightOf(days).outsideMinC >= MILD_NIGHT_C;
  const shutAtHour = Math.min(lastWarmHour, sunsetHour - SHUT_BEFORE_SUNSET_H);
  return {
    openAtHour,
    shutAtHour: openAtHour === null || isMild ? null : Math.max(openAtHour, shutAtHour),
    shutMaxC,
  };
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
  return covers.reduce((share, id) => {
    const material = materials.get(id);
    return material ? share * coverLight(material) : share;
  }, 1);
}

/** Each layer that could be put inside, with what it adds tonight and takes of the light. */
export function oneMoreLayer(
  site: Site,
  covers: CoverIds,
  outlook: readonly OutlookDay[],
  day: DayNumber,
  handling: ShelterHandling,
): OneMore[] {
  const now = nightOf(shelterDays(site, covers, outlook, day, handling)).cropMinC;
  return INNER_LAYERS.filter((id) => !covers.includes(id)).map((materialId) => {
    const more = [...covers, materialId];
    const then = nightOf(shelterDays(site, more, outlook, day, handling)).cropMinC;
    return { materialId, covers: more, moreC: then - now, lightShare: lightShareOfCovers(more) };
  });
}
