"use client";

import Box from "@mui/material/Box";
import { useReckoned } from "@/derive";
import { useMemo } from "react";
import { seasonOf, type DayNumber } from "@/core/calendar";
import type { Climate } from "@/core/climate";
import type { Garden, Place } from "@/core/garden";
import { climateOfPlace } from "@/core/plantings";
import { useWording, type LocalWording } from "@/ui/wording";
import { DaylightSection } from "./frost/DaylightSection";
import { FrostSection } from "./frost/FrostSection";
import { OutlookSection } from "./outlook/OutlookSection";
import { SunSection } from "./skyline/SunSection";
import { place as say } from "@/words/en/place";

export type { PlaceSection as SectionName } from "@/ui/viewState";

export const SECTIONS = [
  { name: "frost", label: say.frost },
  { name: "light", label: say.daylight },
  { name: "sun", label: say.sun },
  { name: "outlook", label: say.forecast },
] as const;

interface Props {
  section: (typeof SECTIONS)[number]["name"];
  garden: Garden;
  /** The place as it is typed just now; null while something in it is missing or wrong. */
  draft: Place | null;
  day: DayNumber;
  today: DayNumber;
}

/** What follows from the place: frost, light, the sun on the ground, the days to come. */
export function PlaceSections({ section, garden, draft, day, today }: Props) {
  const wording = useWording();
  const latitudeDeg = draft?.latitudeDeg ?? garden.place?.latitudeDeg ?? 0;
  const season = useMemo(() => seasonOf(latitudeDeg, day), [latitudeDeg, day]);
  const climate = useDraftClimate(draft, garden);
  const { site } = useReckoned();
  if (section === "outlook" && garden.place) {
    return <OutlookSection garden={garden} today={today} />;
  }
  if (section === "sun" && site) {
    return <SunSection garden={garden} site={site} season={site.season(day)} day={day} />;
  }
  if (!draft || !climate) {
    return (
      <Box sx={{ color: "var(--ash-text)", maxWidth: 420 }}>
        {say.lightAndFrostOddsShowHereOnceThe}
      </Box>
    );
  }
  const { shortDayHours, frostRisk } = garden.settings;
  const daylight = (
    <DaylightSection
      latitudeDeg={latitudeDeg}
      season={season}
      day={day}
      shortDayHours={shortDayHours}
    />
  );
  const frost = (
    <FrostSection
      climate={climate}
      season={season}
      day={day}
      frostRisk={frostRisk}
      restsOn={restsOnWords(climate, garden, season.startDay, wording)}
    />
  );
  // While the first place is typed, both answer at once.
  if (!garden.place) {
    return (
      <Box sx={{ display: "grid", gap: 3 }}>
        <Box>{daylight}</Box>
        <Box>{frost}</Box>
      </Box>
    );
  }
  return section === "light" ? daylight : frost;
}

function useDraftClimate(draft: Place | null, garden: Garden): Climate | null {
  const { record } = garden;
  const latitudeDeg = draft?.latitudeDeg;
  const climateFrom = draft?.climateFrom;
  // Typing elsewhere in the form must not fit the climate anew.
  const sketch = JSON.stringify(draft?.climate ?? null);
  return useMemo(() => {
    if (latitudeDeg === undefined || climateFrom === undefined) return null;
    const climate = JSON.parse(sketch) as Place["climate"];
    if (climateFrom === "record" ? !record : !climate) return null;
    return climateOfPlace({ latitudeDeg, climateFrom, climate }, record);
  }, [latitudeDeg, climateFrom, sketch, record]);
}

function restsOnWords(
  climate: Climate,
  garden: Garden,
  midsummer: DayNumber,
  wording: LocalWording,
): string {
  if (climate.frosts && garden.record) {
    const seasons = climate.frosts.seasons.length;
    if (seasons > 0) return say.fromOf({ seasons, station: garden.record.station });
  }
  const spread = wording.degrees(climate.nightSpreadC(midsummer + 120));
  return say.calculatedFromTheNumbersGiven({ spread });
}
