export {
  LARGEST_GARDEN_FILE,
  TOO_LARGE,
  readGardenFile,
  writeGardenFile,
  type ReadGarden,
} from "./gardenFile";
export { writeCalendarFile, type CalendarOf } from "./calendarFile";
export { gardenFileJsonSchema, published } from "./publishedSchema";
export { writeLabelsCsv, writeOrderCsv, writeSeedBoxCsv } from "./seedTables";
export { writeShoppingCsv } from "./shoppingTable";
export { writePlantingsCsv, writeTasksCsv } from "./tables";
export { writeLogCsv } from "./logTable";
export { writeGeoJson } from "./geoJson";
export { readGeoJson, type BedsRead, type ReadBeds } from "./geoJsonIn";
export type { FileWords } from "./fileWords";
