"use client";

import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField, { type TextFieldProps } from "@mui/material/TextField";
import { useController, type Control, type FieldPath, type FieldValues } from "react-hook-form";
import type { KeyboardEvent, ReactNode } from "react";
import type { LengthUnit } from "@/core/typed";
import { NumberInput } from "../inputs/NumberInput";
import { toldMessage } from "../wording";
import { UNREADABLE } from "./amounts";

/** What every field of a form is told: the form, its own name in it, and how it looks. */
type FieldProps<F extends FieldValues> = Omit<
  TextFieldProps,
  "name" | "value" | "defaultValue" | "onChange" | "onBlur" | "onKeyDown" | "error" | "type"
> & {
  control: Control<F>;
  name: FieldPath<F>;
  /** Called when the hand leaves the field, or has chosen: for what keeps itself without a button. */
  onSettled?: () => void;
};

/** What is wrong with a field stands under it, in place of its hint. */
function told(message: string | undefined, hint: TextFieldProps["helperText"]) {
  return { error: message !== undefined, helperText: message ? toldMessage(message) : hint };
}

/** Enter settles a field that has no button to be kept by. */
function settledByEnter(onSettled: (() => void) | undefined) {
  return onSettled && ((event: KeyboardEvent) => void (event.key === "Enter" && onSettled()));
}

/** A length as people type it, in the field's unit or in one that is typed with it. */
export function LengthField<F extends FieldValues>(props: FieldProps<F> & { unit: LengthUnit }) {
  return <NumberField {...props} />;
}

/** A number as people type it, decimal comma or point; NaN where nothing is. With a unit, a length. */
export function NumberField<F extends FieldValues>(props: FieldProps<F> & { unit?: LengthUnit }) {
  const { control, name, onSettled, ...look } = props;
  const { field, fieldState } = useController({ control, name });
  return (
    <NumberInput
      {...look}
      {...told(fieldState.error?.message, look.helperText)}
      inputRef={field.ref}
      value={field.value as number}
      onNumber={(value, isUnreadable) => field.onChange(isUnreadable ? UNREADABLE : value)}
      onKeyDown={settledByEnter(onSettled)}
      onBlur={() => {
        field.onBlur();
        onSettled?.();
      }}
    />
  );
}

/** A line of text, or several. */
export function WordsField<F extends FieldValues>(props: FieldProps<F>) {
  return <Registered {...props} />;
}

/** A date, as ISO; empty where none is given. */
export function DateField<F extends FieldValues>({
  slotProps,
  ...props
}: FieldProps<F> & {
  /** The day that is shown while none is given. */
  whileEmpty?: string;
}) {
  return (
    <Registered {...props} type="date" slotProps={{ ...slotProps, inputLabel: { shrink: true } }} />
  );
}

interface Choice {
  value: string;
  words: ReactNode;
  disabled?: boolean;
}

/** One of a few. */
export function ChoiceField<F extends FieldValues>({
  choices,
  ...props
}: FieldProps<F> & {
  choices: readonly Choice[];
  /** What is shown as chosen while nothing is. */
  whileEmpty?: string;
}) {
  return (
    <Registered {...props} select>
      {choices.map(({ value, words, disabled }) => (
        <MenuItem key={value} value={value} disabled={disabled}>
          {words}
        </MenuItem>
      ))}
    </Registered>
  );
}

/** A field of text under its name in the form, with what is wrong with it. */
function Registered<F extends FieldValues>(
  props: FieldProps<F> & Pick<TextFieldProps, "type"> & { whileEmpty?: string },
) {
  const { control, name, onSettled, whileEmpty, ...look } = props;
  const { field, fieldState } = useController({ control, name });
  const { ref, ...rest } = field;
  return (
    <TextField
      {...look}
      {...rest}
      {...told(fieldState.error?.message, look.helperText)}
      value={(field.value as string) || (whileEmpty ?? "")}
      inputRef={ref}
      onChange={(event) => {
        field.onChange(event);
        if (look.select) onSettled?.();
      }}
      onKeyDown={look.select ? undefined : settledByEnter(onSettled)}
      onBlur={() => {
        field.onBlur();
        if (!look.select) onSettled?.();
      }}
    />
  );
}

/** Yes or no. */
export function CheckField<F extends FieldValues>({
  control,
  name,
  label,
  onSettled,
  size,
  sx,
}: Pick<FieldProps<F>, "control" | "name" | "onSettled" | "size" | "sx"> & { label: ReactNode }) {
  const { field } = useController({ control, name });
  return (
    <FormControlLabel
      control={
        <Checkbox
          size={size}
          checked={field.value as boolean}
          onChange={(_event, on) => {
            field.onChange(on);
            onSettled?.();
          }}
          onBlur={field.onBlur}
          slotProps={{ input: { ref: field.ref } }}
        />
      }
      label={label}
      sx={sx}
    />
  );
}
