import { freeGroundAt } from "../bedSpace";
import { isoDate, type DayNumber } from "../calendar";
import { findCrops } from "../cropNames";
import { varietyOf, type Crop, type Variety } from "../crops";
import { fact, type Fact } from "../facts";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import type { Site } from "../growth";
import { exactM } from "../layout";
import type { LogEntry, Logged } from "../log";
import { namesIn, plain, plantingsMeant } from "../logbook";
import { bookSpacing, factsOf } from "../plantings";
import type { SeedLot } from "../seedBox";
import { celsiusOf, gramsOf, metresOf, numberWithUnit } from "./cells";
import { unitIn, type Columns, type Field, type TableKind } from "./columns";
import { datesIn } from "./dates";
import { rowIds } from "./rowIds";
import type { Table } from "./table";

/** What a table brings: things ready to be kept, and the lines that are left with the reason. */
export interface Brought {
  entries: LogEntry[];
  plantings: Planting[];
  seedLots: SeedLot[];
  left: { line: number; reason: Fact }[];
  notes: Fact[];
}

/** Why nothing of a table can be brought in. */
export interface NotBrought {
  problem: Fact;
}

interface Context {
  site: Site;
  garden: Garden;
  table: Table;
  columns: Columns;
  today: DayNumber;
}

/** A planting of which no length is told, m. */
const LENGTH_M = 1;

/**
 * Reads the rows of a table as what they are: harvests, sowings and temperatures for the log, seed for the
 * box, plantings for the plan. Every line is either ready or left with a reason; nothing is guessed.
 * A row that was brought in before is there already, whatever file it comes in.
 */
export function broughtIn(kind: TableKind, context: Context): Brought | NotBrought {
  const { table, columns } = context;
  const ids = rowIds(table);
  const found: Brought = { entries: [], plantings: [], seedLots: [], left: [], notes: [] };
  let days: (DayNumber | null)[] = table.rows.map(() => null);
  if (columns.date !== undefined) {
    const dates = datesIn(table, columns.date);
    if ("problem" in dates) return dates;
    days = dates.days;
    found.notes.push(...dates.notes);
  }
  table.rows.forEach(({ line, cells }, at) => {
    const row = new Row(context, ids.get(line) ?? "", cells, days[at] ?? null);
    const problem = READERS[kind](row, found);
    if (problem) found.left.push({ line, reason: problem });
  });
  return found;
}

/** One row, with what its cells mean in this garden. */
class Row {
  constructor(
    readonly context: Context,
    private readonly rowId: string,
    private readonly cells: readonly string[],
    readonly day: DayNumber | null,
  ) {}

  cell(field: Field): string {
    const at = this.context.columns[field];
    return at === undefined ? "" : (this.cells[at] ?? "").trim();
  }

  unit(field: Field): string | null {
    const at = this.context.columns[field];
    return at === undefined ? null : unitIn(this.context.table.headings[at] ?? "");
  }

  get note(): string {
    return this.cell("note")
      .replace(/[<>\p{Cc}]/gu, " ")
      .slice(0, 300);
  }

  id(kind: "log" | "planting" | "lot"): string {
    return `in-${kind}-${this.rowId}`;
  }

  crop(): { crop: Crop; variety: Variety | null } | null {
    const { garden } = this.context;
    const crops = cropsOf(garden);
    const typed = this.cell("crop");
    const names = namesIn(garden).crops;
    const named = names.find(({ words }) => words === plain(typed));
    const crop = named ? crops.get(named.cropId) : findCrops(crops, typed)[0]?.crop;
    if (!crop || typed === "") return null;
    const wanted = plain(this.cell("variety"));
    const told = crop.varieties.find(
      ({ id, name }) => wanted !== "" && (id === wanted || plain(name).startsWith(wanted)),
    );
    const inName = named?.varietyId ? varietyOf(crop, named.varietyId) : undefined;
    return { crop, variety: told ?? inName ?? null };
  }

  place(): { bed: Bed | null; shelterId: string | null } | "outside" | null {
    const { garden } = this.context;
    const wanted = plain(this.cell("place"));
    if (wanted === "") return { bed: null, shelterId: null };
    if (wanted === "outside" || wanted === "outdoors") return "outside";
    const names = namesIn(garden);
    // "3" is Bed 3.
    const isNumber = /^\d+$/.test(wanted);
    const bed = names.beds.find(
      ({ words }) => words === wanted || (isNumber && words.split(" ").at(-1) === wanted),
    );
    if (bed) return { bed: garden.beds.get(bed.bedId) ?? null, shelterId: null };
    const shelter = names.shelters.find(({ words }) => words === wanted);
    return shelter ? { bed: null, shelterId: shelter.shelterId } : null;
  }
}

type Reader = (row: Row, found: Brought) => Fact | null;

const READERS: Record<TableKind, Reader> = {
  harvests: readHarvest,
  sowings: readSowing,
  temperatures: readTemperature,
  seeds: readSeed,
  plantings: readPlanting,
};

/** What the log takes: a day that has come. */
function pastDay(row: Row): { day: DayNumber } | { problem: Fact } {
  if (row.day === null) return { problem: fact("bringIn.noDate", { cell: row.cell("date") }) };
  const isToCome = row.day > row.context.today;
  return isToCome ? { problem: fact("bringIn.isToCome", { day: row.day }) } : { day: row.day };
}

function keep(row: Row, found: Brought, day: DayNumber, what: Logged): Fact | null {
  const id = row.id("log");
  if (row.context.garden.logEntries.has(id)) return fact("bringIn.thereAlready");
  found.entries.push({ id, on: isoDate(day), taskId: null, what, note: row.note });
  return null;
}

interface Meant {
  crop: Crop;
  variety: Variety | null;
  bed: Bed | null;
  planting: Planting | null;
}

/** The planting that a row of the log speaks of; or why there is none. */
function meant(row: Row, deed: "harvested" | "sown", day: DayNumber): Meant | NotBrought {
  const { site, garden } = row.context;
  const named = row.crop();
  if (!named) return { problem: fact("bringIn.noSuchCrop", { cell: row.cell("crop") }) };
  const place = row.place();
  if (place === null || place === "outside") {
    return { problem: fact("bringIn.noSuchPlace", { cell: row.cell("place") }) };
  }
  const { crop, variety } = named;
  const clause = {
    crop: { words: "", cropId: crop.id, varietyId: variety?.id ?? null },
    bedId: place.bed?.id ?? null,
    shelterId: place.shelterId,
  };
  const planting = plantingsMeant(site, garden, clause, deed, day)[0] ?? null;
  return { crop, variety, bed: place.bed, planting };
}

function readHarvest(row: Row, found: Brought): Fact | null {
  const past = pastDay(row);
  if ("problem" in past) return past.problem;
  const { day } = past;
  const { garden } = row.context;
  const of = meant(row, "harvested", day);
  if ("problem" in of) return of.problem;
  const { crop, planting } = of;
  if (!planting) return beforeSown(row, crop, day) ?? noPlanting(row, crop, day);
  const { sownDay } = factsOf(garden, planting.id);
  if (sownDay !== null && day < sownDay) {
    return fact("bringIn.beforeItWasSown", { crop: crop.name, day, sownDay });
  }
  const [weight, count] = [row.cell("weight"), row.cell("count")];
  if (weight === "" && count === "") return fact("bringIn.nothingToWeigh");
  const grams = weight === "" ? null : gramsOf(weight, row.unit("weight"), garden.settings.units);
  const counted = count === "" ? null : (numberWithUnit(count)?.value ?? NaN);
  if (weight !== "" && (grams === null || grams <= 0))
    return fact("bringIn.noNumber", { cell: weight });
  if (counted !== null && !(Number.isInteger(counted) && counted > 0)) {
    return fact("bringIn.noNumber", { cell: count });
  }
  return keep(row, found, day, {
    kind: "harvested",
    plantingId: planting.id,
    grams,
    count: counted,
    isLast: false,
  });
}

function noPlanting(row: Row, crop: Crop, day: DayNumber): Fact {
  return fact("bringIn.noPlantingOfIt", { crop: crop.name, place: row.cell("place"), day });
}

/** A crop that is known to have been sown only after a harvest. */
function beforeSown(row: Row, crop: Crop, day: DayNumber): Fact | null {
  const { garden } = row.context;
  let first = Infinity;
  for (const planting of garden.plantings.values()) {
    if (planting.cropId !== crop.id) continue;
    first = Math.min(first, factsOf(garden, planting.id).sownDay ?? Infinity);
  }
  return first < Infinity && day < first
    ? fact("bringIn.beforeItWasSown", { crop: crop.name, day, sownDay: first })
    : null;
}

function readSowing(row: Row, found: Brought): Fact | null {
  const past = pastDay(row);
  if ("problem" in past) return past.problem;
  const { day } = past;
  const of = meant(row, "sown", day);
  if ("problem" in of) return of.problem;
  const seeds = row.cell("seeds") === "" ? null : (numberWithUnit(row.cell("seeds"))?.value ?? NaN);
  if (seeds !== null && !(Number.isInteger(seeds) && seeds >= 0)) {
    return fact("bringIn.noNumber", { cell: row.cell("seeds") });
  }
  let { planting } = of;
  if (!planting) {
    if (!of.bed) return noPlanting(row, of.crop, day);
    planting = newPlanting(row, of.crop, of.variety, of.bed, day);
    const problem = takeGround(row, found, planting, of.bed);
    if (problem) return problem;
  }
  if (!planting) return fact("bringIn.noNumber", { cell: row.cell("length") });
  return keep(row, found, day, { kind: "sown", plantingId: planting.id, lotId: null, seeds });
}

function readTemperature(row: Row, found: Brought): Fact | null {
  const past = pastDay(row);
  if ("problem" in past) return past.problem;
  const cell = row.cell("temperature");
  const { units } = row.context.garden.settings;
  const tempC = celsiusOf(cell, row.unit("temperature"), units);
  if (tempC === null || tempC < -60 || tempC > 70) return fact("bringIn.noNumber", { cell });
  const place = row.place();
  if (place === null) return fact("bringIn.noSuchPlace", { cell: row.cell("place") });
  const under =
    place === "outside"
      ? null
      : place.bed
        ? ({ kind: "bed", id: place.bed.id } as const)
        : place.shelterId === null
          ? null
          : ({ kind: "shelter", id: place.shelterId } as const);
  return keep(row, found, past.day, { kind: "temperature", under, tempC });
}

function readSeed(row: Row, found: Brought): Fact | null {
  const named = row.crop();
  if (!named) return fact("bringIn.noSuchCrop", { cell: row.cell("crop") });
  const { crop, variety } = named;
  const year = numberWithUnit(row.cell("year"))?.value ?? NaN;
  if (!(Number.isInteger(year) && year >= 1950 && year <= 2200)) {
    return fact("bringIn.noYear", { cell: row.cell("year") });
  }
  const cell = row.cell("amount");
  const amount = numberWithUnit(cell);
  const unit = amount?.unit ?? row.unit("amount");
  const isWeight = unit !== null && ["g", "grams", "kg", "oz", "lb", "lbs"].includes(unit);
  const value = isWeight ? gramsOf(cell, unit, "metric") : (amount?.value ?? null);
  if (value === null || value < 0 || (unit !== null && !isWeight && unit !== "seeds")) {
    return fact("bringIn.noNumber", { cell });
  }
  const id = row.id("lot");
  if (row.context.garden.seedLots.has(id)) return fact("bringIn.thereAlready");
  found.seedLots.push({
    id,
    cropId: crop.id,
    varietyId: variety?.id ?? crop.varieties[0]?.id ?? "",
    packedYear: year,
    amount: { unit: isWeight ? "grams" : "seeds", value },
    germinationTest: null,
    treated: false,
    note: row.note,
  });
  return null;
}

function readPlanting(row: Row, found: Brought): Fact | null {
  const named = row.crop();
  if (!named) return fact("bringIn.noSuchCrop", { cell: row.cell("crop") });
  if (row.day === null) return fact("bringIn.noDate", { cell: row.cell("date") });
  const place = row.place();
  if (place === null || place === "outside" || !place.bed) {
    return fact("bringIn.noSuchPlace", { cell: row.cell("place") });
  }
  if (row.context.garden.plantings.has(row.id("planting"))) return fact("bringIn.thereAlready");
  const planting = newPlanting(row, named.crop, named.variety, place.bed, row.day);
  return takeGround(row, found, planting, place.bed);
}

/** Puts a planting where it says, or, where it says nothing, where ground is free for its time. */
function takeGround(row: Row, found: Brought, planting: Planting | null, bed: Bed): Fact | null {
  if (!planting) return fact("bringIn.noNumber", { cell: row.cell("length") });
  const { site, garden } = row.context;
  const before = found.plantings.map((one) => [one.id, one] as const);
  const working = { ...garden, plantings: new Map([...garden.plantings, ...before]) };
  const fromM = freeGroundAt(site, working, bed, planting);
  const isElsewhere = row.cell("from") !== "" && fromM !== planting.fromM;
  if (fromM === null || isElsewhere) {
    return fact("bringIn.noFreeGround", { bed: bed.name, lengthM: planting.lengthM });
  }
  planting.fromM = fromM;
  found.plantings.push(planting);
  return null;
}

/** A planting as a row tells of it, by the book where it does not; null where its length is none. */
function newPlanting(
  row: Row,
  crop: Crop,
  variety: Variety | null,
  bed: Bed,
  day: DayNumber,
): Planting | null {
  const { units } = row.context.garden.settings;
  const typed = (field: "length" | "from", otherwise: number) => {
    const cell = row.cell(field);
    return cell === "" ? otherwise : metresOf(cell, row.unit(field), units);
  };
  const lengthM = typed("length", Math.min(bed.lengthM, LENGTH_M));
  const fromM = typed("from", 0);
  if (lengthM === null || fromM === null || lengthM <= 0 || fromM < 0) return null;
  const isMoved = /trans|plant|tray|cell/i.test(row.cell("method"));
  const canMove = crop.transplanting.tolerance !== "never";
  return {
    ...BY_THE_BOOK,
    ...bookSpacing(crop, "full", units),
    id: row.id("planting"),
    cropId: crop.id,
    varietyId: variety?.id ?? crop.varieties[0]?.id ?? "",
    bedId: bed.id,
    sowOn: isoDate(day),
    method: isMoved && canMove ? "transplant" : "direct",
    stage: /baby|young/i.test(row.cell("method")) && crop.babyLeaf ? "baby" : "full",
    fromM: exactM(fromM),
    lengthM: exactM(lengthM),
  };
}
