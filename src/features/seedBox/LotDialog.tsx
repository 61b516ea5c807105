"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { isoDate } from "@/core/calendar";
import { cautionWords } from "@/core/crops";
import { cropsOf } from "@/core/garden";
import { germinationInterval, type SeedLot } from "@/core/seedBox";
import { gardenStore } from "@/store/index";
import { CropPicker, FormDialog, NumberInput } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { lotFieldsOf, lotFrom, type LotFields } from "./lotFields";
import type { SectionProps } from "@/ui/section";

interface Props extends SectionProps {
  lot: SeedLot | null;
  onClose: () => void;
}

/** A packet in the seed box: what it is, how much, how old, how it tested. */
export default function LotDialog({ garden, today, lot, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const crops = cropsOf(garden);
  const [fields, setFields] = useState(() => lotFieldsOf(lot, imperial, today));
  const [refusal, setRefusal] = useState("");
  const set = (some: Partial<LotFields>) => setFields({ ...fields, ...some });
  const keep = async () => {
    if (fields.cropId === "") return setRefusal("Choose the crop.");
    const done = await gardenStore().dispatch("seedLot.set", {
      lot: lotFrom(fields, lot, imperial, today),
      today: isoDate(today),
    });
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    tell(`${crops.get(fields.cropId)?.name ?? "The seed"} is in the box.`, "done", true);
  };
  const remove = async () => {
    if (!lot) return;
    const done = await gardenStore().dispatch("seedLot.remove", { id: lot.id });
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    tell("The seed is taken out of the box.", "done", true);
  };
  const number = (name: "packedYear" | "amount" | "testSeeds" | "testSprouted", label: string) => (
    <NumberInput label={label} value={fields[name]} onNumber={(value) => set({ [name]: value })} />
  );
  const { testSeeds, testSprouted } = fields;
  const tested = testSeeds > 0 && testSprouted >= 0 && testSprouted <= testSeeds;
  return (
    <FormDialog
      title={lot ? "Seed" : "New seed"}
      refusal={refusal}
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
          onChange={(cropId, varietyId) => set({ cropId, varietyId })}
        />
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("packedYear", "Packed for year")}
        {number("amount", "There is")}
        <TextField
          select
          label="Counted in"
          value={fields.unit}
          onChange={(event) => set({ unit: event.target.value as LotFields["unit"] })}
        >
          <MenuItem value={imperial ? "ounces" : "grams"}>{imperial ? "ounces" : "grams"}</MenuItem>
          <MenuItem value="seeds">seeds or pieces</MenuItem>
        </TextField>
      </Box>
      <Box
        component="fieldset"
        sx={{ border: "1px solid var(--line)", borderRadius: 1, m: 0, p: 1.5 }}
      >
        <Box component="legend" sx={{ px: 0.5, fontSize: 14 }}>
          Germination test, if one was made
        </Box>
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1.3fr", gap: 1.5 }}>
          {number("testSeeds", "Seeds laid out")}
          {number("testSprouted", "Sprouted")}
          <TextField
            label="Counted on"
            type="date"
            value={fields.testedOn}
            onChange={(event) => set({ testedOn: event.target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        </Box>
        <Box sx={{ mt: 1, fontSize: 14, color: "var(--ash-text)" }} aria-live="polite">
          {tested
            ? testWords(testSprouted, testSeeds)
            : "Lay 10, 20 or more seeds on damp paper, keep them warm, count after two weeks."}
        </Box>
      </Box>
      <FormControlLabel
        control={
          <Checkbox
            checked={fields.treated}
            onChange={(event) => set({ treated: event.target.checked })}
          />
        }
        label="Treated seed (coated against disease or insects)"
      />
      {fields.treated && <Alert severity="warning">{cautionWords("treated-seed")}</Alert>}
      <TextField
        label="Note"
        multiline
        value={fields.note}
        onChange={(event) => set({ note: event.target.value })}
      />
    </FormDialog>
  );
}

function testWords(sprouted: number, seeds: number): string {
  const { low, high } = germinationInterval(sprouted, seeds);
  const rough = high - low > 0.25 ? " Few seeds leave it that open; more would say more." : "";
  return `The lot sprouts between ${Math.round(low * 100)} and ${Math.round(high * 100)} %, nine times in ten.${rough}`;
}
