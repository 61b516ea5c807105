import { coverLight } from "./coverLight";
import { dayOfYear, type DayNumber } from "../calendar";
import type { CoverIds } from "./materials";
import { runShelter, SHUT, type GroundStart, type Working } from "./shelterRun";
import { stackOf, type Stack, type Structure } from "./balance/stack";
import { weatherSteps, type ShelterDay, type WeatherSteps } from "./weatherSteps";

/** One night as it is expected, and the days before it. */
export interface ExpectedNight extends ShelterDay {
  latitudeDeg: number;
  /** The day whose morning is coldest. */
  day: DayNumber;
  /** How much milder the ten days before were, °C. */
  milderBeforeC: number;
  /** Sky and wind of those days; nothing where they were as in the night. */
  skyBefore?: Pick<ShelterDay, "cloudShare" | "windMps">;
}

export interface Extremes {
  minC: number;
  maxC: number;
}

/** What a stack of covers makes of a night. */
export interface NightUnder {
  outside: Extremes;
  /** The air below each cover, from the outside in, by the cover's name. */
  spaces: ({ name: string } & Extremes)[];
  crop: Extremes & { gainC: number };
  soil5cmMinC: number;
  /** Share of the light in the open that reaches the crop. */
  lightShare: number;
}

const DAYS_BEFORE = 10;
const STEPS_PER_DAY = 96;

/** A night's weather cut into steps, ten milder days before it, and the soil that it begins with. */
export interface NightSteps {
  weather: WeatherSteps;
  ground: GroundStart;
  stepsPerDay: number;
}

/** The weather of a night and of the days before it, the same for every stack of covers. */
export function nightSteps(night: ExpectedNight, stepsPerDay = STEPS_PER_DAY): NightSteps {
  const { latitudeDeg, day, milderBeforeC } = night;
  const before: ShelterDay = {
    ...night,
    ...night.skyBefore,
    minTempC: night.minTempC + milderBeforeC,
    maxTempC: night.maxTempC + milderBeforeC,
  };
  const days = [...new Array<ShelterDay>(DAYS_BEFORE).fill(before), night, night];
  const meanC = (before.minTempC + before.maxTempC) / 2;
  return {
    weather: weatherSteps(latitudeDeg, day - DAYS_BEFORE, days, stepsPerDay),
    ground: usualGround(latitudeDeg, day - DAYS_BEFORE, meanC),
    stepsPerDay,
  };
}

/** Coldest at the crop in a night under a stack of covers that are shut, °C. */
export function coldestAtCropC(stack: Stack, { weather, ground, stepsPerDay }: NightSteps): number {
  const { cropC } = runShelter(stack, weather, ground, SHUT);
  const midnight = DAYS_BEFORE * stepsPerDay;
  return Math.min(...cropC.subarray(midnight - stepsPerDay / 4, midnight + stepsPerDay / 2));
}

/** The night under a stack of covers: ten milder days, then the night. */
export function nightUnder(
  covers: CoverIds,
  night: ExpectedNight,
  more: Structure = {},
  working: Working = SHUT,
  stepsPerDay = STEPS_PER_DAY,
): NightUnder {
  const stack = stackOf(covers, more);
  const { weather, ground } = nightSteps(night, stepsPerDay);
  const run = runShelter(stack, weather, ground, working);
  const midnight = DAYS_BEFORE * stepsPerDay;
  // The night is looked for from the evening before until noon.
  const nightFrom = midnight - stepsPerDay / 4;
  const nightTo = midnight + stepsPerDay / 2;
  const dayTo = midnight + stepsPerDay;
  const extremes = (values: Float64Array): Extremes => ({
    minC: Math.min(...values.subarray(nightFrom, nightTo)),
    maxC: Math.max(...values.subarray(midnight, dayTo)),
  });
  const outside = extremes(weather.airC);
  const crop = extremes(run.cropC);
  return {
    outside,
    spaces: stack.layers.map((layer, index) => ({
      name: layer.shortName,
      ...extremes(run.spacesC[index] ?? weather.airC),
    })),
    crop: { ...crop, gainC: crop.minC - outside.minC },
    soil5cmMinC: Math.min(...run.soil5cmC.subarray(nightFrom, nightTo)),
    lightShare: stack.layers.reduce((share, layer) => share * coverLight(layer), 1),
  };
}

/** Depth at which the day's and the week's weather is hardly felt, m. */
const DEEP_M = 1.27;
/** The year's wave at that depth is this share of the air's, and so many days late (estimates). */
const DEEP_SHARE = 0.55;
const DEEP_LAG_DAYS = 35;
/** Coldest day of the year in the north (estimate). */
const COLDEST_DAY_OF_YEAR = 20;

/**
 * The soil where no climate tells it: from midway between the air of these days and the usual
 * temperature of the depth at the surface, to the usual temperature of the date at a depth, from
 * latitude alone (30 − 0.45 °C a degree for the year's mean, a quarter of a degree a degree for its
 * swing: estimates).
 */
export function usualGround(latitudeDeg: number, day: DayNumber, airMeanC: number): GroundStart {
  const away = Math.abs(latitudeDeg);
  const yearMeanC = 30 - 0.45 * away;
  const swingC = 0.25 * away;
  const late = COLDEST_DAY_OF_YEAR + DEEP_LAG_DAYS + (latitudeDeg < 0 ? 182.5 : 0);
  const phase = (2 * Math.PI * (dayOfYear(day) - late)) / 365.25;
  const deepC = yearMeanC - DEEP_SHARE * swingC * Math.cos(phase);
  // Soil is slow: its surface lies between what the air has come to and what the depth still holds.
  return groundBetween((airMeanC + deepC) / 2, deepC);
}

/** Soil that goes straight from the surface's temperature to that of the depth. */
export function groundBetween(surfaceC: number, deepC: number): GroundStart {
  return {
    tempAtC: (depthM) => surfaceC + (deepC - surfaceC) * Math.min(1, depthM / DEEP_M),
    deepC,
  };
}
