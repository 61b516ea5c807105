import {
  climateFromRecord,
  climateFromSketch,
  dailyRecordOf,
  type Climate,
  type WeatherRecord,
} from "../climate";
import type { Garden, Place } from "../garden";
import { Site, type DegreesSchool } from "../growth";

/**
 * A garden's place as its plans see it: by its record or its few numbers, whichever it goes by. Make
 * it once for a place and record, and keep it.
 */
export function siteOf(
  place: Place,
  record: WeatherRecord | null,
  degreesSchool?: DegreesSchool,
): Site {
  return new Site(place.latitudeDeg, climateOfPlace(place, record), degreesSchool);
}

/**
 * The climate that a place goes by.
 *
 * @throws RangeError when it goes by a record that is not there, or by numbers that are not given;
 *         the garden's commands and its file's checks let neither in
 */
export function climateOfPlace(
  place: Pick<Place, "latitudeDeg" | "climateFrom" | "climate">,
  record: WeatherRecord | null,
): Climate {
  if (place.climateFrom === "record" && record) return fittedClimate(place.latitudeDeg, record);
  if (!place.climate) throw new RangeError("The place has neither a record nor a sketch.");
  return climateFromSketch(place.latitudeDeg, place.climate);
}

const fitted = new WeakMap<WeatherRecord, Climate>();

/** The climate of a record; fitted again only for another latitude. */
function fittedClimate(latitudeDeg: number, record: WeatherRecord): Climate {
  let climate = fitted.get(record);
  if (climate?.latitudeDeg !== latitudeDeg) {
    climate = climateFromRecord(latitudeDeg, dailyRecordOf(record));
    fitted.set(record, climate);
  }
  return climate;
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
