"use client";

import { gardenStore } from "@/store/index";
import { useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { setView, tell } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { TrayFormFields } from "./TrayFormFields";
import { nextTrayName, trayFieldsFor, TrayFieldsSchema, trayFrom } from "./trayFields";
import { trays as say } from "@/words/en/trays";

interface Props extends SectionProps {
  onClose: () => void;
}

/** A tray of any grid, put up empty. */
export default function NewTrayDialog({ garden, today, onClose }: Props) {
  const { units } = garden.settings;
  const { control, handleSubmit, refusal, refuse } = useFields(
    TrayFieldsSchema,
    trayFieldsFor(units, nextTrayName(garden.trays.values()), [...garden.stands.keys()][0] ?? ""),
  );
  const keep = handleSubmit(async (fields) => {
    const tray = trayFrom(fields, units, today);
    if (typeof tray === "string") return refuse(tray);
    const done = await gardenStore().dispatch("tray.add", tray);
    if (!done.ok) return refuse(done.refusal);
    onClose();
    setView({ selectedTrayId: tray.id, selectedPlantingId: null });
    tell(say.added({ tray: tray.name }), "done", true);
  });
  return (
    <FormDialog
      title={say.newTray}
      refusal={refusal}
      keepLabel={say.addTray}
      width="sm"
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <TrayFormFields garden={garden} control={control} />
    </FormDialog>
  );
}
