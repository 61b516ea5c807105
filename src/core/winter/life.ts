import winterJson from "@data/winter.json";
import boltingJson from "@data/bolting.json";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { leafRange, lt50At, sproutingRate } from "../crops";
import type { Site } from "../growth";
import type { DecidingPart } from "../growth";
import { causeCode, type Cause, type WinterOutcome, type WinterTelling } from "./outcome";
import type { SpotWinter } from "./spotWinter";
import type { WinterPlanting } from "./winterPlanting";

const { growsBackPacketDays: GROWS_BACK, leastLight: LEAST_LIGHT } = winterJson.leaf;
const { reachesFromShare: REACHES_FROM, overFromDeadShare: OVER_FROM } = winterJson;

/** One planting through one winter, a day at a time. The same object begins anew for each winter. */
export class Life {
  /** Shares of all its plants: dead by cold; of the leaves, still there. */
  deadShare = 0;
  leafShare = 1;
  hardened = 0;
  isUp = false;
  isOver = false;
  isReady = false;
  grown = 0;
  upDay = 0;
  /** Of the whole yield not picked yet, a share; and grown but not picked, kg. */
  private leftShare = 1;
  private poolKg = 0;
  private sprouted = 0;
  private spring = 0;
  private springFromDay: DayNumber = -Infinity;
  private midwinterDay: DayNumber = 0;
  private juvenile = 0;
  private chilled = 0;
  private sinceWinter = 0;
  private sinceLong = 0;
  private longFromDay: DayNumber = Infinity;
  private longUntilDay: DayNumber = Infinity;
  private heatC = 0;
  private stood = 0;
  private readyDay: DayNumber = 0;
  private wasDark = false;

  constructor(
    readonly planting: WinterPlanting,
    /** Its place among the plantings of the outcome. */
    readonly at: number,
    private readonly site: Site,
    private readonly fromDay: DayNumber,
  ) {}

  /** Begins a winter as it stands on the first day. */
  begin(): void {
    const { start } = this.planting;
    this.deadShare = 0;
    this.leafShare = 1;
    this.hardened = start.hardened;
    this.isOver = false;
    this.isReady = false;
    this.grown = start.grownPacketDays;
    this.isUp = false;
    this.leftShare = start.leftShare;
    this.poolKg = start.poolKg;
    this.sprouted = start.sprouted;
    this.spring = 0;
    this.juvenile = start.grownPacketDays;
    this.chilled = 0;
    this.sinceWinter = 0;
    this.sinceLong = 0;
    this.heatC = 0;
    this.stood = 0;
    this.readyDay = 0;
    this.wasDark = false;
    if (start.isUp) this.comeUp(start.upDay);
    if (start.readyDay === null) return;
    this.isReady = true;
    this.readyDay = start.readyDay;
  }

  /** Whether it stands in its bed and has something to lose. */
  get stands(): boolean {
    return this.isUp && !this.isOver;
  }

  /** The part on which its harvest hangs now. */
  get part(): DecidingPart {
    const { parts, partsFrom } = this.planting;
    let at = 0;
    while (at + 1 < parts.length && this.grown >= (partsFrom[at + 1] ?? Infinity)) at += 1;
    return parts[at] as DecidingPart;
  }

  /** Kills half of it, and takes half of its leaves, hardened as it is, °C. */
  get lt50C(): number {
    return lt50At(this.part.range, this.hardened);
  }

  get leafLt50C(): number {
    return lt50At(leafRange(this.planting.top), this.hardened);
  }

  /** How large it is of full size, 0 to 1. */
  get sizeShare(): number {
    const { benchPacketDays, fullPacketDays } = this.planting;
    return Math.min(1, (benchPacketDays + this.grown) / (benchPacketDays + fullPacketDays));
  }

  /** Of the weight at full size: lost leaves are not eaten where it is leaves that one eats. */
  private get eatenShare(): number {
    const { harvestedPart } = this.planting.crop;
    const isLeaf = harvestedPart === "leaf" || harvestedPart === "head";
    return this.sizeShare * (isLeaf ? this.leafShare : 1);
  }

  get aliveShare(): number {
    return this.planting.start.aliveShare * (1 - this.deadShare);
  }

  /** What stands to be lost, kg. */
  get standingKg(): number {
    const { picking, yieldKg } = this.planting;
    const left = picking.way === "once" ? this.leftShare * yieldKg * this.eatenShare : this.poolKg;
    const toCome = picking.way === "once" ? 0 : this.leftShare * yieldKg;
    return (left + toCome) * this.aliveShare;
  }

  /** What is picked if all that stands is picked now, kg. */
  get readyKg(): number {
    const { picking, yieldKg } = this.planting;
    if (!this.isReady || this.isOver) return 0;
    const kg = picking.way === "once" ? this.leftShare * yieldKg * this.eatenShare : this.poolKg;
    return kg * this.aliveShare;
  }

  /** Takes a share of the leaves that are left. */
  strip(share: number): void {
    this.leafShare *= 1 - share;
    this.poolKg *= 1 - share;
  }

  /** A night that kills and strips, both as shares of what had been there in the beginning. */
  night(
    day: DayNumber,
    death: number,
    leafLoss: number,
    outcome: WinterOutcome,
    telling?: WinterTelling,
  ) {
    if (leafLoss > 1 - this.leafShare) {
      const before = this.leafShare;
      this.leafShare = 1 - leafLoss;
      this.poolKg *= this.leafShare / Math.max(1e-9, before);
      telling?.leavesLost?.(this.at, day, before - this.leafShare);
    }
    // A second night finds only plants that have borne the first: the hardest night counts, not the sum.
    if (death <= this.deadShare) return;
    const killed = death - this.deadShare;
    this.poolKg *= (1 - death) / Math.max(1e-9, 1 - this.deadShare);
    this.deadShare = death;
    telling?.killed?.(this.at, day, killed);
    if (death >= OVER_FROM) this.end("cold", day, outcome, telling);
  }

  /** A day of growing; sown, up and set out in time. */
  day(
    index: number,
    day: DayNumber,
    spot: SpotWinter,
    worth: number,
    outcome: WinterOutcome,
    telling?: WinterTelling,
  ): void {
    const { planting } = this;
    if (this.isOver) return;
    if (day >= planting.clearDay) return this.end("pulled", day, outcome, telling);
    if (day === planting.sowDay) telling?.sown?.(this.at, day);
    if (!this.isUp && !this.growsToday(index, day, spot, telling)) return;
    this.hardened = (spot.drawsTo[index] ?? 0) + (spot.leaves[index] ?? 1) * this.hardened;
    const light = LEAST_LIGHT + (1 - LEAST_LIGHT) * this.leafShare;
    const gained = worth * light;
    if (worth < DARK_WORTH) this.wasDark = true;
    this.grown += gained;
    this.leafShare = Math.min(1, this.leafShare + worth / GROWS_BACK);
    this.winterAndBolting(index, day, spot, worth);
    if (this.isBolting(day)) return this.end("bolting", day, outcome, telling);
    const { heat } = planting;
    if (heat && this.grown >= heat.fromPacketDays) {
      this.heatC += Math.max(0, (spot.meanC[index] ?? 0) - heat.aboveMeanC);
      if (this.heatC >= heat.degreeDays) return this.end("heat", day, outcome, telling);
    }
    if (!this.isReady && this.hasItsSize) this.becomeReady(day, outcome);
    if (!this.isReady) return;
    const { picking, yieldKg } = planting;
    if (picking.way !== "once") {
      const share = Math.min(
        this.leftShare,
        ((1 - picking.firstShare) * gained) / picking.overPacketDays,
      );
      this.leftShare -= share;
      this.poolKg += share * yieldKg * (picking.way === "again" ? this.leafShare : 1);
    }
    if (this.grown >= planting.fullPacketDays) this.stood += worth;
    if (this.stood >= planting.standing) return this.end("spent", day, outcome, telling);
    if ((day - this.readyDay) % DAYS_PER_WEEK === 0) this.pick(day, outcome, telling);
    if (this.leftShare <= NOTHING && this.poolKg <= NOTHING)
      this.end("spent", day, outcome, telling);
  }

  /** Everything that stands is picked, before a night that would take it. */
  pickAll(day: DayNumber, outcome: WinterOutcome, telling?: WinterTelling): void {
    const { picking, isEaten } = this.planting;
    if (!isEaten) return;
    const kg = this.readyKg;
    if (picking.way === "once") this.leftShare = 0;
    this.poolKg = 0;
    this.harvest(day, kg, outcome, telling);
    if (picking.way === "once") this.end("spent", day, outcome, telling);
  }

  /** What became of it, once the last day is over. */
  finish(outcome: WinterOutcome): void {
    if (!this.isOver && !this.isReady) outcome.lostBy[this.at] = causeCode(this.neverReady());
  }

  /** What is not up yet sprouts, or is set out; tells whether it grows in its bed today already. */
  private growsToday(
    index: number,
    day: DayNumber,
    spot: SpotWinter,
    telling?: WinterTelling,
  ): boolean {
    const { planting } = this;
    if (day < planting.bedDay) return false;
    if (planting.isTransplanted) {
      telling?.setOut?.(this.at, day);
      this.comeUp(day);
      return true;
    }
    this.sprouted += sproutingRate(planting.crop, spot.soilC[index] ?? 0);
    if (this.sprouted < 1) return false;
    telling?.up?.(this.at, day + 1);
    this.comeUp(day + 1);
    return false;
  }

  private comeUp(day: DayNumber): void {
    const { planting, site } = this;
    this.isUp = true;
    this.upDay = day;
    this.springFromDay = planting.springFromDay(day);
    this.midwinterDay = planting.midwinterDay(day);
    const { longDay } = planting.bolting;
    if (!longDay) return;
    this.longFromDay = site.daysAreLongFrom(day, longDay.hours);
    this.longUntilDay = site.daysAreLongUntil(this.longFromDay, longDay.hours);
  }

  private winterAndBolting(index: number, day: DayNumber, spot: SpotWinter, worth: number): void {
    if (day >= this.springFromDay) this.spring += worth;
    if (day < this.midwinterDay) this.juvenile += worth;
    if ((spot.meanC[index] ?? 0) < boltingJson.chillsBelowMeanC) this.chilled += 1;
    if (day >= this.midwinterDay && this.chilled >= boltingJson.chillDays)
      this.sinceWinter += worth;
    if (day >= this.longFromDay && day <= this.longUntilDay) this.sinceLong += worth;
  }

  private isBolting(day: DayNumber): boolean {
    const { afterWinterPacketDays, longDay } = this.planting.bolting;
    if (longDay && this.sinceLong >= longDay.packetDays && day <= this.longUntilDay) return true;
    return (
      afterWinterPacketDays !== null &&
      this.juvenile >= boltingJson.juvenilePacketDays &&
      this.sinceWinter >= afterWinterPacketDays
    );
  }

  private get hasItsSize(): boolean {
    const { usablePacketDays, springPacketDays } = this.planting;
    return this.grown >= usablePacketDays - NOTHING && this.spring >= springPacketDays;
  }

  private becomeReady(day: DayNumber, outcome: WinterOutcome): void {
    const { picking, yieldKg } = this.planting;
    this.isReady = true;
    this.readyDay = day + 1;
    const first = Math.min(picking.firstShare, this.leftShare);
    this.leftShare -= first;
    this.poolKg = first * yieldKg * this.leafShare;
    if (this.aliveShare < REACHES_FROM) outcome.lostBy[this.at] = causeCode("cold");
  }

  /** A week's picking. */
  private pick(day: DayNumber, outcome: WinterOutcome, telling?: WinterTelling): void {
    const { picking, yieldKg, isEaten } = this.planting;
    if (!isEaten) return;
    let kg = this.poolKg * this.aliveShare;
    this.poolKg = 0;
    if (picking.way === "once") {
      const share = Math.min(this.leftShare, 1 / Math.max(1, picking.spanWeeks));
      this.leftShare -= share;
      kg = share * yieldKg * this.eatenShare * this.aliveShare;
    }
    this.harvest(day, kg, outcome, telling);
  }

  private harvest(
    day: DayNumber,
    kg: number,
    outcome: WinterOutcome,
    telling?: WinterTelling,
  ): void {
    if (kg <= NOTHING) return;
    const { at } = this;
    if (outcome.firstDay[at] === 0) outcome.firstDay[at] = day;
    outcome.lastDay[at] = day;
    outcome.kg[at] = (outcome.kg[at] ?? 0) + kg;
    outcome.totalKg += kg;
    const week = Math.floor((day - this.fromDay) / DAYS_PER_WEEK);
    outcome.weekKg[week] = (outcome.weekKg[week] ?? 0) + kg;
    telling?.picked?.(at, day, kg, this.leftShare <= NOTHING);
  }

  private end(by: Cause, day: DayNumber, outcome: WinterOutcome, telling?: WinterTelling): void {
    const { at } = this;
    // What is over by itself has been seen coming, and is picked; what the frost took is not.
    if (this.isReady && by !== "cold") {
      const kg = this.readyKg;
      this.leftShare = 0;
      this.poolKg = 0;
      if (this.planting.isEaten) this.harvest(day, kg, outcome, telling);
    }
    this.isOver = true;
    outcome.endedBy[at] = causeCode(by);
    outcome.endDay[at] = day;
    telling?.over?.(at, day, by);
    if (this.isReady) return;
    outcome.lostBy[at] = causeCode(by === "pulled" || by === "spent" ? this.neverReady() : by);
  }

  /** Not grown when it ends: held up by the dark, or begun too late for anything. */
  private neverReady(): Cause {
    return this.isUp && this.wasDark ? "dark" : "tooLate";
  }
}

/** Days worth less are the dark of winter, when nothing grows. */
const DARK_WORTH = 0.1;
/** Less is nothing, kg or a share. */
const NOTHING = 1e-9;
