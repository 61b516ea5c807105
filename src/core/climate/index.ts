export { ClimateSketchSchema, type ClimateSketch } from "./sketch";
export { climateFromRecord, climateFromSketch, type Climate } from "./climate";
export {
  dailyRecordOf,
  lastDayOf,
  recordInTenths,
  WeatherRecordSchema,
  type DailyRecord,
  type WeatherRecord,
} from "./dailyRecord";
export {
  FROST_THRESHOLDS_C,
  firstFrostDay,
  frostChances,
  lastFrostDay,
  type FrostChances,
} from "./frostOdds";
export { FEW_SEASONS, frostRecord, looksSouthern, monthDayOfPlace } from "./frostRecord";
export { generateTemperatures, generateWeather, type GeneratedWeather } from "./generator";
export { hourlyTemperaturesC } from "./hourly";
export {
  chanceAtOrBelow,
  OUTLOOK_FORMAT,
  OUTLOOK_VERSION,
  OutlookSchema,
  usualSpreadC,
  type Outlook,
  type OutlookDay,
} from "./outlook";
export {
  madeUpClimates,
  madeUpStationName,
  madeUpYears,
  simulatedOutlook,
  simulatedWeather,
  type MadeUpClimate,
} from "./madeUpClimates";
