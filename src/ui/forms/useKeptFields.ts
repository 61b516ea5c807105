"use client";

import type { FieldValues, Path } from "react-hook-form";
import type { ZodType } from "zod";
import { keyOf, type Told } from "@/core/facts";
import { useFields } from "./useFields";

/**
 * Fields that keep themselves, each by itself, when the hand leaves it: for a setting or two that
 * need no button.
 *
 * @param schema what may stand in the fields, each refusal a sentence that says what would be right
 * @param values what is kept now
 * @param keep keeps one field; says why not where it is refused
 */
export function useKeptFields<F extends FieldValues>(
  schema: ZodType<F, F>,
  values: F,
  keep: (name: keyof F & Path<F>, fields: F) => Promise<Told | null>,
) {
  const form = useFields(schema, values);
  const settled = async (name: keyof F & Path<F>) => {
    if (!(await form.trigger(name))) return;
    const fields = form.getValues();
    if (Object.is(fields[name], values[name])) return;
    const refusal = await keep(name, fields);
    if (refusal !== null) return form.setError(name, { message: keyOf(refusal) });
    // Kept: from now on the field follows undo and other tabs again.
    form.resetField(name, { defaultValue: fields[name] });
  };
  return {
    ...form,
    /** What a field of the form is given beside its label. */
    field: (name: keyof F & Path<F>) => ({
      control: form.control,
      name,
      onSettled: () => void settled(name),
    }),
  };
}
