"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useWatch } from "react-hook-form";
import { z } from "zod";
import { isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import { keepingIn, STORE_PLACES, type StoreLot } from "@/core/food";
import { cropsOf, type Garden } from "@/core/garden";
import { WEIGHT_UNIT } from "@/core/units";
import { gardenStore, newId } from "@/store";
import { amount, ChoiceField, DateField, NumberField, useFields } from "@/ui/forms";
import { CropPicker, FormDialog } from "@/ui/inputs";
import { send } from "@/ui/send";
import { tell } from "@/ui/viewState";
import { gramsFrom, weightFrom } from "./weights";
import { larder as say } from "@/words/en/larder";

interface Props {
  garden: Garden;
  /** The one that is changed; null for a new one. */
  lot: StoreLot | null;
  today: DayNumber;
  onClose: () => void;
}

const StoreFieldsSchema = z.object({
  cropId: z.string().min(1, say.chooseWhat),
  varietyId: z.string(),
  weight: amount(say.enterHowMuch).gt(0, say.enterHowMuch),
  place: z.enum(STORE_PLACES),
  since: z.string().refine(isIsoDate),
});

/** Something put into store: what, how much, where, since when; told how long it keeps there. */
export default function StoreDialog({ garden, lot, today, onClose }: Props) {
  const { units } = garden.settings;
  const crops = cropsOf(garden);
  const form = useFields(StoreFieldsSchema, {
    cropId: lot?.cropId ?? "",
    varietyId: lot?.varietyId ?? "",
    weight: lot ? weightFrom(lot.grams, units) : NaN,
    place: lot?.place ?? "cellar",
    since: lot?.since ?? isoDate(today),
  });
  const { control, handleSubmit, refusal, refuse, setValue } = form;
  const { cropId = "", varietyId = "", place = "cellar" } = useWatch({ control });
  const crop = crops.get(cropId);
  const keeping = crop && keepingIn(crop, place);
  const keep = handleSubmit(async (fields) => {
    const done = await gardenStore().dispatch("store.set", {
      id: lot?.id ?? newId("store"),
      cropId: fields.cropId,
      varietyId: fields.varietyId || null,
      place: fields.place,
      since: fields.since,
      grams: gramsFrom(fields.weight, units),
      plantingId: lot?.plantingId ?? null,
      note: lot?.note ?? "",
    });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.stored({ crop: crop?.name ?? "" }), "done", true);
  });
  const weeks = Math.floor(keeping?.weeks ?? 0);
  return (
    <FormDialog
      title={say.inStore}
      refusal={refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
      more={
        lot && (
          <Button
            color="inherit"
            onClick={() => {
              onClose();
              void send("store.remove", { id: lot.id }, say.removed({ crop: crop?.name ?? "" }));
            }}
          >
            {say.remove}
          </Button>
        )
      }
    >
      <CropPicker
        crops={crops}
        cropId={cropId}
        varietyId={varietyId}
        onChange={(nextCrop, nextVariety) => {
          setValue("cropId", nextCrop, { shouldValidate: true });
          setValue("varietyId", nextVariety);
          const air = crops.get(nextCrop)?.storage?.air;
          if (air && lot === null) setValue("place", air === "dry" ? "shelf" : "cellar");
        }}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        <NumberField
          control={control}
          name="weight"
          label={say.howMuch({ unit: WEIGHT_UNIT[units] })}
        />
        <DateField control={control} name="since" label={say.since} />
      </Box>
      <ChoiceField
        control={control}
        name="place"
        label={say.place}
        choices={STORE_PLACES.map((value) => ({ value, words: say[value] }))}
      />
      {crop && keeping && (
        <Box aria-live="polite" sx={{ fontSize: 15 }}>
          {keeping.isWrongAir
            ? say.wrongAir({ crop: crop.name, weeks, moist: crop.storage?.air === "moist" })
            : say.keeps({ crop: crop.name, weeks })}
        </Box>
      )}
      {place === "jars" && <Caution words={say.jarsSafely} />}
      {cropId === "potato" && <Caution words={say.potatoesDark} />}
    </FormDialog>
  );
}

/** What can hurt, said where the act is. */
export function Caution({ words }: { words: string }) {
  return (
    <Box role="note" sx={{ pl: 1, borderLeft: "4px solid var(--ember)", fontSize: 14.5 }}>
      {words}
    </Box>
  );
}
