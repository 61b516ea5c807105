"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import FormHelperText from "@mui/material/FormHelperText";
import MenuItem from "@mui/material/MenuItem";
import { useColorScheme } from "@mui/material/styles";
import Switch from "@mui/material/Switch";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { SIMULATED_STATION } from "@/core/garden";
import { gardenStore, useGarden } from "@/store/index";
import { ChoiceField, NumberField, useKeptFields, WordsField } from "@/ui/forms";
import { areSingleKeysOn, setSingleKeys } from "@/ui/keys";
import { DeviceSettings } from "./DeviceSettings";
import { changeFrom, riskChoices, SettingsFieldsSchema, settingsFieldsOf } from "./settingsFields";
import { help as helpSay } from "@/words/en/help";
import { shell as say } from "@/words/en/shell";
import { settings as settingsSay } from "@/words/en/settings";

/** How this garden reckons and shows: kept with the garden, but for the look, which is the device's. */
export default function SettingsDialog({ onClose }: { onClose: () => void }) {
  const settings = useGarden((state) => state.garden.settings);
  const [keys, setKeys] = useState(areSingleKeysOn);
  const keepKeys = (areOn: boolean) => {
    if (setSingleKeys(areOn)) setKeys(areOn);
  };
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
          label={settingsSay.theme}
          value={mode ?? "system"}
          onChange={(event) => setMode(event.target.value as "light" | "dark" | "system")}
        >
          <MenuItem value="light">{settingsSay.dayLightForBrightSun}</MenuItem>
          <MenuItem value="dark">{settingsSay.lampDarkForEvening}</MenuItem>
          <MenuItem value="system">{settingsSay.system}</MenuItem>
        </TextField>
        <ChoiceField {...field("units")} label={settingsSay.units} choices={UNITS} />
        <ChoiceField {...field("school")} label={settingsSay.datesCalculatedBy} choices={SCHOOLS} />
        <ChoiceField
          {...field("degreesSchool")}
          label={settingsSay.temperaturesUnderCoversFrom}
          choices={DEGREES_SCHOOLS}
        />
        <ChoiceField
          {...field("frostRisk")}
          label={settingsSay.acceptedRiskOfFrostAndCold}
          choices={riskChoices(settings.frostRisk)}
        />
        <ChoiceField {...field("soilSchool")} label={settingsSay.soil} choices={SOIL_SCHOOLS} />
        <NumberField {...field("shortDayHours")} label={settingsSay.shortDayUnderHours} />
        <NumberField
          {...field("fallAdditionDays")}
          label={settingsSay.extraDaysInFallCalendarMethod}
        />
        <NumberField
          {...field("grownBeforeShortDays")}
          label={settingsSay.grownBeforeShortDaysToHold}
        />
        <NumberField
          {...field("rotationYears")}
          label={settingsSay.rotationYearsBetweenCropsOfOne}
        />
        <WordsField
          {...field("stationUrl")}
          label={settingsSay.weatherStationAddress}
          helperText={settingsSay.leaveEmptyForNoneIsASimulated({ SIMULATED_STATION })}
        />
        <FormControlLabel
          control={<Switch checked={keys} onChange={(_event, areOn) => keepKeys(areOn)} />}
          label={helpSay.singleKeys}
        />
        <FormHelperText sx={{ mt: -1.5 }}>{helpSay.singleKeysHelp}</FormHelperText>
        <DeviceSettings />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{settingsSay.done2}</Button>
      </DialogActions>
    </Dialog>
  );
}

const UNITS = [
  { value: "metric", words: settingsSay.metricCMetresGrams },
  { value: "imperial", words: settingsSay.imperialFFeetOunces },
];

const SCHOOLS = [
  { value: "growth", words: settingsSay.growthByEachDaysLightAndWarmth },
  { value: "tenhour", words: settingsSay.tenHourDayFullSizeBeforeDaysDropTo },
  { value: "calendar", words: settingsSay.calendarPacketDaysPlusExtraDaysIn },
];

const DEGREES_SCHOOLS = [
  { value: "measured", words: settingsSay.yourOwnThermometers },
  { value: "balance", words: settingsSay.energyBalance },
  { value: "rule", words: settingsSay.ruleOfThumbDegreesForEachLayer },
];

const SOIL_SCHOOLS = [
  { value: "undug", words: settingsSay.noDigCompostOnTopRootsLeftIn },
  { value: "dug", words: settingsSay.dugCompostAndGreenManureTurnedIn },
];
