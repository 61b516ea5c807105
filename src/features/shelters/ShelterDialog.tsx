"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { civilDate } from "@/core/calendar";
import type { Garden, Shelter } from "@/core/garden";
import { materials, type Material } from "@/core/shelter";
import { gardenStore, todayOf, newId } from "@/store";
import { ChoiceField, NumberField, readable, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";
import {
  changedShelter,
  fieldsOf,
  freeName,
  KINDS,
  newShelter,
  ShelterFieldsSchema,
  usualFields,
  type KindKey,
  type ShelterFields,
} from "./shelterFields";
import { materialWords } from "@/words/covers";
import { useWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  garden: Garden;
  /** The shelter to change; null to build a new one. */
  shelter: Shelter | null;
  onClose: () => void;
}

/** A shelter built, or one that stands changed: kind, size, covers, vents, barrels, film. */
export default function ShelterDialog({ garden, shelter, onClose }: Props) {
  const { units } = garden.settings;
  const imperial = units === "imperial";
  const { year } = civilDate(todayOf(garden));
  const usual = (kind: KindKey): ShelterFields => {
    const fields = usualFields(kind, units, year);
    return { ...fields, name: freeName(garden, fields.name) };
  };
  // What it begins with is as the dialog opened: choosing another kind begins anew.
  const [start] = useState(() => (shelter ? fieldsOf(shelter, units, year) : usual("house")));
  const form = useFields(ShelterFieldsSchema, start);
  const { control } = form;
  const fields = readable(form.watch());
  const keep = form.handleSubmit(async (typed) => {
    const done = shelter
      ? await gardenStore().dispatch("shelter.edit", changedShelter(shelter, typed, imperial))
      : await gardenStore().dispatch("shelter.build", newShelter(garden, typed, newId));
    if (!done.ok) return form.refuse(done.refusal);
    onClose();
    tell(
      shelter ? say.saved({ typed: typed.name }) : say.added({ typed: typed.name }),
      "done",
      true,
    );
  });
  const takeDown = async () => {
    if (!shelter) return;
    const done = await gardenStore().dispatch("shelter.remove", { id: shelter.id });
    if (!done.ok) return tellRefusal(done);
    onClose();
    tell(say.removedItsBedsAreNowUncovered({ shelter: shelter.name }), "done", true);
  };
  const wording = useWording();
  const long = imperial ? "ft" : "m";
  const warm = imperial ? "°F" : "°C";
  const choice = (one: Material) => ({ value: one.id, words: materialWords(one, wording) });
  const number = (name: NumberName, label: string) => (
    <NumberField
      control={control}
      name={name}
      label={label}
      unit={LENGTHS.has(name) ? long : undefined}
    />
  );
  return (
    <FormDialog
      title={shelter ? say.change({ shelter: shelter.name }) : say.addAShelter}
      refusal={form.refusal}
      keepLabel={shelter ? say.save : say.addShelter}
      width="sm"
      more={
        shelter && (
          <Button color="inherit" onClick={() => void takeDown()}>
            {say.removeShelter}
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      {!shelter && (
        <TextField
          select
          label={say.kind}
          value={fields.kind}
          onChange={(event) => form.set(usual(event.target.value as KindKey))}
        >
          {Object.entries(KINDS).map(([key, { words }]) => (
            <MenuItem key={key} value={key}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
      <WordsField control={control} name="name" label={say.name} />
      <Row>
        {number("length", say.length({ long }))}
        {number("width", say.width({ long }))}
        {number("height", say.averageHeight({ long }))}
        {!shelter && number("beds", say.bedsInside)}
      </Row>
      <Row wide>
        <ChoiceField
          control={control}
          name="cover"
          label={say.cover}
          choices={[...materials.values()].map(choice)}
        />
        <ChoiceField
          control={control}
          name="inner"
          label={say.innerCover}
          choices={[{ value: "", words: say.none }, ...INNER_COVERS.map(choice)]}
        />
      </Row>
      <Row>
        <ChoiceField
          control={control}
          name="vent"
          label={say.vents}
          choices={[
            { value: "automatic", words: say.openWhenWarm },
            { value: "manual", words: say.openAtSetHours },
            { value: "shut", words: say.alwaysClosed },
          ]}
        />
        {fields.vent === "automatic" && (
          <>
            {number("opensAt", say.startsToOpenAt({ warm }))}
            {number("wideAt", say.fullyOpenAt({ warm }))}
          </>
        )}
        {fields.vent === "manual" && (
          <>
            {number("fromHour", say.opensAtHour)}
            {number("toHour", say.closesAtHour)}
          </>
        )}
      </Row>
      <Row>
        <ChoiceField
          control={control}
          name="film"
          label={say.film}
          choices={[
            { value: "none", words: say.none },
            { value: "sun", words: say.uvStabilized },
            { value: "plain", words: say.notUvStabilized },
          ]}
        />
        {fields.film !== "none" && number("filmYear", say.installedYear)}
        {number("barrelLitres", say.waterBarrels({ unit: imperial ? "gal" : "L" }))}
      </Row>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", lineHeight: 1.5 }}>
        {fields.cover.startsWith("greenhouse")
          ? say.beforeYouBuildAGreenhouseMayNeedA
          : say.anchorItBeforeTheFirstWindFilmAnd}{" "}
        {fields.cover === "cold-frame-glass" && say.glassWearGlovesAndUseAPropThat}
      </Box>
    </FormDialog>
  );
}

const LENGTHS: ReadonlySet<string> = new Set(["length", "width", "height"]);

type NumberName =
  | "length"
  | "width"
  | "height"
  | "beds"
  | "opensAt"
  | "wideAt"
  | "fromHour"
  | "toHour"
  | "filmYear"
  | "barrelLitres";

/** Fields beside each other; two to a row where their words are long. */
function Row({ children, wide }: { children: React.ReactNode; wide?: boolean }) {
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: {
          xs: "1fr",
          sm: wide ? "1fr 1fr" : "repeat(auto-fit, minmax(112px, 1fr))",
        },
        gap: 1.5,
      }}
    >
      {children}
    </Box>
  );
}

/** What lies inside another cover. */
const INNER_COVERS = [...materials.values()].filter(
  ({ kind }) => kind === "sheet" || kind === "tunnel",
);
