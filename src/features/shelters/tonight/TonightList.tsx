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
import { useWording, type LocalWording } from "@/ui/wording";
import { NightsAheadChart } from "./NightsAheadChart";
import { PutCovers } from "./PutCovers";
import { shelters as say } from "@/words/en/shelters";
import { told } from "@/ui/wording";
import "@/words/en/facts/frostNight";

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
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
        {say.everythingSurvivesAsCovered({ when })}
        {tonight.shut.length > 0 &&
          say.closeByDusk({ map: tonight.shut.map(({ shelter }) => shelter.name).join(", ") })}
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
        {say.atRisk({ when, count })}
        {soft && say.notHardenedAfterMildWeeks}.
      </b>{" "}
      {covers > 0 && say.stored({ covers })}
      <Box component="a" href={`#${LIST_ID}`} sx={{ color: "var(--ember-text)", fontWeight: 600 }}>
        {say.whatToDo}
      </Box>
    </Box>
  );
}

/** The night to come for everything that stands in the beds, those most in danger first. */
export function TonightList({ garden, site, day, tonight }: ListProps) {
  const wording = useWording();
  const [all, setAll] = useState(false);
  const { nights, put, shut } = tonight;
  const warnings = stormWarnings(garden.outlook?.outlook.days ?? NO_DAYS, day);
  const acts = inDanger(tonight);
  const shown = all ? nights : acts;
  return (
    <Box component="section" id={LIST_ID} aria-label={say.tonight} sx={{ mt: 3, maxWidth: 860 }}>
      <Box component="h2" sx={{ fontFamily: "var(--font-heading)", fontSize: 21, m: 0, mb: 0.5 }}>
        {say.nightOf({ date: wording.date(day) })}
      </Box>
      {nights.length === 0 && <Box sx={{ fontSize: 15 }}>{say.noPlantingsInTheBeds}</Box>}
      {nights.length > 0 && acts.length === 0 && !all && (
        <Box sx={{ fontSize: 15 }}>{say.everyOutdoorPlantingShouldSurvive}</Box>
      )}
      {shut.length > 0 && (
        <Box sx={{ fontSize: 16, lineHeight: 1.5, mb: 1 }}>
          <b>{say.closeByDusk2}</b>{" "}
          {say.leftOpenTheyWouldCostHarvest({
            map: shut.map(({ shelter }) => shelter.name).join(", "),
          })}
        </Box>
      )}
      {warnings.map((one) => (
        <Box key={`${one.kind} ${one.day}`} sx={{ fontSize: 15, lineHeight: 1.5, mb: 0.5 }}>
          {warningWords(one, garden.settings.units, wording)}
        </Box>
      ))}
      <PutCovers garden={garden} put={put} />
      {shown.map((one) => (
        <NightLine key={one.plants.planting.id} garden={garden} site={site} day={day} one={one} />
      ))}
      {nights.length > acts.length && (
        <Button size="small" color="inherit" onClick={() => setAll(!all)} sx={{ mt: 0.5 }}>
          {all ? say.onlyThoseAtRisk : say.all({ nightsCount: nights.length })}
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
        ? say.mph({ number: wording.number(amount * MPH_PER_MPS) })
        : `${wording.number(amount)} m/s`;
    return say.windOfAboutOnWeightOrBuryCover({ much, date: wording.date(day) });
  }
  return say.aboutOfSnowOnBrushItOffFromOutside({
    distance: wording.distanceCm(amount),
    date: wording.date(day),
  });
}

function NightLine({ garden, site, day, one }: Props & { one: NightForPlanting }) {
  const wording = useWording();
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
      : {told(adviceWords(one))}
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
        {say.atThePlantsHalfDieAtHardened({
          temperature: wording.temperature(cropMinC, 1),
          temperature2: wording.temperature(lt50C, 1),
          hardened: Math.round(hardened * 100),
        })}{" "}
        <Button
          size="small"
          color="inherit"
          aria-expanded={open}
          aria-label={say.comingNightsFor({ name, bed: bed.name })}
          onClick={() => setOpen(!open)}
          sx={{ fontSize: 13.5, py: 0, minHeight: 28 }}
        >
          {open ? say.hideTheWeek : say.theWeek}
        </Button>
      </Box>
      {open && <Week garden={garden} site={site} day={day} one={one} />}
    </Box>
  );
}

function Week({ garden, site, day, one }: Props & { one: NightForPlanting }) {
  const outlook = garden.outlook?.outlook.days ?? NO_DAYS;
  const nights = useMemo(
    () => nightsAhead(site, garden, outlook, one, day),
    [site, garden, outlook, one, day],
  );
  return <NightsAheadChart name={one.name} nights={nights} />;
}
