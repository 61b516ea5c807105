"use client";

import Button from "@mui/material/Button";
import { z } from "zod";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { layoutOf } from "@/core/bedSpace";
import { feet, metres } from "@/core/units";
import { gardenStore } from "@/store";
import { amount, NumberField, useFields, WordsField } from "@/ui/forms";
import { SectionForm } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";
import { beds as say } from "@/words/en/beds";

interface Props {
  garden: Garden;
  bed: Bed;
}

const FIELDS = [
  { name: "lengthM", label: say.length },
  { name: "widthM", label: say.width },
  { name: "xM", label: say.centerFromLeft },
  { name: "yM", label: say.centerFromBottom },
  { name: "angleDeg", label: say.angle },
] as const;
type FieldName = (typeof FIELDS)[number]["name"];

const hundredth = (value: number) => Math.round(value * 100) / 100;

const BedFieldsSchema = z.object({
  name: z.string().trim().min(1, say.enterANameForTheBed),
  lengthM: amount(say.enterItsLength),
  widthM: amount(say.enterItsWidth),
  xM: amount(say.enterWhereItsCenterIs),
  yM: amount(say.enterWhereItsCenterIs),
  angleDeg: amount(say.enterItsAngle0IsAlongThePlot),
});

/** A bed's name, size and place as numbers, for who would rather type than drag. */
export function BedForm({ garden, bed }: Props) {
  const imperial = garden.settings.units === "imperial";
  const outline = layoutOf(garden).beds.get(bed.id);
  const exact = (name: FieldName): number => outline?.[name] ?? 0;
  const shown = (name: FieldName): number =>
    name === "angleDeg" ? exact(name) : hundredth(imperial ? feet(exact(name)) : exact(name));
  // Fields that are not touched follow the map.
  const form = useFields(BedFieldsSchema, {
    name: bed.name,
    lengthM: shown("lengthM"),
    widthM: shown("widthM"),
    xM: shown("xM"),
    yM: shown("yM"),
    angleDeg: shown("angleDeg"),
  });
  const { control, formState } = form;
  const { isDirty, dirtyFields } = formState;
  const keep = form.handleSubmit(async (typed) => {
    // What is shown is rounded: a length that was not touched keeps its exact value.
    const value = (name: FieldName): number => {
      if (!dirtyFields[name]) return exact(name);
      return name === "angleDeg"
        ? typed[name]
        : exactM(imperial ? metres(typed[name]) : typed[name]);
    };
    const done = await gardenStore().dispatch("bed.edit", {
      id: bed.id,
      name: typed.name,
      lengthM: value("lengthM"),
      widthM: value("widthM"),
      position: { xM: value("xM"), yM: value("yM"), angleDeg: value("angleDeg") },
    });
    if (!done.ok) return tellRefusal(done);
    form.settle(typed);
    tell(say.saved({ bed: bed.name }), "done", true);
  });
  const unit = imperial ? "ft" : "m";
  return (
    <SectionForm onSubmit={() => void keep()}>
      <WordsField
        control={control}
        name="name"
        size="small"
        label={say.name}
        sx={{ gridColumn: "span 2" }}
      />
      {FIELDS.map(({ name, label }) => (
        <NumberField
          unit={name === "angleDeg" ? undefined : unit}
          key={name}
          control={control}
          name={name}
          size="small"
          label={`${label} (${name === "angleDeg" ? "°" : unit})`}
        />
      ))}
      <Button type="submit" variant="outlined" disabled={!isDirty}>
        {say.save}
      </Button>
    </SectionForm>
  );
}
