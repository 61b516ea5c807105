import * as z from "zod";
import { fact } from "../facts";
import { PlantingSchema, TrialSchema, type Garden, type Trial } from "../garden";
import { fitsInto } from "../layout";
import { change, command, refuse, type Run } from "./command";
import { takePlan } from "./planCommands";

/** A trial laid out or changed: its plots lie in beds, each treatment in every block. */
export const setTrial = command({
  name: "trial.set",
  label: ({ trial }) => fact("commands.aTrial", { name: trial.name }),
  input: z.object({ trial: TrialSchema, plantings: z.array(PlantingSchema).max(400) }),
  run(garden, { trial, plantings }) {
    const problem = trialProblem(garden, trial);
    if (problem) return problem;
    const before = garden.trials.get(trial.id) ?? null;
    const planted = takePlan.run(garden, { leaveOut: [], covers: [], successions: [], plantings });
    if ("refusal" in planted) return planted;
    return change({ kind: "trial", id: trial.id, before, after: trial }, ...planted.changes);
  },
});

export const removeTrial = command({
  name: "trial.remove",
  label: ({ id }, garden) => fact("commands.aTrial", { name: garden.trials.get(id)?.name ?? id }),
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.trials.get(id);
    if (!before) return refuse(fact("commands.thisTrialIsNoLongerThere"));
    return change({ kind: "trial", id, before, after: null });
  },
});

/** What is wrong with how a trial lies; null where nothing is. */
function trialProblem(garden: Garden, trial: Trial): Run | null {
  const { treatments, plots, rows, results } = trial;
  for (const { id, name } of treatments) {
    if (!plots.some(({ treatmentId }) => treatmentId === id)) {
      return refuse(fact("commands.everyTreatmentNeedsAPlot", { name }), "plots");
    }
  }
  for (const bedId of new Set(plots.map((plot) => plot.bedId))) {
    const bed = garden.beds.get(bedId);
    if (!bed) return refuse(fact("commands.noBedForThePlot", { id: bedId }), "plots");
    const along = plots.filter((plot) => plot.bedId === bedId).sort((a, b) => a.fromM - b.fromM);
    const isWrong = along.some(({ fromM, lengthM }, at) => {
      const endM = along[at + 1]?.fromM ?? bed.lengthM;
      return !fitsInto(fromM + lengthM, endM);
    });
    if (isWrong)
      return refuse(fact("commands.plotsOverlapOrLieOutside", { bed: bed.name }), "plots");
  }
  const isKnown = results.every(
    ({ plotId, rowId }) =>
      plots.some(({ id }) => id === plotId) && rows.some(({ id }) => id === rowId),
  );
  return isKnown ? null : refuse(fact("commands.noSuchPlotOrRow"), "results");
}
