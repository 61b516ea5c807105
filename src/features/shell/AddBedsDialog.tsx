"use client";

import { z } from "zod";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { feet, metres } from "@/core/units";
import { gardenStore, newId } from "@/store/index";
import { amount, CoverField, LengthField, NumberField, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { settings as say } from "@/words/en/settings";

const MANY = say.add1To200BedsAtOnce;

const AddBedsSchema = z.object({
  name: z.string(),
  count: z.number({ error: MANY }).int(MANY).min(1, MANY).max(200, MANY),
  length: amount(say.enterTheLengthOfABed),
  width: amount(say.enterTheWidthOfABed),
  cover: z.string(),
});

type Fields = z.infer<typeof AddBedsSchema>;

/** Several beds alike at once: "Bed 1" to "Bed 4". */
export default function AddBedsDialog({
  garden,
  onClose,
}: {
  garden: Garden;
  onClose: () => void;
}) {
  const imperial = garden.settings.units === "imperial";
  const unit = imperial ? "ft" : "m";
  const form = useFields(AddBedsSchema, {
    name: say.bed,
    count: 4,
    length: imperial ? Math.round(feet(3)) : 3,
    width: imperial ? Math.round(feet(0.8)) : 0.8,
    cover: "",
  });
  const { control } = form;
  const save = form.handleSubmit(async (fields) => {
    const done = await gardenStore().dispatch("bed.addMany", {
      beds: bedsFrom(fields, garden, imperial),
    });
    if (!done.ok) return form.refuse(done.refusal);
    onClose();
    tell(fields.count === 1 ? say.bedAdded : say.bedsAdded({ count: fields.count }), "done", true);
  });
  return (
    <FormDialog
      title={say.addBeds}
      keepLabel={say.add}
      refusal={form.refusal}
      onSubmit={() => void save()}
      onClose={onClose}
    >
      <WordsField
        control={control}
        name="name"
        label={say.name}
        helperText={say.twoOrMoreAreNumbered}
      />
      <NumberField control={control} name="count" label={say.howMany} />
      <LengthField unit={unit} control={control} name="length" label={say.length({ unit })} />
      <LengthField unit={unit} control={control} name="width" label={say.width({ unit })} />
      <CoverField control={control} name="cover" />
    </FormDialog>
  );
}

function bedsFrom(fields: Fields, garden: Garden, imperial: boolean): Bed[] {
  const inMetres = (value: number) => exactM(imperial ? metres(value) : value);
  const taken = new Set([...garden.beds.values()].map((bed) => bed.name));
  const beds: Bed[] = [];
  for (let number = 1; beds.length < fields.count; number += 1) {
    const name =
      fields.count === 1 && !taken.has(fields.name) ? fields.name : `${fields.name} ${number}`;
    if (taken.has(name)) continue;
    taken.add(name);
    beds.push({
      id: newId("bed"),
      name,
      lengthM: inMetres(fields.length),
      widthM: inMetres(fields.width),
      shelterId: null,
      covers: fields.cover === "" ? [] : [fields.cover],
      horizon: null,
      position: null,
      history: [],
    });
  }
  return beds;
}
