import practiceJson from "@data/practice.json";
import { extraterrestrialRadiationMJ } from "../sky";
import type { WinterWeather } from "../winter";

const { holdsMm, beginsMm, givenMm, cropShare, dryShare, driestGrowth } = practiceJson.water;
/** Heat that it takes to evaporate a millimetre, MJ/m². */
const MJ_PER_MM = 2.45;

/** What a bed's soil holds for its plants: rain and the can fill it, the day's drying empties it. */
export class SoilWater {
  private mm = beginsMm;

  /** Of what it holds when it is full, 0 to 1. */
  get share(): number {
    return this.mm / holdsMm;
  }

  get isDry(): boolean {
    return this.share < dryShare;
  }

  /** Growth against that in moist soil, 0 to 1: roots find some water below what is reckoned. */
  get growthShare(): number {
    return Math.max(driestGrowth, Math.min(1, this.share / dryShare));
  }

  give(): void {
    this.mm = Math.min(holdsMm, this.mm + givenMm);
  }

  /**
   * A day of drying, and of rain where none is kept off.
   *
   * @source reference evapotranspiration by Hargreaves as in FAO-56, eq. 52
   */
  day({ daily, span }: WinterWeather, latitudeDeg: number, index: number, isRoofed: boolean): void {
    const [low, high] = [daily.minTempC[index] ?? 0, daily.maxTempC[index] ?? 0];
    const raMm = extraterrestrialRadiationMJ(latitudeDeg, span.firstDay + index) / MJ_PER_MM;
    const meanC = (low + high) / 2;
    const dries = 0.0023 * Math.max(0, meanC + 17.8) * Math.sqrt(Math.max(0, high - low)) * raMm;
    const rainMm = isRoofed ? 0 : (daily.precipitationMm[index] ?? 0);
    this.mm = Math.min(holdsMm, Math.max(0, this.mm - cropShare * dries + rainMm));
  }
}
