"use client";

import Box from "@mui/material/Box";
import { useEffect, useState } from "react";
import { dayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { summariseReadings, type Readings } from "@/core/log";
import type { Site } from "@/core/plan";
import { nightUnder } from "@/core/shelter";
import { fetchReadings, todayOf, type Asked } from "@/store";
import type { LocalWording } from "@/ui/wording";
import type { CoveredBeds } from "./stacks";

interface Props {
  garden: Garden;
  site: Site;
  group: CoveredBeds;
  wording: LocalWording;
}

/** The sky of a night that only its low and high are known of (estimate). */
const USUAL_SKY = { cloudShare: 0.4, windMps: 1, milderBeforeC: 0 };

/** What the shelter's own thermometer measured last night beside what the balance makes of it. */
export function ThermometerPair({ garden, site, group, wording }: Props) {
  const [asked, setAsked] = useState<Asked<Readings> | null>(null);
  const today = todayOf(garden);
  const { stationUrl } = garden.settings;
  useEffect(() => {
    let current = true;
    void fetchReadings(today).then((answer) => {
      if (current) setAsked(answer);
    });
    return () => {
      current = false;
    };
  }, [today, stationUrl]);
  if (!asked?.ok || !group.shelter) return null;
  const sensors = summariseReadings(asked.value);
  const outside = sensors.find(({ sensor }) => sensor === "outside");
  const inside = sensors.find(({ sensor }) => sensor === group.shelter?.id);
  if (!outside || !inside) return null;
  const reckoned = nightUnder(group.shelter.covers, {
    latitudeDeg: site.latitudeDeg,
    day: dayNumber(outside.lastAt.slice(0, 10)),
    minTempC: outside.minTempC,
    maxTempC: outside.maxTempC,
    ...USUAL_SKY,
  });
  const measured = inside.minTempC - outside.minTempC;
  const signed = (degrees: number) =>
    `${degrees >= 0 ? "+" : "−"}${wording.degrees(Math.round(Math.abs(degrees) * 10) / 10)}`;
  return (
    <Box sx={{ fontSize: 15, lineHeight: 1.5, my: 1 }} data-testid="thermometer-pair">
      The thermometers{asked.value.simulated ? " (simulated)" : ""} of{" "}
      {wording.date(dayNumber(outside.lastAt.slice(0, 10)), today)}:{" "}
      {wording.temperature(inside.minTempC, 1)} in {group.shelter.name},{" "}
      {wording.temperature(outside.minTempC, 1)} outside, <b>{signed(measured)}</b>. The balance
      gives {signed(reckoned.crop.gainC)} for such a night.
    </Box>
  );
}
