"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useAnswer } from "@/derive";
import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import type { Gap, Weeks } from "@/core/supply";
import { newId } from "@/store";
import { InspectorSection } from "@/ui/frame";
import { send } from "@/ui/send";
import { useWording } from "@/ui/wording";
import { roughG } from "./weights";
import { foodGroups, larder as say } from "@/words/en/larder";

interface Props {
  garden: Garden;
  site: Site;
  gap: Gap;
  weeks: Weeks;
  day: DayNumber;
}

/** One gap: how much is missing in how many years, and the sowings that still close some of it. */
export default function GapPane({ garden, site, gap, weeks, day }: Props) {
  const wording = useWording();
  const { group, fromDay, untilDay, shortKgAWeek } = gap;
  const args = useMemo(
    () => ({ weeks, gap: { group, fromDay, untilDay, shortKgAWeek } }),
    [weeks, group, fromDay, untilDay, shortKgAWeek],
  );
  const { value: ways } = useAnswer("waysToClose", args, { garden, site });
  const weight = (kg: number) => wording.weightG(roughG(kg));
  return (
    <>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)", pr: 4 }}>
        {say.gapOf({ group: foodGroups[group] })}
      </Box>
      <Typography variant="h2">
        {say.gapTitle({ from: wording.date(fromDay, day), until: wording.date(untilDay, fromDay) })}
      </Typography>
      <Box sx={{ display: "flex", gap: 4, mt: 1 }}>
        <Figure words={say.missing} value={weight(gap.shortKg)} />
        <Figure words={say.inTheYears} value={say.yearsOfTen(gap)} />
      </Box>
      <InspectorSection title={say.waysThatWork}>
        {!ways && <Box aria-live="polite">{say.looking}</Box>}
        {ways?.length === 0 && <Box sx={{ fontSize: 15 }}>{say.noWays}</Box>}
        <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
          {(ways ?? []).map((way) => {
            const words = say.way({
              crop: way.cropName,
              length: wording.lengthM(way.planting.lengthM, 1),
              bed: way.bedName,
              date: wording.date(way.sowDay, day),
            });
            return (
              <Box
                component="li"
                key={way.planting.id}
                sx={{
                  display: "grid",
                  gridTemplateColumns: "minmax(0, 1fr) auto",
                  columnGap: 1.25,
                  alignItems: "center",
                  py: 1,
                  borderBottom: "1px solid var(--line)",
                }}
              >
                <Box sx={{ fontSize: 15.5, lineHeight: 1.35 }}>
                  <b>{words}</b>
                  <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
                    {say.wayAdds({
                      weight: weight(way.addsKg),
                      years: say.inYears(way),
                      plants: say.plants({ number: wording.number(way.plants), count: way.plants }),
                      seed: wording.weightG(way.seedGrams),
                    })}
                  </Box>
                </Box>
                <Button
                  size="small"
                  variant="outlined"
                  aria-label={`${say.plantIt}: ${words}`}
                  onClick={() =>
                    void send(
                      "planting.add",
                      { ...way.planting, id: newId("planting") },
                      say.planted({ crop: way.cropName, bed: way.bedName }),
                    )
                  }
                >
                  {say.plantIt}
                </Button>
              </Box>
            );
          })}
        </Box>
      </InspectorSection>
    </>
  );
}

function Figure({ words, value }: { words: string; value: string }) {
  return (
    <Box>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>{words}</Box>
      <Box
        sx={{ fontFamily: "var(--font-heading)", fontSize: 27, color: "var(--ember-text)" }}
        className="tabular"
      >
        {value}
      </Box>
    </Box>
  );
}
