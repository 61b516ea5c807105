import { dayNumber, type DayNumber } from "@/core/calendar";
import { cropsOf, type Garden, type Place, type Planting } from "@/core/garden";
import {
  growingOf,
  planSettingsOf,
  siteOf,
  timelineFrom,
  type Growing,
  type Site,
  type Timeline,
} from "@/core/plan";

/** A planting with everything computed for it. */
export interface PlantingView {
  planting: Planting;
  growing: Growing;
  timeline: Timeline;
}

const sites = new WeakMap<Place, { record: Garden["record"]; site: Site }>();

/** The garden's place as its plans see it, made once for each version of the place. */
export function siteSelector(garden: Garden): Site | null {
  if (!garden.place) return null;
  const { place, record } = garden;
  let kept = sites.get(place);
  // A record that the place does not go by changes nothing.
  if (!kept || (place.climateFrom === "record" && kept.record !== record)) {
    kept = { record, site: siteOf(place, record) };
    sites.set(place, kept);
  }
  return kept.site;
}

interface Kept {
  site: Site;
  settings: Garden["settings"];
  bed: unknown;
  shelters: unknown;
  crops: unknown;
  view: PlantingView | null;
}
const views = new WeakMap<Planting, Kept>();

/**
 * A planting's timeline, computed again only when the planting, its bed, the shelters, the settings
 * or the place have changed: moving one planting costs one timeline.
 */
export function plantingView(garden: Garden, site: Site, planting: Planting): PlantingView | null {
  const { settings, shelters } = garden;
  const bed = garden.beds.get(planting.bedId);
  const crops = cropsOf(garden);
  const kept = views.get(planting);
  if (
    kept &&
    kept.site === site &&
    kept.settings === settings &&
    kept.bed === bed &&
    kept.shelters === shelters &&
    kept.crops === crops
  ) {
    return kept.view;
  }
  const growing = growingOf(garden, planting);
  const view = growing && {
    planting,
    growing,
    timeline: timelineFrom(site, planSettingsOf(garden), growing, dayNumber(planting.sowOn)),
  };
  views.set(planting, { site, settings, bed, shelters, crops, view });
  return view;
}

const MS_PER_DAY = 86_400_000;

/** The garden's today: its own, or the calendar's where it has none. */
export function todayOf(garden: Garden, now: Date = new Date()): DayNumber {
  if (garden.head.today !== null) return dayNumber(garden.head.today);
  // Local midnight, so that the day changes when the grower's does.
  return Math.floor((now.getTime() - now.getTimezoneOffset() * 60_000) / MS_PER_DAY);
}
