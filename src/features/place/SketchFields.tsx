"use client";

import Box from "@mui/material/Box";
import FormControlLabel from "@mui/material/FormControlLabel";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import Typography from "@mui/material/Typography";
import { Controller, type Control } from "react-hook-form";
import type { Units } from "@/core/wording";
import { MonthDayField } from "@/ui/inputs";
import type { LocalWording } from "@/ui/wording";
import { PlaceNumber } from "./PlaceNumber";
import type { PlaceFields } from "./placeFields";

interface Props {
  control: Control<PlaceFields>;
  frost: PlaceFields["frost"];
  units: Units;
  wording: LocalWording;
}

/** The few numbers a grower knows: how cold, how warm, the frost dates, the wet days. */
export function SketchFields(props: Props) {
  const { control, units } = props;
  const degrees = units === "imperial" ? "°F" : "°C";
  const pair = (low: keyof PlaceFields, high: keyof PlaceFields, title: string) => (
    <>
      <Typography variant="h3" component="h2" sx={{ mt: 0.5 }}>
        {title}
      </Typography>
      <Pair>
        <PlaceNumber name={low} label="Low" unit={degrees} control={control} />
        <PlaceNumber name={high} label="High" unit={degrees} control={control} />
      </Pair>
    </>
  );
  return (
    <>
      {pair("coldLow", "coldHigh", "Coldest month, usual")}
      {pair("warmLow", "warmHigh", "Warmest month, usual")}
      <FrostFields {...props} />
      <PlaceNumber
        name="wetDays"
        label="Days with rain or snow a year, if known"
        control={control}
      />
    </>
  );
}

function FrostFields({ control, frost, wording }: Props) {
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
            render={({ field, fieldState }) => (
              <MonthDayField
                label="First in autumn"
                value={field.value}
                error={fieldState.error?.message}
                wording={wording}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="last"
            render={({ field, fieldState }) => (
              <MonthDayField
                label="Last in spring"
                value={field.value}
                error={fieldState.error?.message}
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
