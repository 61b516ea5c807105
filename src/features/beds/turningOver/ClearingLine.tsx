"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { DayNumber } from "@/core/calendar";
import type { Bed, Garden, Planting } from "@/core/garden";
import { placesOf, type StillGives } from "@/core/bedSpace";
import { plantingName } from "@/core/plantings";
import type { LocalWording } from "@/ui/wording";
import { NumberInput } from "@/ui/inputs/index";
import { aboutWeight } from "./turnOverWords";

interface Props {
  garden: Garden;
  bed: Bed;
  gives: StillGives;
  day: DayNumber;
  wording: LocalWording;
  /** Places of it that stay. */
  leave: number;
  onLeave: (places: number) => void;
  onWorth: (worth: Planting["worth"]) => void;
}

const WORTHS: Record<Planting["worth"], string> = {
  full: "worth eating",
  little: "there is more than enough",
  none: "nobody eats it",
  diseased: "it is diseased",
};

/** One standing planting: what it still gives, what that is worth, how much of it stays. */
export function ClearingLine({ garden, bed, gives, day, wording, leave, onLeave, onWorth }: Props) {
  const { planting, life, totalKg } = gives;
  const { places } = placesOf(planting, life.growing, bed);
  const { readyDay, coldLossDay } = life.timeline;
  const from = readyDay !== null && readyDay > day ? ` from ${wording.date(readyDay, day)}` : "";
  const frost =
    coldLossDay !== null && coldLossDay > day
      ? ` Frost is due by ${wording.date(coldLossDay, day)} at the risk taken.`
      : "";
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box sx={{ fontSize: 15, lineHeight: 1.45 }}>
        <b>{plantingName(garden, planting)}</b> would still give about{" "}
        <b>{aboutWeight(totalKg, wording)}</b>
        {from}, with the odds of frost in it.{frost}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1, mt: 1 }}>
        <TextField
          select
          size="small"
          label="Its worth"
          value={planting.worth}
          onChange={(event) => onWorth(event.target.value as Planting["worth"])}
        >
          {(Object.keys(WORTHS) as Planting["worth"][]).map((worth) => (
            <MenuItem key={worth} value={worth}>
              {WORTHS[worth]}
            </MenuItem>
          ))}
        </TextField>
        <NumberInput
          size="small"
          label={`Left standing, of ${places}`}
          value={leave}
          onNumber={(value) => onLeave(Math.max(0, Math.min(places, Math.round(value || 0))))}
        />
      </Box>
      {planting.worth === "diseased" && (
        <Box sx={{ fontSize: 14, mt: 0.75, color: "var(--ember-text)" }}>
          Pull it soon, roots and fallen leaves too, and keep it out of a cool compost heap.
        </Box>
      )}
    </Box>
  );
}
