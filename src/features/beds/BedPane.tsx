"use client";

import Box from "@mui/material/Box";
import Tab from "@mui/material/Tab";
import Tabs from "@mui/material/Tabs";
import Typography from "@mui/material/Typography";
import type { DayNumber } from "@/core/calendar";
import { coversOver, horizonOver, type Bed, type Garden } from "@/core/garden";
import { groundSun } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { standsAtOn } from "@/core/containers";
import { placeWords } from "@/ui/containers";
import { coverWords } from "@/words/covers";
import { lazyPart } from "@/ui/frame";
import { setView, useView, type BedSection } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { LieSection } from "./LieSection";
import { StandingSection } from "./StandingSection";
import { TrialVerdicts } from "@/ui/ground";
import { beds as say } from "@/words/en/beds";

const FillSection = lazyPart(() => import("./FillSection"));
const SoilSection = lazyPart(() => import("./soil/SoilSection"));

interface Props {
  garden: Garden;
  site: Site | null;
  bed: Bed;
  day: DayNumber;
}

const SECTIONS: readonly { value: BedSection; label: string }[] = [
  { value: "standing", label: say.growing },
  { value: "fill", label: say.freeSpace },
  { value: "soil", label: say.soil },
  { value: "lie", label: say.position },
];

/** One bed: what stands in it and when, what could, how it is fed, where it lies. */
export default function BedPane({ garden, site, bed, day }: Props) {
  const wording = useWording();
  const chosen = useView((state) => state.bedSection);
  // Without a place nothing grows yet: only where the bed lies can be said.
  const section = site ? chosen : "lie";
  const sun = site ? groundSun(site, horizonOver(garden, bed), day).directSunH : null;
  const shown = { garden, bed, day, wording };
  return (
    <>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", pr: 4 }}>
        {bed.container
          ? placeWords(garden, standsAtOn(bed.container, day))
          : coverWords(coversOver(garden, bed))}
        {sun !== null &&
          say.hDirectSunOn({ number: wording.number(sun, 1), date: wording.shortDate(day) })}
      </Box>
      <Typography variant="h2">{bed.name}</Typography>
      {site && (
        <Tabs
          value={section}
          onChange={(_event, value: BedSection) => setView({ bedSection: value })}
          variant="fullWidth"
          aria-label={say.about({ bed: bed.name })}
          sx={{ mt: 0.5, minHeight: 40, borderBottom: "1px solid var(--line)" }}
        >
          {SECTIONS.map(({ value, label }) => (
            <Tab
              key={value}
              value={value}
              label={label}
              id={`bed-tab-${value}`}
              aria-controls="bed-section"
              sx={{ minWidth: 0, minHeight: 40, px: 0.5, textTransform: "none", fontSize: 14.5 }}
            />
          ))}
        </Tabs>
      )}
      <Box
        id="bed-section"
        role={site ? "tabpanel" : undefined}
        aria-labelledby={site ? `bed-tab-${section}` : undefined}
      >
        {site && section === "standing" && <StandingSection {...shown} site={site} />}
        {site && section === "fill" && <FillSection {...shown} site={site} />}
        {site && section === "soil" && (
          <>
            <SoilSection {...shown} site={site} />
            <TrialVerdicts garden={garden} of={{ bedId: bed.id }} />
          </>
        )}
        {section === "lie" && <LieSection garden={garden} bed={bed} day={day} />}
      </Box>
    </>
  );
}
