import type { DayNumber } from "../../calendar";
import type { StoreLot } from "../../food";
import type { Planting } from "../../garden";
import type { Change } from "./judge";

/** One way to close part of a gap: what is done, and what it costs. */
export type Doing =
  /** Sown, or planted with seedlings that are bought. */
  | {
      kind: "sow" | "buy";
      planting: Planting;
      cropName: string;
      bedName: string;
      /** The day on which it is sown, or planted. */
      day: DayNumber;
      plants: number;
      seedGrams: number;
    }
  /** A cover from the shed over a bed. */
  | { kind: "cover"; bedId: string; bedName: string; pieceId: string; coverId: string }
  /** What is left over now is put by. */
  | { kind: "store"; lot: StoreLot; cropName: string; bedName: string }
  /** Shoots a square a week, or roots forced a pot at a time. */
  | {
      kind: "shoots" | "force";
      plantings: readonly Planting[];
      cropName: string;
      bedName: string;
      day: DayNumber;
      everyDays: number;
      seedGrams: number;
      /** Roots out of the store; 0 for shoots. */
      roots: number;
    };

/** A way with what it would give. */
export interface Trial {
  id: string;
  doing: Doing;
  hours: number;
  change: Change;
}

/** One way to close part of a gap, with what it adds, what it costs and its odds. */
export interface WayToClose {
  id: string;
  doing: Doing;
  /** Work, hours. */
  hours: number;
  /** Less unmet in the gap in the usual year, kg, once the rest of the larder is eaten in order. */
  addsKg: number;
  /** In how many of ten years it adds at least half of that. */
  yearsIn10: number;
}
