"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { isoDate } from "@/core/calendar";
import type { Planting } from "@/core/garden";
import { findCrops } from "@/core/cropNames";
import { amountsFor, growingOf, standOf } from "@/core/plantings";
import { placesOf, turnOverPlantings } from "@/core/bedSpace";
import { gardenStore, type Refused, newId } from "@/store/index";
import { FormDialog } from "@/ui/inputs/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { Candidates } from "./Candidates";
import { ClearingLine } from "./ClearingLine";
import type { BedSectionProps } from "../section";
import { TurnOverChart } from "./TurnOverChart";
import { turnOverReasons } from "./turnOverWords";
import { useTurnOver } from "./useTurnOver";
import { beds as say } from "@/words/en/beds";
import { turningOver as parts } from "@/words/en/turningOver";
import { useWording } from "@/ui/wording";

interface Props extends BedSectionProps {
  onClose: () => void;
}

const SHOWN = 5;
const NONE: readonly number[] = [];
/** Stands for the id of what is not planted yet. */
const NEW = "new";

/** What still stands is weighed against what could follow; which day, which crop, what is left. */
export default function TurnOverDialog({ garden, site, bed, day, onClose }: Props) {
  const wording = useWording();
  const [keeps, setKeeps] = useState<Record<string, readonly number[]>>({});
  const [atHand, setAtHand] = useState(false);
  const [beside, setBeside] = useState<"between" | "sides" | "nowhere">("nowhere");
  const [cropId, setCropId] = useState<string | null>(null);
  const [typedDate, setTypedDate] = useState<string | null>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const choice = { keeps, atHand, beside, cropId, typedDate };
  const { standing, gives, pulled, found, best, typedDay, chosen } = useTurnOver(
    { garden, site, bed, day },
    choice,
  );
  const keptOf = (planting: Planting) => keeps[planting.id] ?? NONE;
  const turned = (next: NonNullable<typeof chosen>, id: () => string) =>
    turnOverPlantings({
      bed,
      onDay: next.onDay,
      clearings: standing.flatMap(({ planting }) => {
        const growing = growingOf(garden, planting);
        return growing ? [{ planting, growing, keep: keptOf(planting) }] : [];
      }),
      next: next.growing,
      beside,
      units: garden.settings.units,
      bought: atHand,
      newId: id,
    });
  const plantsOf = (next: NonNullable<typeof chosen>) =>
    turned(next, () => NEW)
      .plantings.filter(({ id, clearOn }) => id === NEW && clearOn === null)
      .filter(({ cropId: planted }) => planted === next.growing.crop.id)
      .reduce((sum, planting) => {
        const { crop, method } = next.growing;
        return sum + amountsFor(standOf(planting, bed), crop, method).plants;
      }, 0);
  const keep = async () => {
    if (!chosen) return;
    const change = turned(chosen, () => newId("planting"));
    const done = await gardenStore().dispatch("bed.turnOver", { bedId: bed.id, ...change });
    if (!done.ok) return setRefused(done);
    onClose();
    tell(
      say.replantedWithOn({
        bed: bed.name,
        crop: chosen.growing.crop.name.toLowerCase(),
        date: wording.date(chosen.onDay),
      }),
      "done",
      true,
    );
  };
  const setWorth = async (planting: Planting, worth: Planting["worth"]) => {
    const done = await gardenStore().dispatch("planting.edit", { id: planting.id, worth });
    if (!done.ok) tellRefusal(done);
  };
  const dayWords = () => {
    if (!best) return "";
    if (typedDate !== null && typedDay === null) return say.chooseADateInTheNextTenWeeks;
    return typedDay !== null && typedDay !== best.onDay
      ? say.bestDate({ date: wording.date(best.onDay, day) })
      : say.theDateWithTheHighestTotalYield;
  };
  const someKept = gives.filter(({ planting }) => keptOf(planting).length > 0);
  const isInRow = someKept.some(
    ({ planting, life }) => placesOf(planting, life.growing, bed).isOneRow,
  );
  return (
    <FormDialog
      title={say.replant2({ bed: bed.name })}
      width="md"
      keepLabel={say.replant3}
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
              keep={keptOf(one.planting)}
              onKeep={(keep) => setKeeps({ ...keeps, [one.planting.id]: keep })}
              onWorth={(worth) => void setWorth(one.planting, worth)}
            />
          ))}
          <FormControlLabel
            control={<Checkbox checked={atHand} onChange={(_event, on) => setAtHand(on)} />}
            label={say.buySeedlings}
          />
          {someKept.length > 0 && (
            <TextField
              select
              fullWidth
              size="small"
              label={parts.besideThoseKept}
              value={beside}
              onChange={(event) => setBeside(event.target.value as typeof beside)}
              sx={{ mt: 1 }}
            >
              <MenuItem value="nowhere">{parts.nothing}</MenuItem>
              <MenuItem value="sides" disabled={!isInRow}>
                {parts.alongBothSides}
              </MenuItem>
              <MenuItem value="between">{parts.betweenThem}</MenuItem>
            </TextField>
          )}
          {chosen && <TurnOverChart pulled={pulled} chosen={chosen} day={day} />}
        </Box>
        <Box>
          {found.length === 0 ? (
            <Box sx={{ fontSize: 15 }}>{say.itIsTooLateHereForAnotherCrop}</Box>
          ) : (
            <>
              <Candidates
                found={found.slice(0, SHOWN)}
                chosenId={best?.growing.crop.id ?? null}
                day={day}
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
                filterOptions={(all, { inputValue }) =>
                  inputValue === "" || inputValue === best?.growing.crop.name
                    ? all
                    : findCrops(new Map(all.map((one) => [one.id, one])), inputValue).map(
                        ({ crop }) => crop,
                      )
                }
                value={best?.growing.crop}
                disableClearable
                onChange={(_event, crop) => {
                  setCropId(crop.id);
                  setTypedDate(null);
                }}
                renderInput={(params) => <TextField {...params} label={say.nextCrop2} />}
                sx={{ mt: 1.5 }}
              />
            </>
          )}
          {chosen && (
            <>
              <TextField
                label={say.changeoverDate}
                type="date"
                size="small"
                fullWidth
                value={typedDate ?? isoDate(chosen.onDay)}
                onChange={(event) => setTypedDate(event.target.value)}
                helperText={dayWords()}
                slotProps={{ inputLabel: { shrink: true } }}
                sx={{ mt: 1.5 }}
              />
              <Box
                component="ul"
                aria-live="polite"
                sx={{ fontSize: 14.5, lineHeight: 1.5, pl: 2.5 }}
              >
                <li>
                  {parts.plantsToPlant({
                    crop: chosen.growing.crop.name.toLowerCase(),
                    plants: wording.number(plantsOf(chosen)),
                    toBuy: atHand && chosen.growing.method === "transplant",
                  })}
                </li>
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
