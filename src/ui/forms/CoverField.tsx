"use client";

import type { Control, FieldPath, FieldValues } from "react-hook-form";
import { materials } from "@/core/shelter";
import { ChoiceField } from "./fields";

const COVERS = [
  { value: "", words: "None: in the open" },
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
      label="Cover"
      choices={COVERS}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
    />
  );
}
