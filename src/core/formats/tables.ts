import { isoDate, type DayNumber } from "../calendar";
import type { Garden } from "../garden";
import { amountsFor, kindAmounts, plantingStates, type KindAmounts } from "../plantings";
import type { Site } from "../growth";
import { writeCsv } from "./csv";
import type { TaskAhead } from "../tasks";
import { planEvents, taskEvents } from "./events";
import type { FileWords } from "./fileWords";

const dateOrNothing = (day: DayNumber | null) => (day === null ? "" : isoDate(day));

/** The plantings as CSV, one a line, with the dates and amounts computed for them. */
export function writePlantingsCsv(site: Site, garden: Garden): string {
  const rows = plantingStates(garden, site).map(({ planting, bed, growing, timeline, stand }) => {
    const { crop, variety } = growing;
    const amounts = amountsFor(stand, crop, planting.method);
    const kinds = kindAmounts(garden, planting);
    const sum = (of: (kind: KindAmounts) => number) =>
      kinds.reduce((total, kind) => total + of(kind), 0);
    return {
      id: planting.id,
      crop: crop.name,
      variety: variety.name,
      bed: bed.name,
      method: planting.method,
      stage: planting.stage,
      sow_on: planting.sowOn,
      clear_on: planting.clearOn ?? "",
      plant_out_on: dateOrNothing(timeline.plantOutDay),
      emerges_on: dateOrNothing(timeline.emergeDay),
      ready_on: dateOrNothing(timeline.readyDay),
      stands_until: dateOrNothing(timeline.holdsUntilDay),
      from_m: planting.fromM,
      length_m: planting.lengthM,
      row_cm: planting.rowCm,
      in_row_cm: planting.inRowCm,
      arrangement: planting.arrangement,
      plants_per_station: planting.plantsPerStation,
      spacing_factor: planting.spacingFactor,
      plants: amounts.plants,
      // Bought plants want no seed.
      seeds: planting.bought ? "" : sum(({ seeds }) => seeds),
      seed_g: planting.bought ? "" : Math.round(sum(({ seedGrams }) => seedGrams) * 100) / 100,
      cells: planting.bought || amounts.cells === null ? "" : sum(({ cells }) => cells ?? 0),
      mixed_with: (growing.mix ?? []).map((kind) => kind.crop.name).join("; "),
    };
  });
  return writeCsv(garden.settings.units, PLANTING_COLUMNS, rows);
}

const PLANTING_COLUMNS = [
  "id",
  "crop",
  "variety",
  "bed",
  "method",
  "stage",
  "sow_on",
  "clear_on",
  "plant_out_on",
  "emerges_on",
  "ready_on",
  "stands_until",
  "from_m",
  "length_m",
  "row_cm",
  "in_row_cm",
  "arrangement",
  "plants_per_station",
  "spacing_factor",
  "plants",
  "seeds",
  "seed_g",
  "cells",
  "mixed_with",
];

/**
 * The dated work as CSV, one a line, in the order of the days: the whole plan, and what the days ahead
 * ask for beside it.
 */
export function writeTasksCsv(
  site: Site,
  garden: Garden,
  words: FileWords,
  ahead: readonly TaskAhead[] = [],
): string {
  const planned = planEvents(site, garden).map((event) => ({
    day: event.day,
    task: words.planned(event.kind, event.subject),
    bed: event.bedName,
    uid: event.uid,
  }));
  const asked = taskEvents(ahead).map(({ day, untilDay, task, uid }) => ({
    day,
    task: words.asked(task.kind, words.tell(task.subject)),
    bed: words.tell(task.place),
    until: isoDate(untilDay),
    how_much: words.tell(task.howMuch ?? ""),
    reason: words.tell(task.reason),
    if_left: words.tell(task.ifLeft),
    uid,
  }));
  const rows = [...planned, ...asked]
    .sort((a, b) => a.day - b.day || (a.uid < b.uid ? -1 : 1))
    .map(({ day, ...row }) => ({ date: isoDate(day), ...row }));
  return writeCsv(garden.settings.units, TASK_COLUMNS, rows);
}

const TASK_COLUMNS = ["date", "task", "bed", "uid", "until", "how_much", "reason", "if_left"];
