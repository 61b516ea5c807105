export {
  NO_CHOICE,
  type BedOnEvening,
  type Choice,
  type Evening,
  type Happened,
  type PracticeState,
} from "./evening";
export { livePractice } from "./practiceWinter";
export { review, type DecisionThatMattered, type Review } from "./review";
export {
  DIFFICULTIES,
  FREE_CLOTHS,
  freeWinter,
  LESSON_IDS,
  lessonOf,
  type Difficulty,
  type LessonId,
  type Offer,
  type Scenario,
} from "./scenario";
export { noChoice, toolChoice } from "./toolChoice";
