"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { fact } from "@/core/facts";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import type { Paired } from "@/core/winter";
import { tryChanges } from "@/derive/rehearsal";
import { MOST_TRIED, useRehearsal, type Tried } from "@/derive/rehearsed";
import { gardenStore } from "@/store";
import { lazyPart } from "@/ui/frame";
import { tell, tellRefusal } from "@/ui/viewState";
import { told, useWording } from "@/ui/wording";
import { rehearse as say } from "@/words/en/rehearse";
import { pairedWords } from "./triedWords";

const TryDialog = lazyPart(() => import("./TryDialog"));

/** Changes that are tried against the plan on the same winters, side by side; each is kept or dropped. */
export function TriedList({ garden, site }: { garden: Garden; site: Site }) {
  const { tried, trial, trialState } = useRehearsal();
  const [isOpen, setOpen] = useState(false);
  const isRunning = trialState?.status === "running" || trialState?.status === "starting";
  return (
    <Box component="section">
      <Typography variant="h2">{say.tryTitle}</Typography>
      <Box sx={{ fontSize: 15, color: "var(--ash-text)", mb: 1 }}>{say.tryWhat}</Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {tried.map((one, at) => (
          <TriedRow
            key={one.id}
            tried={one}
            paired={trialState?.paired[at] ?? null}
            isRunning={isRunning}
          />
        ))}
      </Box>
      {isRunning && <LinearProgress aria-label={say.trying} sx={{ my: 0.75 }} />}
      {trialState?.refusal && (
        <Alert severity="error" role="alert" sx={{ mb: 1 }}>
          {told(trialState.refusal)}
        </Alert>
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1 }}>
        <Button
          variant="contained"
          onClick={() =>
            tried.length >= MOST_TRIED ? tell(say.fourAtMost, "refused") : setOpen(true)
          }
        >
          {say.tryNew}
        </Button>
        {isRunning && (
          <Button variant="outlined" color="inherit" onClick={() => trial?.stop()}>
            {say.stop}
          </Button>
        )}
        {trialState?.status === "stopped" && (
          <Button variant="outlined" color="inherit" onClick={() => trial?.resume()}>
            {say.goOn}
          </Button>
        )}
      </Box>
      {isOpen && (
        <TryDialog
          garden={garden}
          site={site}
          onTry={(one) => tryChanges([...tried, one])}
          onClose={() => setOpen(false)}
        />
      )}
    </Box>
  );
}

async function keep({ title, calls }: Tried) {
  const done = await gardenStore().dispatchAll(calls, fact("commands.keepingAChange", { title }));
  if (!done.ok) return tellRefusal(done);
  tryChanges([]);
  tell(say.kept({ title }), "done", true);
}

function TriedRow(props: { tried: Tried; paired: Paired | null; isRunning: boolean }) {
  const wording = useWording();
  const { tried, paired, isRunning } = props;
  const drop = () => tryChanges(useRehearsal.getState().tried.filter(({ id }) => id !== tried.id));
  const isTold = paired !== null && paired.winters > 0;
  return (
    <Box component="li" sx={{ borderTop: "1px solid var(--line)", py: 1 }}>
      <Box sx={{ fontSize: 17, fontWeight: 700 }}>{tried.title}</Box>
      <Box role="status" sx={{ fontSize: 16 }}>
        {isTold ? pairedWords(paired, wording) : isRunning ? say.trying : ""}
      </Box>
      <Box sx={{ display: "flex", gap: 1, mt: 0.5 }}>
        <Button
          variant="outlined"
          color="inherit"
          disabled={!isTold}
          onClick={() => void keep(tried)}
        >
          {say.keep}
        </Button>
        <Button color="inherit" onClick={drop}>
          {say.drop}
        </Button>
      </Box>
    </Box>
  );
}
