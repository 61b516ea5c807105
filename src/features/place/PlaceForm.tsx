"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { Controller } from "react-hook-form";
import { madeUpClimates, type WeatherRecord } from "@/core/climate";
import type { Units } from "@/core/units";
import { WordsField, type Fields } from "@/ui/forms";

import { fieldsFromMadeUp, type PlaceFields } from "./placeFields";
import { PlaceNumber } from "./PlaceNumber";
import { RecordCard } from "./record/RecordCard";
import { SketchFields } from "./SketchFields";
import { place as say } from "@/words/en/place";

interface Props {
  form: Fields<PlaceFields>;
  fields: PlaceFields;
  units: Units;
  record: WeatherRecord | null;
  /** Whether this is the garden's first place: then a made-up one may be taken to start from. */
  first: boolean;
  onSubmit: () => void;
}

/** Where the garden is, and where its climate comes from: a few numbers, or a daily record. */
export function PlaceForm(props: Props) {
  const { form, fields, units, record, first, onSubmit } = props;
  const { control, formState, reset } = form;
  return (
    <Box
      component="form"
      noValidate
      aria-label={say.place}
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        onSubmit();
      }}
      sx={{ display: "grid", gap: 1.5, alignContent: "start" }}
    >
      {first && (
        <TextField
          select
          size="small"
          label={say.startFromAnExampleLocation}
          value=""
          onChange={(event) => {
            const chosen = madeUpClimates.find(({ id }) => id === event.target.value);
            if (chosen) reset(fieldsFromMadeUp(chosen, units), { keepDefaultValues: true });
          }}
        >
          {madeUpClimates.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
      )}
      <WordsField
        control={control}
        name="name"
        size="small"
        label={say.locationName}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5, alignItems: "start" }}>
        <PlaceNumber name="latitude" label={say.latitudeNorth} unit="° N" control={control} />
        <PlaceNumber name="longitude" label={say.longitudeEast} unit="° E" control={control} />
      </Box>
      <PlaceNumber
        name="elevation"
        label={say.elevation}
        unit={units === "imperial" ? "ft" : "m"}
        control={control}
      />
      <Controller
        control={control}
        name="climateFrom"
        render={({ field }) => (
          <ToggleButtonGroup
            exclusive
            size="small"
            fullWidth
            aria-label={say.climateSource}
            value={field.value}
            onChange={(_event, next) => {
              if (next !== null) field.onChange(next);
            }}
          >
            <ToggleButton value="sketch">{say.aFewNumbers}</ToggleButton>
            <ToggleButton value="record">{say.dailyWeatherRecord}</ToggleButton>
          </ToggleButtonGroup>
        )}
      />
      {fields.climateFrom === "record" ? (
        <RecordCard record={record} />
      ) : (
        <SketchFields control={control} frost={fields.frost} units={units} />
      )}
      <Button
        type="submit"
        variant="contained"
        disabled={!formState.isDirty}
        sx={{ justifySelf: "start" }}
      >
        {say.saveLocation}
      </Button>
    </Box>
  );
}
