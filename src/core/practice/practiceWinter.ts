import practiceJson from "@data/practice.json";
import { DAYS_PER_WEEK, dayOfWeek, type DayNumber } from "../calendar";
import type { NightDamage } from "../crops";
import { derive } from "../derive";
import { DEATH_MATTERS, matters } from "../frostNight";
import { bedsInOrder } from "../garden";
import { plantingStates, siteFor } from "../plantings";
import type { Site } from "../growth";
import { nightGainC } from "../shelter";
import {
  coldDamage,
  emptyOutcome,
  Life,
  winterPlanting,
  type StackWinter,
  worthOn,
  type WinterOutcome,
  type WinterSpan,
  type WinterWeather,
} from "../winter";
import {
  NO_CHOICE,
  type BedOnEvening,
  type Choice,
  type Decide,
  type Evening,
  type Happened,
  type PracticeState,
} from "./evening";
import { scorchShare } from "./frameHeat";
import { outlookOn } from "./outlookOn";
import { barePracticeGarden, plotOf, weatherOf, type Plot } from "./plot";
import { practiceGarden, type Offer, type Scenario, type Sown } from "./scenario";
import { mouldAfterWater } from "./wetLeaves";

const { softenedBy: SOFTENED_BY } = practiceJson.heat;
/** Of what is told of a night: how far it strays from what comes, and what a frame adds at most, °C. */
const { spreadC: TOLD_SPREAD_C, mostFrameGainC: MOST_FRAME_GAIN_C } = practiceJson.told;
/** So many leaves lost are as bad as one plant. */
const { leavesForAPlant: LEAVES_FOR_A_PLANT } = practiceJson.told;
/** What a cloth adds to a cold night by the growers' rule for it, °C. */
const CLOTH_GAIN_C = nightGainC([practiceJson.cloth]);
const HOURS = 24;
const DUSK_HOUR = 18;
/** Less is not written down, as a share. */
const TOLD_SHARE = 0.05;

/**
 * Lives through a winter of practice, evening by evening, until somebody is to decide who does not: the same
 * decisions always come to the same.
 */
export function livePractice(scenario: Scenario, decide: Decide): PracticeState {
  const winter = new PracticeWinter(scenario, decide);
  return winter.live();
}

class PracticeWinter {
  private readonly span: WinterSpan;
  private readonly weather: WinterWeather;
  private readonly site: Site;
  private readonly springShare: Float64Array;
  private readonly open: StackWinter;
  private readonly shutFrame: StackWinter;
  private readonly plots: Plot[];
  private readonly outcome: WinterOutcome;
  private readonly happened: Happened[] = [];
  private readonly decided: { day: DayNumber; choice: Choice }[] = [];
  private readonly sown: Sown[] = [];
  private choice: Choice = NO_CHOICE;
  private wasBright = false;
  /** Who does not water is not asked again the next day. */
  private waterNextAt = 0;
  /** How lids were left on the last evening on which somebody said; as usual before. */
  private lid: Choice["lid"] = null;

  constructor(
    private readonly scenario: Scenario,
    private readonly decide: Decide,
  ) {
    const garden = derive([scenario], barePracticeGarden);
    const site = siteFor(garden);
    if (!site) throw new Error("A garden of practice has its place.");
    this.site = site;
    const { span, weather, springShare, open, shutFrame } = derive([scenario, site], weatherOf);
    this.span = span;
    this.weather = weather;
    this.springShare = springShare;
    this.open = open;
    this.shutFrame = shutFrame;
    this.plots = scenario.beds.map((bed) => plotOf(bed, site, span, weather));
    this.outcome = emptyOutcome(this.plots.length, Math.ceil(span.days / DAYS_PER_WEEK) + 1);
    this.plant();
  }

  live(): PracticeState {
    const { span, scenario } = this;
    const from = scenario.fromDay - span.firstDay;
    const to = Math.min(span.days, scenario.untilDay - span.firstDay);
    for (let index = 0; index < to; index += 1) {
      if (index >= from) {
        const asks = this.asks(index);
        this.choice = NO_CHOICE;
        if (asks.length > 0) {
          const evening = this.evening(index, asks);
          const choice = this.decide(evening);
          if (choice === null) return this.state(evening);
          this.decided.push({ day: evening.day, choice });
          this.choice = choice;
          this.act(index, choice);
        }
      }
      this.runDay(index, index >= from);
    }
    return this.state(null);
  }

  private state(evening: Evening | null): PracticeState {
    const { happened, decided, outcome, scenario, span, weather } = this;
    const from = scenario.fromDay - span.firstDay;
    const to = (evening?.day ?? scenario.untilDay) - span.firstDay;
    return {
      evening,
      happened,
      decided,
      harvestedKg: outcome.totalKg,
      lowsC: [...weather.daily.minTempC.subarray(from, to + 1)],
    };
  }

  /** Lives of what is in the beds; those that are there already go on. */
  private plant(): void {
    const { scenario, site, span } = this;
    const garden = practiceGarden(scenario, this.sown);
    const states = new Map(
      plantingStates(garden, site).map((state) => [state.planting.bedId, state]),
    );
    for (const [at, bed] of bedsInOrder(garden).entries()) {
      const plot = this.plots.find(({ id }) => id === bed.id);
      const state = states.get(bed.id);
      if (!plot || !state || plot.life) continue;
      const planting = winterPlanting(site, state, span, new Int16Array(span.days));
      if (!planting) continue;
      plot.life = new Life(planting, at, site, span.fromDay);
      plot.life.begin();
    }
  }

  /** What is to be decided on the evening before a day. */
  private asks(index: number): Offer[] {
    const { scenario, plots, span } = this;
    const { offers } = scenario;
    const asks: Offer[] = [];
    const day = span.firstDay + index - 1;
    const endangered = plots.filter((plot) => matters(this.told(plot, index, 0)));
    if (offers.includes("cover") && scenario.cloths > 0 && endangered.length > 0)
      asks.push("cover");
    const canPick = endangered.some(({ life }) => life?.isReady && !life.isOver);
    if (offers.includes("pick") && canPick) asks.push("pick");
    if (offers.includes("lid") && this.turns(index)) asks.push("lid");
    const isSunday = dayOfWeek(day) === 6;
    const hasRoom = plots.some(({ life }) => life === null || life.isOver);
    if (offers.includes("sow") && isSunday && hasRoom && day < scenario.sowUntilDay)
      asks.push("sow");
    const isDry = plots.some(({ life, water }) => life?.stands && water.isDry);
    // Nobody waters what hardly grows.
    const isMild = (this.weather.meanC[index] ?? 0) >= practiceJson.water.fromMeanC;
    if (offers.includes("water") && isDry && isMild && index >= this.waterNextAt) {
      asks.push("water");
      this.waterNextAt = index + practiceJson.water.askEveryDays;
    }
    return asks;
  }

  /** Whether the weather turns for the frames: bright after dull, or dull after bright. */
  private turns(index: number): boolean {
    if (!this.plots.some(({ hasFrame, life }) => hasFrame && life?.stands)) return false;
    const shutC = this.shutMaxC(index);
    const isBright = shutC >= practiceJson.brightShutC;
    const isDull = shutC < practiceJson.dullShutC;
    if (!(this.wasBright ? isDull : isBright)) return false;
    this.wasBright = isBright;
    return true;
  }

  /** How warm it gets in a frame that is left shut on a day. */
  private shutMaxC(index: number): number {
    return Math.max(...this.shutFrame.cropC.subarray(index * HOURS, (index + 1) * HOURS));
  }

  /** What the night before a day is expected to do to a bed, with so much more warmth. */
  private told(plot: Plot, index: number, addedC: number): NightDamage {
    const { life, spot } = plot;
    if (!life?.stands) return { pointDeath: 0, leafLoss: 0 };
    this.lookAhead(plot, index);
    const offC = this.weather.toldOffC[index] ?? 0;
    return coldDamage(life, spot, this.weather, index, offC + addedC, TOLD_SPREAD_C);
  }

  /** The night as it would be with nothing done: about as far from the air outside as the last was. */
  private lookAhead({ spot, hasFrame }: Plot, index: number): void {
    const outC = this.weather.daily.minTempC[index] ?? 0;
    const before = index - 1;
    const gainC = hasFrame
      ? Math.max(0, (spot.minC[before] ?? 0) - (this.weather.daily.minTempC[before] ?? 0))
      : 0;
    spot.minC[index] = outC + Math.min(gainC, MOST_FRAME_GAIN_C);
    spot.maxC[index] = this.weather.daily.maxTempC[index] ?? 0;
  }

  private evening(index: number, asks: readonly Offer[]): Evening {
    const { scenario, weather, span, site } = this;
    const day = span.firstDay + index - 1;
    const at = Math.max(0, (index - 1) * HOURS + DUSK_HOUR);
    return {
      day,
      week: Math.floor((day - scenario.fromDay) / DAYS_PER_WEEK) + 1,
      weeks: Math.ceil((scenario.untilDay - scenario.fromDay) / DAYS_PER_WEEK),
      asks,
      outlook: outlookOn(site.climate, weather, index, scenario.winter),
      duskC: weather.steps.airC[at] ?? 0,
      cloudShare: weather.daily.cloudShare[index] ?? 0,
      windMps: weather.daily.windMps[index] ?? 0,
      shutMaxC: this.plots.some(({ hasFrame }) => hasFrame) ? this.shutMaxC(index) : null,
      beds: this.plots.map((plot) => this.bedOn(plot, index)),
      cloths: scenario.cloths,
      sowable: scenario.sowable,
      harvestedKg: this.outcome.totalKg,
    };
  }

  private bedOn(plot: Plot, index: number): BedOnEvening {
    const { id, name, hasFrame, life, water } = plot;
    const stands = life !== null && !life.isOver;
    const bare = this.told(plot, index, 0);
    const under = this.told(plot, index, CLOTH_GAIN_C);
    return {
      id,
      name,
      hasFrame,
      cropId: stands ? life.planting.crop.id : null,
      isOver: life?.isOver ?? false,
      isReady: life?.isReady ?? false,
      sizeShare: life?.sizeShare ?? 0,
      aliveShare: life?.aliveShare ?? 1,
      leafShare: life?.leafShare ?? 1,
      lt50C: life?.stands ? life.lt50C : null,
      hardened: life?.hardened ?? 0,
      readyKg: life?.readyKg ?? 0,
      risk: Math.max(bare.pointDeath, bare.leafLoss / LEAVES_FOR_A_PLANT),
      riskUnderCloth: Math.max(under.pointDeath, under.leafLoss / LEAVES_FOR_A_PLANT),
      waterShare: this.scenario.offers.includes("water") ? water.share : null,
    };
  }

  /** What is done at once in the evening. */
  private act(index: number, { pick, sow, water, lid }: Choice): void {
    const day = this.span.firstDay + index;
    // A lid stays as it was left.
    if (lid !== null) this.lid = lid;
    for (const plot of this.plots) {
      const { life, id } = plot;
      if (pick.includes(id) && life?.isReady && !life.isOver) {
        life.pickAll(day - 1, this.outcome, this.tellingOf(plot));
      }
      if (water !== "none" && life?.stands) plot.water.give();
    }
    for (const { bedId, cropId } of sow) {
      const plot = this.plots.find(({ id }) => id === bedId);
      if (!plot || (plot.life && !plot.life.isOver)) continue;
      const sown = this.sown.findIndex((one) => one.bedId === bedId);
      if (sown >= 0) this.sown.splice(sown, 1);
      plot.life = null;
      this.sown.push({ bedId, cropId, day });
      this.happened.push({ kind: "sown", day, bedId, cropId });
    }
    if (sow.length > 0) this.plant();
  }

  private runDay(index: number, isLived: boolean): void {
    const { weather, span, choice } = this;
    const day = span.firstDay + index;
    for (const plot of this.plots) {
      const { stack, spot, life, id, hasFrame } = plot;
      const isCovered = choice.cover.includes(id);
      stack.runDay(weather, index, {
        lid: hasFrame && this.lid !== null ? this.lid : "byRule",
        covered: isCovered,
      });
      spot.runDay(weather, stack, this.open, this.springShare, index);
      if (!isLived || !life || life.isOver) continue;
      this.liveDay(plot, life, index, day, isCovered);
    }
  }

  private liveDay(plot: Plot, life: Life, index: number, day: DayNumber, isCovered: boolean): void {
    const { weather, outcome, scenario } = this;
    const { spot, id } = plot;
    const cropId = life.planting.crop.id;
    const telling = this.tellingOf(plot);
    if (life.isUp) {
      const [deadBefore, leafBefore] = [life.deadShare, life.leafShare];
      const damage = coldDamage(life, spot, weather, index, 0, 0);
      const lowC = spot.minC[index] ?? 0;
      // What the cloth added is what it is warmer than without it would have been.
      const bare = isCovered ? coldDamage(life, spot, weather, index, -CLOTH_GAIN_C, 0) : damage;
      life.night(day, damage.pointDeath, damage.leafLoss, outcome, telling);
      const killed = life.deadShare - deadBefore;
      const stripped = leafBefore - life.leafShare;
      if (killed >= TOLD_SHARE || stripped >= 2 * TOLD_SHARE) {
        const share = Math.max(killed, stripped);
        this.happened.push({
          kind: "froze",
          day,
          bedId: id,
          cropId,
          share,
          lowC,
          wasCovered: isCovered,
        });
      } else if (isCovered) {
        const would = Math.max(bare.pointDeath - deadBefore, bare.leafLoss - (1 - leafBefore));
        if (would >= TOLD_SHARE)
          this.happened.push({ kind: "saved", day, bedId: id, cropId, share: would, lowC });
        else if (would < DEATH_MATTERS / 2)
          this.happened.push({ kind: "neededNot", day, bedId: id, cropId, lowC });
      }
      this.heatOf(plot, life, index, day);
      this.mouldOf(plot, life, index, day);
    }
    const usesWater = scenario.offers.includes("water");
    const growth = usesWater ? plot.water.growthShare : 1;
    const worth =
      life.isUp || life.planting.bedDay <= day
        ? growth * worthOn(spot, life.planting.needs, index)
        : 0;
    const wasReady = life.isReady;
    if (!life.isOver) life.day(index, day, spot, worth, outcome, telling);
    if (life.isReady && !wasReady) this.happened.push({ kind: "ready", day, bedId: id, cropId });
    if (usesWater) plot.water.day(weather, this.site.latitudeDeg, index, plot.hasFrame);
  }

  /** Leaves scorch in a frame that is left shut on a bright day, and plants soften. */
  private heatOf({ spot, stack, id, hasFrame }: Plot, life: Life, index: number, day: DayNumber) {
    if (!hasFrame) return;
    const cropId = life.planting.crop.id;
    const share = scorchShare(stack.cropC.subarray(index * HOURS, (index + 1) * HOURS));
    const maxC = spot.maxC[index] ?? 0;
    if (share > 0) life.strip(share);
    if (share >= TOLD_SHARE) {
      this.happened.push({ kind: "scorched", day, bedId: id, cropId, share, maxC });
      return;
    }
    const after = (spot.drawsTo[index] ?? 0) + (spot.leaves[index] ?? 1) * life.hardened;
    if (this.lid === "shut" && life.hardened - after >= SOFTENED_BY) {
      this.happened.push({ kind: "softened", day, bedId: id, cropId, maxC });
    }
  }

  /** Leaves that were watered stay wet for some hours: through the night where it was in the evening. */
  private mouldOf({ spot, id }: Plot, life: Life, index: number, day: DayNumber): void {
    const { water } = this.choice;
    if (water === "none") return;
    const share = mouldAfterWater(water, {
      minC: spot.minC[index] ?? 0,
      meanC: spot.meanC[index] ?? 0,
      maxC: spot.maxC[index] ?? 0,
    });
    if (share > 0) life.strip(share);
    if (share >= TOLD_SHARE / 2) {
      this.happened.push({ kind: "mould", day, bedId: id, cropId: life.planting.crop.id, share });
    }
  }

  private tellingOf({ id, life }: Plot) {
    const cropId = life?.planting.crop.id ?? "";
    return {
      picked: (_at: number, day: number, kg: number) => {
        this.happened.push({ kind: "picked", day, bedId: id, cropId, kg });
      },
      over: (_at: number, day: number, by: string) => {
        this.happened.push({ kind: "over", day, bedId: id, cropId, by });
      },
    };
  }
}
