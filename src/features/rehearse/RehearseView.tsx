"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import NextLink from "next/link";
import { useEffect, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Site } from "@/core/growth";
import { useReckoned } from "@/derive";
import { prepareToRehearse, rehearse } from "@/derive/rehearsal";
import { isStillThePlan, useRehearsal, USUAL_WINTERS } from "@/derive/rehearsed";
import { useGarden, useToday } from "@/store";
import { told } from "@/ui/wording";
import { rehearse as say } from "@/words/en/rehearse";
import { OddsList } from "./OddsList";
import { RunLine } from "./RunLine";
import { SourceChoice } from "./SourceChoice";
import { TriedList } from "./TriedList";
import { WeeksChart } from "./WeeksChart";
import { WinterPick } from "./WinterPick";
import { WorthList } from "./WorthList";

/** The plan lived through many winters: odds of each planting, kilograms a week, changes tried. */
export function RehearseView() {
  const { garden, site } = useReckoned();
  const today = useToday(garden);
  const canRehearse = site !== null && garden.plantings.size > 0;
  return (
    <Box
      role="region"
      tabIndex={0}
      aria-label={say.rehearsal}
      sx={{
        height: "100%",
        overflowY: "auto",
        px: { xs: 2, md: 2.75 },
        pt: 1.75,
        pb: 4,
        "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -2 },
      }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, alignItems: "center" }}>
        <Typography variant="h1" sx={{ mr: "auto" }}>
          {say.rehearse}
        </Typography>
        <Button component={NextLink} href="/practise" color="inherit" variant="outlined">
          {say.practise}
        </Button>
        <Button component={NextLink} href="/plan" color="inherit">
          {say.backToPlan}
        </Button>
      </Box>
      <Box sx={{ mt: 0.5, fontSize: 16, maxWidth: 760, color: "var(--ash-text)" }}>{say.what}</Box>
      {canRehearse ? (
        <Rehearsal site={site} today={today} />
      ) : (
        <Box sx={{ mt: 2, fontSize: 17 }}>{site ? say.needsPlan : say.needsPlace}</Box>
      )}
    </Box>
  );
}

function Rehearsal({ site, today }: { site: Site; today: DayNumber }) {
  const own = useGarden((state) => state.garden);
  const { rehearsed, state } = useRehearsal();
  const [winters, setWinters] = useState<"made" | "recorded">(rehearsed?.asked.winters ?? "made");
  // What is wanted next is got ready: nothing where it has been rehearsed.
  const isWanted = !state || winters !== rehearsed?.asked.winters;
  useEffect(
    () => (isWanted ? prepareToRehearse(today, { winters, seed: SEED }) : undefined),
    [isWanted, today, winters],
  );
  const begin = () => rehearse(today, { winters, seed: SEED });
  const report = state?.reports[0];
  const isStale = rehearsed !== null && !isStillThePlan(rehearsed, own);
  return (
    <>
      <Box sx={{ mt: 1.5, display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
        {own.place?.climateFrom === "record" && (
          <SourceChoice value={winters} onChange={setWinters} />
        )}
        {(!state ||
          isStale ||
          state.status === "refused" ||
          state.status === "broken" ||
          winters !== rehearsed?.asked.winters) && (
          <Button variant="contained" size="large" onClick={begin}>
            {rehearsed ? say.again : say.start({ winters: USUAL_WINTERS })}
          </Button>
        )}
        {state && rehearsed && state.status !== "refused" && (
          <RunLine state={state} run={rehearsed.run} />
        )}
      </Box>
      {state?.refusal && (
        <Alert severity="error" role="alert" sx={{ mt: 1.5, maxWidth: 760 }}>
          {told(state.refusal)}
        </Alert>
      )}
      {isStale && (
        <Alert severity="info" sx={{ mt: 1.5, maxWidth: 760 }}>
          {say.planChanged}
        </Alert>
      )}
      {report && report.winters > 0 && (
        <Box
          sx={{
            mt: 2,
            display: "grid",
            gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1.15fr) minmax(0, 1fr)" },
            columnGap: 4,
            rowGap: 3,
            alignItems: "start",
          }}
        >
          <OddsList garden={own} site={site} report={report} fromDay={state.fromDay} />
          <Box sx={{ display: "grid", gap: 3 }}>
            <WinterPick report={report} />
            <WeeksChart report={report} />
            <TriedList garden={own} site={site} />
            <WorthList />
          </Box>
        </Box>
      )}
    </>
  );
}

/** The same winters every time: what differs then is the plan. */
const SEED = 1;
