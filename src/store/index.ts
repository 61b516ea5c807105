export { gardenStore, useGarden } from "./browserStore";
export { takeWay, type Done, type GardenState, type Refused, type StepName } from "./gardenStore";
export { todayOf } from "./today";
export { noticeNewDay, useToday } from "./useToday";
export { useReadings } from "./useReadings";
export { fetchOutlook, fetchReadings, type Asked } from "./station";
export { isMissingPart, MISSING_PART } from "./missingPart";
export { loadAllParts, runWhenIdle, whenIdle, whenNeeded } from "./parts";
export { newId } from "./newId";
