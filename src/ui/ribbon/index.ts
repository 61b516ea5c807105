export { SeasonRibbon } from "./SeasonRibbon";
export { hoursWords, type RibbonSeason } from "./ribbonShape";
