"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import { useColorScheme } from "@mui/material/styles";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { SIMULATED_STATION, type Settings } from "@/core/garden";
import { chanceWords } from "@/core/wording";
import { gardenStore, useGarden } from "@/store/index";
import { readTyped } from "@/ui/inputs/index";

const RISKS = [
  { value: 0.1, words: "1 year in 10: careful" },
  { value: 0.2, words: "1 year in 5" },
  { value: 1 / 3, words: "1 year in 3" },
  { value: 0.5, words: "1 year in 2: bold" },
];

/** How this garden reckons and shows: kept with the garden, but for the look, which is the device's. */
export default function SettingsDialog({ onClose }: { onClose: () => void }) {
  const settings = useGarden((state) => state.garden.settings);
  const { mode, setMode } = useColorScheme();
  const [refusal, setRefusal] = useState<{ field: keyof Settings; words: string } | null>(null);
  const set = async (field: keyof Settings, value: string | number | null) => {
    const done = await gardenStore().dispatch("settings.set", { [field]: value });
    setRefusal(done.ok ? null : { field, words: done.refusal });
  };
  const numberField = (field: keyof Settings, label: string, scale = 1) => (
    <TextField
      key={`${field}${settings[field]}`}
      label={label}
      slotProps={{ htmlInput: { inputMode: "decimal" } }}
      defaultValue={Number(settings[field]) * scale}
      error={refusal?.field === field}
      helperText={refusal?.field === field ? refusal.words : undefined}
      onBlur={(event) => {
        const value = readTyped(event.target.value) / scale;
        if (event.target.value !== "" && value !== settings[field]) void set(field, value);
      }}
    />
  );
  const stationField = (
    <TextField
      key={`station${settings.stationUrl}`}
      label="Address of a weather station"
      defaultValue={settings.stationUrl ?? ""}
      error={refusal?.field === "stationUrl"}
      helperText={
        refusal?.field === "stationUrl"
          ? refusal.words
          : `${SIMULATED_STATION} is the simulated one; empty is none`
      }
      onBlur={(event) => {
        const value = event.target.value.trim() || null;
        if (value !== settings.stationUrl) void set("stationUrl", value);
      }}
    />
  );
  const riskKnown = RISKS.some((risk) => Math.abs(risk.value - settings.frostRisk) < 1e-6);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <DialogTitle>Settings</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        <TextField
          select
          label="Look"
          value={mode ?? "system"}
          onChange={(event) => setMode(event.target.value as "light" | "dark" | "system")}
        >
          <MenuItem value="light">Day: paper, for sun on the screen</MenuItem>
          <MenuItem value="dark">Lamp: soot, for the evening</MenuItem>
          <MenuItem value="system">As the device</MenuItem>
        </TextField>
        <TextField
          select
          label="Units"
          value={settings.units}
          onChange={(event) => void set("units", event.target.value)}
        >
          <MenuItem value="metric">Metric: °C, metres, grams</MenuItem>
          <MenuItem value="imperial">Imperial: °F, feet, ounces</MenuItem>
        </TextField>
        <TextField
          select
          label="How dates are counted"
          value={settings.school}
          onChange={(event) => void set("school", event.target.value)}
        >
          <MenuItem value="growth">Growth: what each day is worth</MenuItem>
          <MenuItem value="tenhour">Ten-hour day: full size by then, and hold</MenuItem>
          <MenuItem value="calendar">Calendar: packet days and a fall addition</MenuItem>
        </TextField>
        <TextField
          select
          label="Degrees under covers"
          value={settings.degreesSchool}
          onChange={(event) => void set("degreesSchool", event.target.value)}
        >
          <MenuItem value="measured">Your own thermometer, as nights are read</MenuItem>
          <MenuItem value="balance">Energy balance</MenuItem>
          <MenuItem value="rule">Rule of thumb: so many for each layer</MenuItem>
        </TextField>
        <TextField
          select
          label="Risk taken with frost and cold"
          value={settings.frostRisk}
          onChange={(event) => void set("frostRisk", Number(event.target.value))}
        >
          {!riskKnown && (
            <MenuItem value={settings.frostRisk}>{chanceWords(settings.frostRisk)}</MenuItem>
          )}
          {RISKS.map((risk) => (
            <MenuItem key={risk.value} value={risk.value}>
              {risk.words}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Soil"
          value={settings.soilSchool}
          onChange={(event) => void set("soilSchool", event.target.value)}
        >
          <MenuItem value="undug">Undug: compost on top, roots left in</MenuItem>
          <MenuItem value="dug">Dug: compost and green manure turned in</MenuItem>
        </TextField>
        {numberField("shortDayHours", "A day is short under (hours)")}
        {numberField("fallAdditionDays", "Fall addition of the calendar school (days)")}
        {numberField("grownBeforeShortDays", "Grown before the short days, to hold (%)", 100)}
        {numberField("rotationYears", "Years before a family comes back to a bed")}
        {stationField}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Done</Button>
      </DialogActions>
    </Dialog>
  );
}
