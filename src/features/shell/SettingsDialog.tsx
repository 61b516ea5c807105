"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import { useColorScheme } from "@mui/material/styles";
import TextField from "@mui/material/TextField";
import { SIMULATED_STATION } from "@/core/garden";
import { gardenStore, useGarden } from "@/store/index";
import { ChoiceField, NumberField, useKeptFields, WordsField } from "@/ui/forms";
import { changeFrom, riskChoices, SettingsFieldsSchema, settingsFieldsOf } from "./settingsFields";

/** How this garden reckons and shows: kept with the garden, but for the look, which is the device's. */
export default function SettingsDialog({ onClose }: { onClose: () => void }) {
  const settings = useGarden((state) => state.garden.settings);
  const { mode, setMode } = useColorScheme();
  const { field } = useKeptFields(
    SettingsFieldsSchema,
    settingsFieldsOf(settings),
    async (name, fields) => {
      const done = await gardenStore().dispatch("settings.set", changeFrom(name, fields));
      return done.ok ? null : done.refusal;
    },
  );
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
        <ChoiceField {...field("units")} label="Units" choices={UNITS} />
        <ChoiceField {...field("school")} label="How dates are counted" choices={SCHOOLS} />
        <ChoiceField
          {...field("degreesSchool")}
          label="Degrees under covers"
          choices={DEGREES_SCHOOLS}
        />
        <ChoiceField
          {...field("frostRisk")}
          label="Risk taken with frost and cold"
          choices={riskChoices(settings.frostRisk)}
        />
        <ChoiceField {...field("soilSchool")} label="Soil" choices={SOIL_SCHOOLS} />
        <NumberField {...field("shortDayHours")} label="A day is short under (hours)" />
        <NumberField
          {...field("fallAdditionDays")}
          label="Fall addition of the calendar school (days)"
        />
        <NumberField
          {...field("grownBeforeShortDays")}
          label="Grown before the short days, to hold (%)"
        />
        <NumberField
          {...field("rotationYears")}
          label="Years before a family comes back to a bed"
        />
        <WordsField
          {...field("stationUrl")}
          label="Address of a weather station"
          helperText={`${SIMULATED_STATION} is the simulated one; empty is none`}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Done</Button>
      </DialogActions>
    </Dialog>
  );
}

const UNITS = [
  { value: "metric", words: "Metric: °C, metres, grams" },
  { value: "imperial", words: "Imperial: °F, feet, ounces" },
];

const SCHOOLS = [
  { value: "growth", words: "Growth: what each day is worth" },
  { value: "tenhour", words: "Ten-hour day: full size by then, and hold" },
  { value: "calendar", words: "Calendar: packet days and a fall addition" },
];

const DEGREES_SCHOOLS = [
  { value: "measured", words: "Your own thermometer, as nights are read" },
  { value: "balance", words: "Energy balance" },
  { value: "rule", words: "Rule of thumb: so many for each layer" },
];

const SOIL_SCHOOLS = [
  { value: "undug", words: "Undug: compost on top, roots left in" },
  { value: "dug", words: "Dug: compost and green manure turned in" },
];
