export { GardenMenu } from "./GardenMenu";
export { Waiting } from "./Waiting";
export { saveGardenFile, savePlantingsTable } from "./gardenFiles";
export { chooseGardenFile, loadDemoGarden } from "./gardenTaken";
