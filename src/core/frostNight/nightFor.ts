import type { DayNumber } from "../calendar";
import type { Garden } from "../garden";
import { lifeOf } from "../plantings";
import { type Site } from "../growth";
import { type Timeline } from "../schedule";
import { tonight, type Tonight } from "./tonight";

/** Everything of a garden that the night to come depends on. */
type Looked = readonly unknown[];

interface Kept {
  day: DayNumber;
  looked: Looked;
  night: Tonight;
}
const kept = new WeakMap<Site, Kept>();

/**
 * The night to come, computed again only when something it depends on has changed: ticking off a task
 * or weighing a harvest changes no planting's dates, and costs nothing here.
 */
export function nightFor(site: Site, garden: Garden, day: DayNumber): Tonight {
  const looked = lookedAt(site, garden);
  const known = kept.get(site);
  if (known?.day === day && sameAll(known.looked, looked)) return known.night;
  const night = tonight(site, garden, garden.outlook?.outlook.days ?? [], day);
  kept.set(site, { day, looked, night });
  return night;
}

function lookedAt(site: Site, garden: Garden): Looked {
  const { beds, shelters, pieces, thermometerDays, outlook, settings } = garden;
  const timelines = [...garden.plantings.values()].map(
    (planting): Timeline | undefined => lifeOf(garden, site, planting)?.timeline,
  );
  return [beds, shelters, pieces, thermometerDays, outlook, settings, ...timelines];
}

function sameAll(a: Looked, b: Looked): boolean {
  return a.length === b.length && a.every((one, index) => one === b[index]);
}
