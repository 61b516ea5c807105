"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useForm } from "react-hook-form";
import type { Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { materials } from "@/core/shelter";
import { feet, metres } from "@/core/wording";
import { gardenStore, newId } from "@/store/index";
import { setView, tell } from "@/ui/viewState";
import { readTyped } from "@/ui/inputs/index";

interface Fields {
  name: string;
  length: string;
  width: string;
  cover: string;
}

const USUAL_M = { length: 3, width: 0.8 };

/** The first bed: how long, how wide, and what covers it. */
export function FirstBedForm({ garden }: { garden: Garden }) {
  const imperial = garden.settings.units === "imperial";
  const unit = imperial ? "ft" : "m";
  const shown = (lengthM: number) => String(imperial ? Math.round(feet(lengthM)) : lengthM);
  const [problem, setProblem] = useState("");
  const { register, handleSubmit } = useForm<Fields>({
    defaultValues: {
      name: "Bed 1",
      length: shown(USUAL_M.length),
      width: shown(USUAL_M.width),
      cover: "",
    },
  });
  const keep = async ({ name, length, width, cover }: Fields) => {
    const read = (text: string) => {
      const value = readTyped(text);
      return exactM(imperial ? metres(value) : value);
    };
    const done = await gardenStore().dispatch("bed.addMany", {
      beds: [
        {
          id: newId("bed"),
          name,
          lengthM: read(length),
          widthM: read(width),
          shelterId: null,
          covers: cover === "" ? [] : [cover],
          horizon: null,
          position: null,
          history: [],
        },
      ],
    });
    if (!done.ok) return setProblem(done.refusal);
    tell(`${name} is there.`, "done", true);
  };
  return (
    <Box
      component="form"
      noValidate
      aria-label="A bed"
      onSubmit={(event) => void handleSubmit(keep)(event)}
    >
      <p>One is enough to begin with; more come later.</p>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", sm: "1.2fr 1fr 1fr 1.6fr" },
          gap: 1.5,
        }}
      >
        <TextField label="Name" {...register("name")} />
        <TextField
          label={`Length (${unit})`}
          slotProps={{ htmlInput: { inputMode: "decimal" } }}
          {...register("length")}
        />
        <TextField
          label={`Width (${unit})`}
          slotProps={{ htmlInput: { inputMode: "decimal" } }}
          {...register("width")}
        />
        <TextField select label="Cover" defaultValue="" {...register("cover")}>
          <MenuItem value="">none, in the open</MenuItem>
          {[...materials.values()].map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      {problem !== "" && (
        <Box role="alert" sx={{ mt: 1, color: "var(--ember-text)", fontWeight: 600 }}>
          {problem}
        </Box>
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 1.5 }}>
        <Button type="submit" variant="contained" size="large">
          Add the bed
        </Button>
        <Button size="large" color="inherit" onClick={() => setView({ addingBeds: true })}>
          Several beds…
        </Button>
      </Box>
    </Box>
  );
}
