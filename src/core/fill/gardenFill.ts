import foodJson from "@data/food.json";
import {
  freeStretches,
  occupantsOf,
  openingsIn,
  placeFor,
  plantingInto,
  roomIn,
  whatFits,
} from "../bedSpace";
import type { DayNumber } from "../calendar";
import { commands } from "../commands";
import { FOOD_GROUPS, foodGroupOf, type FoodGroup, type Need } from "../food";
import { bedsInOrder, coversOver, type Bed, type Garden, type Planting } from "../garden";
import type { Site } from "../growth";
import { exactM } from "../layout";
import { plantingAmounts, plantingState } from "../plantings";
import { bedDays } from "../schedule";
import {
  closesAGap,
  eatInOrder,
  needByWeek,
  plantingSources,
  sourcesIn,
  USUAL_YEAR,
  type Weeks,
} from "../supply";
import type { Candidate, FillLimits, FillProblem, Ground, OneOf } from "./fillProblem";

const { fill: FILL } = foodJson;

/** A garden's question, and the plantings that its candidates stand for, as long as they may be. */
export interface GardenFill {
  problem: FillProblem;
  plantings: readonly Planting[];
}

/** One sowing of a plan. */
export interface FillStep {
  planting: Planting;
  cropName: string;
  bedName: string;
  covers: readonly string[];
  plants: number;
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

/**
 * What may be sown in a garden's free ground to lessen what is unmet: in each opening the few best crops
 * of each food group that growers sow at that time, with ground, rotation and the grower's limits.
 */
export function gardenFill(
  site: Site,
  garden: Garden,
  need: Need,
  weeks: Weeks,
  limits: FillLimits,
): GardenFill {
  const candidates: Candidate[] = [];
  const plantings: Planting[] = [];
  const ground: Ground[] = [];
  const oneOf: OneOf[] = [];
  for (const bed of bedsInOrder(garden)) {
    const here: { index: number; fromDay: DayNumber; untilDay: DayNumber }[] = [];
    const families = new Map<string, number[]>();
    const openings = openingsIn(site, garden, bed, weeks.today).filter(({ between }) => !between);
    openings.slice(0, FILL.openings).forEach((opening, at) => {
      const ofGroup = new Map<FoodGroup, number>();
      for (const fit of whatFits(site, garden, bed, opening, weeks.today)) {
        const { growing, timeline } = fit.sowing;
        const group = foodGroupOf(growing.crop);
        const count = group === null ? Infinity : (ofGroup.get(group) ?? 0);
        if (group === null || count >= FILL.cropsOfAGroup || fit.shortfall) continue;
        // Shoots are planned in rounds.
        if (growing.crop.group === "shoots" || !closesAGap(site, fit)) continue;
        const id = `fill-${bed.id}-${at}-${growing.crop.id}`;
        const room = { units: garden.settings.units, howMuch: { by: "room" } } as const;
        const planting = plantingInto(bed, opening, fit, id, room);
        const candidate = candidateOf(site, garden, bed, planting, weeks);
        if (!candidate) continue;
        ofGroup.set(group, count + 1);
        const index = candidates.length;
        candidates.push(candidate);
        plantings.push(planting);
        const { fromDay, untilDay } = bedDays(timeline);
        here.push({
          index,
          fromDay,
          untilDay: Math.min(untilDay, fit.clearDay ?? untilDay, opening.untilDay),
        });
        families.set(candidate.family, [...(families.get(candidate.family) ?? []), index]);
      }
    });
    ground.push(...groundOf(site, garden, bed, here));
    // One of a family in a bed: none follows itself.
    oneOf.push(...[...families.values()].filter((one) => one.length > 1));
  }
  const sources = sourcesIn(site, garden, weeks, USUAL_YEAR);
  const needKg = needByWeek(need, site.latitudeDeg, weeks);
  return { problem: { needKg, sources, candidates, ground, oneOf, limits }, plantings };
}

/** A planting as a candidate: what a metre of it gives; null for what gives nothing in those weeks. */
function candidateOf(
  site: Site,
  garden: Garden,
  bed: Bed,
  planting: Planting,
  weeks: Weeks,
): Candidate | null {
  const state = plantingState(garden, site, planting);
  const sources = state ? plantingSources(site, garden, state, weeks, USUAL_YEAR) : [];
  if (!state || sources.length === 0) return null;
  const { lengthM } = planting;
  return {
    id: planting.id,
    cropId: planting.cropId,
    bedId: bed.id,
    family: state.growing.crop.family,
    // Containers are planted whole.
    leastM: bed.container ? lengthM : Math.min(FILL.leastM, lengthM),
    mostM: lengthM,
    hoursEach: FILL.hoursEach,
    hoursPerM: FILL.hoursPerM2 * bed.widthM,
    lots: sources.map(({ group, units, worth }) => ({ group, units: units / lengthM, worth })),
  };
}

/** At each day on which one of them comes: those that want ground then, and how much is free. */
function groundOf(
  site: Site,
  garden: Garden,
  bed: Bed,
  here: readonly { index: number; fromDay: DayNumber; untilDay: DayNumber }[],
): Ground[] {
  const occupants = occupantsOf(site, garden, bed);
  return [...new Set(here.map(({ fromDay }) => fromDay))].map((day) => ({
    candidates: here
      .filter(({ fromDay, untilDay }) => fromDay <= day && untilDay > day)
      .map(({ index }) => index),
    lengthM: freeStretches(occupants, bed, day, day + 1).reduce(
      (sum, { fromM, toM }) => sum + toM - fromM,
      0,
    ),
  }));
}

/**
 * The sowings that the solver has chosen, each put where its bed has room for it and into the garden by
 * the garden's own rules; what finds no room in one piece is made shorter, or left out.
 *
 * @param lengths of each candidate, m
 */
export function fillPlan(
  site: Site,
  garden: Garden,
  need: Need,
  weeks: Weeks,
  { plantings }: GardenFill,
  lengths: readonly number[],
): FillPlan {
  let next = garden;
  const steps: FillStep[] = [];
  const chosen = plantings
    .map((planting, index) => ({ planting, lengthM: lengths[index] ?? 0 }))
    .filter(({ lengthM }) => lengthM > FILL.leastM / 2)
    .sort((a, b) => (a.planting.sowOn < b.planting.sowOn ? -1 : 1));
  for (const { planting, lengthM } of chosen) {
    const placed = placedIn(site, next, planting, lengthM);
    const outcome = placed && commands["planting.add"].apply(next, placed);
    if (!placed || !outcome?.ok) continue;
    next = outcome.garden;
    const state = plantingState(next, site, placed);
    if (!state) continue;
    steps.push({
      planting: placed,
      cropName: state.growing.crop.name,
      bedName: state.bed.name,
      covers: coversOver(next, state.bed),
      plants: plantingAmounts(next, placed)?.plants ?? 0,
      kg: state.usualYieldKg,
    });
  }
  return {
    steps,
    beforeKg: unmetKg(site, garden, need, weeks),
    afterKg: unmetKg(site, next, need, weeks),
  };
}

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
  if (bed.container) return planting;
  const { fromDay, untilDay } = bedDays(state.timeline);
  const wanted = { ...planting, lengthM: exactM(Math.min(lengthM, planting.lengthM)) };
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

/** What stays unmet in the usual year, all groups and weeks, kg. */
export function unmetKg(site: Site, garden: Garden, need: Need, weeks: Weeks): number {
  const wanted = needByWeek(need, site.latitudeDeg, weeks);
  const { gapKg } = eatInOrder(sourcesIn(site, garden, weeks, USUAL_YEAR), wanted);
  return FOOD_GROUPS.reduce((sum, group) => sum + gapKg[group].reduce((a, b) => a + b, 0), 0);
}
