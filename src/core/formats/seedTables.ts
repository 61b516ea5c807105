import { isoDate } from "../calendar";
import { varietyOf } from "../crops";
import { cropsOf, type Garden } from "../garden";
import type { SeedNeed } from "../propagation";
import type { Label } from "../trays";
import type { SeedLot } from "../seedBox";
import { ounces, type Units } from "../units";
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

/** The seed box as CSV, one lot a line, with its last germination test. */
export function writeSeedBoxCsv(garden: Garden): string {
  const { units } = garden.settings;
  const crops = cropsOf(garden);
  const rows = [...garden.seedLots.values()].map((lot) => {
    const crop = crops.get(lot.cropId);
    const test = lot.germinationTest;
    return {
      crop: crop?.name ?? lot.cropId,
      variety: (crop && varietyOf(crop, lot.varietyId)?.name) ?? lot.varietyId,
      packed_for: lot.packedYear,
      ...amountOf(lot, units),
      tested_seeds: test?.seeds ?? "",
      sprouted: test?.sprouted ?? "",
      tested_on: test?.testedOn ?? "",
      treated: lot.treated ? "treated" : "",
      note: lot.note,
      id: lot.id,
    };
  });
  return writeCsv(units, SEED_BOX_COLUMNS, rows);
}

const SEED_BOX_COLUMNS = [
  "crop",
  "variety",
  "packed_for",
  "amount",
  "unit",
  "tested_seeds",
  "sprouted",
  "tested_on",
  "treated",
  "note",
  "id",
];

/** Each with its unit, as some lots are counted and others weighed. */
function amountOf({ amount: { unit, value } }: SeedLot, units: Units) {
  if (unit === "seeds") return { amount: value, unit };
  if (units === "metric") return { amount: value, unit: "g" };
  return { amount: Number(ounces(value).toFixed(3)), unit: "oz" };
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
