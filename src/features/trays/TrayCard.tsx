"use client";

import Box from "@mui/material/Box";
import { seedlingsIn, type Tray } from "@/core/trays";
import type { SowingState } from "@/core/propagation";
import type { SectionProps } from "@/ui/section";
import { TrayMap } from "./TrayMap";
import { trays as say } from "@/words/en/trays";
import { useWording, type LocalWording } from "@/ui/wording";

interface Props extends SectionProps {
  tray: Tray;
  states: readonly SowingState[];
  standName: string | null;
  selected: boolean;
  onSelect: () => void;
}

/** A tray with what is in it, in short; opens it. */
export function TrayCard({ tray, states, standName, selected, day, onSelect }: Props) {
  const wording = useWording();
  return (
    <Box
      component="li"
      sx={{
        p: 1.25,
        borderRadius: 2,
        border: selected ? "2px solid var(--ember)" : "1px solid var(--line)",
        m: selected ? 0 : "1px",
        bgcolor: "var(--surface)",
      }}
    >
      <Box
        component="button"
        type="button"
        onClick={onSelect}
        aria-pressed={selected}
        sx={{
          all: "unset",
          display: "block",
          width: "100%",
          cursor: "pointer",
          "&:focus-visible": {
            outline: "2px solid var(--ember)",
            outlineOffset: 4,
            borderRadius: 1,
          },
        }}
      >
        <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, mb: 0.5 }}>
          <Box sx={{ fontWeight: 700, fontSize: 16 }}>{tray.name}</Box>
          <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>{standName ?? say.inStorage}</Box>
        </Box>
        <TrayMap tray={tray} states={states} day={day} />
        <Box component="ul" sx={{ m: 0, mt: 0.75, p: 0, listStyle: "none", fontSize: 14 }}>
          {states.map((state) => (
            <li key={state.sowing.id}>
              <b>{state.crop.name}</b> {sowingWords(state, day, wording)}
            </li>
          ))}
          {states.length === 0 && <li>{say.nothingSownYet}</li>}
        </Box>
      </Box>
    </Box>
  );
}

/** "41 of 63 cells up", or when it should come up. */
export function sowingWords(
  { sowing, emergeDay }: SowingState,
  day: number,
  wording: LocalWording,
): string {
  const cells = sowing.cells.length;
  const alive = seedlingsIn(sowing);
  if (alive === null) {
    if (emergeDay === null) return say.cellsTooColdToGerminateWhereItIs({ cells });
    return emergeDay > day
      ? say.cellsUpAbout({ cells, date: wording.date(emergeDay, day) })
      : say.cellsNotCountedYet({ cells });
  }
  const up = sowing.seedlings?.filter((count) => count > 0).length ?? 0;
  const plants = alive === up ? "" : say.plants({ number: wording.number(alive) });
  return say.ofCellsUp({ up, cells, plants });
}
