"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState, type FormEvent } from "react";
import type { IsoDate } from "@/core/calendar";
import type { LogEntry } from "@/core/log";
import type { Units } from "@/core/wording";
import { gardenStore } from "@/store";
import { tell } from "@/ui/viewState";
import { readTyped } from "@/ui/inputs";

interface Props {
  entry: LogEntry;
  name: string;
  units: Units;
  today: IsoDate;
}

const GRAMS_IN = { metric: 1000, imperial: 453.59237 } as const;
const UNIT = { metric: "kg", imperial: "lb" } as const;

/** The weight of what was picked with a tap, or how many. */
export function WeighForm({ entry, name, units, today }: Props) {
  const [weight, setWeight] = useState("");
  const [count, setCount] = useState("");
  const [problem, setProblem] = useState("");
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    if (entry.what.kind !== "harvested") return;
    const grams = numberOf(weight, GRAMS_IN[units]);
    const counted = numberOf(count, 1);
    if (grams === null && counted === null) return setProblem("Give a weight or a number.");
    const what = { ...entry.what, grams, count: counted === null ? entry.what.count : counted };
    const done = await gardenStore().dispatch("log.keep", {
      entries: [{ ...entry, what }],
      today,
    });
    if (done.ok) tell("The harvest is weighed.", "done", true);
    else setProblem(done.refusal);
  };
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => void keep(event)}
      sx={{ display: "flex", gap: 1, mt: 0.75, alignItems: "flex-start" }}
    >
      <TextField
        size="small"
        label={UNIT[units]}
        value={weight}
        onChange={(event) => setWeight(event.target.value)}
        error={problem !== ""}
        helperText={problem}
        slotProps={{
          htmlInput: { inputMode: "decimal", "aria-label": `${UNIT[units]} of ${name}` },
        }}
        sx={{ width: problem === "" ? 90 : 180 }}
      />
      <TextField
        size="small"
        label="pieces"
        value={count}
        onChange={(event) => setCount(event.target.value)}
        slotProps={{ htmlInput: { inputMode: "numeric", "aria-label": `Pieces of ${name}` } }}
        sx={{ width: 90 }}
      />
      <Button type="submit" variant="outlined" aria-label={`Keep the weight of ${name}`}>
        Keep
      </Button>
    </Box>
  );
}

/** A number as it is typed; null where nothing is. */
function numberOf(text: string, times: number): number | null {
  return text.trim() === "" ? null : readTyped(text) * times;
}
