"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import type { Crop } from "@/core/crops";
import { STORE_PLACES, type StorePlace } from "@/core/food";
import type { LogEntry } from "@/core/log";
import { GRAMS_IN, WEIGHT_UNIT, type Units } from "@/core/units";
import { gardenStore, newId } from "@/store";
import { tell } from "@/ui/viewState";
import { ChoiceField, NumberField, amount, useFields } from "@/ui/forms";
import { today as say } from "@/words/en/today";
import { storePlaces } from "@/words/en/storePlaces";
import { toldMessage } from "@/ui/wording";

interface Props {
  entry: LogEntry;
  plantingId: string;
  crop: Crop;
  varietyId: string | null;
  units: Units;
}

const StoredSchema = z.object({
  weight: amount(say.enterHowMuchIsStored).gt(0, say.enterHowMuchIsStored),
  place: z.enum(STORE_PLACES),
});

/** How much was put by, and where: then the larder counts on it. */
export default function StoreForm({ entry, plantingId, crop, varietyId, units }: Props) {
  const { control, handleSubmit, formState, refusal, refuse } = useFields(StoredSchema, {
    weight: NaN,
    place: crop.storage?.air === "dry" ? ("shelf" as StorePlace) : "cellar",
  });
  const keep = handleSubmit(async ({ weight, place }) => {
    const done = await gardenStore().dispatch("store.putBy", {
      lot: {
        id: newId("store"),
        cropId: crop.id,
        varietyId,
        place,
        since: entry.on,
        grams: weight * GRAMS_IN[units],
        plantingId,
        note: "",
      },
      pickedId: newId("log"),
    });
    if (done.ok) tell(say.inTheLarder({ crop: crop.name }), "done", true);
    else refuse(done.refusal);
  });
  const unit = WEIGHT_UNIT[units];
  const problem = toldMessage(formState.errors.weight?.message ?? refusal);
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => void keep(event)}
      sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 0.75, alignItems: "flex-start" }}
    >
      <NumberField
        control={control}
        name="weight"
        size="small"
        label={unit}
        helperText={refusal || undefined}
        slotProps={{ htmlInput: { "aria-label": say.storedOf({ unit, crop: crop.name }) } }}
        sx={{ width: problem === "" ? 90 : 180 }}
      />
      <Box sx={{ width: 230 }}>
        <ChoiceField
          control={control}
          name="place"
          label={say.storedWhere}
          choices={STORE_PLACES.map((value) => ({ value, words: storePlaces[value] }))}
        />
      </Box>
      <Button
        type="submit"
        variant="outlined"
        aria-label={say.putIntoTheLarderOf({ crop: crop.name })}
      >
        {say.putIntoTheLarder}
      </Button>
    </Box>
  );
}
