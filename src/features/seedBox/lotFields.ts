import { z } from "zod";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { SeedLot } from "@/core/seedBox";
import { ounces } from "@/core/units";
import { amount, maybeAmount } from "@/ui/forms";
import { newId } from "@/store/index";
import { seedBox as say } from "@/words/en/seedBox";

/** A seed lot as its form holds it; numbers that are left out are NaN. */
export const LotFieldsSchema = z.object({
  cropId: z.string().min(1, say.chooseTheCrop),
  varietyId: z.string(),
  packedYear: amount(say.enterTheYearOnThePacket),
  unit: z.enum(["seeds", "grams", "ounces"]),
  amount: amount(say.enterTheAmount),
  testSeeds: maybeAmount,
  testSprouted: maybeAmount,
  testedOn: z.string(),
  treated: z.boolean(),
  note: z.string(),
});
export type LotFields = z.infer<typeof LotFieldsSchema>;

const GRAMS_PER_OUNCE = 1 / ounces(1);

export function lotFieldsOf(lot: SeedLot | null, imperial: boolean, today: DayNumber): LotFields {
  const inOunces = imperial && lot?.amount.unit === "grams";
  const value = lot?.amount.value ?? NaN;
  return {
    cropId: lot?.cropId ?? "",
    varietyId: lot?.varietyId ?? "",
    packedYear: lot?.packedYear ?? Number(isoDate(today).slice(0, 4)),
    unit: inOunces ? "ounces" : (lot?.amount.unit ?? (imperial ? "ounces" : "grams")),
    amount: inOunces ? Math.round(ounces(value) * 1000) / 1000 : value,
    testSeeds: lot?.germinationTest?.seeds ?? NaN,
    testSprouted: lot?.germinationTest?.sprouted ?? NaN,
    testedOn: lot?.germinationTest?.testedOn ?? isoDate(today),
    treated: lot?.treated ?? false,
    note: lot?.note ?? "",
  };
}

/** The lot the fields say; a test only when one of its numbers is given. */
export function lotFrom(
  fields: LotFields,
  lot: SeedLot | null,
  imperial: boolean,
  today: DayNumber,
): SeedLot {
  const untouched = lot !== null && fields.amount === lotFieldsOf(lot, imperial, today).amount;
  const grams = fields.unit === "ounces" ? fields.amount * GRAMS_PER_OUNCE : fields.amount;
  const tested = !Number.isNaN(fields.testSeeds) || !Number.isNaN(fields.testSprouted);
  const unit = fields.unit === "seeds" ? "seeds" : "grams";
  return {
    id: lot?.id ?? newId("lot"),
    cropId: fields.cropId,
    varietyId: fields.varietyId,
    packedYear: fields.packedYear,
    // What is shown in ounces is rounded: an amount that was not touched keeps its exact value.
    amount: untouched && unit === lot.amount.unit ? lot.amount : { unit, value: grams },
    germinationTest: tested
      ? { seeds: fields.testSeeds, sprouted: fields.testSprouted, testedOn: fields.testedOn }
      : null,
    treated: fields.treated,
    note: fields.note,
  };
}
