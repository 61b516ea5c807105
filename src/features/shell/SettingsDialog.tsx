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
import { shell as say } from "@/words/en/shell";

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
      <DialogTitle>{say.settings}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        <TextField
          select
          label={say.theme}
          value={mode ?? "system"}
          onChange={(event) => setMode(event.target.value as "light" | "dark" | "system")}
        >
          <MenuItem value="light">{say.dayLightForBrightSun}</MenuItem>
          <MenuItem value="dark">{say.lampDarkForEvening}</MenuItem>
          <MenuItem value="system">{say.system}</MenuItem>
        </TextField>
        <ChoiceField {...field("units")} label={say.units} choices={UNITS} />
        <ChoiceField {...field("school")} label={say.datesCalculatedBy} choices={SCHOOLS} />
        <ChoiceField
          {...field("degreesSchool")}
          label={say.temperaturesUnderCoversFrom}
          choices={DEGREES_SCHOOLS}
        />
        <ChoiceField
          {...field("frostRisk")}
          label={say.acceptedRiskOfFrostAndCold}
          choices={riskChoices(settings.frostRisk)}
        />
        <ChoiceField {...field("soilSchool")} label={say.soil} choices={SOIL_SCHOOLS} />
        <NumberField {...field("shortDayHours")} label={say.shortDayUnderHours} />
        <NumberField {...field("fallAdditionDays")} label={say.extraDaysInFallCalendarMethod} />
        <NumberField {...field("grownBeforeShortDays")} label={say.grownBeforeShortDaysToHold} />
        <NumberField {...field("rotationYears")} label={say.rotationYearsBetweenCropsOfOne} />
        <WordsField
          {...field("stationUrl")}
          label={say.weatherStationAddress}
          helperText={say.leaveEmptyForNoneIsASimulated({ SIMULATED_STATION })}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say.done2}</Button>
      </DialogActions>
    </Dialog>
  );
}

const UNITS = [
  { value: "metric", words: say.metricCMetresGrams },
  { value: "imperial", words: say.imperialFFeetOunces },
];

const SCHOOLS = [
  { value: "growth", words: say.growthByEachDaysLightAndWarmth },
  { value: "tenhour", words: say.tenHourDayFullSizeBeforeDaysDropTo },
  { value: "calendar", words: say.calendarPacketDaysPlusExtraDaysIn },
];

const DEGREES_SCHOOLS = [
  { value: "measured", words: say.yourOwnThermometers },
  { value: "balance", words: say.energyBalance },
  { value: "rule", words: say.ruleOfThumbDegreesForEachLayer },
];

const SOIL_SCHOOLS = [
  { value: "undug", words: say.noDigCompostOnTopRootsLeftIn },
  { value: "dug", words: say.dugCompostAndGreenManureTurnedIn },
];
