"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import type { DayNumber } from "@/core/calendar";
import { climateFromSketch } from "@/core/climate";
import type { Garden, Place } from "@/core/garden";
import { seasonOf } from "@/core/calendar";
import { dayLengthOnDay, shortDays, type ShortDays } from "@/core/sky";
import { gardenStore, todayOf, useGarden } from "@/store";
import { tell, useView } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import { DayLengthChart } from "./DayLengthChart";
import { FrostTable } from "./FrostTable";
import { PlaceForm } from "./PlaceForm";
import { fieldsOf, placeFrom } from "./placeFields";

/** Where the garden is: what is typed on the left, what follows from it on the right. */
export function PlaceView() {
  const garden = useGarden((state) => state.garden);
  // Undo and imports bring another place: the form starts anew from it.
  return (
    <PlaceEditor key={JSON.stringify([garden.place, garden.settings.units])} garden={garden} />
  );
}

function PlaceEditor({ garden }: { garden: Garden }) {
  const { units, shortDayHours } = garden.settings;
  const wording = useWording(units);
  const router = useRouter();
  const day = useView((state) => state.dateInView) ?? todayOf(garden);
  const { register, control, formState } = useForm({
    defaultValues: fieldsOf(garden.place, units),
  });
  const fields = useWatch({ control });
  const [asked, setAsked] = useState(false);
  const read = useMemo(
    () => placeFrom({ ...fieldsOf(garden.place, units), ...fields }, units, garden.place),
    [fields, garden.place, units],
  );
  const keep = async () => {
    setAsked(true);
    if (!read.ok) return;
    const first = garden.place === null;
    const done = await gardenStore().dispatch("place.set", read.place);
    if (!done.ok) tell(done.refusal, "refused");
    else {
      tell(`${read.place.name} is kept: every date follows it.`, "done", true);
      if (first && garden.beds.size === 0) router.push("/plan");
    }
  };
  // While a form is being filled for the first time, only what was typed is found fault with.
  const problems = read.ok
    ? {}
    : Object.fromEntries(
        Object.entries(read.problems).filter(
          ([name]) => asked || formState.dirtyFields[name as keyof typeof formState.dirtyFields],
        ),
      );
  return (
    <Box sx={{ height: "100%", overflowY: "auto", px: { xs: 2, md: 2.75 }, pt: 1.75, pb: 3 }}>
      <Typography variant="h1">Place</Typography>
      <Box
        sx={{
          mt: 1.5,
          display: "grid",
          gap: { xs: 3, md: 4 },
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "340px minmax(0, 1fr)" },
        }}
      >
        <PlaceForm
          register={register}
          control={control}
          problems={problems}
          frost={fields.frost ?? "dates"}
          units={units}
          changed={formState.isDirty}
          wording={wording}
          onSubmit={() => void keep()}
        />
        {read.ok ? (
          <PlaceConsequences
            place={read.place}
            day={day}
            shortDayHours={shortDayHours}
            wording={wording}
          />
        ) : (
          <Box sx={{ color: "var(--ash-text)", maxWidth: 420 }}>
            The light and the frost odds of the place stand here as soon as the numbers are there.
            Usual lows and highs are in any climate table; the frost dates are those by which half
            the years have had frost.
          </Box>
        )}
      </Box>
    </Box>
  );
}

interface ConsequencesProps {
  place: Place;
  day: DayNumber;
  shortDayHours: number;
  wording: LocalWording;
}

function PlaceConsequences({ place, day, shortDayHours, wording }: ConsequencesProps) {
  const season = useMemo(() => seasonOf(place.latitudeDeg, day), [place.latitudeDeg, day]);
  const short = useMemo(
    () => shortDays(place.latitudeDeg, season, shortDayHours),
    [place.latitudeDeg, season, shortDayHours],
  );
  const climate = useMemo(
    () => climateFromSketch(place.latitudeDeg, place.climate),
    [place.latitudeDeg, place.climate],
  );
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography variant="h2">Daylight</Typography>
      <Box sx={{ fontSize: 16, mt: 0.5, mb: 1 }} data-testid="short-days">
        {lightWords(place.latitudeDeg, season, short, shortDayHours, wording)}
      </Box>
      <DayLengthChart
        latitudeDeg={place.latitudeDeg}
        season={season}
        short={short}
        shortDayHours={shortDayHours}
        day={day}
        wording={wording}
      />
      <Typography variant="h2" sx={{ mt: 2.5, mb: 0.5 }}>
        Frost
      </Typography>
      <FrostTable climate={climate} season={season} wording={wording} />
      <Box component="ul" sx={{ pl: 2.5, fontSize: 14, color: "var(--ash-text)" }}>
        <li>
          Reckoned from the few numbers given: nights stray by about{" "}
          {wording.degrees(climate.residualSdC)} around the usual.
        </li>
        {climate.notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
      </Box>
    </Box>
  );
}

function lightWords(
  latitudeDeg: number,
  season: { startDay: DayNumber; midwinterDay: DayNumber },
  short: ShortDays | null,
  hours: number,
  wording: LocalWording,
): string {
  const darkest = dayLengthOnDay(latitudeDeg, season.midwinterDay);
  const brightest = dayLengthOnDay(latitudeDeg, season.startDay);
  if (!short) {
    return `No day here is shorter than ${hours} hours: light does not stop growth in winter.`;
  }
  const from = wording.date(short.fromDay);
  const to = wording.date(short.toDay, short.fromDay);
  const polar =
    (darkest === 0 ? " Around midwinter the sun does not rise at all." : "") +
    (brightest === 24 ? " Around midsummer it does not set." : "");
  return `Days are shorter than ${hours} hours from ${from} to ${to}: growth nearly stops between.${polar}`;
}
