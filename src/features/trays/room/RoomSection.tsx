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

const StandDialog = lazyPart(() => import("./StandDialog"));

const DAYS_BEFORE = 30;
const DAYS_AHEAD = 240;

const KIND_WORDS: Record<Stand["kind"], string> = {
  bench: "bench indoors",
  mat: "heat mat",
  frame: "cold frame",
  outdoors: "outdoors",
};

/** Room on benches, mats and frames through the season, and the days it does not do. */
export default function RoomSection(props: SectionProps) {
  const { garden, today, day, wording } = props;
  const [editing, setEditing] = useState<Stand | "new" | null>(null);
  const fromDay = day - DAYS_BEFORE;
  const toDay = day + DAYS_AHEAD;
  const occupants = useMemo(() => trayOccupants(garden, today, toDay), [garden, today, toDay]);
  const stands = [...garden.stands.values()];
  return (
    <>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
        <Box sx={{ flex: 1, minWidth: 220, color: "var(--ash-text)", fontSize: 15 }}>
          Trays as they stand, and those the plan still asks for where such usually stand: first on
          the mat or bench, for their last days in the frame.
        </Box>
        <Button
          variant={stands.length === 0 ? "contained" : "outlined"}
          startIcon={<AddIcon />}
          onClick={() => setEditing("new")}
        >
          New place…
        </Button>
      </Box>
      {stands.length === 0 && (
        <Box sx={{ mt: 2, color: "var(--ash-text)", maxWidth: 460 }}>
          Say where trays can stand (a bench, a heat mat, a cold frame) and how large it is: then
          the days on which they do not fit are seen while the plan can still change.
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
                {stand.heatMatC === null ? "" : ` at ${wording.temperature(stand.heatMatC)}`},{" "}
                {wording.lengthM(stand.lengthM)} × {wording.lengthM(stand.widthM)}
              </Box>
              <Button
                size="small"
                color="inherit"
                onClick={() => setEditing(stand)}
                aria-label={`Edit ${stand.name}`}
              >
                Edit…
              </Button>
            </Box>
            <RoomChart
              name={stand.name}
              stretches={stretches}
              roomM2={roomM2}
              fromDay={fromDay}
              toDay={toDay}
              day={day}
              wording={wording}
            />
            {tooFull.map((stretch) => (
              <Box key={stretch.fromDay} sx={{ fontSize: 14.5, color: "var(--ember-text)" }}>
                <b>Too full</b> from {wording.date(stretch.fromDay, day)} to{" "}
                {wording.date(stretch.toDay - 1, day)}: trays for{" "}
                {Math.round((stretch.takenM2 / roomM2) * 100)} % of the room. Move some to the
                frame, sow later, or make room.
              </Box>
            ))}
            {tooFull.length === 0 && (
              <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
                At most{" "}
                {Math.round((Math.max(0, ...stretches.map((one) => one.takenM2)) / roomM2) * 100)} %
                taken: they fit.
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
