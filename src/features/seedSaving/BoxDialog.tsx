"use client";

import Box from "@mui/material/Box";
import { z } from "zod";
import { isoDate, type DayNumber } from "@/core/calendar";
import { cropsOf, type Garden, type SeedPlan } from "@/core/garden";
import { ounces } from "@/core/units";
import { gardenStore, newId } from "@/store";
import { amount, maybeAmount, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { seedSaving as say } from "@/words/en/seedSaving";

interface Props {
  garden: Garden;
  plan: SeedPlan;
  today: DayNumber;
  onClose: () => void;
}

const maybeWhole = maybeAmount.refine(
  (value) => Number.isNaN(value) || (Number.isInteger(value) && value >= 0),
  say.wholeSeeds,
);
const FieldsSchema = z
  .object({
    weight: amount(say.enterWeight).gt(0, say.enterWeight),
    tested: maybeWhole,
    sprouted: maybeWhole,
  })
  .refine(({ tested, sprouted }) => !(sprouted > tested), {
    path: ["sprouted"],
    message: say.moreSprouted,
  });

/** Clean, dry seed, weighed and tested, as a lot of the seed box. */
export default function BoxDialog({ garden, plan, today, onClose }: Props) {
  const isImperial = garden.settings.units === "imperial";
  const form = useFields(FieldsSchema, { weight: NaN, tested: NaN, sprouted: NaN });
  const { control } = form;
  const planting = garden.plantings.get(plan.plantingId);
  const name = cropsOf(garden).get(planting?.cropId ?? "")?.name ?? "";
  const keep = form.handleSubmit(async ({ weight, tested, sprouted }) => {
    if (!planting) return;
    const on = plan.harvestedOn ?? isoDate(today);
    const done = await gardenStore().dispatch("seedPlan.box", {
      id: plan.id,
      lot: {
        id: newId("lot"),
        cropId: planting.cropId,
        varietyId: planting.varietyId,
        packedYear: Number(on.slice(0, 4)),
        amount: { unit: "grams", value: isImperial ? weight / ounces(1) : weight },
        germinationTest:
          tested > 0 && sprouted >= 0
            ? { seeds: tested, sprouted, testedOn: isoDate(today) }
            : null,
        treated: false,
        note: say.ownNote,
      },
    });
    if (!done.ok) return form.refuse(done.refusal);
    tell(say.boxed({ name }), "done", true);
    onClose();
  });
  return (
    <FormDialog
      title={say.boxTitle({ name: name.toLowerCase() })}
      refusal={form.refusal}
      keepLabel={say.intoBox}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <NumberField
        control={control}
        name="weight"
        label={say.weight({ unit: isImperial ? "oz" : "g" })}
      />
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: "1fr 1fr" }}>
        <NumberField control={control} name="tested" label={say.tested} />
        <NumberField control={control} name="sprouted" label={say.sprouted} />
      </Box>
    </FormDialog>
  );
}
