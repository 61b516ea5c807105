import { isIsoDate } from "../calendar";
import { fact, type Fact } from "../facts";
import type { SeedLot } from "../seedBox";
import { gramsOf, numberWithUnit } from "./cells";
import type { Brought, Row } from "./row";

/** Seed for the box: a lot a row. */
export function readSeed(row: Row, found: Brought): Fact | null {
  const named = row.crop();
  if (!named) return fact("bringIn.noSuchCrop", { cell: row.cell("crop") });
  const { crop, variety } = named;
  const year = numberWithUnit(row.cell("year"))?.value ?? NaN;
  if (!(Number.isInteger(year) && year >= 1950 && year <= 2200)) {
    return fact("bringIn.noYear", { cell: row.cell("year") });
  }
  const cell = row.cell("amount");
  const amount = numberWithUnit(cell);
  const unit = amount?.unit ?? (row.cell("unit").toLowerCase() || row.unit("amount"));
  const isWeight = unit !== null && ["g", "grams", "kg", "oz", "lb", "lbs"].includes(unit);
  const value = isWeight ? gramsOf(cell, unit, "metric") : (amount?.value ?? null);
  if (value === null || value < 0 || (unit !== null && !isWeight && unit !== "seeds")) {
    return fact("bringIn.noNumber", { cell });
  }
  const germinationTest = testOf(row);
  if (germinationTest !== null && "code" in germinationTest) return germinationTest;
  const id = row.id("lot");
  if (row.isThere("lot")) return fact("bringIn.thereAlready");
  found.seedLots.push({
    id,
    cropId: crop.id,
    varietyId: variety?.id ?? crop.varieties[0]?.id ?? "",
    packedYear: year,
    amount: { unit: isWeight ? "grams" : "seeds", value },
    germinationTest,
    // Who treats seed must not find it untreated: anything but a plain no counts.
    treated: !/^(|no|n|false|0|nein|non|nee)$/i.test(row.cell("treated")),
    note: row.note,
  });
  return null;
}

/** A germination test, where a row tells of a whole one; or what of it cannot be. */
function testOf(row: Row): SeedLot["germinationTest"] | Fact {
  const [seedsCell, sproutedCell, testedOn] = [
    row.cell("testedSeeds"),
    row.cell("sprouted"),
    row.cell("testedOn"),
  ];
  if (seedsCell === "" || sproutedCell === "") return null;
  const seeds = numberWithUnit(seedsCell)?.value ?? NaN;
  const sprouted = numberWithUnit(sproutedCell)?.value ?? NaN;
  if (!(Number.isInteger(seeds) && seeds >= 1 && seeds <= MOST_TESTED)) {
    return fact("bringIn.noNumber", { cell: seedsCell });
  }
  if (!(Number.isInteger(sprouted) && sprouted >= 0 && sprouted <= seeds)) {
    return fact("bringIn.noNumber", { cell: sproutedCell });
  }
  if (!isIsoDate(testedOn)) return fact("bringIn.noDate", { cell: testedOn });
  return { seeds, sprouted, testedOn };
}

const MOST_TESTED = 1000;
