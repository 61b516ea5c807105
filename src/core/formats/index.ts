export {
  gardenFileJsonSchema,
  readGardenFile,
  writeGardenFile,
  type ReadGarden,
} from "./gardenFile";
export { writeCalendarFile } from "./calendarFile";
export { writeLabelsCsv, writeOrderCsv } from "./seedTables";
export { writePlantingsCsv, writeTasksCsv } from "./tables";
export { writeGeoJson } from "./geoJson";
