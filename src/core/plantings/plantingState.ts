import { dayNumber } from "../calendar";
import { cropsOf, type Garden, type Planting } from "../garden";
import { factsOf } from "./facts";
import { NOTHING_KNOWN, sameDates, type Facts } from "../schedule";
import { growingOf, planSettingsOf } from "./growing";
import type { Site } from "../growth";
import { timelineFrom, type Growing, type Timeline } from "../schedule";

/** A planting with everything computed for it. */
export interface PlantingLife {
  planting: Planting;
  growing: Growing;
  /** As it is expected now: by what happened where that is known, by the plan from there on. */
  timeline: Timeline;
  /** What is known to have happened. */
  facts: Facts;
}

interface Kept {
  site: Site;
  settings: Garden["settings"];
  bed: unknown;
  shelters: unknown;
  thermometerDays: unknown;
  crops: unknown;
  facts: Facts;
  life: PlantingLife | null;
}
const lives = new WeakMap<Planting, Kept>();

/**
 * A planting's timeline, computed again only when the planting, its bed, the shelters, the settings,
 * the thermometers, the place or what is known of it have changed: moving one planting costs one timeline.
 */
export function lifeOf(garden: Garden, site: Site, planting: Planting): PlantingLife | null {
  const { settings, shelters, thermometerDays } = garden;
  const bed = garden.beds.get(planting.bedId);
  const crops = cropsOf(garden);
  const facts = factsOf(garden, planting.id);
  const kept = lives.get(planting);
  if (
    kept &&
    kept.site === site &&
    kept.settings === settings &&
    kept.bed === bed &&
    kept.shelters === shelters &&
    kept.thermometerDays === thermometerDays &&
    kept.crops === crops &&
    sameDates(kept.facts, facts)
  ) {
    // Weights and losses may have been added: the dates stay.
    if (kept.life && kept.facts !== facts) kept.life = { ...kept.life, facts };
    kept.facts = facts;
    return kept.life;
  }
  const growing = growingOf(garden, planting);
  const life = growing && {
    planting,
    growing,
    timeline: timelineFrom(site, planSettingsOf(garden), growing, dayNumber(planting.sowOn), facts),
    facts,
  };
  lives.set(planting, { site, settings, bed, shelters, thermometerDays, crops, facts, life });
  return life;
}

/**
 * What was planned for a planting that came otherwise: its life without what is known to have happened;
 * null where that moved neither its sowing, its planting out nor its harvest.
 */
export function plannedOtherwise(
  garden: Garden,
  site: Site,
  { planting, growing, timeline, facts }: PlantingLife,
): Timeline | null {
  if (facts === NOTHING_KNOWN) return null;
  const planned = timelineFrom(site, planSettingsOf(garden), growing, dayNumber(planting.sowOn));
  const same =
    planned.sowDay === timeline.sowDay &&
    planned.plantOutDay === timeline.plantOutDay &&
    planned.readyDay === timeline.readyDay;
  return same ? null : planned;
}
