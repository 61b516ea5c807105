"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useForm } from "react-hook-form";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { materials } from "@/core/shelter";
import { feet, metres } from "@/core/wording";
import { gardenStore, newId } from "@/store/index";
import { tell } from "@/ui/viewState";
import { asNumber } from "@/ui/inputs/index";

interface Fields {
  name: string;
  count: number;
  length: number;
  width: number;
  cover: string;
}

/** Several beds alike at once: "Bed 1" to "Bed 4". */
export default function AddBedsDialog({
  garden,
  onClose,
}: {
  garden: Garden;
  onClose: () => void;
}) {
  const imperial = garden.settings.units === "imperial";
  const unit = imperial ? "ft" : "m";
  const { register, handleSubmit } = useForm<Fields>({
    defaultValues: {
      name: "Bed",
      count: 4,
      length: imperial ? Math.round(feet(3)) : 3,
      width: imperial ? Math.round(feet(0.8)) : 0.8,
      cover: "",
    },
  });
  const [refusal, setRefusal] = useState("");
  const save = async (fields: Fields) => {
    if (!Number.isInteger(fields.count) || fields.count < 1 || fields.count > 200) {
      setRefusal("Add 1 to 200 beds at once.");
      return;
    }
    const done = await gardenStore().dispatch("bed.addMany", {
      beds: bedsFrom(fields, garden, imperial),
    });
    if (!done.ok) {
      setRefusal(done.refusal);
      return;
    }
    onClose();
    tell(
      fields.count === 1 ? "The bed is added." : `${fields.count} beds are added.`,
      "done",
      true,
    );
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <form onSubmit={(event) => void handleSubmit(save)(event)}>
        <DialogTitle>Add beds</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
          {refusal && <Alert severity="error">{refusal}</Alert>}
          <TextField label="Name" {...register("name")} helperText="Several are numbered." />
          <TextField
            label="How many"
            slotProps={{ htmlInput: { inputMode: "numeric" } }}
            {...register("count", asNumber)}
          />
          <TextField
            label={`Length (${unit})`}
            slotProps={{ htmlInput: { inputMode: "decimal" } }}
            {...register("length", asNumber)}
          />
          <TextField
            label={`Width (${unit})`}
            slotProps={{ htmlInput: { inputMode: "decimal" } }}
            {...register("width", asNumber)}
          />
          <TextField select label="Cover" defaultValue="" {...register("cover")}>
            <MenuItem value="">None: in the open</MenuItem>
            {[...materials.values()].map((material) => (
              <MenuItem key={material.id} value={material.id}>
                {material.name}
              </MenuItem>
            ))}
          </TextField>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Add
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

function bedsFrom(fields: Fields, garden: Garden, imperial: boolean): Bed[] {
  const inMetres = (value: number) => exactM(imperial ? metres(value) : value);
  const taken = new Set([...garden.beds.values()].map((bed) => bed.name));
  const beds: Bed[] = [];
  for (let number = 1; beds.length < fields.count; number += 1) {
    const name =
      fields.count === 1 && !taken.has(fields.name) ? fields.name : `${fields.name} ${number}`;
    if (taken.has(name)) continue;
    taken.add(name);
    beds.push({
      id: newId("bed"),
      name,
      lengthM: inMetres(fields.length),
      widthM: inMetres(fields.width),
      shelterId: null,
      covers: fields.cover === "" ? [] : [fields.cover],
      horizon: null,
      position: null,
      history: [],
    });
  }
  return beds;
}
