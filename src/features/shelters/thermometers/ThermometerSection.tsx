"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { dayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { DayOfPair, ThermometerDay } from "@/core/log";
import type { Measured } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { fetchReadings, gardenStore, useToday, whenNeeded } from "@/store/index";
import { lazyPart } from "@/ui/frame/index";
import { FileButton, textOf } from "@/ui/inputs/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { PairsChart } from "./PairsChart";
import { daysFromStation, hangsUnder, keptDays, latestDays, takenWords } from "./readings";
import { placeWords, type CoveredBeds } from "../stacks";
import { ThermometerPair } from "./ThermometerPair";
import { shelters as say } from "@/words/en/shelters";
import { told } from "@/ui/wording";
import type { Fact } from "@/core/facts";

const weatherFilesPart = whenNeeded(() => import("@/core/weatherFiles"));

const NightsDialog = lazyPart(() => import("./NightsDialog"));

interface Props {
  garden: Garden;
  site: Site;
  group: CoveredBeds;
  measured: Measured | null;
}

const LOGGER_DAYS = 7;
const LARGEST_FILE_BYTES = 20_000_000;

/** One's own thermometer under these covers: typed, from a table or from the logger, against the balance. */
export function ThermometerSection({ garden, site, group, measured }: Props) {
  const [typing, setTyping] = useState(false);
  const [outcome, setOutcome] = useState<{ words: string; isProblem: boolean } | null>(null);
  const today = useToday(garden);
  const under = hangsUnder(group);
  const own = latestDays(garden, under);
  const { units } = garden.settings;
  const keep = async (days: readonly DayOfPair[], source: ThermometerDay["source"]) => {
    const done = await gardenStore().dispatch("thermometer.set", {
      days: keptDays(days, under, source),
    });
    return done.ok ? null : done.refusal;
  };
  const take = async (
    read: { days: DayOfPair[]; left: { reason: Fact; count: number }[]; notes: Fact[] },
    source: ThermometerDay["source"],
  ) => {
    const refused = await keep(read.days, source);
    const words = refused ?? takenWords(read);
    setOutcome({ words: told(words), isProblem: refused !== null });
    if (refused === null) tell(say.readingsSaved, "done", true);
  };
  const readFile = async (file: File) => {
    if (file.size > LARGEST_FILE_BYTES) {
      return setOutcome({
        words: say.thisFileIsTooLargeToBeAThermometer,
        isProblem: true,
      });
    }
    const { readThermometerTable } = await weatherFilesPart();
    const read = readThermometerTable(
      await textOf(file),
      (day) => site.climate.minTempC(day),
      units === "imperial" ? "fahrenheit" : "celsius",
    );
    if (read.problem !== null) return setOutcome({ words: told(read.problem), isProblem: true });
    await take(read, "file");
  };
  const askLogger = async () => {
    const days = Array.from({ length: LOGGER_DAYS }, (_, index) => today - index);
    const answers = await Promise.all(days.map((day) => fetchReadings(day)));
    const failed = answers.find((answer) => !answer.ok);
    if (failed && !failed.ok) return setOutcome({ words: told(failed.problem), isProblem: true });
    const read = daysFromStation(
      answers.flatMap((answer) => (answer.ok ? [answer.value] : [])),
      under.id,
    );
    if (read.days.length === 0) {
      const why = read.left[0]?.reason ?? say.itHasNoThermometerOfThisName;
      return setOutcome({
        words: say.noReadingFromTheLoggerCanBeUsed({ why: told(why) }),
        isProblem: true,
      });
    }
    await take({ ...read, notes: [] }, "logger");
  };
  const remove = async (ids: string[]) => {
    const done = await gardenStore().dispatch("thermometer.remove", { ids });
    if (!done.ok) tellRefusal(done);
    else tell(say.readingsRemoved, "done", true);
  };
  return (
    <Box component="section" aria-label={say.yourOwnThermometer2} sx={{ my: 2 }}>
      <Box component="h2" sx={{ fontFamily: "var(--font-heading)", fontSize: 19, m: 0, mb: 0.5 }}>
        {say.yourOwnThermometer3({ place: placeWords(group) })}
      </Box>
      <ThermometerPair garden={garden} site={site} group={group} />
      {measured && <PairsChart pairs={measured.pairs} />}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1 }}>
        <Button variant="outlined" onClick={() => setTyping(true)}>
          {say.enterReadings}
        </Button>
        <FileButton
          variant="outlined"
          color="inherit"
          inputLabel={say.thermometerSpreadsheet}
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          onFile={(file) => void readFile(file)}
        >
          {say.importASpreadsheet}
        </FileButton>
        {under.kind === "shelter" && garden.settings.stationUrl !== null && (
          <Button variant="outlined" color="inherit" onClick={() => void askLogger()}>
            {say.importAWeekFromTheLogger}
          </Button>
        )}
        {own.length > 0 && (
          <Button color="inherit" onClick={() => void remove(own.map(({ id }) => id))}>
            {say.removeAll}
          </Button>
        )}
      </Box>
      {outcome && (
        <Alert
          severity={outcome.isProblem ? "error" : "info"}
          sx={{ mt: 1, maxWidth: 640 }}
          onClose={() => setOutcome(null)}
        >
          {outcome.words}
        </Alert>
      )}
      {own.length > 0 && <LastDays days={own.slice(0, 5)} onRemove={remove} />}
      {typing && (
        <NightsDialog
          today={today}
          units={units}
          onKeep={async (days) => {
            const refused = await keep(days, "typed");
            if (refused === null) tell(say.readingsSaved, "done", true);
            return refused;
          }}
          onClose={() => setTyping(false)}
        />
      )}
    </Box>
  );
}

interface LastDaysProps {
  days: readonly ThermometerDay[];
  onRemove: (ids: string[]) => Promise<void>;
}

function LastDays({ days, onRemove }: LastDaysProps) {
  const wording = useWording();
  return (
    <Box component="ul" sx={{ listStyle: "none", p: 0, m: 0, mt: 1, fontSize: 14.5 }}>
      {days.map((day) => (
        <Box component="li" key={day.id} sx={{ display: "flex", alignItems: "center", gap: 1 }}>
          {say.insideOutside({
            date: wording.shortDate(dayNumber(day.on)),
            temperature: wording.temperature(day.insideMinC, 1),
            temperature2: wording.temperature(day.outsideMinC, 1),
          })}
          <Button
            size="small"
            color="inherit"
            aria-label={say.removeTheReadingOf({ date: wording.shortDate(dayNumber(day.on)) })}
            onClick={() => void onRemove([day.id])}
          >
            {say.remove2}
          </Button>
        </Box>
      ))}
    </Box>
  );
}
