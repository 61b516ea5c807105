"use client";

import type { FieldPath, FieldValues } from "react-hook-form";
import type { Units } from "@/core/units";
import { howMuch as say, howMuchWays } from "@/words/en/howMuch";
import { ChoiceField, NumberField } from "./fields";
import { startingWith, type HowMuchFields } from "./howMuchFields";
import type { Fields } from "./useFields";

interface Props<F extends FieldValues & HowMuchFields> {
  form: Fields<F>;
  units: Units;
}

const WAYS = ["people", "weight", "plants", "length", "room"] as const;

/** How much is wanted: people to feed, a weight a week, plants, a length, or all the room there is. */
export function HowMuchField<F extends FieldValues & HowMuchFields>({ form, units }: Props<F>) {
  const { control } = form;
  const amountBy = form.watch("amountBy" as FieldPath<F>) as HowMuchFields["amountBy"];
  const unit = units === "imperial" ? "ft" : "m";
  const label = {
    people: say.people,
    weight: say.weightAWeek({ unit: units === "imperial" ? "lb" : "kg" }),
    plants: say.plants,
    length: say.length({ unit }),
    room: "",
  }[amountBy];
  return (
    <>
      <ChoiceField
        control={control}
        name={"amountBy" as FieldPath<F>}
        label={say.howMuch}
        choices={WAYS.map((value) => ({ value, words: howMuchWays[value] }))}
        onSettled={() => {
          const chosen = form.getValues("amountBy" as FieldPath<F>) as HowMuchFields["amountBy"];
          form.set(startingWith(chosen, units) as Partial<F>);
        }}
      />
      {amountBy !== "room" && (
        <NumberField
          control={control}
          name={"amount" as FieldPath<F>}
          label={label}
          unit={amountBy === "length" ? unit : undefined}
        />
      )}
    </>
  );
}
