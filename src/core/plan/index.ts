export { Site, USUAL_PLAN_SETTINGS, type PlanSettings, type School } from "./site";
export { requirement, type Method, type Requirement, type Stage } from "./requirement";
export { latestSowingFor, timelineFrom, type Growing, type Timeline } from "./timeline";
export { cliffOf, seasonAimedAt, type Cliff } from "./cliff";
export { judge, type Verdict, type Wanted } from "./feasibility";
export { why } from "./why";
export { otherCropsFor, waysTo, type Spot, type Way, type Wish } from "./wish";
export { grownShare, standingShare, worthOn } from "./size";
export { strandOf, type Strand, type StrandPoint } from "./strand";
export { amountsFor, type Amounts, type Stand } from "./spacing";
export { roomIn, roomiestBed, type Room } from "./room";
export {
  growingOf,
  planSettingsOf,
  plantingName,
  climateOfPlace,
  siteOf,
  spotsOf,
} from "./gardenPlan";
export {
  groundSun,
  shortfallWords,
  sunShortfall,
  weeksOfSun,
  type SunShortfall,
  type WeekOfSun,
} from "./bedSun";
