"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { isoDate } from "@/core/calendar";
import { cautionWords } from "@/core/crops";
import { cropsOf } from "@/core/garden";
import { germinationInterval, type SeedLot } from "@/core/seedBox";
import { gardenStore } from "@/store/index";
import {
  CheckField,
  ChoiceField,
  DateField,
  NumberField,
  readable,
  useFields,
  WordsField,
} from "@/ui/forms";
import { CropPicker, FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { LotFieldsSchema, lotFieldsOf, lotFrom } from "./lotFields";
import type { SectionProps } from "@/ui/section";

interface Props extends SectionProps {
  lot: SeedLot | null;
  onClose: () => void;
}

/** A packet in the seed box: what it is, how much, how old, how it tested. */
export default function LotDialog({ garden, today, lot, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const crops = cropsOf(garden);
  const form = useFields(LotFieldsSchema, lotFieldsOf(lot, imperial, today));
  const { control, refuse } = form;
  const fields = readable(form.watch());
  const keep = form.handleSubmit(async (typed) => {
    const done = await gardenStore().dispatch("seedLot.set", {
      lot: lotFrom(typed, lot, imperial, today),
      today: isoDate(today),
    });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(`${crops.get(typed.cropId)?.name ?? "The seed"} is in the box.`, "done", true);
  });
  const remove = async () => {
    if (!lot) return;
    const done = await gardenStore().dispatch("seedLot.remove", { id: lot.id });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell("The seed is taken out of the box.", "done", true);
  };
  const { testSeeds, testSprouted } = fields;
  const tested = testSeeds > 0 && testSprouted >= 0 && testSprouted <= testSeeds;
  return (
    <FormDialog
      title={lot ? "Seed" : "New seed"}
      refusal={form.formState.errors.cropId?.message ?? form.refusal}
      width="sm"
      more={
        lot && (
          <Button color="inherit" onClick={() => void remove()}>
            Take out
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 1.5 }}>
        <CropPicker
          crops={crops}
          cropId={fields.cropId}
          varietyId={fields.varietyId}
          onChange={(cropId, varietyId) => form.set({ cropId, varietyId })}
        />
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        <NumberField control={control} name="packedYear" label="Packed for year" />
        <NumberField control={control} name="amount" label="There is" />
        <ChoiceField
          control={control}
          name="unit"
          label="Counted in"
          choices={[
            imperial ? { value: "ounces", words: "ounces" } : { value: "grams", words: "grams" },
            { value: "seeds", words: "seeds or pieces" },
          ]}
        />
      </Box>
      <Box
        component="fieldset"
        sx={{ border: "1px solid var(--line)", borderRadius: 1, m: 0, p: 1.5 }}
      >
        <Box component="legend" sx={{ px: 0.5, fontSize: 14 }}>
          Germination test, if one was made
        </Box>
        <Box
          sx={{
            display: "grid",
            // On a phone the date has a line of its own.
            gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1.3fr" },
            gap: 1.5,
          }}
        >
          <NumberField control={control} name="testSeeds" label="Seeds laid out" />
          <NumberField control={control} name="testSprouted" label="Sprouted" />
          <DateField
            control={control}
            name="testedOn"
            label="Counted on"
            sx={{ gridColumn: { xs: "span 2", sm: "auto" } }}
          />
        </Box>
        <Box sx={{ mt: 1, fontSize: 14, color: "var(--ash-text)" }} aria-live="polite">
          {tested
            ? testWords(testSprouted, testSeeds)
            : "Lay 10, 20 or more seeds on damp paper, keep them warm, count after two weeks."}
        </Box>
      </Box>
      <CheckField
        control={control}
        name="treated"
        label="Treated seed (coated against disease or insects)"
      />
      {fields.treated && <Alert severity="warning">{cautionWords("treated-seed")}</Alert>}
      <WordsField control={control} name="note" label="Note" multiline />
    </FormDialog>
  );
}

function testWords(sprouted: number, seeds: number): string {
  const { low, high } = germinationInterval(sprouted, seeds);
  const rough = high - low > 0.25 ? " Few seeds leave it that open; more would say more." : "";
  return `The lot sprouts between ${Math.round(low * 100)} and ${Math.round(high * 100)} %, nine times in ten.${rough}`;
}
