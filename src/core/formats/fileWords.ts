import type { Told } from "../facts";
import type { Logged, Work } from "../log";
import type { PlanEvent } from "./events";

/** How files for other programs say what they hold; `src/words` gives it. */
export interface FileWords {
  tell(told: Told): string;
  /** "Sow Spinach, winter type" */
  planned(kind: PlanEvent["kind"], subject: string): string;
  /** The usual date's spread, and full size: "1 year in 5 before 20 October …". */
  readyDates(event: PlanEvent): string;
  /** "Water: Bed 3" */
  asked(work: Work, subject: string): string;
  /** "Round: 5 things to do" */
  round(count: number): string;
  /** What a calendar sorts its events by. */
  category(of: PlanEvent["kind"] | "night" | "work" | "round"): string;
  /** "If left: growth stops." */
  ifLeft(consequence: string): string;
  /** What was done, as in the log: "Picked". */
  logged(what: Logged): string;
  temperature: string;
}
