"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useForm } from "react-hook-form";
import type { Crop, PacketBasis, Variety } from "@/core/crops";
import type { Garden } from "@/core/garden";
import { celsius, fahrenheit } from "@/core/wording";
import { gardenStore, newId } from "@/store/index";
import { FormDialog, asNumber } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";

interface Props {
  garden: Garden;
  crop: Crop;
  /** The one that is edited; null for a new one. */
  variety: Variety | null;
  onClose: () => void;
}

interface Fields {
  name: string;
  packetDays: number;
  packetBasis: PacketBasis;
  hardened: number;
  note: string;
}

/** A variety of one's own: its packet's days, and how much cold it stands. */
export default function OwnVarietyDialog({ garden, crop, variety, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const like = variety ?? crop.varieties[0];
  const hardenedC = like?.hardenedLt50C ?? crop.hardiness.hardenedLt50C;
  const { register, handleSubmit } = useForm<Fields>({
    defaultValues: {
      name: variety?.name ?? "",
      packetDays: like?.packetDays ?? NaN,
      packetBasis: like?.packetBasis ?? "sowing",
      hardened: imperial ? Math.round(fahrenheit(hardenedC)) : hardenedC,
      note: variety?.note ?? "",
    },
  });
  const [refused, setRefused] = useState({ words: "", inUse: false });
  const other = crop.varieties.find(({ id }) => id !== variety?.id);
  const keep = async (fields: Fields) => {
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
    if (!done.ok) return setRefused({ words: done.refusal, inUse: false });
    onClose();
    tell(`${crop.name}, ${fields.name}, is kept.`, "done", true);
  };
  const remove = async (varietyId?: string) => {
    if (!variety) return;
    const replaceBy = varietyId === undefined ? undefined : { cropId: crop.id, varietyId };
    const done = await gardenStore().dispatch("ownVariety.remove", { id: variety.id, replaceBy });
    if (!done.ok) return setRefused({ words: done.refusal, inUse: true });
    onClose();
    tell(`${variety.name} is removed.`, "done", true);
  };
  return (
    <FormDialog
      title={`${crop.name}: ${variety ? variety.name : "a variety of your own"}`}
      refusal={refused.words}
      wayOut={
        refused.inUse && other ? (
          <Button color="inherit" size="small" onClick={() => void remove(other.id)}>
            Let “{other.name}” take its place
          </Button>
        ) : undefined
      }
      more={
        variety && (
          <Button color="inherit" onClick={() => void remove()}>
            Remove
          </Button>
        )
      }
      onSubmit={() => void handleSubmit(keep)()}
      onClose={onClose}
    >
      <TextField label="Name" {...register("name")} />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        <TextField
          label="Packet days"
          slotProps={{ htmlInput: { inputMode: "numeric" } }}
          {...register("packetDays", asNumber)}
        />
        <TextField
          select
          label="Counted from"
          defaultValue={like?.packetBasis ?? "sowing"}
          {...register("packetBasis")}
        >
          <MenuItem value="sowing">sowing</MenuItem>
          <MenuItem value="emergence">emergence</MenuItem>
          <MenuItem value="transplanting">transplanting</MenuItem>
        </TextField>
      </Box>
      <TextField
        label={`Half die at, hardened (${imperial ? "°F" : "°C"})`}
        slotProps={{ htmlInput: { inputMode: "decimal" } }}
        {...register("hardened", asNumber)}
      />
      <TextField label="Note" multiline {...register("note")} />
    </FormDialog>
  );
}
