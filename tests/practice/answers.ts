import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import * as z from "zod";
import { dayNumber, isoDate, monthDayIn, type DayNumber } from "@/core/calendar";
import { climateFromSketch, ClimateSketchSchema } from "@/core/climate";
import { cropLibrary, varietyOf } from "@/core/crops";
import { Site, USUAL_PLAN_SETTINGS } from "@/core/growth";
import { timelineIfSown } from "@/core/plantings";
import { coldRiskOf, type Growing, type Timeline } from "@/core/schedule";

const FOLDER = join(process.cwd(), "data", "practice");
/** The season the rows are set in: they say no year. */
const YEAR = 2026;

const RowSchema = z.strictObject({
  crop: z.string(),
  variety: z.string().optional(),
  /** Ids of materials, from the outside in. */
  covers: z.array(z.string()),
  method: z.enum(["direct", "transplant"]),
  /** Month and day of sowing; of transplants the sowing in the tray. */
  sow: z.string(),
  /**
   * `ready` first picking about the date; `full` full size about it; `stands` at least until it;
   * `endsBy` over by it; `boltsAbout` runs to flower about it; `survives` comes through to its harvest.
   */
  kind: z.enum(["ready", "full", "stands", "endsBy", "boltsAbout", "survives"]),
  date: z.string().optional(),
  toleranceDays: z.number().optional(),
  source: z.string(),
});
export type PracticeRow = z.infer<typeof RowSchema>;

const ClimateRowsSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  latitudeDeg: z.number(),
  climate: ClimateSketchSchema,
  rows: z.array(RowSchema),
});
export type PracticeClimate = z.infer<typeof ClimateRowsSchema>;

/** What growers published, by climate. */
export function practiceClimates(): PracticeClimate[] {
  return readdirSync(FOLDER)
    .filter((name) => name.endsWith(".json") && name !== "sources.json")
    .sort()
    .map((name) => ClimateRowsSchema.parse(JSON.parse(readFileSync(join(FOLDER, name), "utf8"))));
}

/** What the core answers where a grower published something else, or the same. */
export interface Answer {
  climate: PracticeClimate;
  row: PracticeRow;
  /** The date published, in the season that the sowing begins. */
  publishedDay: DayNumber | null;
  computedDay: DayNumber | null;
  /** Chance that cold ends it before its first picking. */
  loss: number;
  agrees: boolean;
  /** A crop dead that everybody harvests, or ready in spring what is cut before midwinter. */
  isAbsurd: boolean;
}

/** Chance of loss up to which a crop counts as one that comes through. */
const COMES_THROUGH = 0.3;
const DEAD_ABOVE = 0.5;
/** So many days off is another season. */
const ABSURD_DAYS = 75;

export function answersIn(climate: PracticeClimate): Answer[] {
  const site = new Site(
    climate.latitudeDeg,
    climateFromSketch(climate.latitudeDeg, climate.climate),
    "balance",
  );
  return climate.rows.map((row) => answerTo(site, climate, row));
}

export function growingOf(row: PracticeRow): Growing {
  const crop = cropLibrary.get(row.crop);
  const variety = crop && varietyOf(crop, row.variety);
  if (!crop || !variety) throw new Error(`No crop ${row.crop} ${row.variety ?? ""}.`);
  return { crop, variety, method: row.method, stage: "full", covers: row.covers, horizon: [] };
}

function answerTo(site: Site, climate: PracticeClimate, row: PracticeRow): Answer {
  const sowDay = monthDayIn(YEAR, row.sow);
  const growing = growingOf(row);
  const timeline = timelineIfSown(site, USUAL_PLAN_SETTINGS, growing, sowDay);
  const publishedDay = row.date === undefined ? null : after(sowDay, row.date);
  const computedDay = dayOf(timeline, row.kind);
  const loss = timeline.lossBeforeReady ?? 1;
  const common = { climate, row, publishedDay, computedDay, loss };
  if (row.kind === "survives") {
    const agrees = timeline.readyDay !== null && loss <= COMES_THROUGH;
    return { ...common, agrees, isAbsurd: loss > DEAD_ABOVE };
  }
  const tolerance = row.toleranceDays ?? 0;
  if (publishedDay === null || computedDay === null)
    return { ...common, agrees: false, isAbsurd: true };
  const off = computedDay - publishedDay;
  if (row.kind === "stands") {
    const dead = coldRiskOf(site, growing, timeline).between(sowDay, publishedDay);
    const isAbsurd = 1 - Math.exp(-dead) > 0.8 || off < -ABSURD_DAYS;
    return { ...common, agrees: off >= -tolerance, isAbsurd };
  }
  if (row.kind === "endsBy")
    return { ...common, agrees: off <= tolerance, isAbsurd: off > ABSURD_DAYS };
  const agrees = Math.abs(off) <= tolerance && (row.kind !== "ready" || loss <= DEAD_ABOVE);
  return { ...common, agrees, isAbsurd: Math.abs(off) > ABSURD_DAYS || loss > 0.9 };
}

function dayOf(timeline: Timeline, kind: PracticeRow["kind"]): DayNumber | null {
  switch (kind) {
    case "full":
      return timeline.fullSizeDay;
    case "stands":
    case "endsBy":
      return timeline.holdsUntilDay;
    case "boltsAbout":
      return timeline.boltDay;
    default:
      return timeline.readyDay;
  }
}

/** The first such date after a sowing. */
function after(sowDay: DayNumber, monthDay: string): DayNumber {
  const same = monthDayIn(YEAR, monthDay);
  return same > sowDay ? same : dayNumber(`${YEAR + 1}-${monthDay}`);
}

/** A date without its year. */
export function monthDayOf(day: DayNumber | null): string {
  return day === null ? "never" : isoDate(day).slice(5);
}
