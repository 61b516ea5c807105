import { dayNumber } from "../calendar";
import { cropsOf, type Garden, type Place, type Planting } from "../garden";
import { factsOf, NOTHING_KNOWN, sameDates, type Facts } from "./facts";
import { growingOf, planSettingsOf, siteOf } from "./gardenPlan";
import type { Site } from "./site";
import { timelineFrom, type Growing, type Timeline } from "./timeline";

/** A planting with everything computed for it. */
export interface PlantingLife {
  planting: Planting;
  growing: Growing;
  /** As it is expected now: by what happened where that is known, by the plan from there on. */
  timeline: Timeline;
  /** What is known to have happened. */
  facts: Facts;
}

interface KeptSite {
  record: Garden["record"];
  degreesSchool: Garden["settings"]["degreesSchool"];
  site: Site;
}
const sites = new WeakMap<Place, KeptSite>();

/** The garden's place as its plans see it, made once for each version of the place. */
export function siteFor(garden: Garden): Site | null {
  if (!garden.place) return null;
  const { place, record } = garden;
  const { degreesSchool } = garden.settings;
  let kept = sites.get(place);
  // A record that the place does not go by changes nothing.
  const sameRecord = place.climateFrom !== "record" || kept?.record === record;
  if (!kept || !sameRecord || kept.degreesSchool !== degreesSchool) {
    kept = { record, degreesSchool, site: siteOf(place, record, degreesSchool) };
    sites.set(place, kept);
  }
  return kept.site;
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
