"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { SIMULATED_STATION, type Garden, type KeptOutlook } from "@/core/garden";
import { fetchOutlook, gardenStore } from "@/store/index";
import { lazyPart } from "@/ui/frame/index";
import { tellRefusal } from "@/ui/viewState";
import { OutlookDays } from "./OutlookDays";
import { freshnessWords } from "./outlookWords";
import { OutlookTableButton } from "./OutlookTableButton";
import { Thermometers } from "./Thermometers";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";

const OutlookForm = lazyPart(() => import("./OutlookForm"));
const CLOCK_MS = 30_000;

interface Props {
  garden: Garden;
  today: DayNumber;
}

/** The coming days: from a station, a table, or typed by hand; the last one stays when nothing newer comes. */
export function OutlookSection({ garden, today }: Props) {
  const [typing, setTyping] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const { outlook: kept, settings } = garden;
  const coming = kept?.outlook.days.filter(({ date }) => dayNumber(date) >= today) ?? [];
  const ask = async () => {
    const asked = await fetchOutlook(today);
    setProblem(asked.ok ? null : told(asked.problem));
  };
  const takeSimulated = async () => {
    const done = await gardenStore().dispatch("settings.set", { stationUrl: SIMULATED_STATION });
    if (!done.ok) return tellRefusal(done);
    await ask();
  };
  return (
    <>
      <Typography variant="h2">{say.forecast}</Typography>
      {kept ? (
        <Freshness kept={kept} today={today} />
      ) : (
        <Empty hasStation={settings.stationUrl !== null} />
      )}
      {problem !== null && (
        <Alert severity="warning" sx={{ my: 1 }}>
          {problem} {kept ? say.theLastForecastIsKept : say.youCanEnterOneYourself}
        </Alert>
      )}
      {kept && coming.length === 0 && (
        <Alert severity="warning" sx={{ my: 1 }}>
          {say.allItsDaysHavePassedAskAgainOr}
        </Alert>
      )}
      {coming.length > 0 && <OutlookDays days={coming} />}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, my: 1.5 }}>
        {settings.stationUrl === null ? (
          <Button variant="outlined" size="small" onClick={() => void takeSimulated()}>
            {say.tryTheSimulatedStation}
          </Button>
        ) : (
          <Button variant="outlined" size="small" onClick={() => void ask()}>
            {say.updateFromStation}
          </Button>
        )}
        <Button size="small" onClick={() => setTyping(true)}>
          {say.enterByHand}
        </Button>
        <OutlookTableButton today={today} onProblem={setProblem} />
      </Box>
      {settings.stationUrl !== null && (
        <>
          <Typography variant="h3" component="h3" sx={{ mb: 0.5 }}>
            {say.thermometersLastDay}
          </Typography>
          <Thermometers garden={garden} />
        </>
      )}
      {typing && (
        <OutlookForm today={today} units={settings.units} onClose={() => setTyping(false)} />
      )}
    </>
  );
}

function Empty({ hasStation }: { hasStation: boolean }) {
  return (
    <Box sx={{ my: 1, maxWidth: 560 }}>
      {hasStation ? say.waitingForTheStation : say.noStationIsSetEnterTheComingDays}
    </Box>
  );
}

function Freshness({ kept, today }: { kept: KeptOutlook; today: DayNumber }) {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    const clock = setInterval(() => setNowMs(Date.now()), CLOCK_MS);
    return () => clearInterval(clock);
  }, [kept]);
  const { source, simulated } = kept.outlook;
  return (
    <Box sx={{ my: 0.75 }} data-testid="outlook-freshness">
      <b>{source}</b>
      {simulated ? say.notARealForecast : ""}:{" "}
      {freshnessWords(kept, today, Math.max(nowMs, Date.parse(kept.receivedAt)))}.
    </Box>
  );
}
