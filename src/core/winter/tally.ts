import { civilDate, DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { CAUSES, type Cause, type WinterOutcome } from "./outcome";
import type { WinterSpan } from "./winterSpan";

/** A value as it strays over winters: one in ten is below the first, one in ten above the last. */
export interface Tenths {
  p10: number;
  p50: number;
  p90: number;
}

/** A day that may not come at all: null where it comes in fewer winters than that. */
export interface DayTenths {
  p10: DayNumber | null;
  p50: DayNumber | null;
  p90: DayNumber | null;
}

/** The odds of one planting over the winters that were lived through. */
export interface PlantingOdds {
  plantingId: string;
  /** Winters in which it reached a harvest. */
  reached: number;
  first: DayTenths;
  last: DayTenths;
  kg: Tenths & { mean: number };
  /** Winters in which it reached none, by why. */
  lostBy: Partial<Record<Cause, number>>;
  /** Winters by what ended it in the end. */
  endedBy: Partial<Record<Cause, number>>;
  /** Winters in which cold took it, by month of the year, 0 for January. */
  coldInMonth: number[];
}

/** A garden over many winters. */
export interface RehearsalReport {
  winters: number;
  plantings: PlantingOdds[];
  weeks: { weekOf: DayNumber; kg: Tenths }[];
  totalKg: Tenths & { mean: number };
  /** Numbers of the winters with the coldest, the middling and the mildest coldest night. */
  told: { cold: ToldWinter; middling: ToldWinter; kind: ToldWinter } | null;
  /** Evenings times pieces on which a cover was carried out, on average. */
  coverNights: number;
}

export interface ToldWinter {
  winter: number;
  coldestC: number;
  totalKg: number;
}

/** What winters have come to so far; the report is the same whatever order they came in. */
export class Tally {
  private readonly outcomes = new Map<number, WinterOutcome>();

  constructor(
    private readonly plantingIds: readonly string[],
    private readonly span: Pick<WinterSpan, "fromDay" | "untilDay">,
  ) {}

  get winters(): number {
    return this.outcomes.size;
  }

  add(outcome: WinterOutcome): void {
    this.outcomes.set(outcome.winter, outcome);
  }

  /** Harvest of each winter in all, by its number, kg. */
  totals(): Map<number, number> {
    return new Map(this.inOrder().map(({ winter, totalKg }) => [winter, totalKg]));
  }

  report(): RehearsalReport {
    const outcomes = this.inOrder();
    const { fromDay, untilDay } = this.span;
    const weeks = Math.ceil((untilDay - fromDay) / DAYS_PER_WEEK);
    const totals = outcomes.map(({ totalKg }) => totalKg);
    return {
      winters: outcomes.length,
      plantings: this.plantingIds.map((id, at) => this.oddsOf(id, at, outcomes)),
      weeks: Array.from({ length: weeks }, (_, week) => ({
        weekOf: fromDay + week * DAYS_PER_WEEK,
        kg: tenthsOf(outcomes.map(({ weekKg }) => weekKg[week] ?? 0)),
      })),
      totalKg: { ...tenthsOf(totals), mean: meanOf(totals) },
      told: toldOf(outcomes),
      coverNights: meanOf(outcomes.map(({ coverNights }) => coverNights)),
    };
  }

  private inOrder(): WinterOutcome[] {
    return [...this.outcomes.values()].sort((a, b) => a.winter - b.winter);
  }

  private oddsOf(plantingId: string, at: number, outcomes: readonly WinterOutcome[]): PlantingOdds {
    const lostBy: PlantingOdds["lostBy"] = {};
    const endedBy: PlantingOdds["endedBy"] = {};
    const coldInMonth = new Array<number>(MONTHS).fill(0);
    const count = (of: Partial<Record<Cause, number>>, code: number | undefined) => {
      const cause = CAUSES[code ?? 0] ?? "none";
      of[cause] = (of[cause] ?? 0) + 1;
    };
    let reached = 0;
    for (const { lostBy: lost, endedBy: ended, endDay } of outcomes) {
      count(endedBy, ended[at]);
      if (CAUSES[ended[at] ?? 0] === "cold") {
        const month = civilDate(endDay[at] ?? 0).month - 1;
        coldInMonth[month] = (coldInMonth[month] ?? 0) + 1;
      }
      if ((lost[at] ?? 0) === 0) reached += 1;
      else count(lostBy, lost[at]);
    }
    const kgs = outcomes.map(({ kg }) => kg[at] ?? 0);
    return {
      plantingId,
      reached,
      first: daysOf(outcomes.map(({ firstDay }) => firstDay[at] ?? 0)),
      last: daysOf(outcomes.map(({ lastDay }) => lastDay[at] ?? 0)),
      kg: { ...tenthsOf(kgs), mean: meanOf(kgs) },
      lostBy,
      endedBy,
      coldInMonth,
    };
  }
}

const MONTHS = 12;

function meanOf(values: readonly number[]): number {
  return values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** Tenths of values, as one of them each. */
function tenthsOf(values: readonly number[]): Tenths {
  const sorted = Float64Array.from(values).sort();
  const at = (share: number) => sorted[placeAt(share, sorted.length)] ?? 0;
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

function daysOf(days: readonly number[]): DayTenths {
  const sorted = Float64Array.from(days, (day) => (day === 0 ? Infinity : day)).sort();
  const at = (share: number) => {
    const day = sorted[placeAt(share, sorted.length)] ?? Infinity;
    return day === Infinity ? null : day;
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

const placeAt = (share: number, count: number) => Math.min(count - 1, Math.floor(share * count));

function toldOf(outcomes: readonly WinterOutcome[]): RehearsalReport["told"] {
  const sorted = [...outcomes].sort((a, b) => a.coldestC - b.coldestC || a.winter - b.winter);
  const told = (at: number): ToldWinter | null => {
    const one = sorted[at];
    return one ? { winter: one.winter, coldestC: one.coldestC, totalKg: one.totalKg } : null;
  };
  const [cold, middling, kind] = [told(0), told(sorted.length >> 1), told(sorted.length - 1)];
  return cold && middling && kind ? { cold, middling, kind } : null;
}
