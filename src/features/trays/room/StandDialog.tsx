"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import type { Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import type { Stand } from "@/core/trays";
import { celsius, fahrenheit, feet, metres } from "@/core/wording";
import { gardenStore, newId } from "@/store/index";
import { FormDialog, asNumber } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";

interface Props {
  garden: Garden;
  stand: Stand | null;
  onClose: () => void;
}

interface Fields {
  name: string;
  kind: Stand["kind"];
  length: number;
  width: number;
  heat: number;
}

const tenth = (value: number) => Math.round(value * 10) / 10;

/** A place where trays stand: what it is, how large, how warm. */
export default function StandDialog({ garden, stand, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const long = (lengthM: number) => (imperial ? tenth(feet(lengthM)) : lengthM);
  const warm = (tempC: number) => (imperial ? Math.round(fahrenheit(tempC)) : tempC);
  const { register, handleSubmit, control } = useForm<Fields>({
    defaultValues: {
      name: stand?.name ?? "",
      kind: stand?.kind ?? "bench",
      length: long(stand?.lengthM ?? 1.5),
      width: long(stand?.widthM ?? 0.6),
      heat: warm(stand?.heatMatC ?? 22),
    },
  });
  const kind = useWatch({ control, name: "kind" });
  const [refusal, setRefusal] = useState("");
  const keep = async (fields: Fields) => {
    const done = await gardenStore().dispatch("stand.set", {
      id: stand?.id ?? newId("stand"),
      name: fields.name,
      kind: fields.kind,
      lengthM: exactM(imperial ? metres(fields.length) : fields.length),
      widthM: exactM(imperial ? metres(fields.width) : fields.width),
      heatMatC: fields.kind !== "mat" ? null : imperial ? celsius(fields.heat) : fields.heat,
    });
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    tell(`${fields.name} is kept.`, "done", true);
  };
  const remove = async () => {
    if (!stand) return;
    const done = await gardenStore().dispatch("stand.remove", { id: stand.id });
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    tell(`${stand.name} is removed.`, "done", true);
  };
  const number = (name: "length" | "width" | "heat", label: string) => (
    <TextField
      label={label}
      slotProps={{ htmlInput: { inputMode: "decimal" } }}
      {...register(name, asNumber)}
    />
  );
  return (
    <FormDialog
      title={stand ? stand.name : "A place for trays"}
      refusal={refusal}
      more={
        stand && (
          <Button color="inherit" onClick={() => void remove()}>
            Remove
          </Button>
        )
      }
      onSubmit={() => void handleSubmit(keep)()}
      onClose={onClose}
    >
      <TextField label="Name" {...register("name")} />
      <TextField
        select
        label="What it is"
        defaultValue={stand?.kind ?? "bench"}
        {...register("kind")}
      >
        <MenuItem value="bench">bench indoors</MenuItem>
        <MenuItem value="mat">heat mat</MenuItem>
        <MenuItem value="frame">cold frame</MenuItem>
        <MenuItem value="outdoors">outdoors</MenuItem>
      </TextField>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        {number("length", imperial ? "Length (ft)" : "Length (m)")}
        {number("width", imperial ? "Width (ft)" : "Width (m)")}
      </Box>
      {kind === "mat" && (
        <>
          {number("heat", imperial ? "Set to (°F)" : "Set to (°C)")}
          <Alert severity="warning">
            Heat and damp: a mat made for it, behind a residual-current device, its cable out of the
            wet. The maker&apos;s label decides.
          </Alert>
        </>
      )}
    </FormDialog>
  );
}
