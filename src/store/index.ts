export { gardenStore, useGarden } from "./browserStore";
export { type Done, type GardenState } from "./gardenStore";
export { plantingView, siteSelector, todayOf, type PlantingView } from "./selectors";
export { fetchOutlook, fetchReadings, type Asked } from "./station";
