"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { z } from "zod";
import type { Crop, Variety } from "@/core/crops";
import type { Garden } from "@/core/garden";
import { celsius, fahrenheit } from "@/core/units";
import { gardenStore, newId } from "@/store/index";
import { amount, ChoiceField, NumberField, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { PACKET_BASES } from "./ownCropFields";
import { crops as say } from "@/words/en/crops";
import { told } from "@/ui/wording";

interface Props {
  garden: Garden;
  crop: Crop;
  /** The one that is edited; null for a new one. */
  variety: Variety | null;
  onClose: () => void;
}

const VarietyFieldsSchema = z.object({
  name: z.string(),
  packetDays: amount(say.enterTheDaysOnThePacket),
  packetBasis: z.enum(["sowing", "emergence", "transplanting"]),
  hardened: amount(say.enterTheTemperatureThatKillsHalf),
  note: z.string(),
});

/** A variety of one's own: its packet's days, and how much cold it stands. */
export default function OwnVarietyDialog({ garden, crop, variety, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const like = variety ?? crop.varieties[0];
  const hardenedC = like?.hardenedLt50C ?? crop.hardiness.hardenedLt50C;
  const form = useFields(VarietyFieldsSchema, {
    name: variety?.name ?? "",
    packetDays: like?.packetDays ?? NaN,
    packetBasis: like?.packetBasis ?? "sowing",
    hardened: imperial ? Math.round(fahrenheit(hardenedC)) : hardenedC,
    note: variety?.note ?? "",
  });
  const { control } = form;
  const [refused, setRefused] = useState({ words: "", inUse: false });
  const other = crop.varieties.find(({ id }) => id !== variety?.id);
  const keep = form.handleSubmit(async (fields) => {
    const id = variety?.id ?? newId("variety");
    const done = await gardenStore().dispatch("ownVariety.set", {
      id,
      cropId: crop.id,
      variety: {
        id,
        name: fields.name,
        packetDays: fields.packetDays,
        packetBasis: fields.packetBasis,
        hardenedLt50C: imperial ? Math.round(celsius(fields.hardened) * 10) / 10 : fields.hardened,
        ...(fields.note ? { note: fields.note } : {}),
      },
    });
    if (!done.ok) return setRefused({ words: told(done.refusal), inUse: false });
    onClose();
    tell(say.saved({ crop: crop.name, fields: fields.name }), "done", true);
  });
  const remove = async (varietyId?: string) => {
    if (!variety) return;
    const replaceBy = varietyId === undefined ? undefined : { cropId: crop.id, varietyId };
    const done = await gardenStore().dispatch("ownVariety.remove", { id: variety.id, replaceBy });
    if (!done.ok) return setRefused({ words: told(done.refusal), inUse: true });
    onClose();
    tell(say.removed2({ variety: variety.name }), "done", true);
  };
  return (
    <FormDialog
      title={`${crop.name}: ${variety ? variety.name : say.yourOwnVariety}`}
      refusal={refused.words}
      wayOut={
        refused.inUse && other ? (
          <Button color="inherit" size="small" onClick={() => void remove(other.id)}>
            {say.useInstead2({ other: other.name })}
          </Button>
        ) : undefined
      }
      more={
        variety && (
          <Button color="inherit" onClick={() => void remove()}>
            {say.remove}
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <WordsField control={control} name="name" label={say.name} />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        <NumberField control={control} name="packetDays" label={say.packetDays} />
        <ChoiceField
          control={control}
          name="packetBasis"
          label={say.countedFrom}
          choices={PACKET_BASES}
        />
      </Box>
      <NumberField control={control} name="hardened" label={say.lt50Hardened({ imperial })} />
      <WordsField control={control} name="note" label={say.note} multiline />
    </FormDialog>
  );
}
