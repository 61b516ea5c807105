"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import {
  byFoodGroup,
  FOOD_GROUPS,
  usualNeed,
  YEAR_SEASONS,
  type FoodGroup,
  type Need,
  type YearSeason,
} from "@/core/food";
import type { Garden } from "@/core/garden";
import { GRAMS_IN, WEIGHT_UNIT, type Units } from "@/core/units";
import { gardenStore } from "@/store";
import { amount, ChoiceField, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { GREENS_CHOICES } from "./FirstNeed";
import { foodGroups, larder as say, yearSeasons } from "@/words/en/larder";

interface Props {
  garden: Garden;
  need: Need;
  onClose: () => void;
}

type Cell = `${FoodGroup}_${YearSeason}`;
const CELLS = FOOD_GROUPS.flatMap((group) =>
  YEAR_SEASONS.map((season) => ({ group, season, cell: `${group}_${season}` as Cell })),
);
const Weight = amount(say.enterWeight).min(0, say.enterWeight).max(100_000, say.enterWeight);
const NeedFieldsSchema = z.object({
  people: amount(say.enterPeople)
    .int(say.enterPeople)
    .min(1, say.enterPeople)
    .max(5000, say.enterPeople),
  greens: z.enum(["little", "usual", "much"]),
  weights: z.object(
    Object.fromEntries(CELLS.map(({ cell }) => [cell, Weight])) as Record<Cell, typeof Weight>,
  ),
});
type NeedFields = z.infer<typeof NeedFieldsSchema>;

const GRAMS_PER_KG = 1000;

/** Who eats, and what of each group they want a week in each season: one page, as usual to begin with. */
export default function NeedDialog({ garden, need, onClose }: Props) {
  const { units } = garden.settings;
  const form = useFields(NeedFieldsSchema, fieldsOf(need, units));
  const { control, handleSubmit, refusal, refuse, getValues, setValue } = form;
  const asUsual = () => {
    const { people, greens } = getValues();
    if (!Number.isFinite(people) || people < 1) return;
    const { weights } = fieldsOf(usualNeed(Math.round(people), greens), units);
    setValue("weights", weights, { shouldDirty: true, shouldValidate: true });
  };
  const keep = handleSubmit(async (fields) => {
    const done = await gardenStore().dispatch("need.set", needFrom(fields, units));
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.needSaved, "done", true);
  });
  const unit = WEIGHT_UNIT[units];
  return (
    <FormDialog
      title={say.needTitle}
      refusal={refusal}
      width="md"
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "flex-start" }}>
        <NumberField control={control} name="people" label={say.people} sx={{ width: 110 }} />
        <ChoiceField
          control={control}
          name="greens"
          label={say.greens}
          choices={GREENS_CHOICES}
          sx={{ width: 210 }}
        />
        <Button color="inherit" variant="outlined" onClick={asUsual} sx={{ mt: 0.5 }}>
          {say.asUsual}
        </Button>
      </Box>
      <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>{say.needHint}</Box>
      <Box sx={{ overflowX: "auto" }}>
        <Box
          component="table"
          aria-label={say.needTitle}
          sx={{
            borderCollapse: "collapse",
            "& th": { textAlign: "left", fontWeight: 400, fontSize: 15, pr: 1.5, py: 0.5 },
            "& td": { py: 0.5, pr: 1, minWidth: 92 },
          }}
        >
          <thead>
            <tr>
              <th scope="col">{unit}</th>
              {YEAR_SEASONS.map((season) => (
                <th key={season} scope="col">
                  {yearSeasons[season]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {FOOD_GROUPS.map((group) => (
              <tr key={group}>
                <th scope="row">{foodGroups[group]}</th>
                {YEAR_SEASONS.map((season) => (
                  <td key={season}>
                    <NumberField
                      control={control}
                      name={`weights.${group}_${season}`}
                      size="small"
                      slotProps={{
                        htmlInput: {
                          "aria-label": `${foodGroups[group]}, ${yearSeasons[season]} (${unit})`,
                        },
                      }}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </FormDialog>
  );
}

function fieldsOf(need: Need, units: Units): NeedFields {
  return {
    people: need.eaters,
    greens: need.greens,
    weights: Object.fromEntries(
      CELLS.map(({ group, season, cell }) => [
        cell,
        Math.round((need.groups[group][season] / (GRAMS_IN[units] / GRAMS_PER_KG)) * 100) / 100,
      ]),
    ) as Record<Cell, number>,
  };
}

function needFrom({ people, greens, weights }: NeedFields, units: Units): Need {
  const kg = (group: FoodGroup, season: YearSeason) =>
    Math.round(weights[`${group}_${season}`] * (GRAMS_IN[units] / GRAMS_PER_KG) * 1e4) / 1e4;
  return {
    id: "need",
    eaters: people,
    greens,
    groups: byFoodGroup((group) => ({
      autumn: kg(group, "autumn"),
      winter: kg(group, "winter"),
      spring: kg(group, "spring"),
      summer: kg(group, "summer"),
    })),
  };
}
