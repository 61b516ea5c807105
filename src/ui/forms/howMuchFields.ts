import { z } from "zod";
import { exactM } from "@/core/layout";
import { USUAL_HOW_MUCH, type HowMuch } from "@/core/plantings";
import { kilograms, metres, type Units } from "@/core/units";
import { howMuchWrong } from "@/words/en/howMuch";
import { maybeAmount } from "./amounts";

/** How much is asked for, as a form holds it: to be spread into its schema. */
export const HOW_MUCH_FIELDS = {
  amountBy: z.enum(["people", "weight", "plants", "length", "room"]),
  /** In the units of the grower; NaN where nothing is typed. */
  amount: maybeAmount,
};
export type HowMuchFields = z.infer<z.ZodObject<typeof HOW_MUCH_FIELDS>>;

/** What a form begins with, and what each way of asking does. */
const STARTS: Record<HowMuchFields["amountBy"], Record<Units, number>> = {
  people: both(USUAL_HOW_MUCH.people),
  weight: { metric: 0.5, imperial: 1 },
  plants: both(12),
  length: { metric: 1, imperial: 4 },
  room: both(NaN),
};

export const USUAL_HOW_MUCH_FIELDS: HowMuchFields = startingWith(USUAL_HOW_MUCH.by, "metric");

/** A sensible amount to begin with, when it is asked for in another way. */
export function startingWith(amountBy: HowMuchFields["amountBy"], units: Units): HowMuchFields {
  return { amountBy, amount: STARTS[amountBy][units] };
}

/** Most that is taken for a number of people, plants or kilograms, so that a slip is told. */
const MOST = { people: 500, weight: 1000, plants: 100_000, length: 1000 };

/** How much the fields ask for, or what is still wrong with them in a sentence. */
export function howMuchFrom({ amountBy, amount }: HowMuchFields, units: Units): HowMuch | string {
  if (amountBy === "room") return { by: "room" };
  if (!(amount > 0 && amount <= MOST[amountBy])) return howMuchWrong[amountBy];
  switch (amountBy) {
    case "people":
      return { by: "people", people: amount };
    case "weight":
      return { by: "weight", kgAWeek: units === "imperial" ? kilograms(amount) : amount };
    case "plants":
      return Number.isInteger(amount) ? { by: "plants", plants: amount } : howMuchWrong.plants;
    case "length":
      return { by: "length", lengthM: exactM(units === "imperial" ? metres(amount) : amount) };
  }
}

function both(amount: number): Record<Units, number> {
  return { metric: amount, imperial: amount };
}
