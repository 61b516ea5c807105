"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useMemo } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import { dayLengthOnDay, shortDays, type ShortDays } from "@/core/sky";
import { useWording, type LocalWording } from "@/ui/wording";
import { DayLengthChart } from "./DayLengthChart";
import { place as say } from "@/words/en/place";

interface Props {
  latitudeDeg: number;
  season: Season;
  day: DayNumber;
  shortDayHours: number;
}

/** Day length over the season, and the short days in which growth nearly stops. */
export function DaylightSection({ latitudeDeg, season, day, shortDayHours }: Props) {
  const wording = useWording();
  const short = useMemo(
    () => shortDays(latitudeDeg, season, shortDayHours),
    [latitudeDeg, season, shortDayHours],
  );
  return (
    <>
      <Typography variant="h2">{say.daylight}</Typography>
      <Box sx={{ fontSize: 16, mt: 0.5, mb: 1 }} data-testid="short-days">
        {lightWords(latitudeDeg, season, short, shortDayHours, wording)}
      </Box>
      <DayLengthChart
        latitudeDeg={latitudeDeg}
        season={season}
        short={short}
        shortDayHours={shortDayHours}
        day={day}
      />
    </>
  );
}

function lightWords(
  latitudeDeg: number,
  season: Season,
  short: ShortDays | null,
  hours: number,
  wording: LocalWording,
): string {
  const darkest = dayLengthOnDay(latitudeDeg, season.midwinterDay);
  const brightest = dayLengthOnDay(latitudeDeg, season.startDay);
  if (!short) {
    return say.noDayHereIsShorterThanHoursLight({ hours });
  }
  const from = wording.date(short.fromDay);
  const to = wording.date(short.toDay, short.fromDay);
  const polar =
    (darkest === 0 ? say.aroundMidwinterTheSunDoesNotRiseAt : "") +
    (brightest === 24 ? say.aroundMidsummerItDoesNotSet : "");
  return say.daysAreShorterThanHoursFromTo({ hours, from, to, polar });
}
