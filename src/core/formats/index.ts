export {
  gardenFileJsonSchema,
  readGardenFile,
  writeGardenFile,
  type ReadGarden,
} from "./gardenFile";
export { writeCalendarFile } from "./calendarFile";
export { writeLabelsCsv, writeOrderCsv } from "./seedTables";
export { writeShoppingCsv } from "./shoppingTable";
export { writePlantingsCsv, writeTasksCsv } from "./tables";
export { writeLogCsv } from "./logTable";
export { writeGeoJson } from "./geoJson";
export { readGeoJson, type ReadBeds } from "./geoJsonIn";
