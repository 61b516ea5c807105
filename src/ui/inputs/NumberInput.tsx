"use client";

import TextField, { type TextFieldProps } from "@mui/material/TextField";
import { useState } from "react";
import type { LengthUnit } from "@/core/typed";
import { readTyped, readTypedLength, shown } from "./typedNumber";

interface Props extends Omit<TextFieldProps, "value" | "defaultValue" | "onChange" | "type"> {
  /** NaN for nothing. */
  value: number;
  /** For a length: the unit of `value`, and of what is typed without one. */
  unit?: LengthUnit;
  /** Called at each key with what the text says so far; NaN for nothing, or no number. */
  onNumber: (value: number, isUnreadable: boolean) => void;
}

/**
 * A field for a number, or for a length in any unit ("30 in", "2' 6\"", "80 cm"). What is typed
 * stays as it is typed, also "7," on the way to "7,5".
 */
export function NumberInput({ value, unit, onNumber, slotProps, ...field }: Props) {
  const read = (text: string) => (unit ? readTypedLength(text, unit) : readTyped(text));
  /** Whether something is typed that is no number. */
  const isUnreadable = (text: string) => text.trim() !== "" && Number.isNaN(read(text));
  const [typed, setTyped] = useState<string | null>(null);
  const follows =
    typed !== null && (isUnreadable(typed) ? !Number.isFinite(value) : read(typed) === value);
  return (
    <TextField
      {...field}
      value={follows ? typed : Number.isFinite(value) ? shown(tidy(value)) : ""}
      onChange={(event) => {
        setTyped(event.target.value);
        onNumber(read(event.target.value), isUnreadable(event.target.value));
      }}
      onBlur={(event) => {
        // What is no number stays, to be put right; a number is shown as it was read.
        if (!isUnreadable(event.target.value)) setTyped(null);
        field.onBlur?.(event);
      }}
      slotProps={{
        ...slotProps,
        htmlInput: { inputMode: unit ? "text" : "decimal", ...slotProps?.htmlInput },
      }}
    />
  );
}

const SHOWN_DIGITS = 1e4;

/** As many digits as anybody measures: 80 cm are 2.6247 ft. */
function tidy(value: number): number {
  return Math.round(value * SHOWN_DIGITS) / SHOWN_DIGITS;
}
