"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useForm } from "react-hook-form";
import type { DayNumber } from "@/core/calendar";
import { gardenStore } from "@/store/index";
import { tell } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import { emptyTypedDays, outlookFromTyped, TYPED_DAYS, type TypedDay } from "./typedOutlook";

interface Props {
  today: DayNumber;
  units: "metric" | "imperial";
  wording: LocalWording;
  onClose: () => void;
}

/** Lows and highs of the coming days, as heard or read somewhere, typed in. */
export default function OutlookForm({ today, units, wording, onClose }: Props) {
  const { register, handleSubmit } = useForm<{ days: TypedDay[] }>({
    defaultValues: { days: emptyTypedDays() },
  });
  const [problem, setProblem] = useState<string | null>(null);
  const unit = units === "imperial" ? "°F" : "°C";
  const keep = async ({ days }: { days: TypedDay[] }) => {
    const read = outlookFromTyped(days, today, units, (day) => wording.date(day));
    if (!read.ok) return setProblem(read.problem);
    const done = await gardenStore().dispatch("outlook.set", {
      id: "outlook",
      receivedAt: new Date().toISOString(),
      outlook: read.outlook,
    });
    if (!done.ok) return setProblem(done.refusal);
    onClose();
    tell("The outlook is kept.", "done", true);
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <form onSubmit={(event) => void handleSubmit(keep)(event)} noValidate>
        <DialogTitle>Outlook by hand</DialogTitle>
        <DialogContent>
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 92px 92px", gap: 1, pt: 1 }}>
            {Array.from({ length: TYPED_DAYS }, (_, index) => {
              const name = wording.narrowDate(today + index);
              return (
                <Box key={index} sx={{ display: "contents" }}>
                  <Box sx={{ alignSelf: "center" }}>{name}</Box>
                  <TextField
                    size="small"
                    label={`Low ${unit}`}
                    slotProps={{ htmlInput: { "aria-label": `Low on ${name}` } }}
                    {...register(`days.${index}.low`)}
                  />
                  <TextField
                    size="small"
                    label={`High ${unit}`}
                    slotProps={{ htmlInput: { "aria-label": `High on ${name}` } }}
                    {...register(`days.${index}.high`)}
                  />
                </Box>
              );
            })}
          </Box>
          <Box sx={{ mt: 1.5, fontSize: 14, color: "var(--ash-text)" }}>
            Leave the later days empty where nobody knows.
          </Box>
          {problem !== null && (
            <Alert severity="error" sx={{ mt: 1.5 }}>
              {problem}
            </Alert>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Keep it
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
