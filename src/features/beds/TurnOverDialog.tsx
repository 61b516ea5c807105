"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { dayNumber, isIsoDate, isoDate } from "@/core/calendar";
import type { Planting } from "@/core/garden";
import {
  growingOf,
  placesOf,
  plantsIn,
  stillGives,
  turnOverOn,
  turnOverPlantings,
  turnOvers,
  type TurnOver,
} from "@/core/plan";
import { gardenStore, type Refused } from "@/store";
import { FormDialog } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";
import { ClearingLine } from "./ClearingLine";
import type { BedSectionProps } from "./section";
import { TurnOverChart } from "./TurnOverChart";
import { aboutWeight, turnOverReasons } from "./turnOverWords";

interface Props extends BedSectionProps {
  onClose: () => void;
}

const SHOWN = 5;

/** What still stands is weighed against what could follow; which day, which crop, what is left. */
export default function TurnOverDialog({ garden, site, bed, day, wording, onClose }: Props) {
  const standing = useMemo(
    () => plantsIn(site, garden, bed, day).filter(({ planting }) => !planting.interplanted),
    [site, garden, bed, day],
  );
  const [leaves, setLeaves] = useState<Record<string, number>>({});
  const [atHand, setAtHand] = useState(false);
  const [between, setBetween] = useState(false);
  const [cropId, setCropId] = useState<string | null>(null);
  const [typedDate, setTypedDate] = useState<string | null>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const gives = useMemo(
    () => standing.flatMap(({ planting }) => stillGives(site, garden, planting, day) ?? []),
    [standing, site, garden, day],
  );
  const leftOf = (planting: Planting) => leaves[planting.id] ?? 0;
  // Only the share that is pulled is weighed.
  const pulled = useMemo(
    () =>
      gives.map((one) => {
        const { places } = placesOf(one.planting, one.life.growing, bed);
        const share = 1 - Math.min(1, (leaves[one.planting.id] ?? 0) / Math.max(1, places));
        return {
          ...one,
          keptKg: one.keptKg.map((kg) => kg * share),
          totalKg: one.totalKg * share,
          share,
        };
      }),
    [gives, leaves, bed],
  );
  const lengthM = pulled.reduce((sum, { planting, share }) => sum + planting.lengthM * share, 0);
  const found = useMemo(
    () => turnOvers(site, garden, bed, pulled, Math.max(0.1, lengthM), day, atHand),
    [site, garden, bed, pulled, lengthM, day, atHand],
  );
  const best = found.find(({ growing }) => growing.crop.id === cropId) ?? found[0];
  const typedDay = typedDate !== null && isIsoDate(typedDate) ? dayNumber(typedDate) : null;
  const onDay = best && (typedDay ?? best.onDay);
  const chosen =
    best && onDay !== undefined
      ? turnOverOn(site, garden, bed, best.growing, best.gainKg, pulled, day, onDay - day)
      : undefined;
  const keep = async () => {
    if (!chosen) return;
    const plantings = turnOverPlantings({
      bed,
      onDay: chosen.onDay,
      clearings: standing.flatMap(({ planting }) => {
        const growing = growingOf(garden, planting);
        return growing ? [{ planting, growing, leavePlaces: leftOf(planting) }] : [];
      }),
      next: chosen.growing,
      between,
      newId: () => `planting-${crypto.randomUUID().slice(0, 13)}`,
    });
    const done = await gardenStore().dispatch("bed.turnOver", { bedId: bed.id, plantings });
    if (!done.ok) return setRefused(done);
    onClose();
    tell(
      `${bed.name} is turned over to ${chosen.growing.crop.name.toLowerCase()} on ${wording.date(chosen.onDay)}.`,
      "done",
      true,
    );
  };
  const setWorth = async (planting: Planting, worth: Planting["worth"]) => {
    const done = await gardenStore().dispatch("planting.edit", { id: planting.id, worth });
    if (!done.ok) tellRefusal(done);
  };
  const someLeft = standing.some(({ planting }) => leftOf(planting) > 0);
  return (
    <FormDialog
      title={`Turn ${bed.name} over`}
      width="md"
      keepLabel="Turn it over"
      refusal={refused?.refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { md: "1fr 1fr" }, gap: { xs: 2, md: 3 } }}>
        <Box>
          {gives.map((one) => (
            <ClearingLine
              key={one.planting.id}
              {...{ garden, bed, gives: one, day, wording }}
              leave={leftOf(one.planting)}
              onLeave={(count) => setLeaves({ ...leaves, [one.planting.id]: count })}
              onWorth={(worth) => void setWorth(one.planting, worth)}
            />
          ))}
          <FormControlLabel
            control={<Checkbox checked={atHand} onChange={(_event, on) => setAtHand(on)} />}
            label="Seedlings can be had at once"
          />
          {someLeft && (
            <FormControlLabel
              control={<Checkbox checked={between} onChange={(_event, on) => setBetween(on)} />}
              label="Plant between those that are left, too"
            />
          )}
          {chosen && <TurnOverChart pulled={pulled} chosen={chosen} day={day} wording={wording} />}
        </Box>
        <Box>
          {found.length === 0 ? (
            <Box sx={{ fontSize: 15 }}>
              It is too late here for anything to follow before winter. Let them stand, then put the
              bed to rest.
            </Box>
          ) : (
            <>
              <Candidates
                found={found.slice(0, SHOWN)}
                chosenId={best?.growing.crop.id ?? null}
                day={day}
                wording={wording}
                onChoose={(id) => {
                  setCropId(id);
                  setTypedDate(null);
                }}
              />
              <Autocomplete
                size="small"
                options={found.map(({ growing }) => growing.crop)}
                getOptionLabel={(crop) => crop.name}
                getOptionKey={(crop) => crop.id}
                value={best?.growing.crop}
                disableClearable
                onChange={(_event, crop) => {
                  setCropId(crop.id);
                  setTypedDate(null);
                }}
                renderInput={(params) => <TextField {...params} label="What follows" />}
                sx={{ mt: 1.5 }}
              />
            </>
          )}
          {chosen && (
            <>
              <TextField
                label="Turned over on"
                type="date"
                size="small"
                fullWidth
                value={typedDate ?? isoDate(chosen.onDay)}
                onChange={(event) => setTypedDate(event.target.value)}
                helperText={
                  typedDay !== null && best && typedDay !== best.onDay
                    ? `${wording.date(best.onDay, day)} would be best.`
                    : "The day on which both together give most."
                }
                slotProps={{ inputLabel: { shrink: true } }}
                sx={{ mt: 1.5 }}
              />
              <Box
                component="ul"
                aria-live="polite"
                sx={{ fontSize: 14.5, lineHeight: 1.5, pl: 2.5 }}
              >
                {turnOverReasons(chosen, day, wording).map((reason) => (
                  <li key={reason}>{reason}</li>
                ))}
              </Box>
            </>
          )}
        </Box>
      </Box>
    </FormDialog>
  );
}

interface CandidatesProps {
  found: readonly TurnOver[];
  chosenId: string | null;
  day: number;
  wording: BedSectionProps["wording"];
  onChoose: (cropId: string) => void;
}

/** The crops that would give most, to be chosen among. */
function Candidates({ found, chosenId, day, wording, onChoose }: CandidatesProps) {
  return (
    <Box role="radiogroup" aria-label="What could follow">
      {found.map((one) => {
        const { growing, timeline, onDay, gainKg } = one;
        const isChosen = growing.crop.id === chosenId;
        return (
          <Box
            key={growing.crop.id}
            component="button"
            type="button"
            role="radio"
            aria-checked={isChosen}
            onClick={() => onChoose(growing.crop.id)}
            sx={{
              font: "inherit",
              fontSize: 14.5,
              color: "inherit",
              textAlign: "left",
              display: "block",
              width: "100%",
              minHeight: 44,
              px: 1.25,
              py: 0.75,
              mb: 0.5,
              cursor: "pointer",
              borderRadius: 1.5,
              border: "1px solid",
              borderColor: isChosen ? "var(--ember)" : "var(--line)",
              bgcolor: isChosen ? "var(--selected)" : "transparent",
            }}
          >
            <b>{growing.crop.name}</b> on {wording.date(onDay, day)}: ready{" "}
            {timeline.readyDay === null ? "never" : wording.date(timeline.readyDay, day)}, about{" "}
            {aboutWeight(gainKg[onDay - day] ?? 0, wording)}
            {one.tooSoon ? "; its family was here too lately" : ""}
          </Box>
        );
      })}
    </Box>
  );
}
