"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import type { DayNumber } from "@/core/calendar";
import { gardenStore } from "@/store/index";
import { NumberField, useFields } from "@/ui/forms";
import { tell } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { emptyTypedDays, outlookFromTyped, TYPED_DAYS, TypedDaysSchema } from "./typedOutlook";
import { place as say } from "@/words/en/place";

interface Props {
  today: DayNumber;
  units: "metric" | "imperial";
  onClose: () => void;
}

const NOTHING_TYPED = { days: emptyTypedDays() };

const SIDES = [
  { side: "low", label: say.low },
  { side: "high", label: say.high },
] as const;

/** Lows and highs of the coming days, as heard or read somewhere, typed in. */
export default function OutlookForm({ today, units, onClose }: Props) {
  const wording = useWording();
  const form = useFields(TypedDaysSchema, NOTHING_TYPED);
  const { control, refuse } = form;
  const unit = units === "imperial" ? "°F" : "°C";
  const keep = form.handleSubmit(async ({ days }) => {
    const read = outlookFromTyped(days, today, units, (day) => wording.date(day));
    if (!read.ok) return refuse(read.problem);
    const done = await gardenStore().dispatch("outlook.set", {
      id: "outlook",
      receivedAt: new Date().toISOString(),
      outlook: read.outlook,
    });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.forecastSaved, "done", true);
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <form onSubmit={(event) => void keep(event)} noValidate>
        <DialogTitle>{say.enterAForecast}</DialogTitle>
        <DialogContent>
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 92px 92px", gap: 1, pt: 1 }}>
            {Array.from({ length: TYPED_DAYS }, (_, index) => {
              const name = wording.narrowDate(today + index);
              return (
                <Box key={index} sx={{ display: "contents" }}>
                  <Box sx={{ alignSelf: "center" }}>{name}</Box>
                  {SIDES.map(({ side, label }) => (
                    <NumberField
                      key={side}
                      control={control}
                      name={`days.${index}.${side}`}
                      size="small"
                      label={`${label} ${unit}`}
                      slotProps={{ htmlInput: { "aria-label": say.on({ label, name }) } }}
                    />
                  ))}
                </Box>
              );
            })}
          </Box>
          <Box sx={{ mt: 1.5, fontSize: 14, color: "var(--ash-text)" }}>
            {say.leaveLaterDaysBlankIfUnknown}
          </Box>
          {form.refusal !== "" && (
            <Alert severity="error" sx={{ mt: 1.5 }}>
              {form.refusal}
            </Alert>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{say.cancel}</Button>
          <Button type="submit" variant="contained">
            {say.save}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
