export {
  climateFromFit,
  climateFromRecord,
  climateFromSketch,
  fitClimate,
  type Climate,
  type ClimateFit,
} from "./climate";
export { dailyRecordOf, lastDayOf, recordInTenths, type DailyRecord } from "./dailyRecord";
export { firstFrostDay, FROST_THRESHOLDS_C, frostChances, lastFrostDay } from "./frostOdds";
export { FEW_SEASONS, frostRecord, looksSouthern, monthDayOfPlace } from "./frostRecord";
export {
  cloudShareOf,
  generateTemperatures,
  generateWeather,
  WET_DARKENING,
  type GeneratedWeather,
} from "./generator";
export { hourlyTemperaturesC } from "./hourly";
export {
  madeUpClimates,
  madeUpStationName,
  madeUpYears,
  simulatedOutlook,
  simulatedWeather,
} from "./madeUp/madeUpClimates";
export { type MadeUpClimate } from "./madeUp/madeUpSchema";
export { chanceAtOrBelow, outlookFromTruth, usualSpreadC } from "./outlook/outlook";
export { OutlookSchema, type Outlook, type OutlookDay } from "./outlook/outlookSchema";
export { OUTLOOK_FORMAT, OUTLOOK_VERSION } from "./outlook/outlookVersion";
export { randomStream, type RandomStream } from "./random";
export { rehearsedClimate, type RehearsedWinter } from "./rehearsedClimate";
export { WeatherRecordSchema, type WeatherRecord } from "./recordSchema";
export { ClimateSketchSchema } from "./sketch";
export { CLEAR_SHARE, OVERCAST_SHARE } from "./generator";
export { snowDepthsM } from "./usualSnow";
export { USUAL_WIND_MPS, WET_DAY_MM } from "./weatherModel";
