"use client";

import Box from "@mui/material/Box";
import FormControlLabel from "@mui/material/FormControlLabel";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import Typography from "@mui/material/Typography";
import { Controller, type Control } from "react-hook-form";
import type { Units } from "@/core/units";
import { MonthDayField } from "@/ui/inputs";
import { PlaceNumber } from "./PlaceNumber";
import type { PlaceFields } from "./placeFields";
import { place as say } from "@/words/en/place";
import { toldMessage } from "@/ui/wording";

interface Props {
  control: Control<PlaceFields>;
  frost: PlaceFields["frost"];
  units: Units;
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
        <PlaceNumber name={low} label={say.low} unit={degrees} control={control} />
        <PlaceNumber name={high} label={say.high} unit={degrees} control={control} />
      </Pair>
    </>
  );
  return (
    <>
      {pair("coldLow", "coldHigh", say.coldestMonthAverage)}
      {pair("warmLow", "warmHigh", say.warmestMonthAverage)}
      <PlaceNumber
        name="coldestNight"
        label={say.coldestNightIfKnown}
        unit={degrees}
        control={control}
      />
      <FrostFields {...props} />
      <PlaceNumber name="wetDays" label={say.daysWithRainOrSnowPerYearIfKnown} control={control} />
    </>
  );
}

function FrostFields({ control, frost }: Props) {
  return (
    <>
      <Typography variant="h3" component="h2" id="frost-kind" sx={{ mt: 0.5 }}>
        {say.frost}
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
            <FormControlLabel value="dates" control={<Radio />} label={say.everyWinter} />
            <FormControlLabel value="rare" control={<Radio />} label={say.notInMostWinters} />
            <FormControlLabel
              value="everyMonth"
              control={<Radio />}
              label={say.possibleInAnyMonth}
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
                label={say.firstInFall}
                value={field.value}
                error={fieldState.error && toldMessage(fieldState.error.message ?? "")}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="last"
            render={({ field, fieldState }) => (
              <MonthDayField
                label={say.lastInSpring}
                value={field.value}
                error={fieldState.error && toldMessage(fieldState.error.message ?? "")}
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
