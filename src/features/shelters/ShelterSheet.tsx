"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { lightShareOfCovers, type Site } from "@/core/plan";
import { coverWords, SHUT, thumbGainC, VENTED, type Working } from "@/core/shelter";
import type { LocalWording } from "@/ui/wording";
import { CrossSection } from "./CrossSection";
import { LayersTable } from "./LayersTable";
import { ShelterCurves } from "./ShelterCurves";
import type { CoveredBeds } from "./stacks";
import { ThermometerPair } from "./ThermometerPair";
import { useShelter } from "./useShelter";
import { ventWords } from "./ventWords";

interface Props {
  garden: Garden;
  site: Site;
  group: CoveredBeds;
  day: DayNumber;
  wording: LocalWording;
}

const WORKINGS: Record<string, { words: string; working: Working }> = {
  vented: { words: "aired from 15 °C on", working: VENTED },
  shut: { words: "shut all day", working: SHUT },
  byHand: {
    words: "by hand, 10 to 15 o'clock",
    working: { ...SHUT, vent: { kind: "manual", fromHour: 10, toHour: 15, share: 0.5 } },
  },
  night: { words: "inner covers at night", working: { ...VENTED, nightCovers: true } },
  snow: { words: "under snow", working: { ...SHUT, snow: true } },
};

/** One stack of covers: drawn with its temperatures, two days of them, what else it could do. */
export function ShelterSheet({ garden, site, group, day, wording }: Props) {
  const [how, setHow] = useState("vented");
  const working = WORKINGS[how]?.working ?? VENTED;
  const { days, night, vent, more } = useShelter(garden, site, group.covers, day, working);
  const coldest = coldestStep(days.run.cropC, days.fromStep, days.toStep);
  const [pointed, setPointed] = useState<number | null>(null);
  const step = pointed ?? coldest;
  const hasCovers = group.covers.length > 0;
  const degrees = (c: number) => wording.degrees(Math.round(c * 10) / 10);
  return (
    <Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 3, alignItems: "flex-start", mb: 1 }}>
        <Fact
          label="coldest at the crop tonight"
          value={wording.temperature(night.cropMinC)}
          accent
        />
        <Fact label="outside" value={wording.temperature(night.outsideMinC)} />
        {hasCovers && (
          <Fact
            label="degrees gained"
            value={`${night.gainC >= 0 ? "+" : "−"}${degrees(Math.abs(night.gainC))}`}
            note={`by the rule of thumb +${degrees(thumbGainC(group.covers))} in frost`}
          />
        )}
        <Fact
          label="light kept"
          value={`${Math.round(lightShareOfCovers(group.covers) * 100)} %`}
        />
        {hasCovers && (
          <TextField
            select
            size="small"
            label="Worked"
            value={how}
            onChange={(event) => setHow(event.target.value)}
            sx={{ ml: { md: "auto" }, mt: 0.75, width: 215 }}
          >
            {Object.entries(WORKINGS).map(([key, { words }]) => (
              <MenuItem key={key} value={key}>
                {words}
              </MenuItem>
            ))}
          </TextField>
        )}
      </Box>
      <CrossSection group={group} days={days} step={step} wording={wording} />
      <ShelterCurves days={days} step={step} onStep={setPointed} wording={wording} />
      {hasCovers && (
        <Box sx={{ fontSize: 15, lineHeight: 1.5, my: 1 }}>{ventWords(vent, wording)}</Box>
      )}
      <ThermometerPair garden={garden} site={site} group={group} wording={wording} />
      <LayersTable group={group} more={more} nowC={night.cropMinC} wording={wording} />
      <Cautions group={group} />
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mt: 0.5 }}>
        By an energy balance of {coverWords(group.covers)}: sky, wind, leaks, wet film, and soil
        that freezes. Your own thermometer is the judge.
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

/** What can hurt somebody about the outermost cover, where it is looked at. */
function Cautions({ group }: { group: CoveredBeds }) {
  if (group.covers.length === 0) return null;
  const isHouse = group.covers.some((id) => id.startsWith("greenhouse"));
  const isGlass = group.covers.includes("cold-frame-glass");
  return (
    <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", lineHeight: 1.5 }}>
      {isHouse &&
        "A house can need a permit, and must carry your snow and wind: ask the local building office or a licensed engineer. Stay out of it in a storm or under heavy snow. No unvented burner inside. A shut house is dangerously hot in the sun. "}
      {isGlass && "Glass: wear gloves, and prop the light so that it cannot fall. "}
      Weigh or bury the edges before wind. Film that is not made for the sun lasts about a season.
    </Box>
  );
}
