"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import type { RehearsalRun, RehearsalState } from "@/workers";
import { rehearse as say } from "@/words/en/rehearse";

const MORE = 100;

/** How far a rehearsal is, with what stops it and lets it go on. */
export function RunLine({ state, run }: { state: RehearsalState; run: RehearsalRun }) {
  const { status, wanted, brokenWorkers } = state;
  const done = state.reports[0]?.winters ?? 0;
  const isRunning = status === "starting" || status === "running";
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", minWidth: 240 }}>
      <Box sx={{ minWidth: 190 }}>
        <Box role="status" sx={{ fontSize: 16, fontWeight: 600 }}>
          {status === "starting"
            ? say.starting
            : isRunning
              ? say.soFar({ done, wanted })
              : say.ended({ done })}
        </Box>
        {isRunning && (
          <LinearProgress
            aria-label={say.rehearsal}
            variant={status === "starting" ? "indeterminate" : "determinate"}
            value={Math.min(100, (done / wanted) * 100)}
            sx={{ mt: 0.5 }}
          />
        )}
      </Box>
      {isRunning && (
        <Button variant="outlined" color="inherit" onClick={run.stop}>
          {say.stop}
        </Button>
      )}
      {status === "stopped" && (
        <Button variant="outlined" color="inherit" onClick={() => run.resume()}>
          {say.resume}
        </Button>
      )}
      {status === "done" && (
        <Button variant="outlined" color="inherit" onClick={() => run.resume(wanted + MORE)}>
          {say.more}
        </Button>
      )}
      {brokenWorkers > 0 && (
        <Box role={status === "broken" ? "alert" : undefined} sx={{ fontSize: 15 }}>
          {status === "broken" ? say.brokenAll : say.brokenSome({ count: brokenWorkers })}
        </Box>
      )}
    </Box>
  );
}
