"use client";

import AddIcon from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "next/link";
import { useMemo, useState } from "react";
import { isoDate } from "@/core/calendar";
import { sowingStates, trayWork, type Raising } from "@/core/propagation";
import { standOn } from "@/core/trays";
import { lazyPart } from "@/ui/frame/index";
import { setView, useView } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { TrayCard } from "./TrayCard";
import { WorkList } from "./WorkList";
import { trays as say } from "@/words/en/trays";
import { useWording } from "@/ui/wording";

const SowDialog = lazyPart(() => import("./SowDialog"));
const NewTrayDialog = lazyPart(() => import("./NewTrayDialog"));

/** What is to be done with the trays, and the trays themselves, cell by cell. */
export function TraysSection(props: SectionProps) {
  const wording = useWording();
  const { garden, site, today, day } = props;
  const selectedTrayId = useView((state) => state.selectedTrayId);
  const [adding, setAdding] = useState(false);
  const [raising, setRaising] = useState<Raising | null>(null);
  const work = useMemo(() => trayWork(garden, site, day), [garden, site, day]);
  const states = useMemo(() => sowingStates(garden, site, day), [garden, site, day]);
  const trays = useMemo(() => [...garden.trays.values()], [garden.trays]);
  return (
    <>
      <WorkList
        {...props}
        work={work}
        onSow={setRaising}
        onTray={(id) => setView({ selectedTrayId: id, selectedPlantingId: null })}
      />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", mt: 3, mb: 1 }}>
        <Box
          component="h2"
          sx={{ m: 0, flex: 1, fontSize: "1.2rem", fontFamily: "var(--font-heading)" }}
        >
          {day === today ? say.trays : say.traysAsExpectedOn({ date: wording.date(day, today) })}
        </Box>
        {trays.length > 0 && (
          <Button
            component={Link}
            href="/seedlings/labels"
            prefetch={false}
            color="inherit"
            variant="outlined"
          >
            {say.labels}
          </Button>
        )}
        <Button
          variant={trays.length === 0 ? "contained" : "outlined"}
          startIcon={<AddIcon />}
          onClick={() => setAdding(true)}
        >
          {say.newTray2}
        </Button>
      </Box>
      {trays.length === 0 && (
        <Box sx={{ color: "var(--ash-text)", maxWidth: 460 }}>
          {say.addATrayToRecordWhatEachCellHolds}
        </Box>
      )}
      <Box
        component="ul"
        sx={{
          m: 0,
          p: 0,
          listStyle: "none",
          display: "grid",
          gap: 2,
          gridTemplateColumns: "repeat(auto-fill, minmax(min(100%, 320px), 1fr))",
        }}
      >
        {trays.map((tray) => (
          <TrayCard
            key={tray.id}
            {...props}
            tray={tray}
            states={states.filter((state) => state.tray.id === tray.id)}
            standName={garden.stands.get(standOn(tray, isoDate(day)) ?? "")?.name ?? null}
            selected={tray.id === selectedTrayId}
            onSelect={() => setView({ selectedTrayId: tray.id, selectedPlantingId: null })}
          />
        ))}
      </Box>
      {adding && <NewTrayDialog {...props} onClose={() => setAdding(false)} />}
      {raising && <SowDialog {...props} raising={raising} onClose={() => setRaising(null)} />}
    </>
  );
}
