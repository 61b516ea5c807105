"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Garden, Trial } from "@/core/garden";
import { trialFound } from "@/core/trials";
import { gardenStore } from "@/store";
import { lazyPart } from "@/ui/frame";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { trialKinds, trials as say } from "@/words/en/trials";
import { TrialPlan } from "./TrialPlan";
import { effectWords, enoughWords, intervalWords, treatmentName } from "./trialWords";

const ResultsDialog = lazyPart(() => import("./ResultsDialog"));
const VerdictDialog = lazyPart(() => import("./VerdictDialog"));

interface Props {
  garden: Garden;
  trial: Trial;
  today: DayNumber;
}

/** One trial: how it lies, what was measured, what it says by now, and the verdict. */
export function TrialCard({ garden, trial, today }: Props) {
  const wording = useWording();
  const [open, setOpen] = useState<"results" | "verdict" | null>(null);
  const found = trialFound(trial);
  const blocks = new Set(trial.plots.map(({ block }) => block)).size;
  const remove = async () => {
    const done = await gardenStore().dispatch("trial.remove", { id: trial.id });
    if (done.ok) tell(say.removed, "done", true);
    else tellRefusal(done);
  };
  const measured = found.comparisons.filter(({ pairs }) => pairs > 0);
  return (
    <Box component="section" aria-label={trial.name} sx={{ mt: 3, maxWidth: 920 }}>
      <Typography variant="h2">{trial.name}</Typography>
      <Box sx={{ fontSize: 15, color: "var(--ash-text)", mb: 1 }}>
        {trialKinds[trial.kind]}; {say.layOut({ count: trial.plots.length, blocks })};{" "}
        {wording.date(dayNumber(trial.laidOn), today)}
      </Box>
      {trial.verdict && (
        <Box sx={{ mb: 1, fontSize: 19, fontFamily: "var(--font-heading)" }}>
          {say.verdict}:{" "}
          {say.verdictIs({
            treatment: treatmentName(trial, trial.verdict.treatmentId),
            date: wording.date(dayNumber(trial.verdict.on), today),
          })}
          {trial.verdict.note !== "" && (
            <Box sx={{ fontSize: 16, fontFamily: "var(--font-text)" }}>{trial.verdict.note}</Box>
          )}
        </Box>
      )}
      <TrialPlan garden={garden} trial={trial} />
      <Box sx={{ mt: 1 }}>
        {measured.length === 0 ? (
          <Box sx={{ fontSize: 16 }}>{say.noResults}</Box>
        ) : (
          <Box component="ul" aria-label={say.soFar} sx={{ m: 0, pl: 2.25, fontSize: 16 }}>
            {measured.map((one) => {
              const interval = intervalWords(trial, one, wording);
              return (
                <li key={one.treatmentId}>
                  <strong>{effectWords(trial, one, wording)}</strong>
                  {interval !== null && `, ${interval}`} ({say.pairs({ count: one.pairs })}).{" "}
                  {enoughWords(one, wording)}
                </li>
              );
            })}
          </Box>
        )}
        {measured.length > 0 && found.isSingleBlock && (
          <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>{say.single}</Box>
        )}
      </Box>
      <Box sx={{ mt: 1, display: "flex", flexWrap: "wrap", gap: 1 }}>
        <Button variant="outlined" onClick={() => setOpen("results")}>
          {say.enterResults}
        </Button>
        <Button variant="outlined" color="inherit" onClick={() => setOpen("verdict")}>
          {say.keepVerdict}
        </Button>
        <Button
          color="inherit"
          aria-label={say.remove({ name: trial.name })}
          onClick={() => void remove()}
        >
          {say.removeIt}
        </Button>
      </Box>
      {open === "results" && (
        <ResultsDialog garden={garden} trial={trial} onClose={() => setOpen(null)} />
      )}
      {open === "verdict" && (
        <VerdictDialog trial={trial} today={today} onClose={() => setOpen(null)} />
      )}
    </Box>
  );
}
