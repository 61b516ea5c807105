export { GardenMenu } from "./GardenMenu";
export { Waiting } from "./Waiting";
export { saveCalendarFile, saveGardenFile, savePlantingsTable } from "./gardenFiles";
export { chooseGardenFile, loadDemoGarden } from "./gardenTaken";
