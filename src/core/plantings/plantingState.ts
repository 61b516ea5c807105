import { dayNumber, type DayNumber } from "../calendar";
import { derive, newTable } from "../derive";
import type { Bed, Garden, Planting } from "../garden";
import type { PlanSettings, Site } from "../growth";
import {
  NOTHING_KNOWN,
  shareLeft,
  sizeShare,
  standingShare,
  sunShortfall,
  timelineFrom,
  type Facts,
  type Growing,
  type SunShortfall,
  type Timeline,
} from "../schedule";
import { factsOf } from "./facts";
import { growingName, growingOf, standOf } from "./growing";
import { standYieldKg } from "./kindsOf";
import type { Stand } from "./stand";

/** Everything that is known and computed of one planting: the one answer that everybody asks. */
export interface PlantingState {
  planting: Planting;
  bed: Bed;
  /** Its crop and variety in words: "Spinach, winter type". */
  name: string;
  growing: Growing;
  /** As it is expected now: by what happened where that is known, by the plan from there on. */
  timeline: Timeline;
  /** What is known to have happened. */
  facts: Facts;
  stand: Stand;
  /** What the whole stand usually gives when nothing is lost, kg. */
  usualYieldKg: number;
}

/**
 * The state of a planting, computed again only when something it follows from has changed: moving one
 * planting costs one timeline, and a weight or a loss that is written down costs none.
 *
 * @returns null when its crop or its bed is not there
 */
export function plantingState(
  garden: Garden,
  site: Site,
  planting: Planting,
): PlantingState | null {
  if (garden.plantings.get(planting.id) !== planting) return stateOf(garden, site, planting);
  // Of one garden every view asks for all of them: a look into a table then.
  const known = derive([garden, site], newTable<PlantingState | null, Planting>);
  let state = known.get(planting);
  if (state === undefined) {
    state = stateOf(garden, site, planting);
    known.set(planting, state);
  }
  return state;
}

function stateOf(garden: Garden, site: Site, planting: Planting): PlantingState | null {
  const bed = garden.beds.get(planting.bedId);
  const growing = growingOf(garden, planting);
  if (!bed || !growing) return null;
  const facts = factsOf(garden, planting.id);
  const timeline = timelineBy(site, garden.settings, growing, dayNumber(planting.sowOn), facts);
  return derive([planting, bed, growing, timeline, facts], stateFrom);
}

/** The states of all plantings of a garden, in its order. */
export function plantingStates(garden: Garden, site: Site): PlantingState[] {
  return [...garden.plantings.values()].flatMap(
    (planting) => plantingState(garden, site, planting) ?? [],
  );
}

/** The state a planting would have if it were sown on a day, and nothing had happened to it yet. */
export function stateIfSown(
  garden: Garden,
  site: Site,
  planting: Planting,
  sowDay: DayNumber,
): PlantingState | null {
  const bed = garden.beds.get(planting.bedId);
  const growing = growingOf(garden, planting);
  if (!bed || !growing) return null;
  const timeline = timelineBy(site, garden.settings, growing, sowDay, NOTHING_KNOWN);
  return derive([planting, bed, growing, timeline, NOTHING_KNOWN], stateFrom);
}

/** The plantings of a bed, from its near end on. */
export function plantingsIn({ plantings }: Pick<Garden, "plantings">, bedId: string) {
  return derive([plantings], byBed).get(bedId) ?? [];
}

function byBed(plantings: Garden["plantings"]): ReadonlyMap<string, readonly Planting[]> {
  const beds = new Map<string, Planting[]>();
  for (const planting of plantings.values()) {
    const known = beds.get(planting.bedId);
    if (known) known.push(planting);
    else beds.set(planting.bedId, [planting]);
  }
  for (const inBed of beds.values()) {
    inBed.sort((a, b) => a.fromM - b.fromM || (a.id < b.id ? -1 : 1));
  }
  return beds;
}

/** What becomes of a sowing that nobody has made yet, in this garden or in any. */
export function timelineIfSown(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  sowDay: DayNumber,
): Timeline {
  return timelineFrom(site, settings, growing, sowDay);
}

/** What becomes of seedlings that were sown on one day and are set out on another. */
export function timelineIfSetOut(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  sownDay: DayNumber,
  plantedOutDay: DayNumber,
): Timeline {
  const facts = { ...NOTHING_KNOWN, sownDay, plantedOutDay };
  return timelineFrom(site, settings, growing, sownDay, facts);
}

/**
 * What was planned for a planting that came otherwise: its timeline without what is known to have
 * happened; null where that moved neither its sowing, its planting out nor its harvest.
 */
export function plannedOtherwise(
  garden: Garden,
  site: Site,
  state: PlantingState,
): Timeline | null {
  const { timeline, facts } = state;
  if (facts === NOTHING_KNOWN) return null;
  const planned = plannedTimeline(garden, site, state);
  const same =
    planned.sowDay === timeline.sowDay &&
    planned.plantOutDay === timeline.plantOutDay &&
    planned.readyDay === timeline.readyDay;
  return same ? null : planned;
}

/** What was planned for a planting, whatever came of it. */
export function plannedTimeline(
  { settings }: Pick<Garden, "settings">,
  site: Site,
  { planting, growing }: Pick<PlantingState, "planting" | "growing">,
): Timeline {
  return timelineBy(site, settings, growing, dayNumber(planting.sowOn), NOTHING_KNOWN);
}

/** The share of its plants that is still there on a day, after the losses written down; 0 to 1. */
export function survivingShare({ facts }: PlantingState, day: DayNumber): number {
  return shareLeft(facts, day);
}

/** What it gives in all by what stands of it on a day, picked already or not, kg. */
export function expectedYieldKg(state: PlantingState, day: DayNumber): number {
  return state.usualYieldKg * survivingShare(state, day);
}

/** What is still to be picked on a day: by its losses, what it has stood, and what was weighed; kg. */
export function leftToPickKg(site: Site, state: PlantingState, day: DayNumber): number {
  const { growing, timeline, facts } = state;
  const expectedKg = expectedYieldKg(state, day);
  // What is picked young is small yet.
  const grown = sizeShare(site, growing, timeline, day);
  const standingKg = expectedKg * grown * standingShare(site, growing, timeline, day);
  return Math.max(0, Math.min(standingKg, expectedKg - facts.harvestedGrams / GRAMS_PER_KG));
}

/** The direct sun that its place leaves it short of; null where there is enough. */
export function lackOfSun(site: Site, { growing, timeline }: PlantingState): SunShortfall | null {
  return derive([timeline, site, growing], shortfallOf);
}

function shortfallOf(timeline: Timeline, site: Site, growing: Growing): SunShortfall | null {
  return sunShortfall(site, growing, timeline);
}

const GRAMS_PER_KG = 1000;

function stateFrom(
  planting: Planting,
  bed: Bed,
  growing: Growing,
  timeline: Timeline,
  facts: Facts,
): PlantingState {
  const stand = standOf(planting, bed);
  const yieldKg = standYieldKg(stand, growing, planting);
  return {
    planting,
    bed,
    name: growingName(growing),
    growing,
    timeline,
    facts,
    stand,
    usualYieldKg: yieldKg,
  };
}

/** Only these dates move a timeline: weights and losses leave it as it is. */
export function timelineBy(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  plannedDay: DayNumber,
  facts: Facts,
): Timeline {
  const { sownDay, emergedDay, plantedOutDay } = facts;
  const { firstHarvestDay, lastHarvestDay, seenDay, overDay } = facts;
  return derive(
    [
      ...([growing, site, settings, plannedDay] as const),
      ...([sownDay, emergedDay, plantedOutDay, firstHarvestDay] as const),
      ...([lastHarvestDay, seenDay, overDay] as const),
    ],
    timelineFromDates,
  );
}

function timelineFromDates(
  growing: Growing,
  site: Site,
  settings: PlanSettings,
  plannedDay: DayNumber,
  sownDay: DayNumber | null,
  emergedDay: DayNumber | null,
  plantedOutDay: DayNumber | null,
  firstHarvestDay: DayNumber | null,
  lastHarvestDay: DayNumber | null,
  seenDay: DayNumber | null,
  overDay: DayNumber | null,
): Timeline {
  return timelineFrom(site, settings, growing, plannedDay, {
    sownDay,
    emergedDay,
    plantedOutDay,
    firstHarvestDay,
    lastHarvestDay,
    seenDay,
    overDay,
  });
}
