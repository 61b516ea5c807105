"use client";

import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import type { UseFormRegister } from "react-hook-form";
import type { PlaceFields } from "./placeFields";

interface Props {
  name: keyof PlaceFields;
  label: string;
  unit?: string;
  register: UseFormRegister<PlaceFields>;
  problems: Partial<Record<keyof PlaceFields, string>>;
}

/** A typed field of the place, with its unit behind it and what is wrong below it. */
export function NumberField({ name, label, unit, register, problems }: Props) {
  return (
    <TextField
      size="small"
      label={label}
      error={problems[name] !== undefined}
      helperText={problems[name]}
      slotProps={{
        // Fields filled by a choice elsewhere keep their label out of the way.
        inputLabel: { shrink: true },
        input:
          unit === undefined
            ? undefined
            : { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> },
      }}
      {...register(name)}
    />
  );
}
