"use client";

import Button from "@mui/material/Button";
import { z } from "zod";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { layoutOf } from "@/core/bedSpace";
import { feet, metres } from "@/core/wording";
import { gardenStore } from "@/store";
import { amount, NumberField, useFields, WordsField } from "@/ui/forms";
import { SectionForm } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";

interface Props {
  garden: Garden;
  bed: Bed;
}

const FIELDS = [
  { name: "lengthM", label: "Length" },
  { name: "widthM", label: "Width" },
  { name: "xM", label: "Middle, from left" },
  { name: "yM", label: "Middle, from foot" },
  { name: "angleDeg", label: "Turned" },
] as const;
type FieldName = (typeof FIELDS)[number]["name"];

const hundredth = (value: number) => Math.round(value * 100) / 100;

const BedFieldsSchema = z.object({
  name: z.string().trim().min(1, "Give the bed a name."),
  lengthM: amount("Say how long it is."),
  widthM: amount("Say how wide it is."),
  xM: amount("Say where its middle is."),
  yM: amount("Say where its middle is."),
  angleDeg: amount("Say how it is turned, 0 for along the plot."),
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
    tell(`${bed.name} is changed.`, "done", true);
  });
  const unit = imperial ? "ft" : "m";
  return (
    <SectionForm onSubmit={() => void keep()}>
      <WordsField
        control={control}
        name="name"
        size="small"
        label="Name"
        sx={{ gridColumn: "span 2" }}
      />
      {FIELDS.map(({ name, label }) => (
        <NumberField
          key={name}
          control={control}
          name={name}
          size="small"
          label={`${label} (${name === "angleDeg" ? "°" : unit})`}
        />
      ))}
      <Button type="submit" variant="outlined" disabled={!isDirty}>
        Keep
      </Button>
    </SectionForm>
  );
}
