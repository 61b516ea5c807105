"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import type { Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { feet, metres } from "@/core/units";
import { gardenStore, newId } from "@/store/index";
import { amount, CoverField, LengthField, useFields, WordsField } from "@/ui/forms";
import { setView, tell } from "@/ui/viewState";
import { today as say } from "@/words/en/today";

const FirstBedSchema = z.object({
  name: z.string(),
  length: amount(say.enterTheLengthOfTheBed),
  width: amount(say.enterTheWidthOfTheBed),
  cover: z.string(),
});

const USUAL_M = { length: 3, width: 0.8 };

/** The first bed: how long, how wide, and what covers it. */
export function FirstBedForm({ garden }: { garden: Garden }) {
  const imperial = garden.settings.units === "imperial";
  const unit = imperial ? "ft" : "m";
  const shown = (lengthM: number) => (imperial ? Math.round(feet(lengthM)) : lengthM);
  const form = useFields(FirstBedSchema, {
    name: "Bed 1",
    length: shown(USUAL_M.length),
    width: shown(USUAL_M.width),
    cover: "",
  });
  const { control, refusal } = form;
  const keep = form.handleSubmit(async ({ name, length, width, cover }) => {
    const read = (value: number) => exactM(imperial ? metres(value) : value);
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
    if (!done.ok) return form.refuse(done.refusal);
    tell(say.added({ name }), "done", true);
  });
  return (
    <Box
      component="form"
      noValidate
      aria-label={say.firstBed}
      onSubmit={(event) => void keep(event)}
    >
      <p>{say.oneIsEnoughToStartAddMoreLater}</p>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", sm: "1.2fr 1fr 1fr 1.6fr" },
          gap: 1.5,
        }}
      >
        <WordsField control={control} name="name" label={say.name} />
        <LengthField unit={unit} control={control} name="length" label={say.length({ unit })} />
        <LengthField unit={unit} control={control} name="width" label={say.width({ unit })} />
        <CoverField control={control} name="cover" />
      </Box>
      {refusal !== "" && (
        <Box role="alert" sx={{ mt: 1, color: "var(--ember-text)", fontWeight: 600 }}>
          {refusal}
        </Box>
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 1.5 }}>
        <Button type="submit" variant="contained" size="large">
          {say.addBed}
        </Button>
        <Button size="large" color="inherit" onClick={() => setView({ addingBeds: true })}>
          {say.addSeveral}
        </Button>
      </Box>
    </Box>
  );
}
