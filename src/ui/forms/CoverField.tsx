"use client";

import type { Control, FieldPath, FieldValues } from "react-hook-form";
import { materials } from "@/core/shelter";
import { materialWords } from "@/words/covers";
import { useWording } from "../wording";
import { ChoiceField } from "./fields";
import { ui as say } from "@/words/en/ui";

/** What lies over a bed, of all the covers there are; empty for none. */
export function CoverField<F extends FieldValues>(props: {
  control: Control<F>;
  name: FieldPath<F>;
}) {
  const wording = useWording();
  const covers = [...materials.values()].map((one) => ({
    value: one.id,
    words: materialWords(one, wording),
  }));
  return (
    <ChoiceField
      {...props}
      label={say.cover}
      choices={[{ value: "", words: say.noneInTheOpen }, ...covers]}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
    />
  );
}
