"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useEffect } from "react";
import { useForm, type DefaultValues, type FieldValues, type Path } from "react-hook-form";
import type { ZodType } from "zod";
import { keyOf, type Told } from "@/core/facts";
import { allSentences, toldMessage } from "../wording";

/** Over `resetOptions`, which are for what comes from elsewhere. */
const KEPT = { keepDirtyValues: false } as const;

/** What a form and its parts hand on to each other. */
export type Fields<F extends FieldValues> = ReturnType<typeof useFields<F>>;

/**
 * A form's fields with what may stand in them. What is typed stays as it is when the garden changes
 * behind it, by another tab say; fields that nobody has touched follow.
 *
 * @param schema what may stand in the fields, each refusal a sentence that says what would be right
 * @param values what they begin with
 * @param when what is wrong is told when the form is to be kept, or already as each field is typed
 */
export function useFields<F extends FieldValues>(
  schema: ZodType<F, F>,
  values: F,
  when: "atTheEnd" | "asTyped" = "atTheEnd",
) {
  const form = useForm<F>({
    defaultValues: values as DefaultValues<F>,
    values,
    resetOptions: { keepDirtyValues: true },
    resolver: zodResolver(schema),
    mode: when === "asTyped" ? "onChange" : "onSubmit",
  });
  // What a schema finds wrong can be said by the time something is typed.
  useEffect(() => void allSentences(), []);
  const { errors } = form.formState;
  const { subscribe, trigger } = form;
  // What is wrong with a field may be put right in another: a low above its high.
  useEffect(() => {
    const byNow = Object.entries(errors).filter(([name, error]) => name !== "root" && error?.type);
    if (byNow.length === 0) return;
    return subscribe({
      formState: { values: true },
      callback: ({ name: typed }) => {
        const others = byNow.map(([name]) => name as Path<F>).filter((name) => name !== typed);
        if (others.length > 0) void trigger(others);
      },
    });
  }, [errors, subscribe, trigger]);
  return {
    ...form,
    /** Why the form as a whole was refused; empty when it was not. */
    refusal: toldMessage(form.formState.errors.root?.message ?? ""),
    refuse: (refusal: Told) => form.setError("root", { message: keyOf(refusal) }),
    /** What was typed is kept: from now on every field follows again. */
    settle: (fields: F) => form.reset(fields, KEPT),
    /** Sets some fields by hand, such as two that are chosen together. */
    set(some: Partial<F>) {
      for (const [name, value] of Object.entries(some)) {
        form.setValue(name as Path<F>, value as F[Path<F>], {
          shouldDirty: true,
          // What was found wrong is looked at again.
          shouldValidate: form.formState.isSubmitted,
        });
      }
    },
  };
}
