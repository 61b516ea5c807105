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
import { seedBox as say } from "@/words/en/seedBox";
import { toldMessage } from "@/ui/wording";

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
    tell(
      say.addedToTheSeedBox({ name: crops.get(typed.cropId)?.name ?? say.theSeed }),
      "done",
      true,
    );
  });
  const remove = async () => {
    if (!lot) return;
    const done = await gardenStore().dispatch("seedLot.remove", { id: lot.id });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.seedRemoved, "done", true);
  };
  const { testSeeds, testSprouted } = fields;
  const tested = testSeeds > 0 && testSprouted >= 0 && testSprouted <= testSeeds;
  return (
    <FormDialog
      title={lot ? say.seed : say.addSeed}
      refusal={toldMessage(form.formState.errors.cropId?.message ?? form.refusal)}
      width="sm"
      more={
        lot && (
          <Button color="inherit" onClick={() => void remove()}>
            {say.remove}
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
        <NumberField control={control} name="packedYear" label={say.packedForYear} />
        <NumberField control={control} name="amount" label={say.amount} />
        <ChoiceField
          control={control}
          name="unit"
          label={say.unit}
          choices={[
            imperial
              ? { value: "ounces", words: say.ounces }
              : { value: "grams", words: say.grams },
            { value: "seeds", words: say.seedsOrPieces },
          ]}
        />
      </Box>
      <Box
        component="fieldset"
        sx={{ border: "1px solid var(--line)", borderRadius: 1, m: 0, p: 1.5 }}
      >
        <Box component="legend" sx={{ px: 0.5, fontSize: 14 }}>
          {say.germinationTestIfDone}
        </Box>
        <Box
          sx={{
            display: "grid",
            // On a phone the date has a line of its own.
            gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1.3fr" },
            gap: 1.5,
          }}
        >
          <NumberField control={control} name="testSeeds" label={say.seedsTested} />
          <NumberField control={control} name="testSprouted" label={say.germinated} />
          <DateField
            control={control}
            name="testedOn"
            label={say.countedOn}
            sx={{ gridColumn: { xs: "span 2", sm: "auto" } }}
          />
        </Box>
        <Box sx={{ mt: 1, fontSize: 14, color: "var(--ash-text)" }} aria-live="polite">
          {tested ? testWords(testSprouted, testSeeds) : say.lay1020OrMoreSeedsOnDampPaperKeep}
        </Box>
      </Box>
      <CheckField control={control} name="treated" label={say.treatedSeedCoatedAgainstDiseaseOr} />
      {fields.treated && <Alert severity="warning">{cautionWords("treated-seed")}</Alert>}
      <WordsField control={control} name="note" label={say.note} multiline />
    </FormDialog>
  );
}

function testWords(sprouted: number, seeds: number): string {
  const { low, high } = germinationInterval(sprouted, seeds);
  const rough = high - low > 0.25 ? say.testMoreSeedsToNarrowThis : "";
  return say.germinationIsBetweenAnd90Sure({
    low: Math.round(low * 100),
    high: Math.round(high * 100),
    rough,
  });
}
