"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import LinearProgress from "@mui/material/LinearProgress";
import TextField from "@mui/material/TextField";
import { useEffect, useEffectEvent, useState } from "react";
import { isoDate } from "@/core/calendar";
import { recordInTenths } from "@/core/climate";
import type { WeatherReading } from "@/core/weatherFiles";
import { gardenStore } from "@/store/index";
import { FileButton } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { ReadingReport } from "./ReadingReport";
import { useWeatherFile } from "./useWeatherFile";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";

interface Props {
  /** The record, where it was chosen already. */
  file: File | null;
  onClose: () => void;
}

const ACCEPTED = ".dly,.csv,.txt,.tsv,text/csv,text/plain";
const MADE_UP_FILE = "tarnholt-mill.csv";
const MADE_UP_NAME = say.tarnholtMillMadeUp;

/** Reads in a daily weather record: choose, watch, answer, look at the report, keep. */
export default function RecordDialog({ file, onClose }: Props) {
  const { state, read, stop } = useWeatherFile();
  const [name, setName] = useState<string | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const shown = state.step === "read" || state.step === "reading" ? state.shown : null;
  const reading = shown?.reading ?? null;
  const settled = state.step === "read";
  const station =
    name ?? (state.step === "none" ? "" : stationName(state.file.name, reading?.station ?? null));

  const choose = (chosen: File) => {
    setName(chosen.name === MADE_UP_FILE ? MADE_UP_NAME : null);
    setRefusal(null);
    void read(chosen);
  };
  const chooseFirst = useEffectEvent(choose);
  useEffect(() => {
    if (file) void Promise.resolve(file).then(chooseFirst);
  }, [file]);
  const readMadeUp = async () => {
    const answer = await fetch(`/stations/${MADE_UP_FILE}`).catch(() => null);
    if (!answer?.ok) return setRefusal(say.theExampleRecordCouldNotBeLoaded);
    choose(new File([await answer.blob()], MADE_UP_FILE));
  };
  const keep = async () => {
    if (!settled || !reading?.record) return;
    const done = await gardenStore().dispatch("record.set", {
      id: "record",
      station,
      firstDate: isoDate(reading.record.firstDay),
      ...recordInTenths(reading.record),
    });
    if (!done.ok) return setRefusal(told(done.refusal));
    onClose();
    tell(say.importedFrostOddsAndEveryDate({ station }), "done", true);
  };
  const close = () => {
    stop();
    onClose();
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm">
      <DialogTitle>{say.dailyWeatherRecord}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <Box>{say.ghcnDailyDlyOrATableCsvWithDate}</Box>
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          <FileButton
            variant={reading ? "outlined" : "contained"}
            inputLabel={say.weatherRecordFile}
            accept={ACCEPTED}
            onFile={choose}
          >
            {say.chooseFile}
          </FileButton>
          <Button variant="text" onClick={() => void readMadeUp()}>
            {say.useTheExampleStation}
          </Button>
        </Box>
        {state.step === "reading" && (
          <Box role="status">
            {say.reading({ file: state.file.name })}
            <Box sx={{ display: "flex", alignItems: "center", gap: 2, mt: 1 }}>
              <LinearProgress
                variant="determinate"
                value={state.share * 100}
                aria-label={say.shareOfTheFileRead}
                sx={{ flex: 1 }}
              />
              <Button onClick={stop}>{say.stopReading}</Button>
            </Box>
          </Box>
        )}
        {state.step === "failed" && <Alert severity="error">{state.problem}</Alert>}
        {shown && (
          <ReadingReport
            reading={shown.reading}
            answers={shown.answers}
            onAnswer={(answers) => {
              if (state.step !== "none") void read(state.file, answers, shown.reading);
            }}
          />
        )}
        {reading?.record && (
          <TextField
            label={say.stationName}
            value={station}
            onChange={(event) => setName(event.target.value)}
          />
        )}
        {refusal !== null && <Alert severity="error">{refusal}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>{say.cancel}</Button>
        <Button
          variant="contained"
          disabled={!settled || !canKeep(reading)}
          onClick={() => void keep()}
        >
          {say.saveThisRecord}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function canKeep(reading: WeatherReading | null): boolean {
  return reading !== null && reading.record !== null && reading.lows > 0;
}

function stationName(fileName: string, named: string | null): string {
  return (named ?? fileName.replace(/\.[a-z]+$/i, "")).replace(/[<>]/g, "").slice(0, 80);
}
