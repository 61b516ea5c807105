"use client";

import type { Control } from "react-hook-form";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { LOSS_CAUSES, type LogEntry } from "@/core/log";
import { subjectOf } from "@/core/logbook";
import { CAUSE_WORDS, kindWords } from "@/words/en/entries";
import { gardenStore } from "@/store";
import { CheckField, ChoiceField, DateField, NumberField, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { entryFrom, EntryFieldsSchema, fieldsOf, type EntryFields } from "./entryFields";
import { logbook as say } from "@/words/en/logbook";
import { told } from "@/ui/wording";

interface Props {
  garden: Garden;
  entry: LogEntry;
  today: DayNumber;
  onClose: () => void;
}

/** An entry put right: its day, its amounts, its note. */
export default function EntryDialog({ garden, entry, today, onClose }: Props) {
  const { units } = garden.settings;
  const form = useFields(EntryFieldsSchema, fieldsOf(entry, units));
  const { control, refuse } = form;
  const keep = form.handleSubmit(async (fields) => {
    const read = entryFrom(entry, fields, units);
    if (!read.ok) return refuse(read.problem);
    const done = await gardenStore().dispatch("log.keep", {
      entries: [read.entry],
      today: isoDate(today),
    });
    if (!done.ok) return refuse(done.refusal);
    tell(say.entrySaved, "done", true);
    onClose();
  });
  const { subject, place } = subjectOf(garden, entry);
  const about = [told(subject), told(place)].filter((part) => part !== "").join(", ");
  return (
    <FormDialog
      title={`${kindWords(entry.what)}: ${about}`}
      refusal={form.refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <DateField
        control={control}
        name="on"
        label={say.day}
        slotProps={{ htmlInput: { max: isoDate(today) } }}
      />
      <Amounts entry={entry} units={units} control={control} />
      {entry.what.kind === "lost" && (
        <ChoiceField
          control={control}
          name="cause"
          label={say.cause}
          choices={LOSS_CAUSES.map((cause) => ({ value: cause, words: CAUSE_WORDS[cause] }))}
        />
      )}
      {entry.what.kind === "harvested" && (
        <CheckField control={control} name="isLast" label={say.nothingLeftToHarvest} />
      )}
      <WordsField control={control} name="note" label={say.note} multiline minRows={2} />
    </FormDialog>
  );
}

function Amounts(props: {
  entry: LogEntry;
  units: Garden["settings"]["units"];
  control: Control<EntryFields>;
}) {
  const { entry, units, control } = props;
  const { kind } = entry.what;
  const field = (name: keyof EntryFields, label: string) => (
    <NumberField key={name} control={control} name={name} label={label} />
  );
  switch (kind) {
    case "harvested":
      return [
        field("weight", units === "metric" ? say.weightKg : say.weightLb),
        field("count", "Pieces"),
      ];
    case "emerged":
      return [field("count", "Up"), field("outOf", "Of")];
    case "plantedOut":
      return field("count", "Plants");
    case "sown":
      return field("count", say.seedsFromStock);
    case "lost":
      return field("percent", say.lost);
    case "temperature":
      return field("temperature", units === "metric" ? say.temperatureC : say.temperatureF);
    default:
      return null;
  }
}
