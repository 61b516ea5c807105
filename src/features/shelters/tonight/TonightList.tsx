"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import {
  adviceWords,
  nightsAhead,
  stormWarnings,
  type NightForPlanting,
  type StormWarning,
  type Tonight,
} from "@/core/frostNight";
import type { Site } from "@/core/growth";
import type { LocalWording } from "@/ui/wording";
import { NightsAheadChart } from "./NightsAheadChart";
import { PutCovers } from "./PutCovers";

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  wording: LocalWording;
}

interface ListProps extends Props {
  tonight: Tonight;
}

const NO_DAYS: readonly never[] = [];
const DEATH_SHOWN = 0.05;
const LIST_ID = "the-night-to-come";

/** Plantings for which something is to be done tonight, or that may die. */
function inDanger({ nights }: Tonight): NightForPlanting[] {
  return nights.filter(
    ({ advice, damage }) => advice !== "nothing" || damage.pointDeath > DEATH_SHOWN,
  );
}

/** The night in a line over everything else, with the way to what is to be done. */
export function TonightLine({ tonight, when }: { tonight: Tonight; when: string }) {
  const count = inDanger(tonight).length;
  if (tonight.nights.length === 0) return null;
  if (count === 0) {
    return (
      <Box sx={{ fontSize: 15.5, mt: 0.25 }}>
        {when} everything lives as it is covered
        {tonight.shut.length > 0 &&
          `; shut ${tonight.shut.map(({ shelter }) => shelter.name).join(", ")} by dusk`}
        .
      </Box>
    );
  }
  const soft = tonight.nights.some(({ isSudden }) => isSudden);
  const covers = tonight.put.length;
  return (
    <Box
      sx={{
        borderLeft: "5px solid var(--ember)",
        pl: 1.25,
        py: 0.25,
        mt: 0.5,
        fontSize: 18,
        lineHeight: 1.4,
      }}
    >
      <b>
        {when} {count} {count === 1 ? "planting is" : "plantings are"} in danger
        {soft && ", soft after mild weeks"}.
      </b>{" "}
      {covers > 0 && `${covers} ${covers === 1 ? "cover" : "covers"} of the shed help. `}
      <Box component="a" href={`#${LIST_ID}`} sx={{ color: "var(--ember-text)", fontWeight: 600 }}>
        What to do
      </Box>
    </Box>
  );
}

/** The night to come for everything that stands in the beds, those most in danger first. */
export function TonightList({ garden, site, day, tonight, wording }: ListProps) {
  const [all, setAll] = useState(false);
  const { nights, put, shut } = tonight;
  const warnings = stormWarnings(garden.outlook?.outlook.days ?? NO_DAYS, day);
  const acts = inDanger(tonight);
  const shown = all ? nights : acts;
  return (
    <Box
      component="section"
      id={LIST_ID}
      aria-label="The night to come"
      sx={{ mt: 3, maxWidth: 860 }}
    >
      <Box component="h2" sx={{ fontFamily: "var(--font-heading)", fontSize: 21, m: 0, mb: 0.5 }}>
        The night after {wording.date(day)}
      </Box>
      {nights.length === 0 && <Box sx={{ fontSize: 15 }}>Nothing stands in the beds.</Box>}
      {nights.length > 0 && acts.length === 0 && !all && (
        <Box sx={{ fontSize: 15 }}>
          Everything that stands outdoors should live through it as it is covered now.
        </Box>
      )}
      {shut.length > 0 && (
        <Box sx={{ fontSize: 16, lineHeight: 1.5, mb: 1 }}>
          <b>Shut by dusk:</b> {shut.map(({ shelter }) => shelter.name).join(", ")}. Left open they
          would cost harvest tonight.
        </Box>
      )}
      {warnings.map((one) => (
        <Box key={`${one.kind} ${one.day}`} sx={{ fontSize: 15, lineHeight: 1.5, mb: 0.5 }}>
          {warningWords(one, garden.settings.units, wording)}
        </Box>
      ))}
      <PutCovers garden={garden} put={put} wording={wording} />
      {shown.map((one) => (
        <NightLine
          key={one.plants.planting.id}
          garden={garden}
          site={site}
          day={day}
          one={one}
          wording={wording}
        />
      ))}
      {nights.length > acts.length && (
        <Button size="small" color="inherit" onClick={() => setAll(!all)} sx={{ mt: 0.5 }}>
          {all ? "Only those in danger" : `All ${nights.length} plantings`}
        </Button>
      )}
    </Box>
  );
}

const MPH_PER_MPS = 2.237;

/** What to do before wind or snow, in a sentence or two. */
function warningWords(
  { day, kind, amount }: StormWarning,
  units: Garden["settings"]["units"],
  wording: LocalWording,
): string {
  if (kind === "wind") {
    const much =
      units === "imperial"
        ? `${wording.number(amount * MPH_PER_MPS)} mph`
        : `${wording.number(amount)} m/s`;
    return `Wind of about ${much} on ${wording.date(day)}: weigh or bury the edges, shut vents and doors, and stay out of the house in the storm.`;
  }
  return `About ${wording.distanceCm(amount)} of snow on ${wording.date(day)}: brush it off from outside while it is light; stay out from under a heavy load.`;
}

function NightLine({ garden, site, day, one, wording }: Props & { one: NightForPlanting }) {
  const { bed, name, cropMinC, lt50C, hardened, isSudden } = one;
  const [open, setOpen] = useState(false);
  return (
    <Box
      sx={{
        borderTop: "1px solid var(--line)",
        borderLeft: isSudden ? "4px solid var(--ember)" : "4px solid transparent",
        pl: 1.25,
        py: 0.75,
        fontSize: 15,
        lineHeight: 1.45,
      }}
    >
      <b>
        {name}, {bed.name}
      </b>
      : {adviceWords(one)}
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
        {wording.temperature(cropMinC, 1)} at the plants; {wording.temperature(lt50C, 1)} kills
        half, {Math.round(hardened * 100)} % hardened{" "}
        <Button
          size="small"
          color="inherit"
          aria-expanded={open}
          aria-label={`The nights to come for ${name}, ${bed.name}`}
          onClick={() => setOpen(!open)}
          sx={{ fontSize: 13.5, py: 0, minHeight: 28 }}
        >
          {open ? "Hide the week" : "The week"}
        </Button>
      </Box>
      {open && <Week garden={garden} site={site} day={day} one={one} wording={wording} />}
    </Box>
  );
}

function Week({ garden, site, day, one, wording }: Props & { one: NightForPlanting }) {
  const outlook = garden.outlook?.outlook.days ?? NO_DAYS;
  const nights = useMemo(
    () => nightsAhead(site, garden, outlook, one, day),
    [site, garden, outlook, one, day],
  );
  return <NightsAheadChart name={one.name} nights={nights} wording={wording} />;
}
