"use client";

import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { Controller, useForm, type UseFormRegister } from "react-hook-form";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { LOSS_CAUSES, type LogEntry } from "@/core/log";
import { CAUSE_WORDS, kindWords, subjectOf } from "@/core/logbook";
import { gardenStore } from "@/store";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { entryFrom, fieldsOf, type EntryFields } from "./entryFields";

interface Props {
  garden: Garden;
  entry: LogEntry;
  today: DayNumber;
  onClose: () => void;
}

/** An entry put right: its day, its amounts, its note. */
export default function EntryDialog({ garden, entry, today, onClose }: Props) {
  const { units } = garden.settings;
  const { register, control, handleSubmit } = useForm<EntryFields>({
    defaultValues: fieldsOf(entry, units),
  });
  const [refusal, setRefusal] = useState("");
  const keep = async (fields: EntryFields) => {
    const read = entryFrom(entry, fields, units);
    if (!read.ok) return setRefusal(read.problem);
    const done = await gardenStore().dispatch("log.keep", {
      entries: [read.entry],
      today: isoDate(today),
    });
    if (!done.ok) return setRefusal(done.refusal);
    tell("The entry is changed.", "done", true);
    onClose();
  };
  const { subject, place } = subjectOf(garden, entry);
  const about = [subject, place].filter((part) => part !== "").join(", ");
  return (
    <FormDialog
      title={`${kindWords(entry.what)}: ${about}`}
      refusal={refusal}
      onSubmit={() => void handleSubmit(keep)()}
      onClose={onClose}
    >
      <TextField
        label="Day"
        type="date"
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: isoDate(today) } }}
        {...register("on")}
      />
      <Amounts entry={entry} units={units} register={register} />
      {entry.what.kind === "lost" && (
        <Controller
          control={control}
          name="cause"
          render={({ field }) => (
            <TextField select label="Cause" {...field}>
              {LOSS_CAUSES.map((cause) => (
                <MenuItem key={cause} value={cause}>
                  {CAUSE_WORDS[cause]}
                </MenuItem>
              ))}
            </TextField>
          )}
        />
      )}
      {entry.what.kind === "harvested" && (
        <Controller
          control={control}
          name="isLast"
          render={({ field }) => (
            <FormControlLabel
              control={
                <Checkbox
                  checked={field.value}
                  onChange={(event) => field.onChange(event.target.checked)}
                />
              }
              label="Nothing is left to pick"
            />
          )}
        />
      )}
      <TextField label="Note" multiline minRows={2} {...register("note")} />
    </FormDialog>
  );
}

function Amounts(props: {
  entry: LogEntry;
  units: Garden["settings"]["units"];
  register: UseFormRegister<EntryFields>;
}) {
  const { entry, units, register } = props;
  const { kind } = entry.what;
  const field = (name: keyof EntryFields, label: string) => (
    <TextField
      key={name}
      label={label}
      slotProps={{ htmlInput: { inputMode: "decimal" } }}
      {...register(name)}
    />
  );
  switch (kind) {
    case "harvested":
      return [
        field("weight", units === "metric" ? "Weight (kg)" : "Weight (lb)"),
        field("count", "Pieces"),
      ];
    case "emerged":
      return [field("count", "Up"), field("outOf", "Of")];
    case "plantedOut":
      return field("count", "Plants");
    case "sown":
      return field("count", "Seeds from the box");
    case "lost":
      return field("percent", "Lost (%)");
    case "temperature":
      return field("temperature", units === "metric" ? "Temperature (°C)" : "Temperature (°F)");
    default:
      return null;
  }
}
