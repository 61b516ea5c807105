export {
  gardenFileJsonSchema,
  readGardenFile,
  writeGardenFile,
  type ReadGarden,
} from "./gardenFile";
export { writeCalendarFile } from "./calendarFile";
export { writePlantingsCsv, writeTasksCsv } from "./tables";
export {
  readOutlookTable,
  readWeather,
  weatherReader,
  writeGhcnDaily,
  writeWeatherCsv,
  type LeftOut,
  type WeatherAnswers,
  type WeatherQuestion,
  type WeatherReading,
} from "./weather";
