import type { Crop } from "@/core/crops";
import { exactM } from "@/core/layout";
import { amountsFor, amountSums, bookSpacing, usualYieldKg, type Stand } from "@/core/plantings";
import { readLength, type LengthUnit } from "@/core/typed";
import { centimetres, metres, type Units } from "@/core/units";
import { tell } from "@/words";
import { plainWording } from "@/words/plain";
import { cli as say } from "@/words/en/cli";
import { optional, Refusal, required, type Arguments } from "../arguments";
import { cropFrom, unitsFrom } from "../gardenInput";
import { UNITS_OPTION, type Verb } from "../verb";

export const amounts: Verb = {
  name: "amounts",
  usage: say.amountsUsage,
  summary: say.plantsSeedsCellsAndYieldOfAStretchOfBed,
  positional: 0,
  options: [
    { name: "crop", takes: "value", help: say.aCropsId },
    { name: "length", takes: "value", help: say.lengthOfTheBed },
    { name: "width", takes: "value", help: say.widthOfTheBed },
    { name: "between-rows", takes: "value", help: say.distanceBetweenRows },
    { name: "in-row", takes: "value", help: say.distanceBetweenStations },
    { name: "together", takes: "value", help: say.plantsAtAStation },
    { name: "seeds-per-hole", takes: "value", help: say.seedsInEachHole },
    { name: "transplant", takes: "nothing", help: say.startedInTraysAndTransplanted },
    UNITS_OPTION,
  ],
  run(given) {
    const { crop } = cropFrom(given);
    const units = unitsFrom(given);
    const stand = standFrom(given, crop, units);
    const method = given.options.has("transplant") ? "transplant" : "direct";
    const found = amountsFor(stand, crop, method);
    const wording = plainWording(units);
    return {
      json: {
        plants: found.plants,
        rows: found.rows,
        stations: found.stations,
        seeds: found.seeds,
        cells: found.cells,
        weightG: rounded(found.seedGrams, 3),
        yieldKg: rounded(usualYieldKg(stand, crop, method, "full"), 2),
        why: amountSums(stand, crop, found).map((sum) => tell(sum, wording)),
      },
    };
  },
};

function standFrom(given: Arguments, crop: Crop, units: Units): Stand {
  const book = bookSpacing(crop, "full", units);
  const isImperial = units === "imperial";
  const long = (name: string) => {
    const value = lengthFrom(required(given, name), name, isImperial ? "ft" : "m");
    return exactM(isImperial ? metres(value) : value);
  };
  const short = (name: string, usual: number) => {
    const typed = optional(given, name);
    if (typed === undefined) return usual;
    const value = lengthFrom(typed, name, isImperial ? "in" : "cm");
    return isImperial ? centimetres(value) : value;
  };
  const stand: Stand = {
    lengthM: long("length"),
    widthM: long("width"),
    rowCm: short("between-rows", book.rowCm),
    inRowCm: short("in-row", book.inRowCm),
    plantsPerStation: countFrom(given, "together", 15) ?? 1,
    seedsPerHole: countFrom(given, "seeds-per-hole", 50),
    arrangement: "rows",
    potCm: null,
    spacingFactor: 1,
  };
  if (stand.rowCm > stand.widthM * 100 + 0.1) {
    throw new Refusal(say.rowsAreWiderThanTheBed);
  }
  return stand;
}

const LONGEST = 5000;

function lengthFrom(typed: string, name: string, unit: LengthUnit): number {
  const value = readLength(typed, unit);
  if (!(value > 0 && value <= LONGEST)) throw new Refusal(say.shouldBeALength({ name, typed }));
  return value;
}

function countFrom(given: Arguments, name: string, most: number): number | null {
  const typed = optional(given, name);
  if (typed === undefined) return null;
  const value = Number(typed);
  if (!Number.isInteger(value) || value < 1 || value > most) {
    throw new Refusal(say.shouldBeAWholeNumber({ name, typed, most }));
  }
  return value;
}

function rounded(value: number, digits: number): number {
  const scale = 10 ** digits;
  return Math.round(value * scale) / scale;
}
