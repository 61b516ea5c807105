"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { DayNumber, Season } from "@/core/calendar";
import { FROST_THRESHOLDS_C, firstFrostDay, lastFrostDay, type Climate } from "@/core/climate";
import { chanceWords } from "@/words";
import { gardenStore } from "@/store/index";
import { useSettling } from "@/ui/inputs/index";
import { tellRefusal } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import { FrostChart } from "./FrostChart";
import { FrostTable } from "./FrostTable";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";
import "@/words/en/facts/climate";

interface Props {
  climate: Climate;
  season: Season;
  day: DayNumber;
  frostRisk: number;
  /** What the odds rest on: "29 seasons of Tarnholt Mill". */
  restsOn: string;
}

/** Frost odds by date and threshold, and the risk that every plan goes by. */
export function FrostSection({ climate, season, day, frostRisk, restsOn }: Props) {
  const wording = useWording();
  const { pending, nudge, preview, settle } = useSettling(keepRisk);
  const risk = pending ?? frostRisk;
  return (
    <>
      <Typography variant="h2">{say.frost}</Typography>
      <Box sx={{ fontSize: 16, mt: 0.5, mb: 1 }} data-testid="frost-words" aria-live="polite">
        {words(climate, season, risk, wording)}
      </Box>
      <FrostChart
        climate={climate}
        season={season}
        day={day}
        risk={risk}
        onPreview={preview}
        onNudge={nudge}
        onRisk={settle}
      />
      <FrostTable climate={climate} season={season} />
      <Box component="ul" sx={{ pl: 2.5, mb: 0, fontSize: 14, color: "var(--ash-text)" }}>
        <li>{restsOn}</li>
        {climate.notes.map((note) => (
          <li key={told(note)}>{told(note)}</li>
        ))}
      </Box>
    </>
  );
}

async function keepRisk(frostRisk: number): Promise<void> {
  if (Math.abs(frostRisk - gardenStore().getState().garden.settings.frostRisk) < 1e-9) return;
  const done = await gardenStore().dispatch("settings.set", { frostRisk });
  if (!done.ok) tellRefusal(done);
}

function words(climate: Climate, season: Season, risk: number, wording: LocalWording): string {
  const threshold = FROST_THRESHOLDS_C.killing;
  const first = firstFrostDay(climate, season, threshold, risk);
  const last = lastFrostDay(climate, season, threshold, risk);
  const often = chanceWords(risk);
  if (first === null) {
    return say.killingFrostIsRarerThanPlansIgnore({
      temperature: wording.temperature(threshold, 1),
      often,
    });
  }
  const again =
    last === null ? "" : say.andTheLastSpringOneIsOrLater({ date: wording.date(last, first) });
  return say.killingFrostComesByPlansUseThis({
    capital: capital(often),
    temperature: wording.temperature(threshold, 1),
    date: wording.date(first),
    again,
  });
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
