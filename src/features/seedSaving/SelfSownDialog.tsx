"use client";

import { z } from "zod";
import { dayNumber, isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import { bedsInOrder, cropsOf, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { exactM } from "@/core/layout";
import { selfSownPlanting } from "@/core/seedSaving";
import { metres } from "@/core/units";
import { gardenStore, newId } from "@/store";
import { amount, ChoiceField, DateField, LengthField, useFields } from "@/ui/forms";
import { CropPicker, FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { seedSaving as say } from "@/words/en/seedSaving";
import "@/words/en/facts/bedSpace";

interface Props {
  garden: Garden;
  site: Site;
  today: DayNumber;
  onClose: () => void;
}

/** A patch that came up by itself: where, how long, and when. */
export default function SelfSownDialog({ garden, site, today, onClose }: Props) {
  const isImperial = garden.settings.units === "imperial";
  const unit = isImperial ? "ft" : "m";
  const beds = bedsInOrder(garden);
  const form = useFields(
    z.object({
      cropId: z.string(),
      varietyId: z.string(),
      bedId: z.string(),
      length: amount(say.enterLength).gt(0, say.enterLength),
      upOn: z.string().refine((on) => isIsoDate(on) && dayNumber(on) <= today, say.enterDate),
    }),
    {
      cropId: "claytonia",
      varietyId: "",
      bedId: beds[0]?.id ?? "",
      length: NaN,
      upOn: isoDate(today),
    },
  );
  const { control } = form;
  const [cropId, varietyId] = form.watch(["cropId", "varietyId"]);
  const keep = form.handleSubmit(async ({ length, upOn, ...typed }) => {
    const made = selfSownPlanting(
      site,
      garden,
      { ...typed, lengthM: exactM(isImperial ? metres(length) : length), upDay: dayNumber(upOn) },
      say.selfSownNote,
      { planting: newId("planting"), sown: newId("log"), up: newId("log") },
    );
    if ("refusal" in made) return form.refuse(made.refusal);
    const done = await gardenStore().dispatch("log.keep", {
      entries: made.entries,
      newPlantings: [made.planting],
      today: isoDate(today),
    });
    if (!done.ok) return form.refuse(done.refusal);
    tell(say.selfSownKept, "done", true);
    onClose();
  });
  return (
    <FormDialog
      title={say.selfSownTitle}
      width="sm"
      refusal={form.refusal}
      keepLabel={say.add}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <CropPicker
        crops={cropsOf(garden)}
        cropId={cropId}
        varietyId={varietyId}
        onChange={(nextCrop, nextVariety) => form.set({ cropId: nextCrop, varietyId: nextVariety })}
      />
      <ChoiceField
        control={control}
        name="bedId"
        label={say.bed}
        choices={beds.map(({ id, name }) => ({ value: id, words: name }))}
      />
      <LengthField control={control} name="length" unit={unit} label={say.length({ unit })} />
      <DateField control={control} name="upOn" label={say.upOn} />
    </FormDialog>
  );
}
