"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { Controller, useWatch, type Control, type FieldPath } from "react-hook-form";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { Told } from "@/core/facts";
import {
  bedsInOrder,
  cropsOf,
  TRIAL_KINDS,
  TRIAL_MEASURES,
  type Garden,
  type Trial,
} from "@/core/garden";
import { blocksIn, layOut, trialPlantings } from "@/core/trials";
import { gardenStore, newId } from "@/store";
import { CheckField, ChoiceField, DateField, NumberField, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { toldMessage } from "@/ui/wording";
import { trialKinds, trialMeasures, trials as say } from "@/words/en/trials";
import { TrialFieldsSchema, treatmentsFrom, type TrialFields } from "./trialFields";
import { TrialPlan } from "./TrialPlan";

interface Props {
  garden: Garden;
  today: DayNumber;
  onClose: () => void;
}

const SEEDS = 4_294_967_296;
const drawn = () => Math.floor(Math.random() * SEEDS);

/** A trial laid out: what is compared, on what and where; how it would lie is drawn as it is typed. */
export default function TrialDialog({ garden, today, onClose }: Props) {
  const crops = cropsOf(garden);
  const beds = bedsInOrder(garden).filter(({ container }) => !container);
  const { control, handleSubmit } = useFields<TrialFields>(TrialFieldsSchema, {
    name: "",
    kind: "amendment",
    measure: "grams",
    lines: "",
    varietyIds: [],
    cropIds: [],
    bedIds: [],
    blocks: 2,
    plants: true,
    sowOn: isoDate(today),
  });
  const [seed, setSeed] = useState(drawn);
  const [refusal, setRefusal] = useState<Told>("");
  const fields = useWatch({ control }) as TrialFields;
  const trial = useMemo(() => laidOut(garden, fields, seed, today), [garden, fields, seed, today]);
  const crop = crops.get(fields.cropIds[0] ?? "");
  const lay = handleSubmit(async (typed) => {
    const made = laidOut(garden, typed, seed, today);
    if (!made) {
      const chosen = typed.bedIds.flatMap((id) => garden.beds.get(id) ?? []);
      const count = treatmentsFrom(typed, crops.get(typed.cropIds[0] ?? "")).length;
      const most = chosen.reduce((sum, bed) => sum + blocksIn(bed, Math.max(2, count)), 0);
      return setRefusal(say.noRoom({ most }));
    }
    const plantings = typed.plants
      ? trialPlantings(garden, made, typed.sowOn, () => newId("planting"))
      : [];
    const done = await gardenStore().dispatch("trial.set", { trial: made, plantings });
    if (!done.ok) return setRefusal(done.refusal);
    tell(say.laid({ name: made.name }), "done", true);
    onClose();
  });
  return (
    <FormDialog
      title={say.title}
      width="md"
      refusal={refusal}
      keepLabel={say.lay}
      onSubmit={() => void lay()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: { sm: "1fr 1fr" } }}>
        <WordsField control={control} name="name" label={say.name} placeholder={say.nameExample} />
        <ChoiceField
          control={control}
          name="kind"
          label={say.kind}
          choices={TRIAL_KINDS.map((kind) => ({ value: kind, words: trialKinds[kind] }))}
        />
        <Several
          control={control}
          name="cropIds"
          label={say.crops}
          options={[...crops.values()].map(({ id, name }) => ({ id, name }))}
        />
        {fields.kind === "variety" ? (
          <Several
            control={control}
            name="varietyIds"
            label={say.varieties}
            options={(crop?.varieties ?? []).map(({ id, name }) => ({ id, name }))}
          />
        ) : (
          <WordsField
            control={control}
            name="lines"
            label={LINES_LABEL[fields.kind] ?? say.treatments}
            multiline
            minRows={3}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        )}
        <Several
          control={control}
          name="bedIds"
          label={say.beds}
          options={beds.map(({ id, name }) => ({ id, name }))}
        />
        <NumberField control={control} name="blocks" label={say.blocks} />
        <ChoiceField
          control={control}
          name="measure"
          label={say.measure}
          choices={TRIAL_MEASURES.map((measure) => ({
            value: measure,
            words: trialMeasures[measure],
          }))}
        />
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
          <CheckField control={control} name="plants" label={say.plantRows} />
          {fields.plants && (
            <DateField control={control} name="sowOn" label={say.sownOn} size="small" />
          )}
        </Box>
      </Box>
      {trial && (
        <Box>
          <TrialPlan garden={garden} trial={trial} />
          <Button
            color="inherit"
            variant="outlined"
            sx={{ mt: 1 }}
            onClick={() => setSeed(drawn())}
          >
            {say.drawAgain}
          </Button>
        </Box>
      )}
    </FormDialog>
  );
}

const LINES_LABEL: Partial<Record<Trial["kind"], string>> = {
  date: say.treatmentsDates,
  spacing: say.treatmentsSpacings,
};

/** The trial that the fields stand for by now; null while it cannot lie anywhere. */
function laidOut(
  garden: Garden,
  fields: TrialFields,
  seed: number,
  today: DayNumber,
): Trial | null {
  const crops = cropsOf(garden);
  const treatments = treatmentsFrom(fields, crops.get(fields.cropIds[0] ?? ""));
  const beds = fields.bedIds.flatMap((id) => garden.beds.get(id) ?? []);
  const { blocks } = fields;
  if (treatments.length < 2 || beds.length === 0 || !Number.isInteger(blocks) || blocks < 1)
    return null;
  const plots = layOut(beds, treatments, blocks, seed);
  if (!plots || fields.cropIds.length === 0) return null;
  return {
    id: `trial-${seed}`,
    name: fields.name.trim() || say.nameExample,
    kind: fields.kind,
    measure: fields.measure,
    treatments,
    rows: fields.cropIds.map((cropId) => ({
      id: `row-${cropId}`,
      cropId,
      name: crops.get(cropId)?.name ?? cropId,
    })),
    plots,
    laidOn: isoDate(today),
    seed,
    results: [],
    verdict: null,
  };
}

interface SeveralProps {
  control: Control<TrialFields>;
  name: FieldPath<TrialFields> & ("cropIds" | "varietyIds" | "bedIds");
  label: string;
  options: readonly { id: string; name: string }[];
}

/** Several of a list, found by typing. */
function Several({ control, name, label, options }: SeveralProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Autocomplete
          multiple
          disableCloseOnSelect
          options={options}
          getOptionLabel={(one) => one.name}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          value={field.value.flatMap((id) => options.find((one) => one.id === id) ?? [])}
          onChange={(_event, chosen) => field.onChange(chosen.map(({ id }) => id))}
          renderInput={(params) => (
            <TextField
              {...params}
              label={label}
              inputRef={field.ref}
              error={fieldState.error !== undefined}
              helperText={
                fieldState.error?.message ? toldMessage(fieldState.error.message) : undefined
              }
            />
          )}
        />
      )}
    />
  );
}
