"use client";

import Box from "@mui/material/Box";
import { useMemo } from "react";
import { type DayNumber } from "@/core/calendar";
import { daysWords } from "@/words";
import type { Garden } from "@/core/garden";
import {
  plantingState,
  plannedOtherwise,
  plantingName,
  siteFor,
  type PlantingState,
} from "@/core/plantings";
import type { Site } from "@/core/growth";
import { setView } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import { logbook as say } from "@/words/en/logbook";

interface Props {
  garden: Garden;
  day: DayNumber;
}

interface Line {
  plantingId: string;
  name: string;
  words: string;
}

/** What came otherwise than planned, and what that moves: the plan follows the log. */
export function PlanAgainstFact({ garden, day }: Props) {
  const wording = useWording();
  const site = siteFor(garden);
  const lines = useMemo(
    () => (site ? differences(site, garden, day, wording) : []),
    [site, garden, day, wording],
  );
  if (lines.length === 0) return null;
  return (
    <Box component="section" aria-label={say.changedFromPlan} sx={{ mt: 1.5, maxWidth: 760 }}>
      <Box component="h2" sx={{ m: 0, mb: 0.5, fontFamily: "var(--font-heading)", fontSize: 20 }}>
        {say.changedFromPlan}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {lines.map(({ plantingId, name, words }) => (
          <Box
            component="li"
            key={plantingId}
            sx={{
              fontSize: 15.5,
              lineHeight: 1.45,
              py: 0.5,
              borderBottom: "1px solid var(--line)",
            }}
          >
            <Box
              component="button"
              type="button"
              onClick={() => setView({ selectedPlantingId: plantingId })}
              sx={{
                p: 0,
                border: 0,
                font: "inherit",
                fontWeight: 700,
                background: "none",
                color: "var(--ember-text)",
                cursor: "pointer",
                textAlign: "left",
                "@media (pointer: coarse)": { minHeight: 44 },
              }}
            >
              {name}
            </Box>{" "}
            {words}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** Those that still stand or are to come, and whose dates the log has moved. */
function differences(site: Site, garden: Garden, day: DayNumber, wording: LocalWording): Line[] {
  return [...garden.plantings.values()].flatMap((planting): Line[] => {
    const life = plantingState(garden, site, planting);
    if (!life) return [];
    const planned = plannedOtherwise(garden, site, life);
    if (!planned) return [];
    const { facts, timeline } = life;
    const sownLate = timeline.sowDay - planned.sowDay;
    const outLate =
      facts.plantedOutDay === null ? 0 : facts.plantedOutDay - (planned.plantOutDay ?? 0);
    if (timeline.holdsUntilDay !== null && timeline.holdsUntilDay < day) return [];
    const parts = [
      sownLate === 0
        ? null
        : say.sown({ days: daysWords(Math.abs(sownLate)), isLate: sownLate > 0 }),
      outLate === 0
        ? null
        : say.transplanted({ days: daysWords(Math.abs(outLate)), isOutLate: outLate > 0 }),
      sownLate === 0 && outLate === 0 ? upOrPicked(life, wording) : null,
    ].filter((part) => part !== null);
    const bedName = garden.beds.get(planting.bedId)?.name ?? "";
    return [
      {
        plantingId: planting.id,
        name: `${plantingName(garden, planting)}, ${bedName}`,
        words: `${parts.join(", ")}: ${readyWords(planned.readyDay, timeline.readyDay, day, wording)}`,
      },
    ];
  });
}

/** What moved it where it was sown and planted as planned. */
function upOrPicked({ facts }: PlantingState, wording: LocalWording): string {
  if (facts.firstHarvestDay !== null)
    return say.harvested2({ date: wording.date(facts.firstHarvestDay) });
  return facts.emergedDay === null ? "over" : say.upOn({ date: wording.date(facts.emergedDay) });
}

function readyWords(
  planned: DayNumber | null,
  now: DayNumber | null,
  day: DayNumber,
  wording: LocalWording,
): string {
  if (now === null) return say.willNotBeReadyHere;
  if (planned === null || planned === now)
    return say.readyAsPlanned({ date: wording.date(now, day) });
  return say.readyInsteadOf({ date: wording.date(now, day), date2: wording.date(planned, day) });
}
