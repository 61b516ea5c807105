"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { layoutOf } from "@/core/bedSpace";
import { feet, metres } from "@/core/wording";
import { gardenStore } from "@/store";
import { SectionForm, readTyped } from "@/ui/inputs";
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

/** A bed's name, size and place as numbers, for who would rather type than drag. */
export function BedForm({ garden, bed }: Props) {
  const imperial = garden.settings.units === "imperial";
  const outline = layoutOf(garden).beds.get(bed.id);
  const shown = (name: FieldName): number => {
    const value = outline?.[name] ?? 0;
    return name === "angleDeg" ? value : hundredth(imperial ? feet(value) : value);
  };
  // What is typed; fields that are not touched follow the map.
  const [typed, setTyped] = useState<Partial<Record<FieldName | "name", string>>>({});
  const value = (name: FieldName): number => {
    const text = typed[name];
    if (text === undefined) return outline?.[name] ?? 0;
    const number = readTyped(text);
    return name === "angleDeg" ? number : exactM(imperial ? metres(number) : number);
  };
  const keep = async () => {
    const done = await gardenStore().dispatch("bed.edit", {
      id: bed.id,
      name: typed.name ?? bed.name,
      lengthM: value("lengthM"),
      widthM: value("widthM"),
      position: { xM: value("xM"), yM: value("yM"), angleDeg: value("angleDeg") },
    });
    if (!done.ok) return tellRefusal(done);
    setTyped({});
    tell(`${bed.name} is changed.`, "done", true);
  };
  const unit = imperial ? "ft" : "m";
  return (
    <SectionForm onSubmit={() => void keep()}>
      <TextField
        size="small"
        label="Name"
        value={typed.name ?? bed.name}
        onChange={(event) => setTyped({ ...typed, name: event.target.value })}
        sx={{ gridColumn: "span 2" }}
      />
      {FIELDS.map(({ name, label }) => (
        <TextField
          key={name}
          size="small"
          label={`${label} (${name === "angleDeg" ? "°" : unit})`}
          value={typed[name] ?? String(shown(name))}
          onChange={(event) => setTyped({ ...typed, [name]: event.target.value })}
          slotProps={{ htmlInput: { inputMode: "decimal" } }}
        />
      ))}
      <Button type="submit" variant="outlined" disabled={Object.keys(typed).length === 0}>
        Keep
      </Button>
    </SectionForm>
  );
}
