"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { civilDate } from "@/core/calendar";
import type { Garden, Shelter } from "@/core/garden";
import { materials } from "@/core/shelter";
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
    tell(shelter ? `${typed.name} is changed.` : `${typed.name} is built.`, "done", true);
  });
  const takeDown = async () => {
    if (!shelter) return;
    const done = await gardenStore().dispatch("shelter.remove", { id: shelter.id });
    if (!done.ok) return tellRefusal(done);
    onClose();
    tell(`${shelter.name} is taken down; its beds stand in the open.`, "done", true);
  };
  const [long, warm] = imperial ? ["ft", "°F"] : ["m", "°C"];
  const number = (name: NumberName, label: string) => (
    <NumberField control={control} name={name} label={label} />
  );
  return (
    <FormDialog
      title={shelter ? `Change ${shelter.name}` : "Build a shelter"}
      refusal={form.refusal}
      keepLabel={shelter ? "Keep" : "Build it"}
      width="sm"
      more={
        shelter && (
          <Button color="inherit" onClick={() => void takeDown()}>
            Take it down
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      {!shelter && (
        <TextField
          select
          label="Kind"
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
      <WordsField control={control} name="name" label="Name" />
      <Row>
        {number("length", `Length (${long})`)}
        {number("width", `Width (${long})`)}
        {number("height", `Mean height (${long})`)}
        {!shelter && number("beds", "Beds in it")}
      </Row>
      <Row wide>
        <ChoiceField
          control={control}
          name="cover"
          label="Cover"
          choices={[...materials.values()].map(({ id, name }) => ({ value: id, words: name }))}
        />
        <ChoiceField
          control={control}
          name="inner"
          label="Inner cover"
          choices={[{ value: "", words: "None" }, ...INNER_COVERS]}
        />
      </Row>
      <Row>
        <ChoiceField
          control={control}
          name="vent"
          label="Vents"
          choices={[
            { value: "automatic", words: "Opened when warm" },
            { value: "manual", words: "By the clock" },
            { value: "shut", words: "Never opened" },
          ]}
        />
        {fields.vent === "automatic" && (
          <>
            {number("opensAt", `Begins to open at (${warm})`)}
            {number("wideAt", `Wide open at (${warm})`)}
          </>
        )}
        {fields.vent === "manual" && (
          <>
            {number("fromHour", "Opened at (hour)")}
            {number("toHour", "Shut at (hour)")}
          </>
        )}
      </Row>
      <Row>
        <ChoiceField
          control={control}
          name="film"
          label="Film"
          choices={[
            { value: "none", words: "None" },
            { value: "sun", words: "For the sun" },
            { value: "plain", words: "Not for the sun" },
          ]}
        />
        {fields.film !== "none" && number("filmYear", "Put on in (year)")}
        {number("barrelLitres", "Water in barrels (L)")}
      </Row>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", lineHeight: 1.5 }}>
        {fields.cover.startsWith("greenhouse")
          ? "Before you build: a house can need a permit, and must carry your snow and wind. Ask the local building office or a licensed engineer."
          : "Anchor it before the first wind: film and lights fly."}{" "}
        {fields.cover === "cold-frame-glass" && "Glass: gloves, and a prop that holds."}
      </Box>
    </FormDialog>
  );
}

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
const INNER_COVERS = [...materials.values()]
  .filter(({ kind }) => kind === "sheet" || kind === "tunnel")
  .map(({ id, name }) => ({ value: id, words: name }));
