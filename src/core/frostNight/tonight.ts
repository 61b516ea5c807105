import turnoverJson from "@data/turnover.json";
import { dayNumber, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import {
  hardinessRange,
  lt50At,
  nightDamage,
  type HardinessRange,
  type NightDamage,
  type Organ,
} from "../crops";
import { derive } from "../derive";
import {
  bedsInOrder,
  bedsOn,
  type Bed,
  type Garden,
  type Shelter,
  type Surroundings,
} from "../garden";
import type { ThermometerDay } from "../log";
import { exposureOver, plantsIn, thermometerDaysOf, type StandingPlants } from "../plantings";
import { feltHardening, type Site } from "../growth";
import { handlingOver, nightDegrees, nightOf, shelterDays, type NightDegrees } from "./shelterDays";
import { conditionKeeps, type CoverIds } from "../shelter";
import { coversToPut, type PutOn } from "./coversToPut";
import { coverPiecesOf, standingCovers } from "./standingCovers";

/** A cover for one planting tonight: one of the shed's, or one to be had. */
interface CoverFor {
  materialId: string;
  pieceId: string | null;
  /** What it would leave of the damage. */
  damage: NightDamage;
}

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
  /** What is to be lost, kg of harvest by its worth to the grower. */
  valueKg: number;
  /** The cover to put on, and what it would leave of the damage; null when none helps or is left. */
  cover: CoverFor | null;
  advice: "nothing" | "cover" | "pick" | "coverAndPick" | "carryIn";
  /** A cover would help, but there is none left for it. */
  isShort: boolean;
  /** Soft plants before a sudden freeze: the danger that surprises. */
  isSudden: boolean;
}

/** The night to come for a garden. */
export interface Tonight {
  /** Those most in danger first. */
  nights: NightForPlanting[];
  /** Pieces of the shed and where they save most. */
  put: PutOn[];
  /** Shelters that must be shut: left open they would cost so much. */
  shut: { shelter: Shelter; savesKg: number }[];
}

/** Chances above which something is worth doing (estimates). */
export const DEATH_MATTERS = 0.05;
const LEAF_LOSS_MATTERS = 0.15;
/** A cover is worth carrying when it saves at least so much. */
const COVER_SAVES = 0.03;
const SOFT_BELOW = 0.4;
/** Young plants until this share of their growth. */
const SEEDLING_UNTIL = 0.2;
/** Heads, pods and flowers are there from this share on. */
const PART_FROM = 0.8;
/** Roots are there, and live in the soil, from this share on. */
const ROOT_FROM = 0.3;
const EXTRA_COVERS = ["row-cover-light", "row-cover-medium", "row-cover-heavy"];
/** Spread of a night that only usual weather tells, °C. */
export const USUAL_SPREAD_C = 3;
/** Hourly steps: a few tenths, far below what an outlook is off. */
const NIGHT_STEPS = { daysShown: 1, stepsPerDay: 24 };
const SHUT_SAVES_KG = 0.05;

/** The part or stage that decides, where it stands cold otherwise than the plant. */
function organOf({ growing, grown }: StandingPlants): Organ | undefined {
  if (grown < SEEDLING_UNTIL) return "seedling";
  const { harvestedPart } = growing.crop;
  const isPart = harvestedPart === "head" || harvestedPart === "pod" || harvestedPart === "flower";
  return isPart && grown >= PART_FROM ? harvestedPart : undefined;
}

/** What kills half of a planting's plants as they are now: soft, and fully hardened. */
export function rangeOf(plants: StandingPlants): HardinessRange {
  return hardinessRange(plants.growing.crop, plants.growing.variety, organOf(plants));
}

/** The days of the thermometer that hangs with a bed's plants: its own, or its shelter's. */
export function readingsOver(garden: Surroundings, bed: Bed): readonly ThermometerDay[] {
  const own = thermometerDaysOf(garden, { kind: "bed", id: bed.id });
  return own.length > 0 || bed.shelterId === null
    ? own
    : thermometerDaysOf(garden, { kind: "shelter", id: bed.shelterId });
}

/** Plants in a bed, how hard they are, and what the night would do at a temperature. */
interface AtRisk {
  plants: StandingPlants;
  lt50C: number;
  hardened: number;
  /** What kills half of the roots in the soil; null where what is eaten stands in the air. */
  rootLt50C: number | null;
  valueKg: number;
}

/** A night as plants feel it: in the air and in the soil, °C. */
interface Felt {
  cropMinC: number;
  soilMinC: number;
}

/** How sure the soil is against the air: it swings far less (estimate). */
const SOIL_SPREAD_SHARE = 0.15;

/** What a night does to plants in a bed: roots are judged by the soil they stand in. */
function damageTo({ lt50C, rootLt50C }: AtRisk, felt: Felt, spreadC: number): NightDamage {
  const inAir = nightDamage(lt50C, felt.cropMinC, spreadC);
  if (rootLt50C === null) return inAir;
  const inSoil = nightDamage(rootLt50C, felt.soilMinC, spreadC * SOIL_SPREAD_SHARE);
  return { leafLoss: inAir.leafLoss, pointDeath: inSoil.pointDeath };
}

/** What of a garden the night depends on, but for its plants. */
type Fittings = Pick<Garden, "beds" | "shelters" | "pieces"> & Surroundings;

const NO_OUTLOOK: readonly OutlookDay[] = [];

/**
 * What the night after a day does to everything that stands in the beds, and what saves most: which
 * pieces of the shed to put where, what to shut, what to pick or carry in. Ticking off a task or
 * weighing a harvest changes no plants, and costs nothing here.
 *
 * @param outlook days that are expected; the garden's where no other is given
 */
export function tonight(
  site: Site,
  garden: Garden,
  day: DayNumber,
  outlook = garden.outlook?.outlook.days ?? NO_OUTLOOK,
): Tonight {
  const { shelters, pieces, place, thermometerDays, ownNumbers } = garden;
  const beds = bedsOn(garden, day);
  const ordered = bedsInOrder({ beds, shelters });
  const standing = ordered.map((bed) => plantsIn(site, garden, bed, day));
  return derive(
    [site, day, outlook, beds, shelters, pieces, place, thermometerDays, ownNumbers, ...standing],
    nightFrom,
  );
}

function nightFrom(
  site: Site,
  day: DayNumber,
  outlook: readonly OutlookDay[],
  ofBeds: Garden["beds"],
  shelters: Garden["shelters"],
  pieces: Garden["pieces"],
  place: Garden["place"],
  thermometerDays: Garden["thermometerDays"],
  ownNumbers: Garden["ownNumbers"],
  ...standing: readonly (readonly StandingPlants[])[]
): Tonight {
  const garden: Fittings = { beds: ofBeds, shelters, pieces, place, thermometerDays, ownNumbers };
  const degreesAt = nightsUnder(site, garden, outlook, day, standing);
  const told = outlook.find(({ date }) => dayNumber(date) === day + 1);
  const spreadC = told?.spreadC ?? USUAL_SPREAD_C;
  const hasStock = coverPiecesOf(garden).length > 0;
  const beds = bedsInOrder(garden).flatMap((bed, index) => {
    const atRisk = (standing[index] ?? []).map((plants) =>
      riskOf(site, garden, outlook, bed, plants, day),
    );
    return atRisk.length > 0 ? [{ bed, atRisk, covers: standingCovers(garden, bed).covers }] : [];
  });
  const lossKg = (atRisk: readonly AtRisk[], felt: Felt) =>
    atRisk.reduce(
      (sum, one) =>
        sum + one.valueKg * lostShare(damageTo(one, felt, spreadC), one.rootLt50C !== null),
      0,
    );
  /** Coldest at the plants with more covers inside, each giving what its condition leaves. */
  const feltWith = (bed: Bed, covers: CoverIds, materialId: string, keeps: number): Felt => {
    const now = degreesAt(bed, covers);
    const then = degreesAt(bed, [...covers, materialId]);
    return {
      cropMinC: now.cropMinC + keeps * (then.cropMinC - now.cropMinC),
      soilMinC: now.soilMinC + keeps * (then.soilMinC - now.soilMinC),
    };
  };
  // Covers are carried out for beds in danger, not for a hundredth here and there.
  const inDanger = beds.filter(({ bed, atRisk, covers }) =>
    atRisk.some((one) => matters(damageTo(one, degreesAt(bed, covers), spreadC))),
  );
  const put = coversToPut(
    garden,
    inDanger.map(({ bed, atRisk, covers }) => ({
      bed,
      savesKg: (piece) =>
        lossKg(atRisk, degreesAt(bed, covers)) -
        lossKg(atRisk, feltWith(bed, covers, piece.materialId, conditionKeeps(piece))),
    })),
  );
  const nights = beds.flatMap(({ bed, atRisk, covers }) => {
    const degrees = degreesAt(bed, covers);
    const given = put.find((one) => one.bed.id === bed.id);
    const damageUnder = (one: AtRisk, materialId: string, keeps: number) =>
      damageTo(one, feltWith(bed, covers, materialId, keeps), spreadC);
    return atRisk.map((one) => {
      const damage = damageTo(one, degrees, spreadC);
      const lost = (some: NightDamage) => lostShare(some, one.rootLt50C !== null);
      const options = EXTRA_COVERS.filter((id) => !covers.includes(id)).map(
        (materialId): CoverFor => ({
          materialId,
          pieceId: null,
          damage: damageUnder(one, materialId, 1),
        }),
      );
      const best = options.sort((a, b) => lost(a.damage) - lost(b.damage))[0] ?? null;
      const own: CoverFor | undefined = given && {
        materialId: given.piece.materialId,
        pieceId: given.piece.id,
        damage: damageUnder(one, given.piece.materialId, conditionKeeps(given.piece)),
      };
      const helps = (cover: CoverFor | null) =>
        cover !== null && lost(damage) - lost(cover.damage) >= COVER_SAVES;
      const offered = hasStock ? (own ?? null) : best;
      return advised(one, {
        bed,
        covers,
        degrees,
        damage,
        name: one.plants.name,
        cover: helps(offered) ? offered : null,
        isShort: hasStock && !own && helps(best),
      });
    });
  });
  nights.sort(
    (a, b) => b.damage.pointDeath - a.damage.pointDeath || b.damage.leafLoss - a.damage.leafLoss,
  );
  return { nights, put, shut: toShut(garden, beds, degreesAt, lossKg, spreadC) };
}

type DegreesAt = (bed: Bed, covers: CoverIds) => NightDegrees;

/** The night under a bed's covers by the school in force; computed once for beds alike. */
function nightsUnder(
  site: Site,
  garden: Fittings,
  outlook: readonly OutlookDay[],
  day: DayNumber,
  standing: readonly (readonly StandingPlants[])[],
): DegreesAt {
  const handlings = new Map(
    bedsInOrder(garden).map((bed, index) => [
      bed.id,
      handlingOver(garden, bed, standing[index] ?? []),
    ]),
  );
  const nights = new Map<string, ReturnType<typeof nightOf>>();
  return (bed, covers) => {
    const handling = handlings.get(bed.id) ?? handlingOver(garden, bed, []);
    const leaves = handling.structure.leafAreaIndex ?? 0;
    const key = `${bed.shelterId ?? ""}|${covers.join("+")}|${leaves}`;
    let night = nights.get(key);
    if (!night) {
      night = nightOf(shelterDays(site, covers, outlook, day, handling, NIGHT_STEPS));
      nights.set(key, night);
    }
    return nightDegrees(site, { ...exposureOver(garden, bed), covers }, night);
  };
}

function riskOf(
  site: Site,
  garden: Fittings,
  outlook: readonly OutlookDay[],
  bed: Bed,
  plants: StandingPlants,
  day: DayNumber,
): AtRisk {
  const { growing, planting } = plants;
  const read = readingsOver(garden, bed);
  const hardened = feltHardening(site, growing, read, outlook, day)[0] ?? 0;
  const isRoot = growing.crop.harvestedPart === "root" && plants.grown >= ROOT_FROM;
  const root = hardinessRange(growing.crop, growing.variety, "root");
  return {
    plants,
    hardened,
    rootLt50C: isRoot ? lt50At(root, hardened) : null,
    lt50C: lt50At(rangeOf(plants), hardened),
    valueKg: plants.expectedYieldKg * turnoverJson.worth[planting.worth],
  };
}

/** Death counts whole; lost leaves a third, or a tenth where the root is eaten (estimates). */
export function lostShare({ pointDeath, leafLoss }: NightDamage, inSoil: boolean): number {
  const leavesCount = inSoil ? 0.1 : 1 / 3;
  return pointDeath + leafLoss * (1 - pointDeath) * leavesCount;
}

/** Whether something is worth doing about a night's damage. */
export function matters({ pointDeath, leafLoss }: NightDamage): boolean {
  return pointDeath >= DEATH_MATTERS || leafLoss >= LEAF_LOSS_MATTERS;
}

function advised(
  { plants, lt50C, rootLt50C, hardened, valueKg }: AtRisk,
  night: Pick<NightForPlanting, "bed" | "covers" | "damage" | "name" | "cover" | "isShort"> & {
    degrees: NightDegrees;
  },
): NightForPlanting {
  const { bed, covers, damage, name, cover, degrees } = night;
  const inDanger = matters(damage);
  // Roots in the ground are none the worse for lost leaves: they are lifted as they are wanted.
  const isLost = (some: NightDamage) =>
    rootLt50C === null ? matters(some) : some.pointDeath >= DEATH_MATTERS;
  const picks = plants.isReady && isLost(cover?.damage ?? damage);
  const advice = !inDanger
    ? "nothing"
    : plants.planting.potCm !== null || bed.container !== undefined
      ? "carryIn"
      : cover
        ? picks
          ? "coverAndPick"
          : "cover"
        : plants.isReady && isLost(damage)
          ? "pick"
          : "nothing";
  return {
    bed,
    plants,
    name,
    covers,
    cropMinC: degrees.cropMinC,
    lt50C,
    hardened,
    damage,
    valueKg,
    cover: inDanger ? cover : null,
    advice,
    isShort: inDanger && night.isShort,
    isSudden: hardened < SOFT_BELOW && damage.pointDeath >= DEATH_MATTERS,
  };
}

/** Shelters that would cost something if their vents stood open through the night. */
function toShut(
  garden: Fittings,
  beds: readonly { bed: Bed; atRisk: AtRisk[]; covers: string[] }[],
  degreesAt: DegreesAt,
  lossKg: (atRisk: readonly AtRisk[], felt: Felt) => number,
  spreadC: number,
): Tonight["shut"] {
  const saves = new Map<string, number>();
  for (const { bed, atRisk, covers } of beds) {
    if (bed.shelterId === null) continue;
    const shut = degreesAt(bed, covers);
    const open = { cropMinC: shut.outsideMinC, soilMinC: shut.soilMinC };
    // Nobody is told to shut for a hundredth of a leaf.
    if (!atRisk.some((one) => matters(damageTo(one, open, spreadC)))) continue;
    const savedKg = lossKg(atRisk, open) - lossKg(atRisk, shut);
    saves.set(bed.shelterId, (saves.get(bed.shelterId) ?? 0) + savedKg);
  }
  return [...saves].flatMap(([id, savesKg]) => {
    const shelter = garden.shelters.get(id);
    return shelter && savesKg >= SHUT_SAVES_KG ? [{ shelter, savesKg }] : [];
  });
}
