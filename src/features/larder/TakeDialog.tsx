"use client";

import { z } from "zod";
import { isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import type { StoreLot } from "@/core/food";
import { cropsOf, type Garden } from "@/core/garden";
import { TAKEN_FOR } from "@/core/log";
import { WEIGHT_UNIT } from "@/core/units";
import { gardenStore, newId } from "@/store";
import { amount, ChoiceField, DateField, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { Caution } from "./StoreDialog";
import { gramsFrom } from "./weights";
import { larder as say } from "@/words/en/larder";

interface Props {
  garden: Garden;
  lot: StoreLot;
  today: DayNumber;
  onClose: () => void;
}

const TakeFieldsSchema = z.object({
  weight: amount(say.enterHowMuch).gt(0, say.enterHowMuch),
  why: z.enum(TAKEN_FOR),
  on: z.string().refine(isIsoDate),
});

/** So much out of the store: eaten, sorted out, given away or sold. */
export default function TakeDialog({ garden, lot, today, onClose }: Props) {
  const wording = useWording();
  const { units } = garden.settings;
  const crop = cropsOf(garden).get(lot.cropId)?.name ?? lot.cropId;
  const usual: z.infer<typeof TakeFieldsSchema> = { weight: NaN, why: "eaten", on: isoDate(today) };
  const { control, handleSubmit, refusal, refuse } = useFields(TakeFieldsSchema, usual);
  const keep = handleSubmit(async ({ weight, why, on }) => {
    const grams = gramsFrom(weight, units);
    const taken = { id: newId("log"), on, storeLotId: lot.id, grams, why };
    const done = await gardenStore().dispatch("store.take", taken);
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.takenOut({ weight: wording.weightG(grams), crop }), "done", true);
  });
  return (
    <FormDialog
      title={say.takeOf({ crop })}
      refusal={refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <NumberField
        control={control}
        name="weight"
        label={say.howMuch({ unit: WEIGHT_UNIT[units] })}
        autoFocus
      />
      <ChoiceField
        control={control}
        name="why"
        label={say.whatFor}
        choices={TAKEN_FOR.map((value) => ({ value, words: say[value] }))}
      />
      <DateField control={control} name="on" label={say.onDay} />
      <Caution words={lot.cropId === "potato" ? say.potatoesDark : say.rotSpreads} />
    </FormDialog>
  );
}
