import growthJson from "@data/growth.json";
import { dayOfYear } from "../calendar";
import {
  hardeningDay,
  lightResponse,
  packetGrowth,
  placeOf,
  responseTable,
  type GrowthNeeds,
} from "../crops";
import { cropDayOf, soilMeansC, type GrowingSpace, type Indoors, type OwnBias } from "../shelter";
import type { StackWinter } from "./stackWinter";
import { HOURS, type WinterWeather } from "./winterWeather";

const SOIL = growthJson.soil;
/** Between these hours what covers add is the sun's, and goes with the sun that the skyline leaves. */
const SUN_FROM_HOUR = 9;
const SUN_TO_HOUR = 17;

/** A place where plants stand: under a stack of covers, behind a skyline, with its own thermometer's word. */
export interface StandingSpot {
  /** Place of its stack among those of the rehearsal. */
  stack: number;
  /** Share of the open light that the skyline leaves, by day of the year. */
  skyShare: Float64Array;
  own: OwnBias | null;
  /** Where its degrees go by the growers' rule, not by the balance. */
  byRule: boolean;
  /** A room where the weather is not felt; null outdoors. */
  indoors: Indoors | null;
  /** The usual year there, for the soil to begin with. */
  space: GrowingSpace;
}

/** One spot through one winter: a value a day, and the places of its hours in the tables of growth. */
export class SpotWinter {
  /** Air at the crop, °C. */
  readonly minC: Float64Array;
  readonly maxC: Float64Array;
  readonly meanC: Float64Array;
  readonly dliMol: Float64Array;
  /** Soil at sowing depth, °C. */
  readonly soilC: Float64Array;
  /** What a day makes of hardiness: `share → drawsTo + leaves × share`. */
  readonly drawsTo: Float64Array;
  readonly leaves: Float64Array;
  /** Of each hour, by `placeOf`. */
  readonly places: Uint16Array;
  private readonly hoursC = new Float64Array(HOURS);
  /** Where the open soil would be if freezing held nothing, after the last day, °C. */
  private drawnC = 0;

  constructor(
    readonly spot: StandingSpot,
    days: number,
  ) {
    const ofDays = () => new Float64Array(days);
    this.minC = ofDays();
    this.maxC = ofDays();
    this.meanC = ofDays();
    this.dliMol = ofDays();
    this.soilC = ofDays();
    this.drawsTo = ofDays();
    this.leaves = ofDays();
    this.places = new Uint16Array(days * HOURS);
  }

  /**
   * Fills the arrays with a winter.
   *
   * @param stack       its covers through that winter
   * @param open        the open ground through it
   * @param springShare how far spring has come on in plants, by day
   */
  run(
    weather: WinterWeather,
    stack: StackWinter,
    open: StackWinter,
    springShare: Float64Array,
  ): void {
    this.begin(weather);
    for (let day = 0; day < weather.span.days; day += 1) {
      this.runDay(weather, stack, open, springShare, day);
    }
  }

  /** Begins a winter, before its first day. */
  begin({ span }: WinterWeather): void {
    this.drawnC = this.firstSoilC(span.firstDay);
  }

  /** Fills one day, after those before it and after its stack's. */
  runDay(
    weather: WinterWeather,
    stack: StackWinter,
    open: StackWinter,
    springShare: Float64Array,
    day: number,
  ): void {
    const { skyShare, indoors } = this.spot;
    const sky = skyShare[dayOfYear(weather.span.firstDay + day) - 1] ?? 1;
    this.fillHours(weather, stack, day, sky);
    this.fillDay(day, springShare[day] ?? 0);
    const outsideMol = weather.dliMol[day] ?? 0;
    this.dliMol[day] = indoors
      ? outsideMol * indoors.lightShare + indoors.lampMol
      : outsideMol * sky * this.lightThrough(weather, stack, day);
    const towardC = (weather.meanC[day] ?? 0) + SOIL.sunWarmingCPerMol * outsideMol * sky;
    this.drawnC += SOIL.dailyResponse * (towardC - this.drawnC);
    const heldC = this.drawnC >= 0 ? this.drawnC : this.drawnC * SOIL.frozenKeeps;
    this.soilC[day] = indoors
      ? (this.meanC[day] ?? 0)
      : heldC + (stack.soilC[day] ?? 0) - (open.soilC[day] ?? 0);
  }

  /** The open soil before the first day, as it usually is. */
  private firstSoilC(firstDay: number): number {
    const { space } = this.spot;
    const place = dayOfYear(firstDay) - 1;
    const usualC = (soilMeansC(space)[place] ?? 0) - (space.soilGainC?.[place] ?? 0);
    return usualC >= 0 ? usualC : usualC / SOIL.frozenKeeps;
  }

  /** Share of the light that the covers let through. */
  private lightThrough(weather: WinterWeather, stack: StackWinter, day: number): number {
    if (!this.spot.byRule) return stack.lightShare[day] ?? 1;
    return ruleDay(weather, stack, day).dliMol / Math.max(1e-9, weather.dliMol[day] ?? 0);
  }

  private fillHours(weather: WinterWeather, stack: StackWinter, day: number, sky: number): void {
    const { indoors, byRule, own } = this.spot;
    const { hoursC } = this;
    if (indoors) {
      // As in a usual year: even warmth, with its low at night.
      hoursC.fill((indoors.minC + indoors.maxC) / 2);
      return;
    }
    const from = day * HOURS;
    const { airC } = weather.steps;
    const lowC = weather.daily.minTempC[day] ?? 0;
    const riseC = Math.max(0.1, (weather.daily.maxTempC[day] ?? 0) - lowC);
    const rule = byRule ? ruleDay(weather, stack, day) : null;
    const corrects = own !== null && stack.isCovered[day] === 1;
    for (let hour = 0; hour < HOURS; hour += 1) {
      const openC = airC[from + hour] ?? 0;
      const way = Math.min(1, Math.max(0, (openC - lowC) / riseC));
      let tempC: number;
      if (rule) tempC = rule.minTempC + (rule.maxTempC - rule.minTempC) * way;
      else {
        const gainC = (stack.cropC[from + hour] ?? openC) - openC;
        const bySun = hour >= SUN_FROM_HOUR && hour < SUN_TO_HOUR && gainC > 0;
        tempC = openC + gainC * (bySun ? sky : 1);
      }
      if (corrects) tempC += own.nightC + (own.dayC - own.nightC) * way;
      hoursC[hour] = tempC;
    }
  }

  private fillDay(day: number, springShare: number): void {
    const { hoursC, places } = this;
    let [minC, maxC, sumC] = [Infinity, -Infinity, 0];
    for (let hour = 0; hour < HOURS; hour += 1) {
      const tempC = hoursC[hour] ?? 0;
      if (tempC < minC) minC = tempC;
      if (tempC > maxC) maxC = tempC;
      sumC += tempC;
      places[day * HOURS + hour] = placeOf(tempC);
    }
    const { indoors } = this.spot;
    this.minC[day] = indoors ? indoors.minC : minC;
    this.maxC[day] = indoors ? indoors.maxC : maxC;
    this.meanC[day] = sumC / HOURS;
    const { gainPerDay, lossPerDay } = hardeningDay(hoursC, 0, HOURS, springShare);
    const rate = gainPerDay + lossPerDay;
    // The same as `hardenedAfter`, which is linear in what the day began with.
    const stays = rate > 0 ? Math.exp(-rate) : 1;
    this.leaves[day] = stays;
    this.drawsTo[day] = rate > 0 ? (gainPerDay / rate) * (1 - stays) : 0;
  }
}

function ruleDay(weather: WinterWeather, stack: StackWinter, day: number) {
  return cropDayOf(stack.standing.covers, {
    minTempC: weather.daily.minTempC[day] ?? 0,
    maxTempC: weather.daily.maxTempC[day] ?? 0,
    dliMol: weather.dliMol[day] ?? 0,
  });
}

/** Packet days that a day at a spot is worth to crops with such needs. */
export function worthOn({ places, dliMol }: SpotWinter, needs: GrowthNeeds, day: number): number {
  const response = responseTable(needs.temperature);
  let warmth = 0;
  const from = day * HOURS;
  for (let at = from; at < from + HOURS; at += 1) warmth += response[places[at] ?? 0] ?? 0;
  const light = lightResponse(needs.lightHalfMol, dliMol[day] ?? 0);
  return (warmth * light) / (packetGrowth(needs) * HOURS);
}
