export {
  gardenFileJsonSchema,
  readGardenFile,
  writeGardenFile,
  type ReadGarden,
} from "./gardenFile";
export { writeCalendarFile } from "./calendarFile";
export { writePlantingsCsv, writeTasksCsv } from "./tables";
