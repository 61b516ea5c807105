export { readThermometerTable, type ThermometerReading } from "./thermometerTable";
export { looksLikeRecord, weatherReader, readWeather } from "./weatherReader";
export { writeGhcnDaily } from "./ghcnDaily";
export { writeWeatherCsv } from "./writeWeatherCsv";
export { DateOrderEvidence, dayFrom, readRawDate, type RawDate } from "./csvDates";
export { stationApart } from "./stationPlace";
export { readOutlookTable } from "./outlookTable";
export type { LeftOut, WeatherAnswers, WeatherQuestion, WeatherReading } from "./reading";
