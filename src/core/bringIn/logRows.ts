import { isoDate, type DayNumber } from "../calendar";
import type { Crop, Variety } from "../crops";
import { fact, type Fact } from "../facts";
import type { Bed, Planting } from "../garden";
import { LOSS_CAUSES, type Logged, type Work } from "../log";
import { plain, plantingsMeant, VERBS, type Deed } from "../logbook";
import { factsOf } from "../plantings";
import { celsiusOf, gramsOf, numberWithUnit } from "./cells";
import { newPlanting, takeGround } from "./plantingRows";
import { pastDay, type Brought, type NotBrought, type Row } from "./row";

/** @param part sets a second entry of the same row apart */
function keep(row: Row, found: Brought, day: DayNumber, what: Logged, part = ""): Fact | null {
  const id = `${row.id("log")}${part}`;
  if (row.isThere("log")) return fact("bringIn.thereAlready");
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
function meant(row: Row, deed: Deed["kind"], day: DayNumber): Meant | NotBrought {
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

/** Something that was picked. */
export function readHarvest(row: Row, found: Brought): Fact | null {
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

/** A sowing; one of which the plan knows nothing brings its planting. */
export function readSowing(row: Row, found: Brought): Fact | null {
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

/** A reading, outside or under a cover, or both of one night. */
export function readTemperature(row: Row, found: Brought): Fact | null {
  const past = pastDay(row);
  if ("problem" in past) return past.problem;
  const place = row.place();
  if (place === null) return fact("bringIn.noSuchPlace", { cell: row.cell("place") });
  const outside = row.cell("outside");
  const isBoth = outside !== "" && row.cell("temperature") !== "";
  const readings = [
    ...(row.cell("temperature") !== "" || outside === ""
      ? [{ field: "temperature" as const, under: underOf(place) }]
      : []),
    ...(outside === "" ? [] : [{ field: "outside" as const, under: null }]),
  ];
  const whats = readings.map(({ field, under }) => {
    const tempC = celsiusOf(row.cell(field), row.unit(field), row.context.garden.settings.units);
    const isReading = tempC !== null && tempC >= LOWEST_C && tempC <= HIGHEST_C;
    return isReading
      ? ({ kind: "temperature", under, tempC } as const)
      : fact("bringIn.noNumber", { cell: row.cell(field) });
  });
  const wrong = whats.find((what) => "code" in what);
  if (wrong && "code" in wrong) return wrong;
  for (const what of whats) {
    if ("code" in what) continue;
    const left = keep(row, found, past.day, what, isBoth && what.under === null ? "-outside" : "");
    if (left) return left;
  }
  return null;
}

/** What a thermometer of the log can show. */
const [LOWEST_C, HIGHEST_C] = [-60, 70];

function underOf(place: NonNullable<ReturnType<Row["place"]>>) {
  if (place === "outside") return null;
  if (place.bed) return { kind: "bed", id: place.bed.id } as const;
  return place.shelterId === null ? null : ({ kind: "shelter", id: place.shelterId } as const);
}

/** A line of a log that holds all kinds of things: what was done is read as the log's own line is. */
export function readLogged(row: Row, found: Brought): Fact | null {
  const words = plain(row.cell("deed"));
  if (TEMPERATURE.test(words)) return readTemperature(row, found);
  const deed = VERBS.get(words);
  if (!deed) return fact("bringIn.noSuchDeed", { cell: row.cell("deed") });
  if (deed.kind === "harvested") return readHarvest(row, found);
  if (deed.kind === "sown") return readSowing(row, found);
  const past = pastDay(row);
  if ("problem" in past) return past.problem;
  const { day } = past;
  const of = row.cell("crop") === "" ? null : meant(row, deed.kind, day);
  if (of && "problem" in of) return of.problem;
  if (deed.kind === "worked") return readWork(row, found, day, deed.work, of);
  if (deed.kind === "seen") return readWork(row, found, day, null, of);
  if (!of?.planting) return of ? noPlanting(row, of.crop, day) : noCrop(row);
  const what = deedOf(row, deed.kind, of.planting.id);
  return "code" in what ? what : keep(row, found, day, what);
}

const TEMPERATURE = /^(temperature|temp|reading)$/;

function noCrop(row: Row): Fact {
  return fact("bringIn.noSuchCrop", { cell: row.cell("crop") });
}

/** Work on a bed or a planting, or, without a work, something that was seen there. */
function readWork(
  row: Row,
  found: Brought,
  day: DayNumber,
  work: Work | null,
  of: Meant | null,
): Fact | null {
  const place = row.place();
  if (place === null) return fact("bringIn.noSuchPlace", { cell: row.cell("place") });
  const bed = of?.bed ?? (place === "outside" ? null : place.bed);
  const where = { bedId: bed?.id ?? null, plantingId: of?.planting?.id ?? null };
  if (work === null) return keep(row, found, day, { kind: "seen", ...where, pestId: null });
  const at = bed?.name ?? row.cell("place");
  const subject = of?.crop.name ?? at;
  if (subject === "") return fact("bringIn.noSuchPlace", { cell: "" });
  return keep(row, found, day, {
    kind: "worked",
    work,
    subject,
    place: at === "" ? subject : at,
    ...where,
  });
}

/** What befell a planting, with the numbers of the row; or which of them is none. */
function deedOf(
  row: Row,
  kind: "emerged" | "plantedOut" | "lost" | "cleared",
  plantingId: string,
): Logged | Fact {
  const whole = (field: "count" | "outOf") => {
    const cell = row.cell(field);
    const value = cell === "" ? null : (numberWithUnit(cell)?.value ?? NaN);
    return value === null || (Number.isInteger(value) && value >= 0)
      ? value
      : fact("bringIn.noNumber", { cell });
  };
  const [count, outOf] = [whole("count"), whole("outOf")];
  if (count !== null && typeof count === "object") return count;
  if (outOf !== null && typeof outOf === "object") return outOf;
  switch (kind) {
    case "emerged":
      return { kind, plantingId, up: count, outOf };
    case "plantedOut":
      return { kind, plantingId, plants: count };
    case "cleared":
      return { kind, plantingId };
    case "lost": {
      const cell = row.cell("share");
      const share = cell === "" ? 1 : shareOf(cell);
      if (share === null) return fact("bringIn.noNumber", { cell });
      const named = plain(row.cell("cause"));
      const cause = LOSS_CAUSES.find((one) => one === named) ?? "other";
      return { kind, plantingId, cause, share };
    }
  }
}

/** "0.4", "40 %" as a share; null for anything else. */
function shareOf(cell: string): number | null {
  const value = numberWithUnit(cell.replace("%", ""))?.value ?? NaN;
  const share = cell.includes("%") ? value / 100 : value;
  return share > 0 && share <= 1 ? share : null;
}
