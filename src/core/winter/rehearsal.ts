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
  private readonly newAir: () => WinterAir;
  private otherAir: WinterAir | null = null;
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
    this.newAir = () => new WinterAir(site.climate, this.span, places);
    this.air = this.newAir();
  }

  /** What becomes of each garden in a winter. */
  live(winter: number): WinterOutcome[] {
    this.air.run(this.source, winter);
    return this.gardens.map((garden) => garden.live(this.air, winter));
  }

  /**
   * The same for all winters from one number up to, but not including, another, two at a time: which two
   * makes no difference to any.
   */
  liveAll(from: number, to: number): WinterOutcome[][] {
    const all: WinterOutcome[][] = [];
    let winter = from;
    for (; winter + 1 < to; winter += 2) {
      const other = (this.otherAir ??= this.newAir());
      const next = winter + 1;
      WinterAir.runBoth(this.air, other, this.source, [winter, next]);
      all.push(this.gardens.map((garden) => garden.live(this.air, winter)));
      all.push(this.gardens.map((garden) => garden.live(other, next)));
    }
    if (winter < to) all.push(this.live(winter));
    return all;
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
