"use client";

import { useMemo } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import {
  FROST_THRESHOLDS_C,
  firstFrostDay,
  frostChances,
  type RehearsedWinter,
} from "@/core/climate";
import { horizonOver, type Garden } from "@/core/garden";
import { weeksOfSun } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { dayLengthOnDay } from "@/core/sky";
import { chanceWords } from "@/words";
import type { RibbonSeason } from "@/ui/ribbon/index";
import type { LocalWording } from "@/ui/wording";
import { shell as say } from "@/words/en/shell";

/** The ribbon's season around a day, computed once for each season and setting. */
export function useRibbon(
  site: Site | null,
  garden: Garden,
  bedId: string | null,
  day: DayNumber,
  wording: LocalWording,
): RibbonSeason | null {
  const { settings, rehearsed } = garden;
  const startDay = site?.season(day).startDay;
  const base = useMemo(() => {
    if (!site || startDay === undefined) return null;
    const season = site.season(startDay);
    const days = season.endDay - season.startDay + 1;
    const { comeBy, stillToCome } = frostChances(site.climate, season, FROST_THRESHOLDS_C.killing);
    const nights = nightsOf(rehearsed);
    const frostDay = nights
      ? firstKillingFrost(nights, season)
      : firstFrostDay(site.climate, season, FROST_THRESHOLDS_C.killing, settings.frostRisk);
    return {
      season,
      dayLengthsH: Float64Array.from({ length: days }, (_, index) =>
        dayLengthOnDay(site.latitudeDeg, season.startDay + index),
      ),
      // Before frost has come there is none, and after the last there is none: the lesser of both.
      frostChances: comeBy.map((chance, index) => Math.min(chance, stillToCome[index] ?? 0)),
      shortDays: site.shortDays(season, settings.shortDayHours),
      shortDayHours: settings.shortDayHours,
      frostDay,
      nights,
      knownUntil: null,
      frostWords:
        frostDay === null
          ? ""
          : nights
            ? say.killingFrostOn({ date: wording.shortDate(frostDay) })
            : say.killingFrostBy({
                chance: chanceWords(settings.frostRisk),
                date: wording.shortDate(frostDay),
              }),
    };
  }, [site, startDay, settings.frostRisk, settings.shortDayHours, wording, rehearsed]);
  const bed = bedId === null ? undefined : garden.beds.get(bedId);
  const horizon = bed && horizonOver(garden, bed);
  const bedName = bed?.name ?? "";
  return useMemo(() => {
    if (!base || !site) return null;
    const bedSun = horizon ? { bedName, weeks: weeksOfSun(site, horizon, base.season) } : null;
    return { ...base, bedSun };
  }, [base, site, horizon, bedName]);
}

function nightsOf(rehearsed: RehearsedWinter | undefined): RibbonSeason["nights"] {
  if (!rehearsed) return null;
  const { firstDay, minTempC } = rehearsed.daily;
  return { firstDay, lowsC: minTempC };
}

/** The first killing frost of a winter that is lived through on trial; null where none comes. */
function firstKillingFrost(
  { firstDay, lowsC }: NonNullable<RibbonSeason["nights"]>,
  season: Season,
): DayNumber | null {
  for (let day = Math.max(firstDay, season.startDay); day <= season.endDay; day += 1) {
    if ((lowsC[day - firstDay] ?? 0) <= FROST_THRESHOLDS_C.killing) return day;
  }
  return null;
}
