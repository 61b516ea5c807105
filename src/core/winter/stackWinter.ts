import shelterJson from "@data/shelter.json";
import {
  coverLight,
  EnergyBalance,
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
    const { span, steps, openness } = weather;
    const { driving, handling, balance } = this;
    if (!balance) throw new Error("A winter is begun before its days.");
    const { vent } = this.standing;
    const openVent = this.isHouse ? PRACTICE.houseSidesUpVents : PRACTICE.lowCoverOffVents;
    const open = orders.lid === "byRule" ? (openness[day] ?? 0) : 0;
    const isOff = orders.covered === null ? open >= HALF : !orders.covered;
    const inTheOpen = this.stack.layers.length === 0 || (isOff && this.outermostComesOff);
    const isByHand = orders.lid !== "byRule";
    handling.opens = isByHand ? null : this.opens;
    this.isCovered[day] = inTheOpen ? 0 : 1;
    driving.deepC = span.deepC[day] ?? 0;
    let [soilC, sun, light] = [0, 0, 0];
    for (let hour = 0; hour < HOURS; hour += 1) {
      const at = day * HOURS + hour;
      driving.airC = steps.airC[at] ?? 0;
      driving.skyWPerM2 = steps.skyWPerM2[at] ?? 0;
      driving.sunWPerM2 = steps.sunWPerM2[at] ?? 0;
      driving.windMps = steps.windMps[at] ?? 0;
      const isDay = driving.sunWPerM2 > 0;
      const isWarm = (balance.spaceC(0) ?? 0) > PRACTICE.innerOffAboveC;
      handling.innerOn = !isOff && !(isDay && (isWarm || orders.covered === true));
      const byHand =
        vent.kind === "manual" && hour >= vent.fromHour && hour < vent.toHour ? vent.share : 0;
      if (isByHand) handling.vent = orders.lid === "open" && isDay ? openVent : 0;
      else handling.vent = isDay ? Math.max(byHand, open * openVent) : byHand;
      balance.step(driving, handling);
      this.cropC[at] = inTheOpen ? driving.airC : balance.cropC(driving.airC);
      soilC += balance.soil5cmC;
      sun += driving.sunWPerM2;
      light += driving.sunWPerM2 * (handling.innerOn ? this.light.worn : this.light.innerOff);
    }
    this.soilC[day] = soilC / HOURS;
    const through = sun > 0 ? light / sun : this.light.worn;
    // A frame's lights are off by day as far as it is open; a house keeps its roof.
    const off = inTheOpen ? 1 : this.isHouse ? 0 : open;
    this.lightShare[day] = off + (1 - off) * through;
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
