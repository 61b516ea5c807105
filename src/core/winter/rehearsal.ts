import type { DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import { GardenWinter } from "./gardenWinter";
import type { WinterOutcome, WinterTelling } from "./outcome";
import { WinterAir } from "./winterAir";
import { WinterPlaces } from "./winterPlaces";
import { winterSpan, type WinterSpan } from "./winterSpan";
import { wintersIn, type WinterSource } from "./winterSource";
import type { WinterWeather } from "./winterWeather";

/**
 * One garden, or several that are tried against each other, through the same winters. Everything that is
 * the same in every winter is made once; a winter is then lived by its number, alone or among others, and
 * comes out the same to the last bit.
 */
export class Rehearsal {
  readonly span: WinterSpan;
  readonly gardens: readonly GardenWinter[];
  readonly air: WinterAir;
  /** How many winters there are; without end where they are made. */
  readonly winters: number;

  constructor(
    site: Site,
    gardens: readonly Garden[],
    readonly source: WinterSource,
    fromDay: DayNumber,
  ) {
    this.winters = wintersIn(source);
    this.span = winterSpan(site.climate, fromDay);
    const places = new WinterPlaces(site, this.span);
    this.gardens = gardens.map((garden) => new GardenWinter(site, garden, this.span, places));
    this.air = new WinterAir(site.climate, this.span, places);
  }

  /** What becomes of each garden in a winter. */
  live(winter: number): WinterOutcome[] {
    this.air.run(this.source, winter);
    return this.gardens.map((garden) => garden.live(this.air, winter));
  }

  /** What becomes of one of the gardens in a winter, told as it happens. */
  tell(winter: number, telling: WinterTelling, garden = 0): WinterOutcome | null {
    this.air.run(this.source, winter);
    return this.gardens[garden]?.live(this.air, winter, telling) ?? null;
  }

  /** What becomes of each garden in given weather. */
  liveIn(weather: WinterWeather): WinterOutcome[] {
    this.air.runWeather(weather);
    return this.gardens.map((garden) => garden.live(this.air, -1));
  }
}
