import foodJson from "@data/food.json";
import { occupantsOf, placeFor, roomIn, tooSoonFor } from "../bedSpace";
import { commands } from "../commands";
import { FOOD_GROUPS, type Need } from "../food";
import { coversOver, cropsOf, type Garden, type Planting, type Succession } from "../garden";
import { dayNumber } from "../calendar";
import { piecesInShed } from "../frostNight";
import type { Site } from "../growth";
import { exactM } from "../layout";
import { plantingAmounts, plantingState, type PlantingState } from "../plantings";
import { bedDays } from "../schedule";
import {
  eatInOrder,
  needByWeek,
  roundHours,
  sourcesIn,
  USUAL_YEAR,
  workHours,
  type Weeks,
} from "../supply";
import type { GardenFill } from "./gardenFill";
import type { Option } from "./options";

const { fill: FILL } = foodJson;

/** One thing to do of a plan. Each is taken or left by itself; what is under a cover wants its cover. */
export type FillStep =
  | SowStep
  | CoverStep
  | { kind: "leaveOut"; id: string; planting: Planting; cropName: string; bedName: string };

interface CoverStep {
  kind: "cover";
  id: string;
  bedId: string;
  bedName: string;
  coverId: string;
  pieceId: string;
}

export interface SowStep {
  kind: "sow" | "shoots" | "force";
  /** From one sowing to the next, days; 0 where there is one. */
  everyDays: number;
  id: string;
  /** One sowing, or one a week. */
  plantings: readonly [Planting, ...Planting[]];
  cropName: string;
  bedName: string;
  covers: readonly string[];
  /** The step that puts its cover on; null where it wants none. */
  wants: string | null;
  plants: number;
  seedGrams: number;
  hours: number;
  /** What it usually gives in all, kg. */
  kg: number;
}

/** A plan for the gaps. */
export interface FillPlan {
  steps: FillStep[];
  /** Unmet in the usual year without it and with it, kg. */
  beforeKg: number;
  afterKg: number;
}

/** What taking steps of a plan changes in a garden: the input of `plan.take`. */
export interface PlanTaken {
  plantings: Planting[];
  successions: Succession[];
  leaveOut: string[];
  covers: { bedId: string; pieceId: string }[];
}

/**
 * Steps as one change of the garden.
 *
 * @param idFor gives each planting and each succession the id that it is kept under; as it is otherwise
 */
export function takenSteps(
  steps: readonly FillStep[],
  idFor: (kind: "planting" | "succession", id: string) => string = (_kind, id) => id,
): PlanTaken {
  const successions: Succession[] = [];
  const plantings = steps.flatMap((step): Planting[] => {
    if (step.kind === "cover" || step.kind === "leaveOut") return [];
    if (step.kind === "sow") {
      return step.plantings.map((one) => ({ ...one, id: idFor("planting", one.id) }));
    }
    const successionId = idFor("succession", `${step.id}-round`);
    successions.push({ id: successionId, rule: "calendar", interval: step.everyDays });
    return step.plantings.map((one) => ({ ...one, id: idFor("planting", one.id), successionId }));
  });
  return {
    plantings,
    successions,
    leaveOut: steps.flatMap((step) => (step.kind === "leaveOut" ? [step.planting.id] : [])),
    covers: steps.flatMap((step) =>
      step.kind === "cover" ? [{ bedId: step.bedId, pieceId: step.pieceId }] : [],
    ),
  };
}

/**
 * What the solver has chosen, put into the garden by the garden's own rules: covers first, then each
 * sowing where its beds have room for it; what finds no room in one piece is made shorter, or left out.
 *
 * @param lengths of each candidate, m
 */
export function fillPlan(
  site: Site,
  garden: Garden,
  need: Need,
  weeks: Weeks,
  { options, base }: GardenFill,
  lengths: readonly number[],
): FillPlan {
  const steps: FillStep[] = leftOut(garden, base, options, lengths);
  let next = withPlanned(base, options, lengths);
  const take = (step: FillStep): boolean => {
    const outcome = commands["plan.take"].apply(next, takenSteps([step]));
    if (!outcome.ok) return false;
    next = outcome.garden;
    steps.push(step);
    return true;
  };
  const taken = options
    .map((option, index) => ({ option, lengthM: lengths[index] ?? 0 }))
    .filter(({ lengthM }) => lengthM > FILL.leastM / 2);
  const coverOf = new Map<string, CoverStep>();
  for (const { option, lengthM } of taken) {
    if (option.kind === "cover") {
      for (const step of coversPut(next, option, lengthM)) {
        if (take(step)) coverOf.set(step.bedId, step);
      }
    }
    if (option.kind === "shoots" || option.kind === "force") {
      const step = sowStep(site, next, option, option.plantings, null);
      if (step) take(step);
    }
  }
  const sowings = taken
    .flatMap(({ option, lengthM }) => (option.kind === "sow" ? [{ ...option, lengthM }] : []))
    .sort((a, b) => (a.planting.sowOn < b.planting.sowOn ? -1 : 1));
  for (const { planting, bedIds, coverId, lengthM } of sowings) {
    let leftM = lengthM;
    const state = plantingState(base, site, planting);
    for (const bedId of state ? fittest(site, next, state, bedIds, leftM) : []) {
      const cover = coverOf.get(bedId);
      if (leftM < FILL.leastM / 2) break;
      if ((cover?.coverId ?? null) !== coverId) continue;
      // What finds no room in one piece goes into two or three.
      for (let piece = 1; piece <= MOST_PIECES && leftM >= FILL.leastM / 2; piece += 1) {
        const own = { ...planting, bedId, id: `${planting.id}-${bedId}-${piece}` };
        const placed = placedIn(site, next, own, leftM);
        const step = placed && sowStep(site, next, ONE_SOWING, [placed], cover?.id ?? null);
        if (!placed || !step || !take(step)) break;
        leftM -= placed.lengthM;
      }
    }
  }
  // A cover under which nothing found room stays in the shed, and is not counted either.
  const kept = steps.filter(
    (step) => step.kind !== "cover" || steps.some((one) => wants(one, step)),
  );
  const withKept =
    kept.length < steps.length ? commands["plan.take"].apply(garden, takenSteps(kept)) : null;
  return {
    steps: kept,
    beforeKg: unmetKg(site, garden, need, weeks),
    afterKg: unmetKg(site, withKept?.ok ? withKept.garden : next, need, weeks),
  };
}

function wants(step: FillStep, { id }: Pick<FillStep, "id">): boolean {
  return "wants" in step && step.wants === id;
}

/** What was planned and makes way. */
function leftOut(
  garden: Garden,
  base: Garden,
  options: readonly Option[],
  lengths: readonly number[],
): FillStep[] {
  return options.flatMap((option, index): FillStep[] => {
    if (option.kind !== "planned" || (lengths[index] ?? 0) > 0) return [];
    const { planting } = option;
    return [
      {
        kind: "leaveOut",
        id: `leave-${planting.id}`,
        planting,
        cropName: cropsOf(garden).get(planting.cropId)?.name ?? planting.cropId,
        bedName: base.beds.get(planting.bedId)?.name ?? "",
      },
    ];
  });
}

function withPlanned(base: Garden, options: readonly Option[], lengths: readonly number[]): Garden {
  const stays = options.flatMap((option, index) =>
    option.kind === "planned" && (lengths[index] ?? 0) > 0 ? [option.planting] : [],
  );
  if (stays.length === 0) return base;
  const plantings = new Map(base.plantings);
  for (const planting of stays) plantings.set(planting.id, planting);
  return { ...base, plantings };
}

/**
 * Beds by how well they suit a sowing: where its family is sown that day already, for then another day has
 * other beds; then the tightest that hold all of it; then the roomiest.
 */
function fittest(
  site: Site,
  garden: Garden,
  { planting, growing, timeline }: PlantingState,
  bedIds: readonly string[],
  lengthM: number,
): readonly string[] {
  if (bedIds.length === 1) return bedIds;
  const { fromDay, untilDay } = bedDays(timeline);
  const wantedM = inTenths(lengthM) - 1e-6;
  const crops = cropsOf(garden);
  const { family } = growing.crop;
  return bedIds
    .flatMap((bedId) => {
      const bed = garden.beds.get(bedId);
      if (!bed) return [];
      const { freeM } = roomIn(site, garden, bed, fromDay, untilDay);
      const isWithKin = [...garden.plantings.values()].some(
        (other) =>
          other.bedId === bedId &&
          other.sowOn === planting.sowOn &&
          crops.get(other.cropId)?.family === family,
      );
      return [{ bedId, freeM, isWithKin }];
    })
    .sort((a, b) => {
      if (a.isWithKin !== b.isWithKin) return a.isWithKin ? -1 : 1;
      const [isA, isB] = [a.freeM >= wantedM, b.freeM >= wantedM];
      return isA && isB ? a.freeM - b.freeM : b.freeM - a.freeM;
    })
    .map(({ bedId }) => bedId);
}

/** Pieces from the shed over as many of the beds as the length asks for. */
function coversPut(
  garden: Garden,
  { coverId, pieceIds, bedIds }: Extract<Option, { kind: "cover" }>,
  lengthM: number,
): CoverStep[] {
  const shed = piecesInShed(garden).filter(({ id }) => pieceIds.includes(id));
  let leftM = lengthM;
  return bedIds.flatMap((bedId): CoverStep[] => {
    const bed = garden.beds.get(bedId);
    if (!bed || leftM < FILL.leastM / 2) return [];
    const piece = shed.shift();
    if (!piece) return [];
    leftM -= bed.lengthM;
    const id = `cover-${bedId}`;
    return [{ kind: "cover", id, bedId, bedName: bed.name, coverId, pieceId: piece.id }];
  });
}

function sowStep(
  site: Site,
  garden: Garden,
  { kind, everyDays }: Pick<SowStep, "kind" | "everyDays">,
  [first, ...more]: readonly Planting[],
  cover: string | null,
): SowStep | null {
  const bed = first && garden.beds.get(first.bedId);
  if (!first || !bed) return null;
  const all = [first, ...more] as const;
  const states = all.flatMap((one) => plantingState(garden, site, one) ?? []);
  const amounts = all.flatMap((one) => plantingAmounts(garden, one) ?? []);
  const hours = workHours(bed);
  return {
    kind,
    everyDays,
    id: first.id,
    plantings: all,
    cropName: cropsOf(garden).get(first.cropId)?.name ?? first.cropId,
    bedName: bed.name,
    covers: coversOver(garden, bed),
    wants: cover,
    plants: amounts.reduce((sum, { plants }) => sum + plants, 0),
    seedGrams: amounts.reduce((sum, { seedGrams }) => sum + seedGrams, 0),
    hours:
      kind !== "sow"
        ? roundHours(kind) * all.length
        : hours.hoursEach + hours.hoursPerM * first.lengthM,
    kg: states.reduce((sum, { usualYieldKg }) => sum + usualYieldKg, 0),
  };
}

const ONE_SOWING = { kind: "sow", everyDays: 0 } as const;

/** A planting so long, where its bed has room for it in one piece; null where it has not. */
function placedIn(
  site: Site,
  garden: Garden,
  planting: Planting,
  lengthM: number,
): Planting | null {
  const bed = garden.beds.get(planting.bedId);
  const state = bed && plantingState(garden, site, planting);
  if (!bed || !state) return null;
  const { rotationYears } = garden.settings;
  const { crop, stage } = state.growing;
  const sowDay = dayNumber(planting.sowOn);
  if (tooSoonFor(garden, bed, crop, sowDay, rotationYears, stage)) return null;
  if (bed.container) return planting;
  const { fromDay, untilDay } = bedDays(state.timeline);
  const wanted = { ...planting, lengthM: exactM(Math.min(inTenths(lengthM), planting.lengthM)) };
  const fromM = placeFor(occupantsOf(site, garden, bed), bed, wanted, fromDay, untilDay);
  if (fromM !== null) return { ...wanted, fromM: exactM(fromM) };
  const room = roomIn(site, garden, bed, fromDay, untilDay);
  return room.freeM < FILL.leastM
    ? null
    : {
        ...wanted,
        fromM: exactM(room.fromM),
        lengthM: exactM(Math.min(wanted.lengthM, room.freeM)),
      };
}

/** Nobody measures more closely. */
function inTenths(lengthM: number): number {
  return Math.ceil(Math.round(lengthM * 100) / 10) / 10;
}

/** A sowing lies in so many pieces in a bed at most. */
const MOST_PIECES = 3;

/** What stays unmet in the usual year, all groups and weeks, kg. */
export function unmetKg(site: Site, garden: Garden, need: Need, weeks: Weeks): number {
  const wanted = needByWeek(need, site.latitudeDeg, weeks);
  const { gapKg } = eatInOrder(sourcesIn(site, garden, weeks, USUAL_YEAR), wanted);
  return FOOD_GROUPS.reduce((sum, group) => sum + gapKg[group].reduce((a, b) => a + b, 0), 0);
}
