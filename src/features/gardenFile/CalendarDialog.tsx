"use client";

import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Garden } from "@/core/garden";
import { FormDialog } from "@/ui/inputs";
import { keeping as say } from "@/words/en/keeping";
import { lastCalendarRings, saveCalendarFile } from "./calendarOut";

/** What a calendar file holds and what comes of saving it again, and whether it rings. */
export default function CalendarDialog({
  garden,
  onClose,
}: {
  garden: Garden;
  onClose: () => void;
}) {
  const [rings, setRings] = useState(false);
  const [isAgain, setAgain] = useState(false);
  useEffect(() => {
    void lastCalendarRings().then((last) => {
      setAgain(last !== null);
      setRings(last ?? false);
    });
  }, []);
  const save = async () => {
    if (await saveCalendarFile(garden, rings)) onClose();
  };
  return (
    <FormDialog
      title={say.calendarForYourPhone}
      keepLabel={say.saveCalendar}
      onSubmit={() => void save()}
      onClose={onClose}
    >
      <Typography>{say.whatTheCalendarHolds}</Typography>
      <FormControlLabel
        control={<Checkbox checked={rings} onChange={(_event, on) => setRings(on)} />}
        label={say.ringsWhereLatenessCosts}
      />
      <Typography sx={{ color: "var(--ash-text)" }}>
        {isAgain ? say.openingItAgainUpdates : say.laterFilesUpdateIt}
      </Typography>
    </FormDialog>
  );
}
