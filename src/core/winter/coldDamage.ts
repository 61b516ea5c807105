import { dayOfYear } from "../calendar";
import { lt50At, nightDamage, type NightDamage } from "../crops";
import { drawnSoilC, frozenSoilKeeps, potBufferC } from "../growth";
import type { Life } from "./life";
import type { SpotWinter } from "./spotWinter";
import type { WinterWeather } from "./winterWeather";

/** How sure the soil is against the air: it swings far less (estimate). */
const SOIL_SPREAD_SHARE = 0.15;

/**
 * What the night that ends on a day of a winter does to a planting: to its leaves in the air, and to the part
 * on which its harvest hangs where that is.
 *
 * @param index   day of the winter, from its first
 * @param addedC  what is added to what comes: what lies on it, or what is told wrongly
 * @param spreadC how sure it is, as a standard deviation; 0 for what has come
 */
export function coldDamage(
  life: Life,
  spot: SpotWinter,
  weather: WinterWeather,
  index: number,
  addedC: number,
  spreadC: number,
): NightDamage {
  const { part, planting, hardened } = life;
  const airC = (spot.minC[index] ?? 0) + addedC;
  const { leafLoss } = nightDamage(lt50At(planting.top, hardened), airC, spreadC);
  const lt50C = lt50At(part.range, hardened);
  if (part.medium === "air") {
    return { pointDeath: nightDamage(lt50C, airC, spreadC).pointDeath, leafLoss };
  }
  const soilC = soilAtPartC(life, spot, weather, index, addedC);
  return {
    pointDeath: nightDamage(lt50C, soilC, spreadC * SOIL_SPREAD_SHARE).pointDeath,
    leafLoss,
  };
}

/** The soil around a part of the plants at its coldest, °C. */
function soilAtPartC(
  { planting, part }: Life,
  spot: SpotWinter,
  { span, daily, snowM }: WinterWeather,
  index: number,
  addedC: number,
): number {
  if (planting.potLagHours !== null) {
    const swingC = (spot.maxC[index] ?? 0) - (spot.minC[index] ?? 0);
    return (spot.minC[index] ?? 0) + addedC + potBufferC(planting.potLagHours, swingC);
  }
  const outsideC = (daily.minTempC[index] ?? 0) + addedC;
  const place = dayOfYear(span.firstDay + index) - 1;
  const drawnC = drawnSoilC(spot.spot.space, part.depthCm)(place, outsideC);
  if (drawnC >= 0) return drawnC;
  return drawnC * frozenSoilKeeps(planting.mulchCm, planting.snowStays ? (snowM[index] ?? 0) : 0);
}
