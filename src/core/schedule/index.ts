export { otherCropsFor, waysTo, type Way, type Wish } from "./alternatives";
export {
  groundSun,
  shortfallWords,
  sunShortfall,
  weeksOfSun,
  type SunShortfall,
  type WeekOfSun,
} from "./bedSun";
export { cliffOf, seasonAimedAt, type Cliff } from "./cliff";
export { why } from "./explanation";
export { type Verdict } from "./feasibility";
export { daysUntilWorth, grownShare, sizeShare, standingShare, worthOn } from "./grownShare";
export { isSown, NOTHING_KNOWN, shareLeft, type Facts } from "./happened";
export { lastSafeSowing } from "./lastSafe";
export { daysLeftFor, sowableToday, type SowNow } from "./sowToday";
export { relativeEmergence } from "./relativeEmergence";
export { sowingAdvice } from "./sowingAdvice";
export { shareReadyBy, spreadOf, type DateSpread, type Spread } from "./spread";
export { midwinterAfter, winterOf } from "./spring";
export { strandOf, type Strand, type StrandPoint } from "./strand";
export {
  ruleFromDays,
  ruleFromStanding,
  successionPreview,
  successionSowDays,
  type SuccessionRule,
} from "./succession";
export { coldRiskOf, outcomesOf, type Outcomes } from "./winterRisk";
export { isSownThen, usualRank } from "./usualThen";
export {
  bedDays,
  needOf,
  plantHardiness,
  type Growing,
  type MixedWith,
  type Timeline,
} from "./growing";
export { bedPacketDaysFor, emergenceDay, latestSowingFor, readyDayFrom } from "./readiness";
export { timelineFrom } from "./timeline";
