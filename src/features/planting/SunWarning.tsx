"use client";

import Alert from "@mui/material/Alert";
import { useMemo } from "react";
import { shortfallWords, sunShortfall, type Growing, type Timeline } from "@/core/schedule";
import { type Site } from "@/core/growth";

interface Props {
  site: Site;
  growing: Growing;
  timeline: Timeline;
}

/** A warning where the skyline leaves the crop less direct sun than it needs; nothing otherwise. */
export function SunWarning({ site, growing, timeline }: Props) {
  const shortfall = useMemo(() => sunShortfall(site, growing, timeline), [site, growing, timeline]);
  if (!shortfall) return null;
  return (
    <Alert severity="warning" sx={{ mt: 1.5, py: 0.25 }}>
      {shortfallWords(growing.crop.name, shortfall)}
    </Alert>
  );
}
