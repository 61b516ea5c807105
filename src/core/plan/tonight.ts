import { dayNumber, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import { hardinessRange, lt50At, nightDamage, type NightDamage, type Organ } from "../crops";
import { bedsInOrder, coversOver, type Bed, type Garden } from "../garden";
import { materials, type CoverIds, type Working } from "../shelter";
import { plantsIn, type StandingPlants } from "./bedPlants";
import { plantingName } from "./gardenPlan";
import { hardenedCourse } from "./hardening";
import { nightOf, shelterDays } from "./shelterDays";
import type { Site } from "./site";

/** What the night to come does to one planting, and what could be done about it. */
export interface NightForPlanting {
  bed: Bed;
  plants: StandingPlants;
  name: string;
  covers: CoverIds;
  /** Coldest at the plants, °C. */
  cropMinC: number;
  /** What kills half of them tonight, hardened as they are. */
  lt50C: number;
  /** 0 soft, 1 fully hardened. */
  hardened: number;
  damage: NightDamage;
  /** The best of the covers looked at, and what it would leave of the damage; null when none helps. */
  cover: { materialId: string; damage: NightDamage } | null;
  advice: "nothing" | "cover" | "pick" | "coverAndPick";
  /** Soft plants before a sudden freeze: the danger that surprises. */
  isSudden: boolean;
}

/** Chances above which something is worth doing (estimates). */
const DEATH_MATTERS = 0.05;
const LEAF_LOSS_MATTERS = 0.15;
/** A cover is worth carrying when it saves at least so much. */
const COVER_SAVES = 0.03;
const SOFT_BELOW = 0.4;
/** Young plants until this share of their growth. */
const SEEDLING_UNTIL = 0.2;
/** Heads, pods and flowers are there from this share on. */
const PART_FROM = 0.8;
const EXTRA_COVERS = ["row-cover-light", "row-cover-medium", "row-cover-heavy"];
/** Spread of a night that only usual weather tells, °C. */
const USUAL_SPREAD_C = 3;

/** The part or stage that decides, where it stands cold otherwise than the plant. */
export function organOf({ growing, grown }: StandingPlants): Organ | undefined {
  if (grown < SEEDLING_UNTIL) return "seedling";
  const { harvestedPart } = growing.crop;
  const isPart = harvestedPart === "head" || harvestedPart === "pod" || harvestedPart === "flower";
  return isPart && grown >= PART_FROM ? harvestedPart : undefined;
}

/**
 * What the night after a day does to everything that stands in the beds, those most in danger first.
 *
 * @param working how vents and night covers are worked
 */
export function tonight(
  site: Site,
  garden: Garden,
  outlook: readonly OutlookDay[],
  day: DayNumber,
  working: Working,
): NightForPlanting[] {
  const nights = new Map<string, number>();
  const cropMinC = (covers: CoverIds) => {
    const key = covers.join("+");
    let minC = nights.get(key);
    if (minC === undefined) {
      minC = nightOf(shelterDays(site, covers, outlook, day, working)).cropMinC;
      nights.set(key, minC);
    }
    return minC;
  };
  const told = outlook.find(({ date }) => dayNumber(date) === day + 1);
  const spreadC = told?.spreadC ?? USUAL_SPREAD_C;
  return bedsInOrder(garden)
    .flatMap((bed) =>
      plantsIn(site, garden, bed, day).map((plants) =>
        nightFor(site, garden, bed, plants, cropMinC, spreadC, day),
      ),
    )
    .sort(
      (a, b) => b.damage.pointDeath - a.damage.pointDeath || b.damage.leafLoss - a.damage.leafLoss,
    );
}

function nightFor(
  site: Site,
  garden: Garden,
  bed: Bed,
  plants: StandingPlants,
  cropMinC: (covers: CoverIds) => number,
  spreadC: number,
  day: DayNumber,
): NightForPlanting {
  const covers = coversOver(garden, bed);
  const { crop, variety } = plants.growing;
  const range = hardinessRange(crop, variety, organOf(plants));
  const hardened = hardenedCourse(site, plants.growing, day, day)[0] ?? 0;
  const lt50C = lt50At(range, hardened);
  const minC = cropMinC(covers);
  const damage = nightDamage(lt50C, minC, spreadC);
  const options = EXTRA_COVERS.filter((id) => !covers.includes(id)).map((materialId) => ({
    materialId,
    damage: nightDamage(lt50C, cropMinC([...covers, materialId]), spreadC),
  }));
  const best = options.sort((a, b) => cost(a.damage) - cost(b.damage))[0] ?? null;
  const cover = best && cost(damage) - cost(best.damage) >= COVER_SAVES ? best : null;
  const inDanger = damage.pointDeath >= DEATH_MATTERS || damage.leafLoss >= LEAF_LOSS_MATTERS;
  const left = cover?.damage ?? damage;
  const picks =
    plants.isReady && (left.leafLoss >= LEAF_LOSS_MATTERS || left.pointDeath >= DEATH_MATTERS);
  const advice = !inDanger
    ? "nothing"
    : cover && picks
      ? "coverAndPick"
      : cover
        ? "cover"
        : plants.isReady
          ? "pick"
          : "nothing";
  return {
    bed,
    plants,
    name: plantingName(garden, plants.planting),
    covers,
    cropMinC: minC,
    lt50C,
    hardened,
    damage,
    cover,
    advice,
    isSudden: hardened < SOFT_BELOW && damage.pointDeath >= DEATH_MATTERS,
  };
}

/** Death counts whole, lost leaves a third. */
function cost({ pointDeath, leafLoss }: NightDamage): number {
  return pointDeath + leafLoss / 3;
}

/** What to do about one planting tonight, in a sentence. */
export function adviceWords(one: NightForPlanting): string {
  const { advice, cover, damage, isSudden, plants } = one;
  const inHundred = (share: number) => `${Math.round(share * 100)} in 100`;
  const soft = isSudden ? "They are soft after mild weeks. " : "";
  const danger =
    damage.pointDeath >= DEATH_MATTERS
      ? `${inHundred(damage.pointDeath)} plants may die`
      : `${inHundred(damage.leafLoss)} leaves may be lost`;
  const by = cover ? (materials.get(cover.materialId)?.shortName ?? cover.materialId) : "";
  const saved = cover
    ? damage.pointDeath >= DEATH_MATTERS
      ? inHundred(cover.damage.pointDeath)
      : inHundred(cover.damage.leafLoss)
    : "";
  switch (advice) {
    case "cover":
      return `${soft}${danger}: put a ${by} over them, and it is ${saved}.`;
    case "coverAndPick":
      return `${soft}${danger}: pick what is ready, and put a ${by} over the rest; then it is ${saved}.`;
    case "pick":
      return `${soft}${danger}, and no cover here helps much: pick what is ready first.`;
    case "nothing":
      return damage.pointDeath >= DEATH_MATTERS && !plants.isReady
        ? `${soft}${danger}; no cover here helps much.`
        : "Nothing to do.";
  }
}
