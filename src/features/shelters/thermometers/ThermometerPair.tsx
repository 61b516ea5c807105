"use client";

import Box from "@mui/material/Box";
import { dayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { summariseReadings } from "@/core/log";
import { measuredUnder } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { useToday, useReadings } from "@/store/index";
import { useWording } from "@/ui/wording";
import type { CoveredBeds } from "../stacks";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  garden: Garden;
  site: Site;
  group: CoveredBeds;
}

/** What the station's thermometer in the shelter measured last night beside what the balance makes of it. */
export function ThermometerPair({ garden, site, group }: Props) {
  const wording = useWording();
  const asked = useReadings(garden);
  const today = useToday(garden);
  if (!asked?.ok || !group.shelter) return null;
  const sensors = summariseReadings(asked.value);
  const outside = sensors.find(({ sensor }) => sensor === "outside");
  const inside = sensors.find(({ sensor }) => sensor === group.shelter?.id);
  if (!outside || !inside) return null;
  const on = outside.lastAt.slice(0, 10);
  const [pair] = measuredUnder(site.latitudeDeg, group.shelter.covers, [
    {
      id: "last-night",
      under: { kind: "shelter", id: group.shelter.id },
      on,
      insideMinC: inside.minTempC,
      outsideMinC: outside.minTempC,
      insideMaxC: null,
      outsideMaxC: outside.maxTempC,
      source: "logger",
    },
  ]).pairs;
  if (!pair) return null;
  const signed = (degrees: number) =>
    `${degrees >= 0 ? "+" : "−"}${wording.degrees(Math.round(Math.abs(degrees) * 10) / 10)}`;
  return (
    <Box sx={{ fontSize: 15, lineHeight: 1.5, my: 1 }} data-testid="thermometer-pair">
      {say.theThermometersOfInOutside({
        simulated: asked.value.simulated,
        date: wording.date(dayNumber(on), today),
        temperature: wording.temperature(inside.minTempC, 1),
        shelter: group.shelter.name,
        temperature2: wording.temperature(outside.minTempC, 1),
      })}{" "}
      <b>{signed(pair.insideMinC - pair.outsideMinC)}</b>
      {say.theCalculationGivesForSuchANight({
        signed: signed(pair.reckonedMinC - pair.outsideMinC),
      })}
    </Box>
  );
}
