"use client";

import { z } from "zod";
import { isoDate } from "@/core/calendar";
import { CONTAINER_KINDS } from "@/core/containers";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { feet, metres } from "@/core/units";
import { gardenStore, newId, useToday } from "@/store/index";
import {
  CONTAINER_FIELDS,
  ContainerFields,
  refineContainer,
  rowFrom,
  usualContainer,
} from "@/ui/containers";
import {
  ChoiceField,
  CoverField,
  LengthField,
  maybeAmount,
  NumberField,
  useFields,
  WordsField,
} from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { containers as containerSay } from "@/words/en/containers";
import { settings as say } from "@/words/en/settings";

const MANY = say.add1To200BedsAtOnce;

const AddBedsSchema = z
  .object({
    /** Beds in the ground, or a kind of container. */
    what: z.enum(["bed", ...CONTAINER_KINDS]),
    name: z.string(),
    count: z.number({ error: MANY }).int(MANY).min(1, MANY).max(200, MANY),
    length: maybeAmount,
    width: maybeAmount,
    cover: z.string(),
    ...CONTAINER_FIELDS,
  })
  .superRefine((fields, context) => {
    if (fields.what !== "bed") return refineContainer(fields, context);
    const need = (path: "length" | "width", message: string) => {
      if (!Number.isFinite(fields[path]))
        context.addIssue({ code: "custom", path: [path], message });
    };
    need("length", say.enterTheLengthOfABed);
    need("width", say.enterTheWidthOfABed);
  });

type Fields = z.infer<typeof AddBedsSchema>;

/** Several beds alike at once, "Bed 1" to "Bed 4"; or a row of containers, which is one place to grow in. */
export default function AddBedsDialog({
  garden,
  onClose,
}: {
  garden: Garden;
  onClose: () => void;
}) {
  const imperial = garden.settings.units === "imperial";
  const unit = imperial ? "ft" : "m";
  const today = isoDate(useToday(garden));
  const { units } = garden.settings;
  const form = useFields<Fields>(AddBedsSchema, {
    ...usualContainer("pot", units),
    what: "bed",
    name: say.bed,
    count: 4,
    length: imperial ? Math.round(feet(3)) : 3,
    width: imperial ? Math.round(feet(0.8)) : 0.8,
    cover: "",
  });
  const { control } = form;
  const what = form.watch("what");
  const chosen = (value: Fields["what"]) => {
    if (value === "bed") return form.set({ name: say.bed });
    const count = value === "pot" ? 3 : 2;
    form.set({ ...usualContainer(value, units), name: containerSay[value].split(",")[0], count });
  };
  const save = form.handleSubmit(async (fields) => {
    const done = await gardenStore().dispatch("bed.addMany", {
      beds:
        fields.what === "bed" ? bedsFrom(fields, garden, imperial) : [rowOf(fields, garden, today)],
    });
    if (!done.ok) return form.refuse(done.refusal);
    onClose();
    const isOne = fields.count === 1 || fields.what !== "bed";
    tell(isOne ? say.bedAdded : say.bedsAdded({ count: fields.count }), "done", true);
  });
  return (
    <FormDialog
      title={say.addBeds}
      keepLabel={say.add}
      refusal={form.refusal}
      onSubmit={() => void save()}
      onClose={onClose}
    >
      <ChoiceField
        control={control}
        name="what"
        label={containerSay.what}
        choices={(["bed", ...CONTAINER_KINDS] as const).map((value) => ({
          value,
          words: containerSay[value],
        }))}
        onSettled={() => chosen(form.getValues("what"))}
      />
      <WordsField
        control={control}
        name="name"
        label={say.name}
        helperText={what === "bed" ? say.twoOrMoreAreNumbered : undefined}
      />
      <NumberField control={control} name="count" label={say.howMany} />
      {what === "bed" ? (
        <>
          <LengthField unit={unit} control={control} name="length" label={say.length({ unit })} />
          <LengthField unit={unit} control={control} name="width" label={say.width({ unit })} />
          <CoverField control={control} name="cover" />
        </>
      ) : (
        <ContainerFields form={form} garden={garden} withPlace />
      )}
    </FormDialog>
  );
}

/** A row of containers as one place to grow in, under a name that is free. */
function rowOf(fields: Fields, garden: Garden, today: string): Bed {
  const taken = new Set([...garden.beds.values()].map((bed) => bed.name));
  let name = fields.name;
  for (let number = 2; taken.has(name); number += 1) name = `${fields.name} ${number}`;
  return {
    id: newId("bed"),
    name,
    ...rowFrom(fields, fields.count, today, garden.settings.units),
    shelterId: null,
    covers: [],
    horizon: null,
    position: null,
    history: [],
  };
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
