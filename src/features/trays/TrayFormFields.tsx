"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Garden } from "@/core/garden";
import { NumberInput } from "@/ui/inputs/index";
import type { TrayFields } from "./trayFields";

interface Props {
  garden: Garden;
  fields: TrayFields;
  onFields: (fields: TrayFields) => void;
}

/** A tray's grid, size and place. */
export function TrayFormFields({ garden, fields, onFields }: Props) {
  const imperial = garden.settings.units === "imperial";
  const number = (name: "cells" | "columns" | "cellVolume" | "length" | "width", label: string) => (
    <NumberInput
      label={label}
      value={fields[name]}
      onNumber={(value) => onFields({ ...fields, [name]: value })}
    />
  );
  return (
    <>
      <TextField
        label="Name"
        value={fields.name}
        onChange={(event) => onFields({ ...fields, name: event.target.value })}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("cells", "Cells")}
        {number("columns", "In rows of")}
        {number("cellVolume", imperial ? "A cell (cu in)" : "A cell (mL)")}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("length", imperial ? "Length (in)" : "Length (cm)")}
        {number("width", imperial ? "Width (in)" : "Width (cm)")}
        <TextField
          select
          label="Stands on"
          value={fields.standId}
          onChange={(event) => onFields({ ...fields, standId: event.target.value })}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value="">Nowhere yet</MenuItem>
          {[...garden.stands.values()].map((stand) => (
            <MenuItem key={stand.id} value={stand.id}>
              {stand.name}
            </MenuItem>
          ))}
        </TextField>
      </Box>
    </>
  );
}
