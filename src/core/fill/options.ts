import type { DayNumber } from "../calendar";
import type { Planting } from "../garden";
import type { Occupant as OnStand } from "../trays";
import type { Candidate } from "./fillProblem";

/** What a candidate stands for in a garden. */
export type Option =
  /** A sowing, as long as it may be in the first of some beds alike; under a cover more, or as they are. */
  | { kind: "sow"; planting: Planting; bedIds: readonly string[]; coverId: string | null }
  /** One that is planned and not sown yet. */
  | { kind: "planned"; planting: Planting }
  /** Shoots a square a week, or roots forced a pot at a time; those of which crop, and how many. */
  | {
      kind: "shoots" | "force";
      plantings: readonly Planting[];
      bedId: string;
      everyDays: number;
      roots: { cropId: string; wanted: number; inStore: number } | null;
    }
  /** A cover of some kind over some of the beds alike, of pieces from the shed that are the same. */
  | { kind: "cover"; coverId: string; pieceIds: readonly string[]; bedIds: readonly string[] };

/** An option with what it gives and takes. */
export interface Offer {
  option: Option;
  candidate: Candidate;
  /** Its family, where the rotation counts it. */
  family: string | null;
  /** It takes ground from a day up to another. */
  fromDay: DayNumber;
  untilDay: DayNumber;
  /** Room on stands that a metre of it takes while it is raised. */
  onStands: readonly OnStand[];
}
