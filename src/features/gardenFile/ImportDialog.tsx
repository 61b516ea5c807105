"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import LinearProgress from "@mui/material/LinearProgress";
import { useEffect, useState } from "react";
import { Compared } from "./Compared";
import { FileLines } from "./FileLines";
import { useImport, type Question } from "./useImport";
import { imports as say } from "@/words/en/imports";
import { told } from "@/ui/wording";
import "@/words/en/facts";

interface Props {
  file: File;
  kind: "garden" | "map";
  onClose: () => void;
}

/** Most files are read sooner than a dialog could be, ms. */
const SHOWN_AFTER_MS = 400;

/** A file on its way in: how far it is, what is wrong with it, or what has to be asked first. */
export default function ImportDialog({ file, kind, onClose }: Props) {
  const { state, take } = useImport(file, kind);
  const [askStation, setAskStation] = useState(false);
  const [isLong, setIsLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setIsLong(true), SHOWN_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  useEffect(() => {
    if (state.step === "done") onClose();
  }, [state.step, onClose]);
  if (state.step === "done" || (state.step === "reading" && !isLong)) return null;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="import-title">
      <DialogTitle id="import-title" sx={{ overflowWrap: "anywhere" }}>
        {say.importWord({ file: file.name })}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, alignContent: "start" }}>
        {state.step === "reading" && (
          <Box role="status">
            {say.readingAndChecking}
            <LinearProgress aria-label={say.readingAndChecking2} sx={{ mt: 1.5 }} />
          </Box>
        )}
        {state.step === "failed" && (
          <Alert severity="error" sx={{ "& .MuiAlert-message": { minWidth: 0 } }}>
            <b>{say.importFailedNothingWasChanged}</b>
            <FileLines
              lines={state.problems.map(({ path, message }) =>
                path ? `${path}: ${told(message)}` : told(message),
              )}
              more={state.more ? say.thereAreMoreProblems : null}
            />
          </Alert>
        )}
        {state.step === "asking" && (
          <Asked question={state.question} askStation={askStation} onAskStation={setAskStation} />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose} color="inherit">
          {state.step === "failed" ? say.close : state.step === "reading" ? say.cancel : say.cancel}
        </Button>
        {state.step === "asking" && (
          <Button variant="contained" onClick={() => void take(state.question, askStation)}>
            {state.question.mends.length > 0 ? say.importRepaired : say.importWord2}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

function Asked(props: {
  question: Question;
  askStation: boolean;
  onAskStation: (on: boolean) => void;
}) {
  const { mends, left, stationUrl, compared, file } = props.question;
  return (
    <>
      {compared.length > 0 && (
        <Box>
          {say.takesThePlace({ name: file.garden.name })}
          <Compared compared={compared} />
        </Box>
      )}
      {left.length > 0 && (
        <Box>
          <b>{say.theseCannotBeReadAndAreLeftOut}</b>
          <FileLines lines={left} />
        </Box>
      )}
      {mends.length > 0 && (
        <Box>
          <b>{say.theseAreRepaired}</b>
          <FileLines lines={mends} />
        </Box>
      )}
      {stationUrl !== null && (
        <Box>
          <b>{say.theFileNamesAWeatherStation}</b>
          <Box sx={{ overflowWrap: "anywhere", my: 0.5 }}>{stationUrl}</Box>
          <FormControlLabel
            control={
              <Checkbox
                checked={props.askStation}
                onChange={(_event, on) => props.onAskStation(on)}
              />
            }
            label={say.getForecastAndThermometerReadings}
          />
        </Box>
      )}
    </>
  );
}
