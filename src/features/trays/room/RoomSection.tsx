"use client";

import AddIcon from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import { trayOccupants } from "@/core/propagation";
import { overFull, roomTaken, type Stand } from "@/core/trays";
import { lazyPart } from "@/ui/frame/index";
import { RoomChart } from "./RoomChart";
import type { SectionProps } from "@/ui/section";
import { trays as say } from "@/words/en/trays";
import { useWording } from "@/ui/wording";

const StandDialog = lazyPart(() => import("./StandDialog"));

const DAYS_BEFORE = 30;
const DAYS_AHEAD = 240;

const KIND_WORDS: Record<Stand["kind"], string> = {
  bench: say.indoorBench,
  mat: say.heatMat,
  frame: say.coldFrame,
  outdoors: say.outdoors,
};

/** Room on benches, mats and frames through the season, and the days it does not do. */
export default function RoomSection(props: SectionProps) {
  const wording = useWording();
  const { garden, today, day } = props;
  const [editing, setEditing] = useState<Stand | "new" | null>(null);
  const fromDay = day - DAYS_BEFORE;
  const toDay = day + DAYS_AHEAD;
  const occupants = useMemo(() => trayOccupants(garden, today, toDay), [garden, today, toDay]);
  const stands = [...garden.stands.values()];
  return (
    <>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
        <Box sx={{ flex: 1, minWidth: 220, color: "var(--ash-text)", fontSize: 15 }}>
          {say.currentTraysPlusThoseThePlanStill}
        </Box>
        <Button
          variant={stands.length === 0 ? "contained" : "outlined"}
          startIcon={<AddIcon />}
          onClick={() => setEditing("new")}
        >
          {say.addALocation}
        </Button>
      </Box>
      {stands.length === 0 && (
        <Box sx={{ mt: 2, color: "var(--ash-text)", maxWidth: 460 }}>
          {say.addWhereTraysCanGoABenchHeatMatOr}
        </Box>
      )}
      {stands.map((stand) => {
        const roomM2 = stand.lengthM * stand.widthM;
        const stretches = roomTaken(occupants, stand.id, fromDay, toDay);
        const tooFull = overFull(stretches, roomM2);
        return (
          <Box component="section" key={stand.id} sx={{ mt: 2.5 }}>
            <Box sx={{ display: "flex", gap: 1.5, alignItems: "baseline", flexWrap: "wrap" }}>
              <Box component="h2" sx={{ m: 0, fontSize: 17 }}>
                {stand.name}
              </Box>
              <Box sx={{ flex: 1, fontSize: 14, color: "var(--ash-text)" }}>
                {KIND_WORDS[stand.kind]}
                {stand.heatMatC === null
                  ? ""
                  : say.at({ temperature: wording.temperature(stand.heatMatC) })}
                , {wording.lengthM(stand.lengthM)} × {wording.lengthM(stand.widthM)}
              </Box>
              <Button
                size="small"
                color="inherit"
                onClick={() => setEditing(stand)}
                aria-label={say.edit2({ stand: stand.name })}
              >
                {say.edit}
              </Button>
            </Box>
            <RoomChart
              name={stand.name}
              stretches={stretches}
              roomM2={roomM2}
              fromDay={fromDay}
              toDay={toDay}
              day={day}
            />
            {tooFull.map((stretch) => (
              <Box key={stretch.fromDay} sx={{ fontSize: 14.5, color: "var(--ember-text)" }}>
                <b>{say.notEnoughSpace}</b>{" "}
                {say.toTraysNeedOfTheSpaceMoveSomeToThe({
                  date: wording.date(stretch.fromDay, day),
                  date2: wording.date(stretch.toDay - 1, day),
                  takenM2: Math.round((stretch.takenM2 / roomM2) * 100),
                })}
              </Box>
            ))}
            {tooFull.length === 0 && (
              <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
                {say.atMostUsedAllTraysFit({
                  value: Math.round(
                    (Math.max(0, ...stretches.map((one) => one.takenM2)) / roomM2) * 100,
                  ),
                })}
              </Box>
            )}
          </Box>
        );
      })}
      {editing && (
        <StandDialog
          garden={garden}
          stand={editing === "new" ? null : editing}
          onClose={() => setEditing(null)}
        />
      )}
    </>
  );
}
