import { z } from "zod";
import type { MadeUpClimate } from "@/core/climate";
import { PlaceSchema, type Place } from "@/core/garden";
import { problemsFrom } from "@/core/gardenFile";
import { celsius, fahrenheit, feet, metres, type Units } from "@/core/units";
import { maybeAmount } from "@/ui/forms";
import { told } from "@/ui/wording";
import "@/words/en/facts/garden";

/** The place as the form holds it, in the grower's units; NaN where no number is. */
const PlaceFieldsSchema = z.object({
  name: z.string(),
  latitude: maybeAmount,
  longitude: maybeAmount,
  elevation: maybeAmount,
  coldLow: maybeAmount,
  coldHigh: maybeAmount,
  warmLow: maybeAmount,
  warmHigh: maybeAmount,
  coldestNight: maybeAmount,
  frost: z.enum(["dates", "rare", "everyMonth"]),
  first: z.string(),
  last: z.string(),
  wetDays: maybeAmount,
  climateFrom: z.enum(["sketch", "record"]),
});

export type PlaceFields = z.infer<typeof PlaceFieldsSchema>;

/** What may stand in the fields of a place, by what may stand in the place itself. */
export function placeFieldsSchema(units: Units, before: Place | null) {
  return PlaceFieldsSchema.superRefine((fields, told) => {
    const read = placeFrom(fields, units, before);
    if (read.ok) return;
    for (const [name, message] of Object.entries(read.problems)) {
      told.addIssue({ code: "custom", path: [name], message });
    }
  });
}

/** Which field of the form shows a problem with which part of the place. */
const FIELD_OF_PATH: Record<string, keyof PlaceFields> = {
  name: "name",
  latitudeDeg: "latitude",
  longitudeDeg: "longitude",
  elevationM: "elevation",
  "climate.coldestMonth.lowC": "coldLow",
  "climate.coldestMonth.highC": "coldHigh",
  "climate.warmestMonth.lowC": "warmLow",
  "climate.warmestMonth.highC": "warmHigh",
  "climate.frost.medianFirst": "first",
  "climate.frost.medianLast": "last",
  "climate.coldestNightC": "coldestNight",
  "climate.wetDaysPerYear": "wetDays",
};

const EMPTY: PlaceFields = {
  name: "",
  latitude: NaN,
  longitude: NaN,
  elevation: NaN,
  coldLow: NaN,
  coldHigh: NaN,
  warmLow: NaN,
  warmHigh: NaN,
  coldestNight: NaN,
  frost: "dates",
  first: "10-10",
  last: "05-01",
  wetDays: NaN,
  climateFrom: "sketch",
};

export function fieldsOf(place: Place | null, units: Units): PlaceFields {
  if (!place) return EMPTY;
  return {
    ...EMPTY,
    name: place.name,
    latitude: shown(place.latitudeDeg, 4),
    longitude: shown(place.longitudeDeg, 4),
    elevation: shown(units === "imperial" ? feet(place.elevationM) : place.elevationM, 0),
    climateFrom: place.climateFrom,
    ...(place.climate ? sketchFields(place.climate, units) : {}),
  };
}

/** The fields of a made-up climate, as a start for a place of one's own. */
export function fieldsFromMadeUp(climate: MadeUpClimate, units: Units): PlaceFields {
  return fieldsOf(
    {
      ...climate,
      id: "place",
      name: `${climate.station} (made-up)`,
      climateFrom: "sketch",
      horizon: [],
    },
    units,
  );
}

function sketchFields(climate: NonNullable<Place["climate"]>, units: Units) {
  const temperature = (tempC: number) => shown(units === "imperial" ? fahrenheit(tempC) : tempC, 1);
  const { coldestMonth, warmestMonth, coldestNightC, frost, wetDaysPerYear } = climate;
  return {
    coldLow: temperature(coldestMonth.lowC),
    coldHigh: temperature(coldestMonth.highC),
    warmLow: temperature(warmestMonth.lowC),
    warmHigh: temperature(warmestMonth.highC),
    coldestNight: coldestNightC === undefined ? NaN : temperature(coldestNightC),
    frost: frost.kind,
    first: frost.kind === "dates" ? frost.medianFirst : EMPTY.first,
    last: frost.kind === "dates" ? frost.medianLast : EMPTY.last,
    wetDays: wetDaysPerYear ?? NaN,
  };
}

type NumberName = {
  [Name in keyof PlaceFields]: PlaceFields[Name] extends number ? Name : never;
}[keyof PlaceFields];

/** The place the fields say, or what is wrong with each field in a sentence. */
export type ReadPlace =
  { ok: true; place: Place } | { ok: false; problems: Partial<Record<keyof PlaceFields, string>> };

/**
 * @param before the place the fields were shown from; a number that was not touched keeps its exact
 *               value, since what is shown is rounded
 */
export function placeFrom(fields: PlaceFields, units: Units, before: Place | null): ReadPlace {
  const shown = fieldsOf(before, units);
  const imperial = units === "imperial";
  const number = (name: NumberName, kept?: number, metric = (value: number) => value) =>
    kept !== undefined && fields[name] === shown[name] ? kept : metric(fields[name]);
  const temperature = (name: NumberName, kept?: number) =>
    number(name, kept, imperial ? celsius : undefined);
  const cold = before?.climate?.coldestMonth;
  const warm = before?.climate?.warmestMonth;
  const sketch = {
    coldestMonth: {
      lowC: temperature("coldLow", cold?.lowC),
      highC: temperature("coldHigh", cold?.highC),
    },
    warmestMonth: {
      lowC: temperature("warmLow", warm?.lowC),
      highC: temperature("warmHigh", warm?.highC),
    },
    frost:
      fields.frost === "dates"
        ? { kind: "dates", medianFirst: fields.first, medianLast: fields.last }
        : { kind: fields.frost },
    wetDaysPerYear: Number.isNaN(fields.wetDays) ? null : fields.wetDays,
    ...(Number.isNaN(fields.coldestNight)
      ? {}
      : { coldestNightC: temperature("coldestNight", before?.climate?.coldestNightC) }),
  };
  const given = {
    id: "place",
    name: fields.name,
    latitudeDeg: number("latitude", before?.latitudeDeg),
    longitudeDeg: number("longitude", before?.longitudeDeg),
    elevationM: number("elevation", before?.elevationM, imperial ? metres : undefined),
    climateFrom: fields.climateFrom,
    // By the record, the few numbers are out of sight: they stay as they were.
    climate: fields.climateFrom === "record" ? (before?.climate ?? null) : sketch,
    horizon: before?.horizon ?? [],
  };
  const parsed = PlaceSchema.safeParse(given);
  if (parsed.success) return { ok: true, place: parsed.data };
  const problems: Partial<Record<keyof PlaceFields, string>> = {};
  for (const problem of problemsFrom(parsed.error)) {
    const field = FIELD_OF_PATH[problem.path];
    if (field && problems[field] === undefined) problems[field] = told(problem.message);
  }
  return { ok: false, problems };
}

function shown(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}
