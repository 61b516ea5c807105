import {
  climateFromFit,
  climateFromSketch,
  dailyRecordOf,
  fitClimate,
  rehearsedClimate,
  type RehearsedWinter,
  type ClimateFit,
  type Climate,
  type WeatherRecord,
} from "../climate";
import { derive, give, isDerived } from "../derive";
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
  if (place.climateFrom === "record" && record) {
    return derive([record, place.latitudeDeg], fittedClimate);
  }
  if (!place.climate) throw new RangeError("The location has no climate data.");
  return climateFromSketch(place.latitudeDeg, place.climate);
}

/** The climate of a record; fitted again only for another latitude. */
function fittedClimate(record: WeatherRecord, latitudeDeg: number): Climate {
  return climateFromFit(latitudeDeg, () => dailyRecordOf(record), fitOf(record, latitudeDeg));
}

/** What is fitted to a record: once for each record and latitude. */
export function fitOf(record: WeatherRecord, latitudeDeg: number): ClimateFit {
  return derive([record, latitudeDeg], fitted);
}

function fitted(record: WeatherRecord, latitudeDeg: number): ClimateFit {
  return fitClimate(dailyRecordOf(record), latitudeDeg);
}

/** Whether the fit of a record is at hand. */
export function isFitted(record: WeatherRecord, latitudeDeg: number): boolean {
  return isDerived([record, latitudeDeg], fitted);
}

/** Takes in a fit that was made elsewhere. */
export function giveFit(record: WeatherRecord, latitudeDeg: number, fit: ClimateFit): void {
  give([record, latitudeDeg], fitted, fit);
}

/** The garden's place as its plans see it, made once for each version of the place. */
export function siteFor(garden: Garden): Site | null {
  const { place, record, settings } = garden;
  if (!place) return null;
  // A record that the place does not go by changes nothing.
  const usedRecord = place.climateFrom === "record" ? record : null;
  const { rehearsed } = garden;
  if (rehearsed)
    return derive([rehearsed, place, usedRecord, settings.degreesSchool], siteInWinter);
  return derive([place, usedRecord, settings.degreesSchool], siteOf);
}

function siteInWinter(
  rehearsed: RehearsedWinter,
  place: Place,
  record: WeatherRecord | null,
  degreesSchool: DegreesSchool,
): Site {
  const climate = rehearsedClimate(climateOfPlace(place, record), rehearsed);
  return new Site(place.latitudeDeg, climate, degreesSchool);
}
