import type { Climate } from "../climate";
import type { GrowthNeeds } from "../crops";
import { VENTED } from "../shelter";
import { SpotWinter, worthOn } from "./spotWinter";
import { StackWinter } from "./stackWinter";
import type { WinterPlaces } from "./winterPlaces";
import { needsKey } from "./winterPlanting";
import { seedOf, winterDays, type WinterSource } from "./winterSource";
import type { WinterSpan } from "./winterSpan";
import { fillSpring, springBefore } from "./spring";
import { winterWeather, type WinterWeather } from "./winterWeather";

const OPEN = { covers: [], structure: {}, vent: VENTED.vent };

/**
 * Air, light and soil of one winter at every spot of a rehearsal, and what its days are worth to crops. Its
 * arrays are made once and filled anew for each winter.
 */
export class WinterAir {
  readonly spots: readonly SpotWinter[];
  private readonly stacks: readonly StackWinter[];
  private readonly open: StackWinter;
  private readonly springShare: Float64Array;
  /** Packet days by spot and by what crops need: filled when first asked for in a winter. */
  private readonly worths: Map<string, { days: Float64Array; winter: number }>[];
  /** How far spring has usually come by the first day, 0 to 1. */
  private readonly springBefore: number;
  private filled = 0;
  private current: WinterWeather | null = null;

  constructor(
    private readonly climate: Climate,
    readonly span: WinterSpan,
    places: WinterPlaces,
  ) {
    this.stacks = places.stacks.map((standing) => new StackWinter(standing, span.days));
    this.open = new StackWinter(OPEN, span.days);
    this.spots = places.spots.map((spot) => new SpotWinter(spot, span.days));
    this.worths = places.spots.map(() => new Map());
    this.springShare = new Float64Array(span.days);
    this.springBefore = springBefore(places.spots[0]?.space, span.firstDay);
  }

  /** The winter that was lived through last. */
  get weather(): WinterWeather {
    if (!this.current) throw new Error("No winter has been run yet.");
    return this.current;
  }

  /** Lives through a winter of a source. */
  run(source: WinterSource, winter: number): void {
    this.runWeather(this.weatherOf(source, winter));
  }

  /** Two winters of a source at once, in airs of the same places: each as it would be alone. */
  static runBoth(
    first: WinterAir,
    second: WinterAir,
    source: WinterSource,
    winters: readonly [number, number],
  ): void {
    const weather = [
      first.weatherOf(source, winters[0]),
      second.weatherOf(source, winters[1]),
    ] as const;
    first.begin(weather[0]);
    second.begin(weather[1]);
    StackWinter.runBoth(first.open, second.open, weather);
    for (const [at, stack] of first.stacks.entries()) {
      const other = second.stacks[at];
      if (other) StackWinter.runBoth(stack, other, weather);
    }
    first.fillSpots();
    second.fillSpots();
  }

  /** Lives through given weather. */
  runWeather(weather: WinterWeather): void {
    this.begin(weather);
    this.open.run(weather);
    for (const stack of this.stacks) stack.run(weather);
    this.fillSpots();
  }

  private weatherOf(source: WinterSource, winter: number): WinterWeather {
    const { climate, span } = this;
    const daily = winterDays(climate, source, winter, span);
    return winterWeather(climate.latitudeDeg, daily, span, seedOf(source, winter));
  }

  private begin(weather: WinterWeather): void {
    this.current = weather;
    this.filled += 1;
    fillSpring(weather, this.climate.latitudeDeg, this.springBefore, this.springShare);
  }

  private fillSpots(): void {
    for (const spot of this.spots) {
      const stack = this.stacks[spot.spot.stack] ?? this.open;
      spot.run(this.weather, stack, this.open, this.springShare);
    }
  }

  /** Packet days of each day of the winter to crops with such needs at a spot. */
  worthOf(spot: number, needs: GrowthNeeds, key = needsKey(needs)): Float64Array {
    const known = this.worths[spot];
    let worth = known?.get(key);
    if (!worth) {
      worth = { days: new Float64Array(this.span.days), winter: 0 };
      known?.set(key, worth);
    }
    if (worth.winter !== this.filled) {
      worth.winter = this.filled;
      this.fillWorth(worth.days, this.spots[spot], needs);
    }
    return worth.days;
  }

  private fillWorth(worth: Float64Array, spot: SpotWinter | undefined, needs: GrowthNeeds): void {
    if (!spot) return;
    for (let day = 0; day < worth.length; day += 1) worth[day] = worthOn(spot, needs, day);
  }
}
