import { isoDate } from "../calendar";
import type { SeedNeed } from "../propagation";
import type { Label } from "../trays";
import type { Units } from "../units";
import { writeCsv } from "./csv";

/** Labels as CSV, one a line: for other printers, and for writing by hand. */
export function writeLabelsCsv(labels: readonly Label[], units: Units): string {
  const rows = labels.map((label) => ({
    crop: label.crop,
    variety: label.variety,
    sown_on: label.sownOn,
    count: label.count,
    counted: label.counted,
    row_cm: label.rowCm,
    in_row_cm: label.inRowCm,
    plants_together: label.together,
    where: label.where,
    treated: label.treated ? "treated" : "",
  }));
  const fields = [
    "crop",
    "variety",
    "sown_on",
    "count",
    "counted",
    "row_cm",
    "in_row_cm",
    "plants_together",
    "where",
    "treated",
  ];
  return writeCsv(units, fields, rows);
}

/** What the plan wants sown and what is to be ordered for it, as CSV, one variety a line. */
export function writeOrderCsv(needs: readonly SeedNeed[], units: Units): string {
  const rows = needs.map((need) => ({
    crop: need.crop.name,
    variety: need.variety.name,
    sow_from: isoDate(need.firstSowDay),
    plants: need.plants,
    seeds_needed: need.seeds,
    seeds_good_in_box: need.worthInBox,
    seeds_to_order: need.toOrder,
    grams_to_order: Math.round(need.toOrderGrams * 100) / 100,
  }));
  const fields = [
    "crop",
    "variety",
    "sow_from",
    "plants",
    "seeds_needed",
    "seeds_good_in_box",
    "seeds_to_order",
    "grams_to_order",
  ];
  return writeCsv(units, fields, rows);
}
