"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import type { IsoDate } from "@/core/calendar";
import type { LogEntry } from "@/core/log";
import { GRAMS_IN, WEIGHT_UNIT, type Units } from "@/core/units";
import { gardenStore } from "@/store";
import { tell } from "@/ui/viewState";
import { maybeAmount, NumberField, useFields } from "@/ui/forms";
import { today as say } from "@/words/en/today";
import { toldMessage } from "@/ui/wording";

interface Props {
  entry: LogEntry;
  name: string;
  units: Units;
  today: IsoDate;
}

/** One of the two must be there. */
const WeighSchema = z
  .object({ weight: maybeAmount, count: maybeAmount })
  .refine(({ weight, count }) => !Number.isNaN(weight) || !Number.isNaN(count), {
    path: ["weight"],
    message: say.enterAWeightOrACount,
  });

/** The weight of what was picked with a tap, or how many. */
export default function WeighForm({ entry, name, units, today }: Props) {
  const { control, handleSubmit, formState, refusal, refuse } = useFields(WeighSchema, {
    weight: NaN,
    count: NaN,
  });
  const keep = handleSubmit(async ({ weight, count }) => {
    if (entry.what.kind !== "harvested") return;
    const grams = Number.isNaN(weight) ? null : weight * GRAMS_IN[units];
    const what = { ...entry.what, grams, count: Number.isNaN(count) ? entry.what.count : count };
    const done = await gardenStore().dispatch("log.keep", {
      entries: [{ ...entry, what }],
      today,
    });
    if (done.ok) tell(say.harvestSaved, "done", true);
    else refuse(done.refusal);
  });
  const problem = toldMessage(formState.errors.weight?.message ?? refusal);
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => void keep(event)}
      sx={{ display: "flex", gap: 1, mt: 0.75, alignItems: "flex-start" }}
    >
      <NumberField
        control={control}
        name="weight"
        size="small"
        label={WEIGHT_UNIT[units]}
        helperText={refusal || undefined}
        slotProps={{ htmlInput: { "aria-label": say.of({ UNIT: WEIGHT_UNIT[units], name }) } }}
        sx={{ width: problem === "" ? 90 : 180 }}
      />
      <NumberField
        control={control}
        name="count"
        size="small"
        label={say.pieces}
        slotProps={{ htmlInput: { inputMode: "numeric", "aria-label": say.piecesOf({ name }) } }}
        sx={{ width: 90 }}
      />
      <Button type="submit" variant="outlined" aria-label={say.saveTheWeightOf({ name })}>
        {say.save}
      </Button>
    </Box>
  );
}
