"use client";

import TextField, { type TextFieldProps } from "@mui/material/TextField";
import { useState } from "react";
import { readTyped, shown } from "./typedNumber";

interface Props extends Omit<TextFieldProps, "value" | "defaultValue" | "onChange" | "type"> {
  /** NaN for nothing. */
  value: number;
  /** Called at each key with what the text says so far; NaN for nothing, or no number. */
  onNumber: (value: number, isUnreadable: boolean) => void;
}

/** A field for a number. What is typed stays as it is typed, also "7," on the way to "7,5". */
export function NumberInput({ value, onNumber, slotProps, ...field }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const follows =
    typed !== null && (isUnreadable(typed) ? !Number.isFinite(value) : readTyped(typed) === value);
  return (
    <TextField
      {...field}
      value={follows ? typed : Number.isFinite(value) ? shown(value) : ""}
      onChange={(event) => {
        setTyped(event.target.value);
        onNumber(readTyped(event.target.value), isUnreadable(event.target.value));
      }}
      onBlur={(event) => {
        // What is no number stays, to be put right; a number is shown as it was read.
        if (!isUnreadable(event.target.value)) setTyped(null);
        field.onBlur?.(event);
      }}
      slotProps={{ ...slotProps, htmlInput: { inputMode: "decimal", ...slotProps?.htmlInput } }}
    />
  );
}

/** Whether something is typed that is no number. */
function isUnreadable(text: string): boolean {
  return text.trim() !== "" && Number.isNaN(readTyped(text));
}
