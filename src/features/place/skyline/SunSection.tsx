"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useMemo } from "react";
import type { DayNumber, Season } from "@/core/calendar";
import { bedsInOrder, horizonOver, type Garden } from "@/core/garden";
import { lackOfSun, plantingStates } from "@/core/plantings";
import { groundSun, shortfallWords, weeksOfSun } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { LEVEL_HORIZON, type Horizon } from "@/core/sky";
import { gardenStore } from "@/store/index";
import { useSettling } from "@/ui/inputs/index";
import { setView, useView, tellRefusal } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import { addPointInWidestGap } from "./horizonEdit";
import { Panorama } from "./Panorama";
import { SkylineTable } from "./SkylineTable";
import { SunWeeksChart } from "./SunWeeksChart";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";
import "@/words/en/facts/schedule";

interface Props {
  garden: Garden;
  site: Site;
  season: Season;
  day: DayNumber;
}

const WHOLE_GARDEN = "";

/** What stands in the sun's way, around the garden and around single beds, and what it leaves them. */
export function SunSection({ garden, site, season, day }: Props) {
  const wording = useWording();
  const bedId = useView((state) => state.sunBedId);
  const bed = bedId === null ? undefined : garden.beds.get(bedId);
  const kept = bed ? horizonOver(garden, bed) : (garden.place?.horizon ?? LEVEL_HORIZON);
  const editable = !bed || bed.horizon !== null;
  const spotName = bed ? bed.name : say.theGarden;
  const keep = (next: Horizon | null) => keepHorizon(bed?.id ?? null, next);
  const { pending, preview, nudge, settle } = useSettling<Horizon>(keep);
  const horizon = pending ?? kept;
  const toward = site.latitudeDeg < 0 ? 0 : 180;
  return (
    <>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          {say.sun}
        </Typography>
        <TextField
          select
          size="small"
          label={say.where}
          value={bed?.id ?? WHOLE_GARDEN}
          onChange={(event) => setView({ sunBedId: event.target.value || null })}
          sx={{ minWidth: 200 }}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
          <MenuItem value={WHOLE_GARDEN}>{say.wholeGarden}</MenuItem>
          {bedsInOrder(garden).map(({ id, name, horizon: own }) => (
            <MenuItem key={id} value={id}>
              {name}
              {own ? say.ownSkyline : ""}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <Box sx={{ fontSize: 16, my: 1 }} data-testid="sun-words" aria-live="polite">
        {sunWords(site, horizon, season, day, spotName, wording)}
      </Box>
      <Panorama
        latitudeDeg={site.latitudeDeg}
        horizon={horizon}
        editable={editable}
        day={day}
        onPreview={preview}
        onNudge={nudge}
        onChange={settle}
      />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 0.5, mb: 1, alignItems: "center" }}>
        {editable ? (
          <>
            <Button size="small" onClick={() => settle(addPointInWidestGap(horizon, toward))}>
              {say.addAPoint}
            </Button>
            {kept.length > 0 && (
              <Button size="small" color="inherit" onClick={() => settle([])}>
                {say.clearToLevel}
              </Button>
            )}
            {bed && (
              <Button size="small" color="inherit" onClick={() => void keep(null)}>
                {say.useTheGardensSkyline}
              </Button>
            )}
            <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
              {say.dragPointsClickTheSkyToAddOnePress}
            </Box>
          </>
        ) : (
          <>
            <Button size="small" variant="outlined" onClick={() => void keep([...kept])}>
              {say.giveItsOwnSkyline({ spotName })}
            </Button>
            <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
              {say.itNowUsesTheGardensSkyline}
            </Box>
          </>
        )}
      </Box>
      <SunWeeksChart
        weeks={weeksOfSun(site, horizon, season)}
        open={weeksOfSun(site, LEVEL_HORIZON, season)}
        season={season}
        day={day}
        spotName={spotName}
      />
      <Shortfalls garden={garden} site={site} bedId={bed?.id ?? null} />
      {editable && (
        <SkylineTable
          key={JSON.stringify(kept)}
          horizon={kept}
          onChange={(next) => void keep(next)}
        />
      )}
    </>
  );
}

async function keepHorizon(bedId: string | null, next: Horizon | null): Promise<void> {
  const horizon = next && next.map((point) => ({ ...point }));
  const done = await gardenStore().dispatch("horizon.set", { bedId, horizon });
  if (!done.ok) tellRefusal(done);
}

function Shortfalls({ garden, site, bedId }: { garden: Garden; site: Site; bedId: string | null }) {
  const sentences = useMemo(() => {
    const found: { id: string; words: string }[] = [];
    for (const state of plantingStates(garden, site)) {
      const { planting, bed, growing } = state;
      if (bedId !== null && bed.id !== bedId) continue;
      const shortfall = lackOfSun(site, state);
      if (!shortfall) continue;
      found.push({
        id: planting.id,
        words: `${bed.name}: ${told(shortfallWords(growing.crop.name, shortfall))}`,
      });
    }
    return found;
  }, [garden, site, bedId]);
  if (sentences.length === 0) return null;
  return (
    <Box sx={{ display: "grid", gap: 0.75, my: 1.5 }}>
      {sentences.map(({ id, words }) => (
        <Alert key={id} severity="warning" sx={{ py: 0 }}>
          {words}
        </Alert>
      ))}
    </Box>
  );
}

function sunWords(
  site: Site,
  horizon: Horizon,
  season: Season,
  day: DayNumber,
  spotName: string,
  wording: LocalWording,
): string {
  const now = groundSun(site, horizon, day);
  const darkest = groundSun(site, horizon, season.midwinterDay);
  return say.upToHoursOfDirectSunOnAndAt({
    date: wording.date(day),
    directSunH: now.directSunH.toFixed(1),
    spotName,
    value: darkest.directSunH < 0.05 ? "none" : darkest.directSunH.toFixed(1),
    dliMol: Math.round(now.dliMol),
    dliMol2: Math.round(darkest.dliMol),
  });
}
