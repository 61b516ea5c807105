export { ClimateSketchSchema, type ClimateSketch } from "./sketch";
export { climateFromRecord, climateFromSketch, type Climate } from "./climate";
export { dailyRecordOf, lastDayOf, recordInTenths, type DailyRecord } from "./dailyRecord";
export { WeatherRecordSchema, type WeatherRecord } from "./recordSchema";
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
export { chanceAtOrBelow, usualSpreadC } from "./outlook";
export { OUTLOOK_FORMAT, OUTLOOK_VERSION } from "./outlookVersion";
export { OutlookSchema, type Outlook, type OutlookDay } from "./outlookSchema";
export {
  madeUpClimates,
  madeUpStationName,
  madeUpYears,
  simulatedOutlook,
  simulatedWeather,
} from "./madeUpClimates";
export type { MadeUpClimate } from "./madeUpSchema";
