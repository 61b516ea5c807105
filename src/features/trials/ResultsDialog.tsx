"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { z } from "zod";
import type { Told } from "@/core/facts";
import type { Garden, Trial } from "@/core/garden";
import { letterOf } from "@/core/trials";
import { GRAMS_IN, WEIGHT_UNIT } from "@/core/units";
import { gardenStore, useGarden } from "@/store";
import { maybeAmount, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { trialMeasures, trials as say } from "@/words/en/trials";

interface Props {
  garden: Garden;
  trial: Trial;
  onClose: () => void;
}

/** What was measured of every row in every plot, in the order in which one walks along them. */
export default function ResultsDialog({ garden, trial, onClose }: Props) {
  const units = useGarden((state) => state.garden.settings.units);
  const isWeight = trial.measure === "grams";
  const known = new Map(
    trial.results.map(({ plotId, rowId, value }) => [keyOf(plotId, rowId), value]),
  );
  const plots = [...trial.plots].sort(
    (a, b) => (a.bedId < b.bedId ? -1 : a.bedId > b.bedId ? 1 : 0) || a.fromM - b.fromM,
  );
  const keys = plots.flatMap(({ id }) => trial.rows.map((row) => keyOf(id, row.id)));
  const schema = z.object(Object.fromEntries(keys.map((key) => [key, MeasuredSchema])));
  const { control, handleSubmit } = useFields<Record<string, number>>(
    schema,
    Object.fromEntries(
      keys.map((key) => {
        const value = known.get(key);
        return [key, value === undefined ? NaN : isWeight ? round(value / GRAMS_IN[units]) : value];
      }),
    ),
  );
  const [refusal, setRefusal] = useState<Told>("");
  const keep = handleSubmit(async (fields) => {
    const results = plots.flatMap(({ id }) =>
      trial.rows.flatMap((row) => {
        const typed = fields[keyOf(id, row.id)] ?? NaN;
        if (Number.isNaN(typed)) return [];
        const value = isWeight ? typed * GRAMS_IN[units] : typed;
        return [{ plotId: id, rowId: row.id, value }];
      }),
    );
    const done = await gardenStore().dispatch("trial.set", {
      trial: { ...trial, results },
      plantings: [],
    });
    if (!done.ok) return setRefusal(done.refusal);
    tell(say.resultsKept, "done", true);
    onClose();
  });
  const unit = isWeight ? WEIGHT_UNIT[units] : trialMeasures[trial.measure];
  return (
    <FormDialog
      title={say.resultsTitle({ name: trial.name })}
      width="md"
      refusal={refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ overflowX: "auto" }} tabIndex={0} role="group" aria-label={say.results}>
        <Box
          component="table"
          sx={{ borderCollapse: "collapse", fontSize: 15, "& th": { textAlign: "left", pr: 1.5 } }}
        >
          <thead>
            <tr>
              <th scope="col">{say.plot}</th>
              {trial.rows.map((row) => (
                <th key={row.id} scope="col">
                  {row.name} ({unit})
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {plots.map((plot) => {
              const letter = letterOf(trial, plot.treatmentId);
              const bed = garden.beds.get(plot.bedId)?.name ?? plot.bedId;
              const label = `${bed} ${plot.block}${letter}`;
              return (
                <tr key={plot.id}>
                  <th scope="row">{label}</th>
                  {trial.rows.map((row) => (
                    <Box component="td" key={row.id} sx={{ p: 0.4 }}>
                      <NumberField
                        control={control}
                        name={keyOf(plot.id, row.id)}
                        size="small"
                        sx={{ width: 92 }}
                        slotProps={{
                          htmlInput: { "aria-label": say.resultOf({ plot: label, row: row.name }) },
                        }}
                      />
                    </Box>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </Box>
      </Box>
    </FormDialog>
  );
}

/** Weights are typed to the gram. */
const round = (value: number) => Math.round(value * 1000) / 1000;
const keyOf = (plotId: string, rowId: string) => `${plotId}--${rowId}`;
const MeasuredSchema = maybeAmount.refine(
  (value) => Number.isNaN(value) || value >= 0,
  say.enterNumber,
);
