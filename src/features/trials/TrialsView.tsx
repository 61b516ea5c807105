"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { useReckoned } from "@/derive";
import { useToday } from "@/store";
import { lazyPart, LogbookPage } from "@/ui/frame";
import { trials as say } from "@/words/en/trials";
import { TrialCard } from "./TrialCard";

const TrialDialog = lazyPart(() => import("./TrialDialog"));

/** Treatments compared on the grower's own ground: laid out, measured, and what came of them. */
export function TrialsView() {
  const { garden } = useReckoned();
  const today = useToday(garden);
  const [isNew, setNew] = useState(false);
  const all = [...garden.trials.values()].sort((a, b) => (a.laidOn < b.laidOn ? 1 : -1));
  const hasBeds = garden.beds.size > 0;
  return (
    <LogbookPage current="/logbook/trials" title={say.trials} what={say.what}>
      <Box sx={{ mt: 1.5 }}>
        <Button variant="contained" size="large" disabled={!hasBeds} onClick={() => setNew(true)}>
          {say.newTrial}
        </Button>
      </Box>
      {all.length === 0 && (
        <Box sx={{ mt: 2, fontSize: 17, maxWidth: 640 }}>{hasBeds ? say.none : say.needsBeds}</Box>
      )}
      {all.map((trial) => (
        <TrialCard key={trial.id} garden={garden} trial={trial} today={today} />
      ))}
      {isNew && <TrialDialog garden={garden} today={today} onClose={() => setNew(false)} />}
    </LogbookPage>
  );
}
