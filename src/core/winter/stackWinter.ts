import shelterJson from "@data/shelter.json";
import {
  coverLight,
  EnergyBalance,
  PAIR_INPUT,
  PairBalance,
  stackOf,
  type CoverIds,
  type Handling,
  type Stack,
  type Structure,
  type Vent,
  type Driving,
} from "../shelter";
import { HOURS, type WinterWeather } from "./winterWeather";

const { practice: PRACTICE } = shelterJson;

/** Covers as they stand somewhere: what they are, how they are built, how their vents are worked. */
export interface StandingStack {
  covers: CoverIds;
  structure: Structure;
  vent: Vent;
}

/** Two stacks with the same words have the same winters. */
export function stackKey({ covers, structure, vent }: StandingStack): string {
  return `${covers.join("+")}|${JSON.stringify(structure)}|${JSON.stringify(vent)}`;
}

/** What somebody does with a stack on a day, where it is not left to the rules. */
export interface StackOrders {
  /** Its outermost cover by day: worked by the rules, or left shut or open by hand. */
  lid: "byRule" | "shut" | "open";
  /** Whether what comes off lies on it for the night; null leaves that to the season. */
  covered: boolean | null;
}

const BY_THE_RULES: StackOrders = { lid: "byRule", covered: null };

/**
 * One stack of covers through one winter, hour by hour: vents and inner covers worked as growers do, what
 * comes off in mild weather taken off. The same arrays are filled anew for each winter.
 */
export class StackWinter {
  readonly stack: Stack;
  /** Air at the crop at each hour, °C. */
  readonly cropC: Float64Array;
  /** Mean of each day at 5 cm in the soil, °C. */
  readonly soilC: Float64Array;
  /** Share of each day's light that the covers let through. */
  readonly lightShare: Float64Array;
  /** Whether anything that covers is on: an outermost cover that comes off leaves the open. */
  readonly isCovered: Uint8Array;
  private readonly driving: Driving = {
    airC: 0,
    skyWPerM2: 0,
    sunWPerM2: 0,
    windMps: 0,
    deepC: 0,
    stepS: 3600,
  };
  private readonly handling: Handling;
  private readonly opens: Handling["opens"];
  private balance: EnergyBalance | null = null;
  private pair: PairBalance | null = null;
  /** The covers as they are on the day that is filled, and its sums. */
  private readonly today = {
    open: 0,
    isOff: false,
    isOnByNight: false,
    inTheOpen: false,
    isByHand: false,
    isLidOpen: false,
    soilC: 0,
    sun: 0,
    light: 0,
  };
  private readonly isHouse: boolean;
  private readonly outermostComesOff: boolean;
  private readonly light: { worn: number; innerOff: number };

  constructor(
    readonly standing: StandingStack,
    days: number,
  ) {
    const { covers, structure, vent } = standing;
    this.stack = stackOf(covers, structure);
    this.cropC = new Float64Array(days * HOURS);
    this.soilC = new Float64Array(days);
    this.lightShare = new Float64Array(days);
    this.isCovered = new Uint8Array(days);
    const [outermost] = this.stack.layers;
    this.isHouse = outermost?.kind === "house";
    this.outermostComesOff = outermost?.removable ?? false;
    this.light = { worn: this.lightThrough(false), innerOff: this.lightThrough(true) };
    this.opens = vent.kind === "automatic" ? { fromC: vent.opensAtC, wideAtC: vent.wideAtC } : null;
    this.handling = { vent: 0, opens: this.opens, innerOn: true, snow: false };
  }

  /** Fills the arrays with a winter. */
  run(weather: WinterWeather): void {
    this.begin(weather);
    for (let day = 0; day < weather.span.days; day += 1) this.runDay(weather, day);
  }

  /** Begins a winter, before its first day. */
  begin({ span, steps }: WinterWeather): void {
    this.balance = new EnergyBalance(this.stack, steps.airC[0] ?? 0);
    this.balance.startSoil(span.ground.tempAtC);
  }

  /** Fills one day, after those before it; worked as growers do, or as somebody says. */
  runDay(weather: WinterWeather, day: number, orders: StackOrders = BY_THE_RULES): void {
    const { driving, handling, balance } = this;
    if (!balance) throw new Error("A winter is begun before its days.");
    this.beginDay(weather, day, orders);
    for (let hour = 0; hour < HOURS; hour += 1) {
      this.beforeHour(weather, day, hour, balance.spaceC(0) ?? 0);
      balance.step(driving, handling);
      this.afterHour(day * HOURS + hour, balance.cropC(driving.airC), balance.soil5cmC);
    }
    this.endDay(day);
  }

  /** Two winters under the same covers at once, each as it would be alone. */
  static runBoth(
    first: StackWinter,
    second: StackWinter,
    weather: readonly [WinterWeather, WinterWeather],
  ): void {
    const balance = (first.pair ??= new PairBalance(first.stack));
    const [one, other] = weather;
    const { days, ground } = one.span;
    balance.start(one.steps.airC[0] ?? 0, other.steps.airC[0] ?? 0, ground.tempAtC);
    const hasSpace = first.stack.layers.length > 0;
    const { opens } = first;
    for (let day = 0; day < days; day += 1) {
      first.beginDay(one, day, BY_THE_RULES);
      second.beginDay(other, day, BY_THE_RULES);
      for (let hour = 0; hour < HOURS; hour += 1) {
        first.beforeHour(one, day, hour, hasSpace ? balance.spaceC(0, false) : 0);
        second.beforeHour(other, day, hour, hasSpace ? balance.spaceC(0, true) : 0);
        const { input } = balance;
        first.drive(input, 0);
        second.drive(input, 1);
        balance.step(first.driving.stepS, opens, false);
        balance.readCropC(first.driving.airC, second.driving.airC);
        const at = day * HOURS + hour;
        first.afterHour(at, input[0] ?? 0, balance.soil5cmC(false));
        second.afterHour(at, input[1] ?? 0, balance.soil5cmC(true));
      }
      first.endDay(day);
      second.endDay(day);
    }
  }

  /** How the covers are on a day. */
  private beginDay({ span, openness }: WinterWeather, day: number, orders: StackOrders): void {
    const { today, handling, driving } = this;
    today.isByHand = orders.lid !== "byRule";
    today.isLidOpen = orders.lid === "open";
    today.open = today.isByHand ? 0 : (openness[day] ?? 0);
    today.isOff = orders.covered === null ? today.open >= HALF : !orders.covered;
    today.isOnByNight = orders.covered === true;
    today.inTheOpen = this.stack.layers.length === 0 || (today.isOff && this.outermostComesOff);
    today.soilC = 0;
    today.sun = 0;
    today.light = 0;
    handling.opens = today.isByHand ? null : this.opens;
    driving.deepC = span.deepC[day] ?? 0;
  }

  /** What drives an hour, and how vents and inner covers are in it. */
  private beforeHour({ steps }: WinterWeather, day: number, hour: number, spaceC: number): void {
    const { today, handling, driving } = this;
    const { vent } = this.standing;
    const at = day * HOURS + hour;
    driving.airC = steps.airC[at] ?? 0;
    driving.skyWPerM2 = steps.skyWPerM2[at] ?? 0;
    driving.sunWPerM2 = steps.sunWPerM2[at] ?? 0;
    driving.windMps = steps.windMps[at] ?? 0;
    const isDay = driving.sunWPerM2 > 0;
    const isWarm = spaceC > PRACTICE.innerOffAboveC;
    handling.innerOn = !today.isOff && !(isDay && (isWarm || today.isOnByNight));
    const openVent = this.isHouse ? PRACTICE.houseSidesUpVents : PRACTICE.lowCoverOffVents;
    const byHand =
      vent.kind === "manual" && hour >= vent.fromHour && hour < vent.toHour ? vent.share : 0;
    if (today.isByHand) handling.vent = today.isLidOpen && isDay ? openVent : 0;
    else handling.vent = isDay ? Math.max(byHand, today.open * openVent) : byHand;
  }

  private afterHour(at: number, cropC: number, soil5cmC: number): void {
    const { today, driving, handling } = this;
    this.cropC[at] = today.inTheOpen ? driving.airC : cropC;
    today.soilC += soil5cmC;
    today.sun += driving.sunWPerM2;
    today.light += driving.sunWPerM2 * (handling.innerOn ? this.light.worn : this.light.innerOff);
  }

  private endDay(day: number): void {
    const { today } = this;
    this.isCovered[day] = today.inTheOpen ? 0 : 1;
    this.soilC[day] = today.soilC / HOURS;
    const through = today.sun > 0 ? today.light / today.sun : this.light.worn;
    // A frame's lights are off by day as far as it is open; a house keeps its roof.
    const off = today.inTheOpen ? 1 : this.isHouse ? 0 : today.open;
    this.lightShare[day] = off + (1 - off) * through;
  }

  /** Puts what drives an hour where the balance of two winters takes it from. */
  private drive(input: Float64Array, at: 0 | 1): void {
    const { driving, handling } = this;
    input[PAIR_INPUT.airC + at] = driving.airC;
    input[PAIR_INPUT.skyWPerM2 + at] = driving.skyWPerM2;
    input[PAIR_INPUT.sunWPerM2 + at] = driving.sunWPerM2;
    input[PAIR_INPUT.windMps + at] = driving.windMps;
    input[PAIR_INPUT.deepC + at] = driving.deepC;
    input[PAIR_INPUT.vent + at] = handling.vent;
    input[PAIR_INPUT.innerOn + at] = handling.innerOn ? 1 : 0;
  }

  private lightThrough(innerOff: boolean): number {
    return this.stack.layers.reduce(
      (share, layer, index) =>
        innerOff && index > 0 && layer.removable ? share : share * coverLight(layer),
      1,
    );
  }
}

/** Covers that come off are off from here on between closed up and wide open. */
const HALF = 0.5;
