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
import { FormDialog, NumberInput } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";
import {
  changedShelter,
  fieldsOf,
  freeName,
  KINDS,
  newShelter,
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
  const [fields, setFields] = useState<ShelterFields>(() =>
    shelter ? fieldsOf(shelter, units, year) : usual("house"),
  );
  const [refusal, setRefusal] = useState("");
  const set = (some: Partial<ShelterFields>) => setFields({ ...fields, ...some });
  const keep = async () => {
    const done = shelter
      ? await gardenStore().dispatch("shelter.edit", changedShelter(shelter, fields, imperial))
      : await gardenStore().dispatch("shelter.build", newShelter(garden, fields, newId));
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    tell(shelter ? `${fields.name} is changed.` : `${fields.name} is built.`, "done", true);
  };
  const takeDown = async () => {
    if (!shelter) return;
    const done = await gardenStore().dispatch("shelter.remove", { id: shelter.id });
    if (!done.ok) return tellRefusal(done);
    onClose();
    tell(`${shelter.name} is taken down; its beds stand in the open.`, "done", true);
  };
  const [long, warm] = imperial ? ["ft", "°F"] : ["m", "°C"];
  const number = (name: NumberField, label: string) => (
    <NumberInput label={label} value={fields[name]} onNumber={(value) => set({ [name]: value })} />
  );
  return (
    <FormDialog
      title={shelter ? `Change ${shelter.name}` : "Build a shelter"}
      refusal={refusal}
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
          onChange={(event) => setFields(usual(event.target.value as KindKey))}
        >
          {Object.entries(KINDS).map(([key, { words }]) => (
            <MenuItem key={key} value={key}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
      <TextField
        label="Name"
        value={fields.name}
        onChange={(event) => set({ name: event.target.value })}
      />
      <Row>
        {number("length", `Length (${long})`)}
        {number("width", `Width (${long})`)}
        {number("height", `Mean height (${long})`)}
        {!shelter && number("beds", "Beds in it")}
      </Row>
      <Row wide>
        <CoverField
          label="Cover"
          value={fields.cover}
          onChange={(cover) => set({ cover })}
          isInner={false}
        />
        <CoverField
          label="Inner cover"
          value={fields.inner}
          onChange={(inner) => set({ inner })}
          isInner
        />
      </Row>
      <Row>
        <TextField
          select
          label="Vents"
          value={fields.vent}
          onChange={(event) => set({ vent: event.target.value as ShelterFields["vent"] })}
        >
          <MenuItem value="automatic">Opened when warm</MenuItem>
          <MenuItem value="manual">By the clock</MenuItem>
          <MenuItem value="shut">Never opened</MenuItem>
        </TextField>
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
        <TextField
          select
          label="Film"
          value={fields.film}
          onChange={(event) => set({ film: event.target.value as ShelterFields["film"] })}
        >
          <MenuItem value="none">None</MenuItem>
          <MenuItem value="sun">For the sun</MenuItem>
          <MenuItem value="plain">Not for the sun</MenuItem>
        </TextField>
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

type NumberField =
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

interface CoverFieldProps {
  label: string;
  value: string;
  isInner: boolean;
  onChange: (cover: string) => void;
}

function CoverField({ label, value, isInner, onChange }: CoverFieldProps) {
  const choices = [...materials.values()].filter(
    ({ kind }) => !isInner || kind === "sheet" || kind === "tunnel",
  );
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
    >
      {isInner && <MenuItem value="">None</MenuItem>}
      {choices.map(({ id, name }) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
