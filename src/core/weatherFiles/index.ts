export { readThermometerTable, type ThermometerReading } from "./thermometerTable";
export { weatherReader, readWeather } from "./weatherReader";
export { writeGhcnDaily } from "./ghcnDaily";
export { writeWeatherCsv } from "./writeWeatherCsv";
export { readOutlookTable } from "./outlookTable";
export type { LeftOut, WeatherAnswers, WeatherQuestion, WeatherReading } from "./reading";
