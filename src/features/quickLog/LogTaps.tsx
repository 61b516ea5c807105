"use client";

import Box from "@mui/material/Box";
import Chip from "@mui/material/Chip";
import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import { bedsAsWalked, cropsOf, type Garden } from "@/core/garden";
import { plantsIn } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { quickLog as say } from "@/words/en/quickLog";

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  line: string;
  onLine: (line: string) => void;
}

const DEEDS = ["picked", "sowed", say.transplanted, "up", "lost", "saw", "watered", "cleared"];
const MOST_SHOWN = 14;

/** The usual words as taps: what was done, then what stands in the beds. */
export function LogTaps({ garden, site, day, line, onLine }: Props) {
  const subjects = useMemo(() => standing(site, garden, day), [site, garden, day]);
  const add = (words: string) =>
    onLine(`${line.trimEnd()}${line.trim() === "" ? "" : " "}${words} `);
  return (
    <Box sx={{ display: "grid", gap: 0.75 }}>
      <Taps label={say.kindOfWork} words={DEEDS} onTap={add} />
      <Taps label={say.growingInTheBeds} words={subjects} onTap={add} />
    </Box>
  );
}

function Taps(props: { label: string; words: readonly string[]; onTap: (words: string) => void }) {
  const { label, words, onTap } = props;
  if (words.length === 0) return null;
  return (
    <Box role="group" aria-label={label} sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
      {words.map((one) => (
        <Chip
          key={one}
          label={one}
          variant="outlined"
          onClick={() => onTap(one)}
          sx={{ fontSize: 14.5, height: 36, borderRadius: "4px" }}
        />
      ))}
    </Box>
  );
}

/** "kale bed 3", the ready ones first, in the order of the walk. */
function standing(site: Site, garden: Garden, day: DayNumber): string[] {
  const crops = cropsOf(garden);
  const there = bedsAsWalked(garden).flatMap((bed) =>
    plantsIn(site, garden, bed, day).map(({ planting, isReady }) => ({
      words: `${crops.get(planting.cropId)?.name.toLowerCase() ?? ""} ${bed.name.toLowerCase()}`,
      isReady,
    })),
  );
  const ordered = [
    ...there.filter(({ isReady }) => isReady),
    ...there.filter((one) => !one.isReady),
  ];
  return [...new Set(ordered.map(({ words }) => words))].slice(0, MOST_SHOWN);
}
