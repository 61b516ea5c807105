"use client";

import InputAdornment from "@mui/material/InputAdornment";
import type { Control } from "react-hook-form";
import { NumberField } from "@/ui/forms";
import type { PlaceFields } from "./placeFields";

interface Props {
  control: Control<PlaceFields>;
  name: keyof PlaceFields;
  label: string;
  unit?: string;
}

/** A number of the place, with its unit behind it. */
export function PlaceNumber({ unit, ...field }: Props) {
  return (
    <NumberField
      {...field}
      size="small"
      slotProps={{
        // Fields filled by a choice elsewhere keep their label out of the way.
        inputLabel: { shrink: true },
        input:
          unit === undefined
            ? undefined
            : { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> },
      }}
    />
  );
}
