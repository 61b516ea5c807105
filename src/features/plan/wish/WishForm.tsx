"use client";

import Box from "@mui/material/Box";
import { bedsInOrder, coversOver, cropsOf, type Garden } from "@/core/garden";
import { coverWords } from "@/words/covers";
import { ChoiceField, DateField, HowMuchField, type Fields } from "@/ui/forms";
import { CropPicker } from "@/ui/inputs/index";
import type { WishFields } from "./wishFields";
import { wish as say } from "@/words/en/wish";

interface Props {
  garden: Garden;
  form: Fields<WishFields>;
}

/** The wish as a sentence of fields: what, when, where, how much. */
export function WishForm({ garden, form }: Props) {
  const { control } = form;
  const { cropId, varietyId, mode } = form.watch();
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1.5,
        pt: 1,
        gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1.2fr" },
      }}
    >
      <CropPicker
        crops={cropsOf(garden)}
        cropId={cropId}
        varietyId={varietyId}
        onChange={(cropId, varietyId) => form.set({ cropId, varietyId })}
      />
      <ChoiceField
        control={control}
        name="bedId"
        label={say.where}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        choices={[
          { value: "", words: say.anywhere },
          ...bedsInOrder(garden).map((bed) => ({
            value: bed.id,
            words: `${bed.name}: ${coverWords(coversOver(garden, bed))}`,
          })),
        ]}
        sx={{ gridColumn: { xs: "span 2", sm: "auto" } }}
      />
      <ChoiceField
        control={control}
        name="mode"
        label={say.when}
        choices={[
          { value: "by", words: say.readyBy },
          { value: "between", words: say.fromTo },
          { value: "sowOn", words: say.ifISowOn },
        ]}
      />
      {mode === "sowOn" ? (
        <DateField control={control} name="sowOn" label={say.sowOn} />
      ) : (
        <DateField control={control} name="by" label={mode === "by" ? say.readyBy2 : say.from} />
      )}
      {mode === "between" && <DateField control={control} name="until" label={say.to} />}
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: "1fr 1fr",
          gridColumn: { xs: "span 2", sm: "auto" },
        }}
      >
        <HowMuchField form={form} units={garden.settings.units} />
      </Box>
    </Box>
  );
}
