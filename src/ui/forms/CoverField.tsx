"use client";

import type { Control, FieldPath, FieldValues } from "react-hook-form";
import { materials } from "@/core/shelter";
import { ChoiceField } from "./fields";
import { ui as say } from "@/words/en/ui";

const COVERS = [
  { value: "", words: say.noneInTheOpen },
  ...[...materials.values()].map(({ id, name }) => ({ value: id, words: name })),
];

/** What lies over a bed, of all the covers there are; empty for none. */
export function CoverField<F extends FieldValues>(props: {
  control: Control<F>;
  name: FieldPath<F>;
}) {
  return (
    <ChoiceField
      {...props}
      label={say.cover}
      choices={COVERS}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
    />
  );
}
