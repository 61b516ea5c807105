import winterJson from "@data/winter.json";
import { DAYS_PER_WEEK } from "../calendar";
import type { NightDamage } from "../crops";
import { coversToPut, lostShare, matters, piecesInShed, type BedToCover } from "../frostNight";
import { bedsInOrder, type Bed, type Garden } from "../garden";
import type { Site } from "../growth";
import { plantingStates } from "../plantings";
import { conditionKeeps, type CoverPiece } from "../shelter";
import { coldDamage } from "./coldDamage";
import { Life } from "./life";
import { emptyOutcome, type WinterOutcome, type WinterTelling } from "./outcome";
import type { PieceGains } from "./pieceGains";
import type { SpotWinter } from "./spotWinter";
import type { WinterAir } from "./winterAir";
import type { WinterPlaces } from "./winterPlaces";
import { needsKey, winterPlanting } from "./winterPlanting";
import type { WinterSpan } from "./winterSpan";

/** A piece that lies on a bed for one night: degrees more at the crop, and the share of the bed under it. */
interface Laid {
  gainC: number;
  share: number;
}

/** So far above what kills half of a planting no night needs to be looked at closer, K. */
const FAR_FROM_DEADLY_C = 5;
const { nightKnownSpreadC: SPREAD_C, carriedInMinC: CARRIED_C } = winterJson;

/**
 * One garden through winters: its plantings live by the air at their spots, and every evening the pieces
 * in the shed go where the rules of tonight would put them.
 */
export class GardenWinter {
  readonly lives: readonly Life[];
  readonly weeks: number;
  private readonly keys: readonly string[];
  private readonly byBed: ReadonlyMap<string, { bed: Bed; lives: Life[] }>;
  private readonly hasStock: boolean;
  private readonly gains: PieceGains;
  private readonly laid = new Map<string, Laid>();
  private readonly carried = new Set<string>();

  constructor(
    site: Site,
    readonly garden: Garden,
    private readonly span: WinterSpan,
    private readonly places: WinterPlaces,
  ) {
    const spots = new Map(bedsInOrder(garden).map((bed) => [bed.id, places.spotsOf(garden, bed)]));
    const plantings = plantingStates(garden, site).flatMap((state) => {
      const of = spots.get(state.planting.bedId);
      return (of && winterPlanting(site, state, span, of)) ?? [];
    });
    this.lives = plantings.map((planting, at) => new Life(planting, at, site, span.fromDay));
    this.keys = plantings.map(({ needs }) => needsKey(needs));
    this.weeks = Math.ceil((span.untilDay - span.fromDay) / DAYS_PER_WEEK);
    this.hasStock = piecesInShed(garden).length > 0;
    this.gains = places.pieceGains;
    const byBed = new Map<string, { bed: Bed; lives: Life[] }>();
    for (const life of this.lives) {
      const bed = garden.beds.get(life.planting.bedId);
      if (!bed) continue;
      const known = byBed.get(bed.id);
      if (known) known.lives.push(life);
      else byBed.set(bed.id, { bed, lives: [life] });
    }
    this.byBed = byBed;
  }

  /** Lives through the winter that the air has been run through. */
  live(air: WinterAir, winter: number, telling?: WinterTelling): WinterOutcome {
    const { span, lives, keys } = this;
    const { weather } = air;
    const outcome = emptyOutcome(lives.length, this.weeks);
    outcome.winter = winter;
    for (const life of lives) life.begin();
    let coldestC = Infinity;
    let sumC = 0;
    for (let index = span.fromDay - span.firstDay; index < span.days; index += 1) {
      const day = span.firstDay + index;
      coldestC = Math.min(coldestC, weather.daily.minTempC[index] ?? Infinity);
      sumC += weather.meanC[index] ?? 0;
      this.evening(air, index, outcome, telling);
      for (let at = 0; at < lives.length; at += 1) {
        const life = lives[at];
        if (!life || life.isOver) continue;
        const spotAt = life.planting.spots[index] ?? 0;
        const spot = air.spots[spotAt];
        if (!spot) continue;
        if (life.isUp) this.night(air, life, spot, index, outcome, telling);
        const worth =
          life.isUp || life.planting.bedDay <= day
            ? (air.worthOf(spotAt, life.planting.needs, keys[at])[index] ?? 0)
            : 0;
        life.day(index, day, spot, worth, outcome, telling);
      }
    }
    for (const life of lives) life.finish(outcome);
    outcome.coldestC = coldestC;
    outcome.meanC = sumC / (span.untilDay - span.fromDay);
    return outcome;
  }

  /** What is done for the night that ends in the morning of a day, by what was told of it. */
  private evening(air: WinterAir, index: number, outcome: WinterOutcome, telling?: WinterTelling) {
    this.laid.clear();
    this.carried.clear();
    const offC = air.weather.toldOffC[index] ?? 0;
    const endangered: { bed: Bed; lives: Life[] }[] = [];
    for (const one of this.byBed.values()) {
      if (one.lives.some((life) => this.isInDanger(air, life, index, offC))) endangered.push(one);
    }
    if (endangered.length === 0) return;
    const day = this.span.firstDay + index;
    if (this.hasStock) {
      const beds = endangered.map(({ bed, lives }): BedToCover => ({
        bed,
        savesKg: (piece) =>
          this.lossKg(air, lives, index, offC, 0) -
          this.lossKg(air, lives, index, offC, this.gainOf(piece, lives, air, index)),
      }));
      for (const { piece, bed, fit } of coversToPut(this.garden, beds)) {
        const lives = this.byBed.get(bed.id)?.lives ?? [];
        const gainC = this.gainOf(piece, lives, air, index);
        this.laid.set(bed.id, { gainC, share: fit.coversM / bed.lengthM });
        outcome.coverNights += 1;
        telling?.covered?.(piece.id, bed.id, day);
      }
    }
    for (const { bed, lives } of endangered) {
      const laid = this.laid.get(bed.id);
      for (const life of lives) {
        if (!life.stands) continue;
        const damage = this.damage(air, life, index, offC, laid?.gainC ?? 0, SPREAD_C);
        if (!this.isLost(life, damage)) continue;
        if (life.planting.isCarried) this.carried.add(life.planting.id);
        else if (life.isReady) life.pickAll(day - 1, outcome, telling);
      }
    }
  }

  /** Roots in the ground are none the worse for lost leaves. */
  private isLost(life: Life, damage: NightDamage): boolean {
    return life.part.medium === "soil" ? matters({ ...damage, leafLoss: 0 }) : matters(damage);
  }

  private isInDanger(air: WinterAir, life: Life, index: number, offC: number): boolean {
    if (!life.stands) return false;
    const spot = this.spotOf(air, life, index);
    const lowC = (spot?.minC[index] ?? 0) + offC;
    // Most evenings are far from deadly: nothing more is reckoned then.
    if (lowC > Math.max(life.lt50C, life.leafLt50C) + FAR_FROM_DEADLY_C) return false;
    return matters(this.damage(air, life, index, offC, 0, SPREAD_C));
  }

  private lossKg(
    air: WinterAir,
    lives: readonly Life[],
    index: number,
    offC: number,
    gainC: number,
  ) {
    let sum = 0;
    for (const life of lives) {
      if (!life.stands) continue;
      const damage = this.damage(air, life, index, offC, gainC, SPREAD_C);
      const inSoil = life.part.medium === "soil";
      sum += life.standingKg * life.planting.worth * lostShare(damage, inSoil);
    }
    return sum;
  }

  /** What came of a night. */
  private night(
    air: WinterAir,
    life: Life,
    spot: SpotWinter,
    index: number,
    outcome: WinterOutcome,
    telling?: WinterTelling,
  ): void {
    const { planting } = life;
    const lowC = spot.minC[index] ?? 0;
    if (lowC > Math.max(life.lt50C, life.leafLt50C) + FAR_FROM_DEADLY_C) return;
    const isCarried = this.carried.has(planting.id);
    const gainC = isCarried ? Math.max(0, CARRIED_C - lowC) : 0;
    const laid = this.laid.get(planting.bedId);
    const bare = this.damage(air, life, index, 0, gainC, 0);
    let { pointDeath, leafLoss } = bare;
    if (laid && !isCarried) {
      const under = this.damage(air, life, index, 0, laid.gainC, 0);
      pointDeath = laid.share * under.pointDeath + (1 - laid.share) * pointDeath;
      leafLoss = laid.share * under.leafLoss + (1 - laid.share) * leafLoss;
    }
    life.night(this.span.firstDay + index, pointDeath, leafLoss, outcome, telling);
  }

  /** What a night does to a planting where it stands. */
  private damage(
    air: WinterAir,
    life: Life,
    index: number,
    offC: number,
    gainC: number,
    spreadC: number,
  ): NightDamage {
    const spot = this.spotOf(air, life, index);
    return spot
      ? coldDamage(life, spot, air.weather, index, offC + gainC, spreadC)
      : { pointDeath: 0, leafLoss: 0 };
  }

  private spotOf(air: WinterAir, life: Life, index: number): SpotWinter | undefined {
    return air.spots[life.planting.spots[index] ?? 0];
  }

  /** Degrees that a piece adds over a bed on a night. */
  private gainOf(piece: CoverPiece, lives: readonly Life[], air: WinterAir, index: number) {
    const spotAt = lives[0]?.planting.spots[index] ?? 0;
    const stack = this.places.stacks[this.places.spots[spotAt]?.stack ?? 0];
    if (!stack) return 0;
    const { minTempC, cloudShare, windMps } = air.weather.daily;
    const night = {
      minTempC: minTempC[index] ?? 0,
      cloudShare: cloudShare[index] ?? 0,
      windMps: windMps[index] ?? 0,
    };
    return conditionKeeps(piece) * this.gains.on(stack, piece.materialId, night);
  }
}
