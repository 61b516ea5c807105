"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import { FROST_THRESHOLDS_C, firstFrostDay, lastFrostDay, type Climate } from "@/core/climate";
import { chanceWords } from "@/core/wording";
import { gardenStore } from "@/store";
import { tell } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import { FrostChart } from "./FrostChart";
import { FrostTable } from "./FrostTable";

interface Props {
  climate: Climate;
  season: Season;
  day: DayNumber;
  frostRisk: number;
  /** What the odds rest on: "29 seasons of Tarnholt Mill". */
  restsOn: string;
  wording: LocalWording;
}

/** Frost odds by date and threshold, and the risk that every plan goes by. */
export function FrostSection({ climate, season, day, frostRisk, restsOn, wording }: Props) {
  const [preview, setPreview] = useState<number | null>(null);
  const risk = preview ?? frostRisk;
  const keep = async (next: number) => {
    setPreview(next);
    if (Math.abs(next - frostRisk) > 1e-9) {
      const done = await gardenStore().dispatch("settings.set", { frostRisk: next });
      if (!done.ok) tell(done.refusal, "refused");
    }
    setPreview(null);
  };
  return (
    <>
      <Typography variant="h2">Frost</Typography>
      <Box sx={{ fontSize: 16, mt: 0.5, mb: 1 }} data-testid="frost-words" aria-live="polite">
        {words(climate, season, risk, wording)}
      </Box>
      <FrostChart
        climate={climate}
        season={season}
        day={day}
        risk={risk}
        wording={wording}
        onPreview={setPreview}
        onRisk={(next) => void keep(next)}
      />
      <FrostTable climate={climate} season={season} wording={wording} />
      <Box component="ul" sx={{ pl: 2.5, mb: 0, fontSize: 14, color: "var(--ash-text)" }}>
        <li>{restsOn}</li>
        {climate.notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
      </Box>
    </>
  );
}

function words(climate: Climate, season: Season, risk: number, wording: LocalWording): string {
  const threshold = FROST_THRESHOLDS_C.killing;
  const first = firstFrostDay(climate, season, threshold, risk);
  const last = lastFrostDay(climate, season, threshold, risk);
  const often = chanceWords(risk);
  if (first === null) {
    return `Killing frost (${wording.temperature(threshold, 1)}) comes less often than ${often}: plans do not wait for it.`;
  }
  const again = last === null ? "" : `, and as often comes again after ${wording.date(last, first)}`;
  return `${capital(often)}, killing frost (${wording.temperature(threshold, 1)}) has come by ${wording.date(first)}${again}. Plans go by this risk: drag the line.`;
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
