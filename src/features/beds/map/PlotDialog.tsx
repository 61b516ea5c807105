"use client";

import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useForm } from "react-hook-form";
import type { Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { layoutOf } from "@/core/bedSpace";
import { feet, metres } from "@/core/wording";
import { gardenStore } from "@/store/index";
import { FormDialog, asNumber } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";

interface Props {
  garden: Garden;
  onClose: () => void;
}

interface Fields {
  length: number;
  width: number;
  bearing: number;
}

/** The plot's size, and which way is up. */
export default function PlotDialog({ garden, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const layout = layoutOf(garden);
  const { plot } = layout;
  const long = (value: number) => Math.round((imperial ? feet(value) : value) * 10) / 10;
  const { register, handleSubmit } = useForm<Fields>({
    defaultValues: {
      length: long(plot.lengthM),
      width: long(plot.widthM),
      bearing: plot.upBearingDeg,
    },
  });
  const [refusal, setRefusal] = useState("");
  const keep = async (fields: Fields) => {
    const done = await gardenStore().dispatch("layout.set", {
      plot: {
        id: "plot",
        lengthM: exactM(imperial ? metres(fields.length) : fields.length),
        widthM: exactM(imperial ? metres(fields.width) : fields.width),
        upBearingDeg: fields.bearing,
      },
      beds: [...layout.beds].map(([id, { xM, yM, angleDeg }]) => ({
        id,
        position: { xM, yM, angleDeg },
      })),
      shelters: [...layout.shelters].map(([id, outline]) => ({ id, outline })),
    });
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    tell("The plot is kept.", "done", true);
  };
  const unit = imperial ? "ft" : "m";
  const number = (name: keyof Fields, label: string) => (
    <TextField
      label={label}
      slotProps={{ htmlInput: { inputMode: "decimal" } }}
      {...register(name, asNumber)}
    />
  );
  return (
    <FormDialog
      title="The plot"
      refusal={refusal}
      onSubmit={() => void handleSubmit(keep)()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        {number("length", `Along its foot (${unit})`)}
        {number("width", `Up the map (${unit})`)}
      </Box>
      {number("bearing", "Compass bearing of up (°, 0 is north)")}
    </FormDialog>
  );
}
