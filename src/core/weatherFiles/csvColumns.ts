/** What a column of a weather table holds. */
export type ColumnKind =
  | "date"
  | "year"
  | "month"
  | "day"
  | "minTemp"
  | "maxTemp"
  | "precipitation"
  | "station"
  | "stationName"
  | "latitude"
  | "longitude"
  | "elevation"
  | "minQuality"
  | "maxQuality"
  | "precipitationQuality";

/** Unit that a heading names. */
export type HeadingUnit = "celsius" | "fahrenheit" | "tenthsCelsius" | "mm" | "inch" | null;

/** Columns by what they hold, as indices, and the units their headings name. */
export interface Columns {
  at: Partial<Record<ColumnKind, number>>;
  temperatureUnit: HeadingUnit;
  precipitationUnit: HeadingUnit;
  /** Whether the heading of the elevation names feet. */
  isElevationInFeet: boolean;
  /** Headings that mean nothing here. */
  unknown: string[];
}

/** Spellings in use, in small letters without spaces, signs and units. */
const SPELLINGS: Record<ColumnKind, readonly string[]> = {
  date: [
    "date",
    "day",
    "datum",
    "fecha",
    "data",
    "time",
    "datetime",
    "obsdate",
    "observationdate",
    "validdate",
    "dt",
    "valid",
  ],
  year: ["year", "yr", "yyyy", "jahr", "annee", "ano"],
  month: ["month", "mo", "mon", "mm", "monat", "mois", "mes"],
  day: ["dayofmonth", "dd", "dom", "tag", "jour", "dia"],
  minTemp: [
    "tmin",
    "mintemp",
    "mintemperature",
    "minimumtemperature",
    "temperaturemin",
    "temperatureminimum",
    "tempmin",
    "airtempmin",
    "minairtemp",
    "tn",
    "tnk",
    "low",
    "lowtemp",
    "templow",
    "min",
    "minimum",
    "mint",
    "dailymin",
    "lowtemperature",
    "minimumtemp",
  ],
  maxTemp: [
    "tmax",
    "maxtemp",
    "maxtemperature",
    "maximumtemperature",
    "temperaturemax",
    "temperaturemaximum",
    "tempmax",
    "airtempmax",
    "maxairtemp",
    "tx",
    "txk",
    "high",
    "hightemp",
    "temphigh",
    "max",
    "maximum",
    "maxt",
    "dailymax",
    "hightemperature",
    "maximumtemp",
  ],
  precipitation: [
    "prcp",
    "precip",
    "precipitation",
    "rain",
    "rainfall",
    "rr",
    "rsk",
    "pp",
    "precipitationsum",
    "totalprecipitation",
    "raintotal",
    "preciptotal",
    "precipitationamount",
    "niederschlag",
  ],
  station: ["station", "stationid", "id", "stationsid", "site"],
  stationName: ["stationname", "name", "stationsname"],
  latitude: ["latitude", "lat", "breite", "geobreite", "latitud"],
  longitude: ["longitude", "lon", "lng", "long", "lange", "geolaenge", "longitud"],
  elevation: ["elevation", "elev", "altitude", "alt", "stationelevation", "hohe", "stationshoehe"],
  minQuality: ["tminattributes", "tminqflag", "tminflag", "qtn"],
  maxQuality: ["tmaxattributes", "tmaxqflag", "tmaxflag", "qtx"],
  precipitationQuality: ["prcpattributes", "prcpqflag", "prcpflag", "qrr"],
};

const KIND_OF_SPELLING = new Map(
  Object.entries(SPELLINGS).flatMap(([kind, spellings]) =>
    spellings.map((spelling) => [spelling, kind as ColumnKind] as const),
  ),
);

/** Finds out what the columns of a table are from its headings. */
export function columnsFrom(headings: readonly string[]): Columns {
  const columns: Columns = {
    at: {},
    temperatureUnit: null,
    precipitationUnit: null,
    isElevationInFeet: false,
    unknown: [],
  };
  const plain = headings.map(plainHeading);
  // "day" alone is a date, beside year and month it is the day of the month.
  const split = plain.some((heading) => KIND_OF_SPELLING.get(heading) === "year");
  headings.forEach((heading, index) => {
    let kind = KIND_OF_SPELLING.get(plain[index] ?? "");
    if (split && plain[index] === "day") kind = "day";
    if (!kind || columns.at[kind] !== undefined) {
      if (heading.trim() !== "") columns.unknown.push(heading.trim());
      return;
    }
    columns.at[kind] = index;
    if (kind === "minTemp" || kind === "maxTemp") {
      columns.temperatureUnit ??= temperatureUnitIn(heading);
    }
    if (kind === "elevation")
      columns.isElevationInFeet = /(?:^|[^a-z])(ft|feet)(?![a-z])/i.test(heading);
    if (kind === "precipitation") columns.precipitationUnit = precipitationUnitIn(heading);
  });
  return columns;
}

/** A table without headings: date, high, low, rain, in this order. */
export const COLUMNS_WITHOUT_HEADINGS: Columns = {
  at: { date: 0, maxTemp: 1, minTemp: 2, precipitation: 3 },
  temperatureUnit: null,
  precipitationUnit: null,
  isElevationInFeet: false,
  unknown: [],
};

function plainHeading(heading: string): string {
  return heading
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[([].*?[)\]]/g, "")
    .replace(/[°º]\s*[cf]\b/g, "")
    .replace(/[_\s](m|ft|feet|metres|meters)$/g, "")
    .replace(/\b(deg(rees)?|celsius|fahrenheit|inch(es)?|tenths?|of|in|air)\b/g, "")
    .replace(/([_\s](c|f|mm|in))$/g, "")
    .replace(/[^a-z]/g, "");
}

function temperatureUnitIn(heading: string): HeadingUnit {
  const words = heading.toLowerCase();
  if (/tenth|0[.,]1\s*°?\s*c/.test(words)) return "tenthsCelsius";
  if (/°\s*f|fahrenheit|deg\s*f|[_\s([]f[)\]]?$/.test(words)) return "fahrenheit";
  if (/°\s*c|celsius|deg\s*c|[_\s([]c[)\]]?$/.test(words)) return "celsius";
  return null;
}

function precipitationUnitIn(heading: string): HeadingUnit {
  const words = heading.toLowerCase();
  if (/\binch|[_\s([]in[)\]]?$/.test(words)) return "inch";
  if (/mm/.test(words)) return "mm";
  return null;
}
