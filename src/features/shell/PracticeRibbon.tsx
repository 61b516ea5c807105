"use client";

import { useMemo } from "react";
import { seasonOf } from "@/core/calendar";
import { dayLengthOnDay, shortDays } from "@/core/sky";
import type { PracticeShown } from "@/derive/practised";
import { SeasonRibbon } from "@/ui/ribbon/index";

const SHORT_DAY_HOURS = 10;
const stay = () => undefined;

/** The season of a winter of practice: its nights so far, and dark where nobody knows yet. */
export default function PracticeRibbon({ shown }: { shown: PracticeShown }) {
  const { latitudeDeg, fromDay, day, lowsC, isOver } = shown;
  const ribbon = useMemo(() => {
    const season = seasonOf(latitudeDeg, fromDay);
    const days = season.endDay - season.startDay + 1;
    return {
      season,
      dayLengthsH: Float64Array.from({ length: days }, (_, index) =>
        dayLengthOnDay(latitudeDeg, season.startDay + index),
      ),
      frostChances: new Float64Array(days),
      shortDays: shortDays(latitudeDeg, season, SHORT_DAY_HOURS),
      shortDayHours: SHORT_DAY_HOURS,
      frostDay: null,
      frostWords: "",
      bedSun: null,
      nights: { firstDay: fromDay, lowsC },
      knownUntil: isOver ? null : day,
    };
  }, [latitudeDeg, fromDay, day, lowsC, isOver]);
  return <SeasonRibbon ribbon={ribbon} day={day} today={fromDay} onDay={stay} />;
}
