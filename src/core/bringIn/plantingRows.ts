import { freeGroundAt } from "../bedSpace";
import { isIsoDate, isoDate, type DayNumber } from "../calendar";
import type { Crop, Variety } from "../crops";
import { fact, type Fact } from "../facts";
import type { Bed, Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import { exactM } from "../layout";
import { bookSpacing } from "../plantings";
import { metresOf } from "./cells";
import type { Brought, Row } from "./row";

/** A planting of which no length is told, m. */
const LENGTH_M = 1;

/** A planting of the plan. */
export function readPlanting(row: Row, found: Brought): Fact | null {
  const named = row.crop();
  if (!named) return fact("bringIn.noSuchCrop", { cell: row.cell("crop") });
  if (row.day === null) return fact("bringIn.noDate", { cell: row.cell("date") });
  const place = row.place();
  if (place === null || place === "outside" || !place.bed) {
    return fact("bringIn.noSuchPlace", { cell: row.cell("place") });
  }
  if (row.isThere("planting")) return fact("bringIn.thereAlready");
  const clearOn = row.cell("clearOn");
  if (clearOn !== "" && !isIsoDate(clearOn)) return fact("bringIn.noDate", { cell: clearOn });
  const planting = newPlanting(row, named.crop, named.variety, place.bed, row.day);
  return takeGround(row, found, planting, place.bed);
}

/** Puts a planting where it says, or, where it says nothing, where ground is free for its time. */
export function takeGround(
  row: Row,
  found: Brought,
  planting: Planting | null,
  bed: Bed,
): Fact | null {
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
export function newPlanting(
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
  const spacing = spacingOf(row);
  if (spacing === null) return null;
  const clearOn = row.cell("clearOn");
  const isMoved = /trans|plant|tray|cell/i.test(row.cell("method"));
  const isBaby = /baby|young/i.test(`${row.cell("method")} ${row.cell("stage")}`);
  const canMove = crop.transplanting.tolerance !== "never";
  return {
    ...BY_THE_BOOK,
    ...bookSpacing(crop, "full", units),
    ...spacing,
    id: row.id("planting"),
    cropId: crop.id,
    varietyId: variety?.id ?? crop.varieties[0]?.id ?? "",
    bedId: bed.id,
    sowOn: isoDate(day),
    method: isMoved && canMove ? "transplant" : "direct",
    stage: isBaby && crop.babyLeaf ? "baby" : "full",
    clearOn: isIsoDate(clearOn) && clearOn > isoDate(day) ? clearOn : null,
    fromM: exactM(fromM),
    lengthM: exactM(lengthM),
  };
}

/** The distances that a row names; null where one of them is none. */
function spacingOf(row: Row): Partial<Pick<Planting, "rowCm" | "inRowCm">> | null {
  const spacing: Partial<Pick<Planting, "rowCm" | "inRowCm">> = {};
  for (const [field, name] of [
    ["betweenRows", "rowCm"],
    ["inRow", "inRowCm"],
  ] as const) {
    const cell = row.cell(field);
    if (cell === "") continue;
    const lengthM = metresOf(cell, row.unit(field), row.context.garden.settings.units);
    if (lengthM === null || lengthM < LEAST_SPACING_M || lengthM > MOST_SPACING_M) return null;
    spacing[name] = Math.round(lengthM * 10_000) / 100;
  }
  return spacing;
}

/** What a garden takes for a distance between plants. */
const [LEAST_SPACING_M, MOST_SPACING_M] = [0.002, 5];
