"use client";

import TextField, { type TextFieldProps } from "@mui/material/TextField";
import { useState } from "react";
import { readTyped, shown } from "./typedNumber";

interface Props extends Omit<TextFieldProps, "value" | "defaultValue" | "onChange" | "type"> {
  /** NaN for nothing. */
  value: number;
  /** Called at each key with what the text says so far; NaN for nothing, or no number. */
  onNumber: (value: number) => void;
}

/** A field for a number. What is typed stays as it is typed, also "7," on the way to "7,5". */
export function NumberInput({ value, onNumber, slotProps, ...field }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const follows = typed !== null && Object.is(readTyped(typed), value);
  return (
    <TextField
      {...field}
      value={follows ? typed : Number.isNaN(value) ? "" : shown(value)}
      onChange={(event) => {
        setTyped(event.target.value);
        onNumber(readTyped(event.target.value));
      }}
      onBlur={(event) => {
        setTyped(null);
        field.onBlur?.(event);
      }}
      slotProps={{ ...slotProps, htmlInput: { inputMode: "decimal", ...slotProps?.htmlInput } }}
    />
  );
}
