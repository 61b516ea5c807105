"use client";

import { useState } from "react";
import { gardenStore } from "@/store/index";
import { FormDialog } from "@/ui/inputs/index";
import { setView, tell } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { TrayFormFields } from "./TrayFormFields";
import { nextTrayName, trayFieldsFor, trayFrom } from "./trayFields";

interface Props extends SectionProps {
  onClose: () => void;
}

/** A tray of any grid, put up empty. */
export default function NewTrayDialog({ garden, today, onClose }: Props) {
  const { units } = garden.settings;
  const [fields, setFields] = useState(() =>
    trayFieldsFor(units, nextTrayName(garden.trays.values()), [...garden.stands.keys()][0] ?? ""),
  );
  const [refusal, setRefusal] = useState("");
  const keep = async () => {
    const tray = trayFrom(fields, units, today);
    if (typeof tray === "string") return setRefusal(tray);
    const done = await gardenStore().dispatch("tray.add", tray);
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    setView({ selectedTrayId: tray.id, selectedPlantingId: null });
    tell(`${tray.name} is put up.`, "done", true);
  };
  return (
    <FormDialog
      title="New tray"
      refusal={refusal}
      keepLabel="Put it up"
      width="sm"
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <TrayFormFields garden={garden} fields={fields} onFields={setFields} />
    </FormDialog>
  );
}
