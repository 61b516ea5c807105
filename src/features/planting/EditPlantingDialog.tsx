"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useForm } from "react-hook-form";
import type { Crop } from "@/core/crops";
import type { WayOut } from "@/core/commands";
import { bedsInOrder, coversOver, type Garden, type Planting } from "@/core/garden";
import { coverWords } from "@/core/shelter";
import { gardenStore, takeWay, type Refused } from "@/store/index";
import { WaysOut, asNumber } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { Choice } from "./Choice";
import { editFieldsOf, plantingChangesFrom, type EditFields } from "./editFields";
import { StandingFields } from "./StandingFields";

interface Props {
  garden: Garden;
  planting: Planting;
  crop: Crop;
  onClose: () => void;
}

/** Everything about a planting but its date: where, which, how and how close. */
export default function EditPlantingDialog({ garden, planting, crop, onClose }: Props) {
  const { units } = garden.settings;
  const { control, register, handleSubmit } = useForm<EditFields>({
    defaultValues: editFieldsOf(planting, units),
  });
  const [refused, setRefused] = useState<Refused | null>(null);
  const save = async (fields: EditFields) => {
    const done = await gardenStore().dispatch("planting.edit", {
      id: planting.id,
      ...plantingChangesFrom(fields, planting, units),
    });
    if (done.ok) onClose();
    else setRefused(done);
  };
  const take = async (way: WayOut) => {
    const done = await takeWay(gardenStore(), way);
    if (!done.ok) return setRefused(done);
    onClose();
    tell(`Done: ${way.words}.`, "done", true);
  };
  const small = units === "imperial" ? "in" : "cm";
  const number = (name: "from" | "length" | "row" | "inRow", label: string) => (
    <TextField
      label={label}
      slotProps={{ htmlInput: { inputMode: "decimal" } }}
      {...register(name, asNumber)}
    />
  );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="edit-planting">
      <form onSubmit={(event) => void handleSubmit(save)(event)}>
        <DialogTitle id="edit-planting">{crop.name}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
          {refused && (
            <Alert severity="error">
              {refused.refusal}
              <WaysOut ways={refused.ways ?? []} onTake={(way) => void take(way)} />
            </Alert>
          )}
          <Choice control={control} name="varietyId" label="Variety">
            {crop.varieties.map((variety) => (
              <MenuItem key={variety.id} value={variety.id}>
                {variety.name}
              </MenuItem>
            ))}
          </Choice>
          <Choice control={control} name="bedId" label="Bed">
            {bedsInOrder(garden).map((bed) => (
              <MenuItem key={bed.id} value={bed.id}>
                {bed.name}: {coverWords(coversOver(garden, bed))}
              </MenuItem>
            ))}
          </Choice>
          <Choice control={control} name="method" label="How">
            <MenuItem value="direct">sown direct</MenuItem>
            <MenuItem value="transplant" disabled={crop.transplanting.tolerance === "never"}>
              raised on a bench and planted out
            </MenuItem>
          </Choice>
          <Choice control={control} name="stage" label="Cut as">
            <MenuItem value="full">full-grown</MenuItem>
            <MenuItem value="baby" disabled={crop.babyLeaf === undefined}>
              young leaves
            </MenuItem>
          </Choice>
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
            {number("from", `Begins at (${units === "imperial" ? "ft" : "m"})`)}
            {number("length", `Length (${units === "imperial" ? "ft" : "m"})`)}
            {number("row", `Rows (${small})`)}
            {number("inRow", `In row (${small})`)}
          </Box>
          <StandingFields {...{ control, register, small }} />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Keep
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
