"use client";

import { useEffect, useState } from "react";
import type { Garden } from "@/core/garden";
import type { Readings } from "@/core/log";
import { fetchReadings, type Asked } from "./station";
import { useToday } from "./useToday";

/** What the garden's station says its thermometers measured last; null until it answers. */
export function useReadings(garden: Garden): Asked<Readings> | null {
  const [asked, setAsked] = useState<Asked<Readings> | null>(null);
  const today = useToday(garden);
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
  return asked;
}
