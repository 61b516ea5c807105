import growthJson from "@data/growth.json";
import snowJson from "@data/snow.json";
import survivalJson from "@data/survival.json";
import { derive } from "../derive";
import { DAYS_OF_YEAR, dayNumberOf } from "../calendar";
import type { Climate } from "../climate";
import { potSwing, soilMeansC, type GrowingSpace } from "../shelter";

/** What a part of a plant feels: the air at the crop, or the soil around it. */
export type Medium = "air" | "soil";

const { soilFollowsNight, depthHalvesCm, mulchKeepsWithinCm } = survivalJson;
const { frozenKeeps } = growthJson.soil;
const NEW_YEAR = dayNumberOf(2000, 1, 1);

/** What lies over the soil in winter. */
export interface WinterGround {
  /** Straw, leaves or the like, cm. */
  mulchCm: number;
  /** Whether the snow that usually falls stays. */
  snowStays: boolean;
}

/**
 * The minimum of a night outside at which a part comes to a temperature, by day of the year.
 *
 * Soil follows the night by a part, less the deeper; once frozen it keeps three tenths of the cold, and
 * less under the snow that usually lies and under mulch. Snow lies on low covers as on the ground, and
 * banks against a house (estimates).
 *
 * @param depthCm of a part in the soil
 * @param ground  what lies over the soil
 * @returns a function of the day of the year, 0 for 1 January, and of the temperature at the part, °C
 */
export function outsideMinimumC(
  space: GrowingSpace,
  medium: Medium,
  depthCm: number,
  { mulchCm, snowStays }: WinterGround,
): (place: number, partC: number) => number {
  if (medium === "air") return (place, partC) => partC - (space.coldGainC[place] ?? 0);
  if (space.potLagHours !== undefined) {
    const buffersC = derive([space], potBuffersC);
    return (place, partC) => partC - (space.coldGainC[place] ?? 0) - (buffersC[place] ?? 0);
  }
  const follows = soilFollows(depthCm);
  const unfrozenC = derive([space], unfrozenSoilC);
  const usualMinC = derive([space.climate], usualMinima);
  const keeps = derive([space.climate, mulchCm, snowStays], frozenShares);
  return (place, partC) => {
    const drawnC = partC >= 0 ? partC : partC / (keeps[place] ?? 1);
    return (usualMinC[place] ?? 0) + (drawnC - (unfrozenC[place] ?? 0)) / follows;
  };
}

/** Of a night's departure from the usual, the share that soil at a depth follows. */
function soilFollows(depthCm: number): number {
  return soilFollowsNight * 0.5 ** (depthCm / depthHalvesCm);
}

/**
 * The other way round: what soil at a depth comes to on a night with such a minimum outside, by day of the
 * year, °C; before what freezing, mulch and snow hold back.
 */
export function drawnSoilC(
  space: GrowingSpace,
  depthCm: number,
): (place: number, outsideMinC: number) => number {
  const follows = soilFollows(depthCm);
  const unfrozenC = derive([space], unfrozenSoilC);
  const usualMinC = derive([space.climate], usualMinima);
  return (place, outsideMinC) =>
    (unfrozenC[place] ?? 0) + follows * (outsideMinC - (usualMinC[place] ?? 0));
}

/** Of the cold above it, what soil that freezes keeps under mulch and snow. */
export function frozenSoilKeeps(mulchCm: number, snowM: number): number {
  return (
    frozenKeeps * Math.exp(-mulchCm / mulchKeepsWithinCm) * Math.exp(-snowM / snowJson.keepsWithinM)
  );
}

/** How much warmer than the air's low the soil of a container stays on a day with such a swing, °C. */
export function potBufferC(lagHours: number, swingC: number): number {
  return ((1 - potSwing(lagHours)) * swingC) / 2;
}

/**
 * How much warmer than the air's low the soil of a container stays through a night, by day of the year,
 * °C: it lags, and damps the day's swing around the same mean. What freezing holds back is left out.
 */
function potBuffersC({ potLagHours = 0, firstIndexOf, minTempC, maxTempC }: GrowingSpace) {
  return Float64Array.from(firstIndexOf, (index) =>
    index < 0 ? 0 : potBufferC(potLagHours, (maxTempC[index] ?? 0) - (minTempC[index] ?? 0)),
  );
}

function usualMinima(climate: Climate): Float64Array {
  return Float64Array.from({ length: DAYS_OF_YEAR }, (_, place) =>
    climate.minTempC(NEW_YEAR + place),
  );
}

/** What frozen soil keeps of the cold above it, by day of the year. */
function frozenShares(climate: Climate, mulchCm: number, snowStays: boolean): Float64Array {
  return Float64Array.from({ length: DAYS_OF_YEAR }, (_, place) =>
    frozenSoilKeeps(mulchCm, snowStays ? climate.usualSnowM(place) : 0),
  );
}

/** Where the soil would be if freezing held nothing, by day of the year, °C. */
function unfrozenSoilC(space: GrowingSpace): Float64Array {
  return soilMeansC(space).map((soilC) => (soilC >= 0 ? soilC : soilC / frozenKeeps));
}
