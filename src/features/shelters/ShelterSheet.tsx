"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { civilDate, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { handlingOf, lightShareOfCovers } from "@/core/frostNight";
import type { Site } from "@/core/growth";
import { VENTED } from "@/core/shelter";
import { coverWords } from "@/words/covers";
import { useWording } from "@/ui/wording";
import { Cautions } from "./section/Cautions";
import { CrossSection } from "./section/CrossSection";
import { DegreesExplained } from "./section/DegreesExplained";
import { DegreesSchools } from "./section/DegreesSchools";
import { LayersTable } from "./section/LayersTable";
import { ShelterCurves } from "./section/ShelterCurves";
import type { CoveredBeds } from "./stacks";
import { SeasonWords } from "./section/SeasonWords";
import { ThermometerSection } from "./thermometers/ThermometerSection";
import { useShelter } from "./useShelter";
import { ventWords } from "./section/ventWords";
import { waysOfWorking } from "./section/workings";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  garden: Garden;
  site: Site;
  group: CoveredBeds;
  day: DayNumber;
  /** Opens the shelter to be changed; nothing where there is none. */
  onChange?: (() => void) | undefined;
}

/** One stack of covers: drawn with its temperatures, two days of them, what else it could do. */
export function ShelterSheet({ garden, site, group, day, onChange }: Props) {
  const wording = useWording();
  const [how, setHow] = useState("built");
  const [bed] = group.beds;
  const ways = waysOfWorking(group.shelter ? handlingOf(group.shelter).working : VENTED, wording);
  const working = (ways.find(({ key }) => key === how) ?? ways[0])?.working ?? VENTED;
  const { days, night, degrees, measured, vent, more } = useShelter(
    garden,
    site,
    bed,
    group.covers,
    day,
    working,
  );
  const coldest = coldestStep(days.run.cropC, days.fromStep, days.toStep);
  const [pointed, setPointed] = useState<number | null>(null);
  const step = pointed ?? coldest;
  const hasCovers = group.covers.length > 0;
  const signed = (c: number) =>
    `${c >= 0 ? "+" : "−"}${wording.degrees(Math.round(Math.abs(c) * 10) / 10)}`;
  const gainC = degrees.cropMinC - night.outsideMinC;
  return (
    <Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2.5, alignItems: "flex-start", mb: 1 }}>
        <Fact
          label={say.coldestAtTheCropTonight}
          value={wording.temperature(degrees.cropMinC)}
          accent
        />
        <Fact label={say.outside} value={wording.temperature(night.outsideMinC)} />
        {hasCovers && <Fact label={say.warmerThanOutside} value={signed(gainC)} />}
        <Fact
          label={say.lightLetThrough}
          value={`${Math.round(lightShareOfCovers(group.covers) * 100)} %`}
        />
        <Fact
          label={say.soilAtThatHour}
          value={wording.temperature(days.run.soil5cmC[coldest] ?? NaN)}
        />
        <Box sx={{ ml: { md: "auto" }, mt: 0.75, display: "flex", flexWrap: "wrap", gap: 1 }}>
          {hasCovers && (
            <TextField
              select
              size="small"
              label={say.venting}
              value={how}
              onChange={(event) => setHow(event.target.value)}
              sx={{ width: 300 }}
            >
              {ways.map(({ key, words }) => (
                <MenuItem key={key} value={key}>
                  {words}
                </MenuItem>
              ))}
            </TextField>
          )}
          {onChange && (
            <Button variant="outlined" color="inherit" onClick={onChange}>
              {say.edit}
            </Button>
          )}
        </Box>
      </Box>
      {hasCovers && (
        <>
          <DegreesSchools garden={garden} degrees={degrees} measured={measured} />
          <DegreesExplained
            covers={group.covers}
            latitudeDeg={site.latitudeDeg}
            day={day}
            outsideMinC={degrees.outsideMinC}
          />
        </>
      )}
      <CrossSection group={group} days={days} step={step} />
      <ShelterCurves days={days} step={step} onStep={setPointed} />
      {hasCovers && (
        <Box sx={{ fontSize: 15, lineHeight: 1.5, my: 1 }}>{ventWords(vent, wording)}</Box>
      )}
      <SeasonWords
        garden={garden}
        site={site}
        bed={bed}
        day={day}
        cropMinC={degrees.cropMinC}
        soilC={meanOfDay(days.run.soil5cmC, days.fromStep)}
      />
      <LayersTable group={group} more={more} nowC={degrees.cropMinC} />
      {hasCovers && (
        <ThermometerSection garden={garden} site={site} group={group} measured={measured} />
      )}
      <Cautions group={group} year={civilDate(day).year} />
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mt: 0.5 }}>
        {say.calculatedByAnEnergyBalanceOfSky({ cover: coverWords(group.covers) })}
      </Box>
    </Box>
  );
}

function coldestStep(values: Float64Array, from: number, to: number): number {
  let at = from;
  for (let step = from; step < to; step += 1) {
    if ((values[step] ?? Infinity) < (values[at] ?? Infinity)) at = step;
  }
  return at;
}

const STEPS_PER_DAY = 96;

function meanOfDay(values: Float64Array, from: number): number {
  let sum = 0;
  for (let step = from; step < from + STEPS_PER_DAY; step += 1) sum += values[step] ?? 0;
  return sum / STEPS_PER_DAY;
}

function Fact(props: { label: string; value: string; note?: string; accent?: boolean }) {
  return (
    <Box>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>{props.label}</Box>
      <Box
        sx={{
          fontFamily: "var(--font-heading)",
          fontWeight: 600,
          fontSize: props.accent ? 34 : 24,
          lineHeight: 1.15,
          color: props.accent ? "var(--ember-text)" : "var(--text)",
        }}
      >
        {props.value}
      </Box>
      {props.note && <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>{props.note}</Box>}
    </Box>
  );
}
