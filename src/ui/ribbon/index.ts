export { SeasonRibbon, hoursWords, type RibbonSeason } from "./SeasonRibbon";
