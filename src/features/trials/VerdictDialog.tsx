"use client";

import { useState } from "react";
import { z } from "zod";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { Told } from "@/core/facts";
import type { Trial } from "@/core/garden";
import { gardenStore } from "@/store";
import { ChoiceField, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { trials as say } from "@/words/en/trials";

interface Props {
  trial: Trial;
  today: DayNumber;
  onClose: () => void;
}

const NONE = "none";
const FieldsSchema = z.object({ keepTo: z.string(), note: z.string() });

/** What the grower takes from a trial: kept with its crops and beds. */
export default function VerdictDialog({ trial, today, onClose }: Props) {
  const { control, handleSubmit } = useFields(FieldsSchema, {
    keepTo: trial.verdict?.treatmentId ?? NONE,
    note: trial.verdict?.note ?? "",
  });
  const [refusal, setRefusal] = useState<Told>("");
  const keep = handleSubmit(async ({ keepTo, note }) => {
    const verdict = { on: isoDate(today), treatmentId: keepTo === NONE ? null : keepTo, note };
    const done = await gardenStore().dispatch("trial.set", {
      trial: { ...trial, verdict },
      plantings: [],
    });
    if (!done.ok) return setRefusal(done.refusal);
    tell(say.verdictKept, "done", true);
    onClose();
  });
  return (
    <FormDialog
      title={say.verdictTitle({ name: trial.name })}
      refusal={refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <ChoiceField
        control={control}
        name="keepTo"
        label={say.keepTo}
        choices={[
          ...trial.treatments.map(({ id, name }) => ({ value: id, words: name })),
          { value: NONE, words: say.nothingBetter },
        ]}
      />
      <WordsField control={control} name="note" label={say.note} multiline minRows={2} />
    </FormDialog>
  );
}
