"use client";

import { useEffect, useRef } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { fetchOutlook } from "@/store/index";

/**
 * Asks the garden's station for today's outlook, once for each day and station. When it does not
 * answer, the last outlook stays and tells its age.
 */
export function useOutlook(garden: Garden, today: DayNumber): void {
  const askedFor = useRef("");
  const { stationUrl } = garden.settings;
  const issuedDay = garden.outlook ? dayNumber(garden.outlook.outlook.issuedOn) : -Infinity;
  useEffect(() => {
    const question = `${stationUrl} ${today}`;
    if (stationUrl === null || issuedDay >= today || askedFor.current === question) return;
    askedFor.current = question;
    void fetchOutlook(today);
  }, [stationUrl, today, issuedDay]);
}
