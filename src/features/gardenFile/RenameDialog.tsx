"use client";

import { z } from "zod";
import { gardenStore } from "@/store/index";
import { useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { imports as say } from "@/words/en/imports";

const NameSchema = z.object({ name: z.string().trim().min(1, say.enterANameForTheGarden) });

export default function RenameDialog({ name, onClose }: { name: string; onClose: () => void }) {
  const { control, handleSubmit, refusal, refuse } = useFields(NameSchema, { name });
  const keep = handleSubmit(async (fields) => {
    const done = await gardenStore().dispatch("garden.rename", fields);
    if (done.ok) onClose();
    else refuse(done.refusal);
  });
  return (
    <FormDialog
      title={say.renameGarden}
      refusal={refusal}
      keepLabel={say.rename2}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <WordsField control={control} name="name" autoFocus fullWidth label={say.name} />
    </FormDialog>
  );
}
