import type { ClimateFit } from "../climate";
import { bedsInOrder, type Garden } from "../garden";
import {
  giveUsualYear,
  hasUsualYear,
  materials,
  usualYear,
  type CoverIds,
  type UsualYear,
} from "../shelter";
import { exposureOver } from "./exposure";
import { fitOf, giveFit, isFitted, siteFor } from "./gardenSite";

/** What takes long before anything can be told of a garden, as plain data that a worker can send. */
export interface Preparation {
  /** The climate fitted to the garden's record; null where it goes by none. */
  fit: ClimateFit | null;
  /** The usual year under each stack of covers in the garden. */
  years: readonly { covers: CoverIds; year: UsualYear }[];
}

/** Works out what takes long; what is at hand costs nothing. */
export function prepare(garden: Garden): Preparation {
  const site = siteFor(garden);
  if (!site) return { fit: null, years: [] };
  const record = recordInUse(garden);
  return {
    fit: record && fitOf(record, site.latitudeDeg),
    years: stacksIn(garden).map((covers) => ({ covers, year: usualYear(site.climate, covers) })),
  };
}

/** As much of it as is at hand, to be sent to who would work it out again. */
export function preparedSoFar(garden: Garden): Preparation {
  const { place } = garden;
  const record = recordInUse(garden);
  if (!place || (record && !isFitted(record, place.latitudeDeg))) return { fit: null, years: [] };
  const site = siteFor(garden);
  if (!site) return { fit: null, years: [] };
  return {
    fit: record && fitOf(record, site.latitudeDeg),
    years: stacksIn(garden)
      .filter((covers) => hasUsualYear(site.climate, covers))
      .map((covers) => ({ covers, year: usualYear(site.climate, covers) })),
  };
}

/** Whether nothing that takes long is left to work out for a garden. */
export function isPrepared(garden: Garden): boolean {
  const { place } = garden;
  if (!place) return true;
  const record = recordInUse(garden);
  if (record && !isFitted(record, place.latitudeDeg)) return false;
  const site = siteFor(garden);
  return !site || stacksIn(garden).every((covers) => hasUsualYear(site.climate, covers));
}

/** Takes in what was worked out of the same garden elsewhere. */
export function takePreparation(garden: Garden, { fit, years }: Preparation): void {
  const record = recordInUse(garden);
  if (record && fit && garden.place) giveFit(record, garden.place.latitudeDeg, fit);
  const site = siteFor(garden);
  if (!site) return;
  for (const { covers, year } of years) giveUsualYear(site.climate, covers, year);
}

function recordInUse({ place, record }: Garden) {
  return place?.climateFrom === "record" ? record : null;
}

/** The stacks of covers that stand in a garden, with what is left of each in the warm season. */
function stacksIn(garden: Garden): CoverIds[] {
  if (garden.settings.degreesSchool === "rule") return [];
  const stacks = new Map<string, CoverIds>();
  for (const bed of bedsInOrder(garden)) {
    const { covers } = exposureOver(garden, bed);
    const standing = covers.filter((id) => !materials.get(id)?.removable);
    for (const stack of [covers, standing]) stacks.set(stack.join("+"), stack);
  }
  return [...stacks.values()];
}
