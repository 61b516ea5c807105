"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import InputAdornment from "@mui/material/InputAdornment";
import { useState } from "react";
import type { Crop } from "@/core/crops";
import { cropsOf, type Garden, type OwnCrop } from "@/core/garden";
import { gardenStore, newId } from "@/store/index";
import { ChoiceField, NumberField, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import {
  OWN_FIELDS,
  ownCropFrom,
  OwnFieldsSchema,
  ownFieldsOf,
  PACKET_BASES,
  unitOf,
} from "./ownCropFields";
import { crops as say } from "@/words/en/crops";
import { told } from "@/ui/wording";
import "@/words/en/facts";

interface Props {
  garden: Garden;
  /** The crop that is copied, or edited when it is one's own. */
  from: Crop;
  own: OwnCrop | null;
  onKept: (id: string) => void;
  onClose: () => void;
}

/** A crop of one's own: what differs from the one it was copied from. */
export default function OwnCropDialog({ garden, from, own, onKept, onClose }: Props) {
  const { units } = garden.settings;
  const name = own ? from.name : say.own({ from: from.name });
  const form = useFields(OwnFieldsSchema, ownFieldsOf(from, name, units));
  const { control } = form;
  const [refused, setRefused] = useState({ words: "", inUse: false });
  const stand = cropsOf(garden).get(own?.copiedFrom ?? "");
  const keep = form.handleSubmit(async (fields) => {
    const id = own?.id ?? newId("crop");
    const done = await gardenStore().dispatch("ownCrop.set", {
      id,
      copiedFrom: own?.copiedFrom ?? from.id,
      crop: ownCropFrom(fields, from, id, units),
    });
    if (!done.ok)
      return setRefused({ words: fieldWords(done.path, told(done.refusal)), inUse: false });
    onKept(id);
    onClose();
    tell(say.savedYouCanPlanAndSowItLikeAny({ fields: fields.name }), "done", true);
  });
  const remove = async (replaceBy?: { cropId: string; varietyId: string }) => {
    if (!own) return;
    const done = await gardenStore().dispatch("ownCrop.remove", { id: own.id, replaceBy });
    if (!done.ok) return setRefused({ words: told(done.refusal), inUse: true });
    onKept(own.copiedFrom);
    onClose();
    tell(say.removed({ crop: own.crop.name }), "done", true);
  };
  const varietyId = stand?.varieties[0]?.id;
  return (
    <FormDialog
      title={own ? from.name : say.yourOwn({ from: from.name.toLowerCase() })}
      refusal={refused.words}
      wayOut={
        refused.inUse && stand && varietyId ? (
          <Button
            color="inherit"
            size="small"
            onClick={() => void remove({ cropId: stand.id, varietyId })}
          >
            {say.useInstead({ stand: stand.name.toLowerCase() })}
          </Button>
        ) : undefined
      }
      width="sm"
      more={
        own && (
          <Button color="inherit" onClick={() => void remove()}>
            {say.remove}
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 1.5 }}>
        <WordsField control={control} name="name" label={say.name} />
        <WordsField control={control} name="varietyName" label={say.variety} />
        <NumberField control={control} name="packetDays" label={say.packetDays} />
        <ChoiceField
          control={control}
          name="packetBasis"
          label={say.countedFrom}
          choices={PACKET_BASES}
        />
      </Box>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1fr" },
          gap: 1.5,
        }}
      >
        {OWN_FIELDS.map((field) => (
          <NumberField
            unit={field.kind === "distance" ? (units === "imperial" ? "in" : "cm") : undefined}
            key={field.name}
            control={control}
            name={field.name}
            size="small"
            label={field.label}
            slotProps={{
              input: {
                endAdornment: (
                  <InputAdornment position="end">{unitOf(field.kind, units)}</InputAdornment>
                ),
              },
            }}
          />
        ))}
      </Box>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
        {say.everythingElseStaysTheSameAs({ from: from.name.toLowerCase() })}
      </Box>
    </FormDialog>
  );
}

/** The field a refusal is about, in front of its sentence. */
function fieldWords(path: string, refusal: string): string {
  const label = OWN_FIELDS.find(({ name }) => path.endsWith(name))?.label;
  return label ? `${label}: ${refusal}` : refusal;
}
