import { dayNumber } from "../calendar";
import {
  climateFromRecord,
  climateFromSketch,
  dailyRecordOf,
  type Climate,
  type WeatherRecord,
} from "../climate";
import { varietyOf } from "../crops";
import {
  bedsInOrder,
  cropsOf,
  type Bed,
  type Garden,
  type Place,
  type Planting,
  type Settings,
} from "../garden";
import { exposureOver } from "./exposure";
import { Site, type DegreesSchool, type PlanSettings } from "./site";
import type { Growing } from "./timeline";
import type { Stand } from "./spacing";
import type { Spot } from "./spots";

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

/** The part of a garden's settings that plans go by. */
export function planSettingsOf(garden: { settings: Settings }): PlanSettings {
  return garden.settings;
}

/** How a planting is grown: its crop, way and covers; null when its crop or bed is gone. */
export function growingOf(garden: Garden, planting: Planting): Growing | null {
  const crop = cropsOf(garden).get(planting.cropId);
  const bed = garden.beds.get(planting.bedId);
  const variety = crop && varietyOf(crop, planting.varietyId);
  if (!crop || !variety || !bed) return null;
  return {
    crop,
    variety,
    method: planting.method,
    stage: planting.stage,
    ...exposureOver(garden, bed),
    clearDay: planting.clearOn === null ? null : dayNumber(planting.clearOn),
  };
}

/** How a planting stands in its bed. */
export function standOf(planting: Planting, bed: Pick<Bed, "widthM">): Stand {
  const { lengthM, rowCm, inRowCm, arrangement, potCm, plantsPerStation, spacingFactor } = planting;
  return {
    lengthM,
    widthM: bed.widthM,
    rowCm,
    inRowCm,
    arrangement,
    potCm,
    plantsPerStation,
    spacingFactor,
  };
}

/** The beds of a garden as spots for a wish, as one walks past them. */
export function spotsOf(garden: Garden): Spot[] {
  return bedsInOrder(garden).map((bed) => ({
    bedId: bed.id,
    bedName: bed.name,
    ...exposureOver(garden, bed),
  }));
}

/** A planting's crop and variety in words: "Spinach, winter type". */
export function plantingName(garden: Garden, planting: Planting): string {
  const crop = cropsOf(garden).get(planting.cropId);
  if (!crop) return planting.cropId;
  const variety = varietyOf(crop, planting.varietyId);
  const young = planting.stage === "baby" ? ", young leaves" : "";
  return `${crop.name}${variety ? `, ${variety.name}` : ""}${young}`;
}
