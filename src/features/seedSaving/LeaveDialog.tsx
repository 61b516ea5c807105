"use client";

import Box from "@mui/material/Box";
import { z } from "zod";
import type { DayNumber } from "@/core/calendar";
import { ISOLATIONS, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { plantingStates, type PlantingState } from "@/core/plantings";
import { crossingsOf, seedSavingOf } from "@/core/seedSaving";
import { gardenStore, newId } from "@/store";
import { amount, ChoiceField, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { seedSaving as say } from "@/words/en/seedSaving";
import { isolationWords } from "./isolationWords";

interface Props {
  garden: Garden;
  site: Site;
  today: DayNumber;
  onClose: () => void;
}

const FieldsSchema = z.object({
  plantingId: z.string().min(1, say.choosePlanting),
  plants: amount(say.enterPlants).int(say.enterPlants).min(1, say.enterPlants),
  isolation: z.enum(ISOLATIONS),
  winter: z.enum(["stands", "covered", "lifted"]),
});

/** Which plants, how many, and how they are kept apart and come through the winter; with what may cross. */
export default function LeaveDialog({ garden, site, today, onClose }: Props) {
  const taken = new Set([...garden.seedPlans.values()].map(({ plantingId }) => plantingId));
  const states = plantingStates(garden, site).filter(
    ({ planting, growing }) => seedSavingOf(growing.crop) !== null && !taken.has(planting.id),
  );
  const form = useFields<z.infer<typeof FieldsSchema>>(FieldsSchema, {
    plantingId: "",
    plants: NaN,
    isolation: "distance",
    winter: "stands",
  });
  const { control } = form;
  const [plantingId, plants] = form.watch(["plantingId", "plants"]);
  const state = states.find(({ planting }) => planting.id === plantingId);
  const saving = state && seedSavingOf(state.growing.crop);
  const keep = form.handleSubmit(async (typed) => {
    const plan = { ...typed, id: newId("seed"), harvestedOn: null, lotId: null, note: "" };
    const done = await gardenStore().dispatch("seedPlan.set", plan);
    if (!done.ok) return form.refuse(done.refusal);
    tell(say.left({ name: state?.name ?? "" }), "done", true);
    onClose();
  });
  return (
    <FormDialog
      title={say.leaveTitle}
      width="sm"
      refusal={form.refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      {states.length === 0 && <Box sx={{ fontSize: 16 }}>{say.noPlantings}</Box>}
      <ChoiceField
        control={control}
        name="plantingId"
        label={say.planting}
        choices={states.map(({ planting, name, bed }) => ({
          value: planting.id,
          words: `${name}, ${bed.name}`,
        }))}
      />
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
        <NumberField control={control} name="plants" label={say.plants} />
        <ChoiceField
          control={control}
          name="isolation"
          label={say.isolation}
          choices={ISOLATIONS.map((one) => ({ value: one, words: isolationWords[one] }))}
        />
        {saving && saving.life !== "annual" && (
          <ChoiceField
            control={control}
            name="winter"
            label={say.winter}
            choices={[
              { value: "stands", words: say.stands },
              { value: "covered", words: say.covered },
              { value: "lifted", words: say.lifted },
            ]}
          />
        )}
      </Box>
      {state && <Advice garden={garden} site={site} state={state} plants={plants} today={today} />}
    </FormDialog>
  );
}

interface AdviceProps {
  garden: Garden;
  site: Site;
  state: PlantingState;
  plants: number;
  today: DayNumber;
}

function Advice({ garden, site, state, plants, today }: AdviceProps) {
  const wording = useWording();
  const saving = seedSavingOf(state.growing.crop);
  if (!saving) return null;
  const distance = wording.distanceM(saving.isolationM);
  const crossings = crossingsOf(site, garden, state);
  const lines = [
    say.advice({ plants: saving.plants, species: state.growing.crop.name.toLowerCase() }),
    plants < saving.plants ? say.fewer({ plants: saving.plants }) : null,
    saving.pollination === "self" ? say.self : say[saving.pollination]({ distance }),
    ...crossings.map((one) =>
      say.crosses({
        name: one.name,
        bed: garden.beds.get(one.bedId)?.name ?? "",
        from: wording.date(one.fromDay, today),
        until: wording.date(one.untilDay, today),
      }),
    ),
    saving.pollination !== "self" && crossings.length === 0 ? say.crossesNothing : null,
    saving.wild === null ? null : say.wild({ wild: saving.wild }),
    say.ripe({ ripeWhen: saving.ripeWhen }),
    saving.harvest,
  ].filter((line) => line !== null);
  return (
    <Box component="ul" aria-live="polite" sx={{ m: 0, pl: 2.25, fontSize: 15.5, lineHeight: 1.5 }}>
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </Box>
  );
}
