"use client";

import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField, { type TextFieldProps } from "@mui/material/TextField";
import { useController, type Control, type FieldPath, type FieldValues } from "react-hook-form";
import { NumberInput } from "../inputs/NumberInput";

/** What every field of a form is told: the form, its own name in it, and how it looks. */
type FieldProps<F extends FieldValues> = Omit<
  TextFieldProps,
  "name" | "value" | "defaultValue" | "onChange" | "onBlur" | "error" | "type"
> & {
  control: Control<F>;
  name: FieldPath<F>;
};

/** What is wrong with a field stands under it, in place of its hint. */
function told(message: string | undefined, hint: TextFieldProps["helperText"]) {
  return { error: message !== undefined, helperText: message ?? hint };
}

/** A number as people type it, decimal comma or point; NaN where nothing is. */
export function NumberField<F extends FieldValues>({ control, name, ...look }: FieldProps<F>) {
  const { field, fieldState } = useController({ control, name });
  return (
    <NumberInput
      {...look}
      {...told(fieldState.error?.message, look.helperText)}
      inputRef={field.ref}
      value={field.value as number}
      onNumber={field.onChange}
      onBlur={field.onBlur}
    />
  );
}

/** A line of text, or several. */
export function WordsField<F extends FieldValues>(props: FieldProps<F>) {
  return <Registered {...props} />;
}

/** A date, as ISO; empty where none is given. */
export function DateField<F extends FieldValues>({ slotProps, ...props }: FieldProps<F>) {
  return (
    <Registered {...props} type="date" slotProps={{ ...slotProps, inputLabel: { shrink: true } }} />
  );
}

interface Choice {
  value: string;
  words: string;
}

/** One of a few. */
export function ChoiceField<F extends FieldValues>({
  choices,
  ...props
}: FieldProps<F> & { choices: readonly Choice[] }) {
  return (
    <Registered {...props} select>
      {choices.map(({ value, words }) => (
        <MenuItem key={value} value={value}>
          {words}
        </MenuItem>
      ))}
    </Registered>
  );
}

/** A field of text under its name in the form, with what is wrong with it. */
function Registered<F extends FieldValues>({
  control,
  name,
  ...look
}: FieldProps<F> & Pick<TextFieldProps, "type">) {
  const { field, fieldState } = useController({ control, name });
  const { ref, ...rest } = field;
  return (
    <TextField
      {...look}
      {...rest}
      {...told(fieldState.error?.message, look.helperText)}
      inputRef={ref}
    />
  );
}

/** Yes or no. */
export function CheckField<F extends FieldValues>({
  control,
  name,
  label,
}: Pick<FieldProps<F>, "control" | "name"> & { label: string }) {
  const { field } = useController({ control, name });
  return (
    <FormControlLabel
      control={
        <Checkbox
          checked={field.value as boolean}
          onChange={(_event, on) => field.onChange(on)}
          onBlur={field.onBlur}
          slotProps={{ input: { ref: field.ref } }}
        />
      }
      label={label}
    />
  );
}
