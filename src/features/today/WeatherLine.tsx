import Box from "@mui/material/Box";
import { memo } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { expectedDay } from "@/core/frostNight";
import type { Site } from "@/core/growth";
import { dayLengthOnDay } from "@/core/sky";
import { useWording } from "@/ui/wording";
import { today as say } from "@/words/en/today";

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
}

const RAIN_TOLD_MM = 1;

/** The day's weather and light in a line: by the outlook, or as it usually is. */
export const WeatherLine = memo(function WeatherLine({ garden, site, day }: Props) {
  const wording = useWording();
  const outlook = garden.outlook?.outlook.days ?? [];
  const told = outlook.find(({ date }) => dayNumber(date) === day);
  const { minTempC, maxTempC } = expectedDay(site, outlook, day);
  const night = expectedDay(site, outlook, day + 1).minTempC;
  const hours = dayLengthOnDay(site.latitudeDeg, day);
  const rain =
    told && told.precipitationMm !== null && told.precipitationMm >= RAIN_TOLD_MM
      ? say.mmOfRain({ amount: wording.rainMm(told.precipitationMm) })
      : "";
  return (
    <Box sx={{ fontSize: 15.5, color: "var(--ash-text)" }}>
      {say.toInTheNightAfterHoursOfDay({
        value: garden.rehearsed ? say.inThisWinter : told ? "Expected" : "Usually",
        temperature: wording.temperature(minTempC),
        temperature2: wording.temperature(maxTempC),
        rain,
        temperature3: wording.temperature(night),
        number: wording.number(hours, 1),
      })}
    </Box>
  );
});
