"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { DayNumber } from "@/core/calendar";
import type { Bed, Garden, Planting } from "@/core/garden";
import { placesOf, type Places, type StillGives } from "@/core/bedSpace";
import { plantingName } from "@/core/plantings";
import { useWording } from "@/ui/wording";
import { NumberInput } from "@/ui/inputs/index";
import { KeptPlants } from "./KeptPlants";
import { aboutWeight } from "./turnOverWords";
import { beds as say } from "@/words/en/beds";

interface Props {
  garden: Garden;
  bed: Bed;
  gives: StillGives;
  day: DayNumber;
  /** Places of it that stay, counted along the bed. */
  keep: readonly number[];
  onKeep: (places: readonly number[]) => void;
  onWorth: (worth: Planting["worth"]) => void;
}

/** More places than these are counted, not tapped one by one. */
const MOST_DRAWN = 40;

/** As many plants as are wanted at the far end, in whole places. */
function lastPlaces({ count, plantsAtEach }: Places, plants: number): number[] {
  const wanted = Math.min(count, Math.max(0, Math.ceil(Math.round(plants) / plantsAtEach)));
  return Array.from({ length: wanted }, (_, index) => count - wanted + index);
}

const WORTHS: Record<Planting["worth"], string> = {
  full: say.worthEating,
  little: say.moreThanEnough,
  none: say.notEaten,
  diseased: say.diseased,
};

/** One standing planting: what it still gives, what that is worth, how much of it stays. */
export function ClearingLine({ garden, bed, gives, day, keep, onKeep, onWorth }: Props) {
  const wording = useWording();
  const { planting, life, totalKg } = gives;
  const places = placesOf(planting, life.growing, bed);
  const inAll = Math.round(places.count * places.plantsAtEach);
  const isPicked = places.count <= MOST_DRAWN;
  const { readyDay, coldLossDay } = life.timeline;
  const from =
    readyDay !== null && readyDay > day ? say.fromDate({ date: wording.date(readyDay, day) }) : "";
  const frost =
    coldLossDay !== null && coldLossDay > day
      ? say.frostIsLikelyByAtYourAcceptedRisk({ date: wording.date(coldLossDay, day) })
      : "";
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box sx={{ fontSize: 15, lineHeight: 1.45 }}>
        <b>{plantingName(garden, planting)}</b> {say.wouldStillYieldAbout}{" "}
        <b>{aboutWeight(totalKg, wording)}</b>
        {say.countingTheOddsOfFrost({ from, frost })}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1, mt: 1 }}>
        <TextField
          select
          size="small"
          label={say.value}
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
          label={say.plantsToKeepOf({ places: inAll })}
          value={Math.round(keep.length * places.plantsAtEach)}
          onNumber={(value) => onKeep(lastPlaces(places, value || 0))}
        />
      </Box>
      {isPicked && <KeptPlants {...{ places, keep, onKeep }} name={life.growing.crop.name} />}
      {planting.worth === "diseased" && (
        <Box sx={{ fontSize: 14, mt: 0.75, color: "var(--ember-text)" }}>
          {say.pullItSoonWithRootsAndFallenLeaves}
        </Box>
      )}
    </Box>
  );
}
