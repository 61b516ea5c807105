"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import InputAdornment from "@mui/material/InputAdornment";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Controller, type Control, type UseFormRegister } from "react-hook-form";
import type { Units } from "@/core/wording";
import { MonthDayField } from "@/ui/inputs";
import type { LocalWording } from "@/ui/wording";
import type { PlaceFields } from "./placeFields";

interface Props {
  register: UseFormRegister<PlaceFields>;
  control: Control<PlaceFields>;
  problems: Partial<Record<keyof PlaceFields, string>>;
  frost: PlaceFields["frost"];
  units: Units;
  changed: boolean;
  wording: LocalWording;
  onSubmit: () => void;
}

/** The few numbers a grower knows: where, how cold, how warm, and the frost dates. */
export function PlaceForm(props: Props) {
  const { register, problems, frost, units, changed, onSubmit } = props;
  const degrees = units === "imperial" ? "°F" : "°C";
  const field = (name: keyof PlaceFields, label: string, unit: string) => (
    <TextField
      size="small"
      label={label}
      error={problems[name] !== undefined}
      helperText={problems[name]}
      slotProps={{
        input:
          unit === ""
            ? undefined
            : { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> },
        htmlInput: name === "name" ? undefined : { inputMode: "text" },
      }}
      {...register(name)}
    />
  );
  return (
    <Box
      component="form"
      noValidate
      aria-label="Place"
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        onSubmit();
      }}
      sx={{ display: "grid", gap: 1.5, alignContent: "start" }}
    >
      {field("name", "Name of the place", "")}
      <Pair>
        {field("latitude", "Latitude, north +", "°")}
        {field("longitude", "Longitude, east +", "°")}
      </Pair>
      {field("elevation", "Elevation", units === "imperial" ? "ft" : "m")}
      <Typography variant="h3" component="h2" sx={{ mt: 0.5 }}>
        Coldest month, usual
      </Typography>
      <Pair>
        {field("coldLow", "Low", degrees)}
        {field("coldHigh", "High", degrees)}
      </Pair>
      <Typography variant="h3" component="h2" sx={{ mt: 0.5 }}>
        Warmest month, usual
      </Typography>
      <Pair>
        {field("warmLow", "Low", degrees)}
        {field("warmHigh", "High", degrees)}
      </Pair>
      <FrostFields {...props} frost={frost} />
      <Button type="submit" variant="contained" disabled={!changed} sx={{ justifySelf: "start" }}>
        Keep this place
      </Button>
    </Box>
  );
}

function FrostFields({ control, problems, frost, wording }: Props) {
  return (
    <>
      <Typography variant="h3" component="h2" id="frost-kind" sx={{ mt: 0.5 }}>
        Frost
      </Typography>
      <Controller
        control={control}
        name="frost"
        render={({ field }) => (
          <RadioGroup
            {...field}
            aria-labelledby="frost-kind"
            sx={{ "& .MuiRadio-root": { py: 0.5 } }}
          >
            <FormControlLabel value="dates" control={<Radio />} label="comes each winter" />
            <FormControlLabel value="rare" control={<Radio />} label="stays away most winters" />
            <FormControlLabel
              value="everyMonth"
              control={<Radio />}
              label="can come in any month"
            />
          </RadioGroup>
        )}
      />
      {frost === "dates" && (
        <Pair>
          <Controller
            control={control}
            name="first"
            render={({ field }) => (
              <MonthDayField
                label="First in autumn"
                value={field.value}
                error={problems.first}
                wording={wording}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="last"
            render={({ field }) => (
              <MonthDayField
                label="Last in spring"
                value={field.value}
                error={problems.last}
                wording={wording}
                onChange={field.onChange}
              />
            )}
          />
        </Pair>
      )}
    </>
  );
}

function Pair({ children }: { children: React.ReactNode }) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5, alignItems: "start" }}>
      {children}
    </Box>
  );
}
