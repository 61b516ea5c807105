"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import InputAdornment from "@mui/material/InputAdornment";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useForm } from "react-hook-form";
import type { Crop } from "@/core/crops";
import { cropsOf, type Garden, type OwnCrop } from "@/core/garden";
import { gardenStore, newId } from "@/store/index";
import { FormDialog, asNumber } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { OWN_FIELDS, ownCropFrom, ownFieldsOf, unitOf, type OwnFields } from "./ownCropFields";

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
  const name = own ? from.name : `${from.name}, ours`;
  const { register, handleSubmit } = useForm<OwnFields>({
    defaultValues: ownFieldsOf(from, name, units),
  });
  const [refused, setRefused] = useState({ words: "", inUse: false });
  const stand = cropsOf(garden).get(own?.copiedFrom ?? "");
  const keep = async (fields: OwnFields) => {
    const id = own?.id ?? newId("crop");
    const done = await gardenStore().dispatch("ownCrop.set", {
      id,
      copiedFrom: own?.copiedFrom ?? from.id,
      crop: ownCropFrom(fields, from, id, units),
    });
    if (!done.ok) return setRefused({ words: fieldWords(done.path, done.refusal), inUse: false });
    onKept(id);
    onClose();
    tell(`${fields.name} is kept: it can be planned and sown like any other.`, "done", true);
  };
  const remove = async (replaceBy?: { cropId: string; varietyId: string }) => {
    if (!own) return;
    const done = await gardenStore().dispatch("ownCrop.remove", { id: own.id, replaceBy });
    if (!done.ok) return setRefused({ words: done.refusal, inUse: true });
    onKept(own.copiedFrom);
    onClose();
    tell(`${own.crop.name} is removed.`, "done", true);
  };
  const varietyId = stand?.varieties[0]?.id;
  return (
    <FormDialog
      title={own ? from.name : `Like ${from.name.toLowerCase()}, but our own`}
      refusal={refused.words}
      wayOut={
        refused.inUse && stand && varietyId ? (
          <Button
            color="inherit"
            size="small"
            onClick={() => void remove({ cropId: stand.id, varietyId })}
          >
            Let {stand.name.toLowerCase()} take its place
          </Button>
        ) : undefined
      }
      width="sm"
      more={
        own && (
          <Button color="inherit" onClick={() => void remove()}>
            Remove
          </Button>
        )
      }
      onSubmit={() => void handleSubmit(keep)()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 1.5 }}>
        <TextField label="Name" {...register("name")} />
        <TextField label="Variety" {...register("varietyName")} />
        <TextField
          label="Packet days"
          slotProps={{ htmlInput: { inputMode: "numeric" } }}
          {...register("packetDays", asNumber)}
        />
        <TextField
          select
          label="Counted from"
          defaultValue={from.varieties[0]?.packetBasis ?? "sowing"}
          {...register("packetBasis")}
        >
          <MenuItem value="sowing">sowing</MenuItem>
          <MenuItem value="emergence">emergence</MenuItem>
          <MenuItem value="transplanting">transplanting</MenuItem>
        </TextField>
      </Box>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1fr" },
          gap: 1.5,
        }}
      >
        {OWN_FIELDS.map((field) => (
          <TextField
            key={field.name}
            size="small"
            label={field.label}
            slotProps={{
              htmlInput: { inputMode: "decimal" },
              input: {
                endAdornment: (
                  <InputAdornment position="end">{unitOf(field.kind, units)}</InputAdornment>
                ),
              },
            }}
            {...register(field.name, asNumber)}
          />
        ))}
      </Box>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
        Everything else stays as it is with {from.name.toLowerCase()}: how it comes up in cold and
        warm soil, how it is cut, how it keeps.
      </Box>
    </FormDialog>
  );
}

/** The field a refusal is about, in front of its sentence. */
function fieldWords(path: string, refusal: string): string {
  const label = OWN_FIELDS.find(({ name }) => path.endsWith(name))?.label;
  return label ? `${label}: ${refusal}` : refusal;
}
