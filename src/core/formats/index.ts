export {
  gardenFileJsonSchema,
  LARGEST_GARDEN_FILE,
  TOO_LARGE,
  readGardenFile,
  writeGardenFile,
  type ReadGarden,
} from "./gardenFile";
export { calendarWriter, writeCalendarFile } from "./calendarFile";
export { writeLabelsCsv, writeOrderCsv } from "./seedTables";
export { writeShoppingCsv } from "./shoppingTable";
export { writePlantingsCsv, writeTasksCsv } from "./tables";
export { writeLogCsv } from "./logTable";
export { writeGeoJson } from "./geoJson";
export { readGeoJson, type BedsRead, type ReadBeds } from "./geoJsonIn";
export type { FileWords } from "./fileWords";
