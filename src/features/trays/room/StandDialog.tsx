"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import type { Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import type { Stand } from "@/core/trays";
import { celsius, fahrenheit, feet, metres } from "@/core/units";
import { gardenStore, newId } from "@/store/index";
import { amount, ChoiceField, LengthField, NumberField, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { trays as say } from "@/words/en/trays";

interface Props {
  garden: Garden;
  stand: Stand | null;
  onClose: () => void;
}

const StandFieldsSchema = z.object({
  name: z.string(),
  kind: z.enum(["bench", "mat", "frame", "outdoors"]),
  length: amount(say.enterItsLength),
  width: amount(say.enterItsWidth),
  heat: amount(say.enterTheMatTemperature),
});

const KINDS = [
  { value: "bench", words: say.indoorBench },
  { value: "mat", words: say.heatMat },
  { value: "frame", words: say.coldFrame },
  { value: "outdoors", words: say.outdoors },
];

const tenth = (value: number) => Math.round(value * 10) / 10;

/** A place where trays stand: what it is, how large, how warm. */
export default function StandDialog({ garden, stand, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const unit = imperial ? "ft" : "m";
  const long = (lengthM: number) => (imperial ? tenth(feet(lengthM)) : lengthM);
  const warm = (tempC: number) => (imperial ? Math.round(fahrenheit(tempC)) : tempC);
  const form = useFields(StandFieldsSchema, {
    name: stand?.name ?? "",
    kind: stand?.kind ?? "bench",
    length: long(stand?.lengthM ?? 1.5),
    width: long(stand?.widthM ?? 0.6),
    heat: warm(stand?.heatMatC ?? 22),
  });
  const { control, refuse } = form;
  const kind = form.watch("kind");
  const keep = form.handleSubmit(async (fields) => {
    const done = await gardenStore().dispatch("stand.set", {
      id: stand?.id ?? newId("stand"),
      name: fields.name,
      kind: fields.kind,
      lengthM: exactM(imperial ? metres(fields.length) : fields.length),
      widthM: exactM(imperial ? metres(fields.width) : fields.width),
      heatMatC: fields.kind !== "mat" ? null : imperial ? celsius(fields.heat) : fields.heat,
    });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.saved({ fields: fields.name }), "done", true);
  });
  const remove = async () => {
    if (!stand) return;
    const done = await gardenStore().dispatch("stand.remove", { id: stand.id });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.removed({ name: stand.name }), "done", true);
  };
  return (
    <FormDialog
      title={stand ? stand.name : say.addATrayLocation}
      refusal={form.refusal}
      more={
        stand && (
          <Button color="inherit" onClick={() => void remove()}>
            {say.remove}
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <WordsField control={control} name="name" label={say.name} />
      <ChoiceField control={control} name="kind" label={say.type} choices={KINDS} />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        <LengthField unit={unit} control={control} name="length" label={say.length({ unit })} />
        <LengthField unit={unit} control={control} name="width" label={say.width({ unit })} />
      </Box>
      {kind === "mat" && (
        <>
          <NumberField control={control} name="heat" label={imperial ? say.setToF : say.setToC} />
          <Alert severity="warning">{say.heatAndMoistureUseAMatMadeForItOnA}</Alert>
        </>
      )}
    </FormDialog>
  );
}
