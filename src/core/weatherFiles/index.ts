export { readThermometerTable, type ThermometerReading } from "./thermometerTable";
export { looksLikeRecord, weatherReader, readWeather } from "./weatherReader";
export { writeGhcnDaily } from "./ghcnDaily";
export { writeWeatherCsv } from "./writeWeatherCsv";
export { DateOrderEvidence, dayFrom, readRawDate, type RawDate } from "./csvDates";
export { readOutlookTable } from "./outlookTable";
export type {
  LeftOut,
  StationPlace,
  WeatherAnswers,
  WeatherQuestion,
  WeatherReading,
} from "./reading";
