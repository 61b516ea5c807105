"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { isoDate } from "@/core/calendar";
import type { Planting } from "@/core/garden";
import { findCrops } from "@/core/cropNames";
import { growingOf } from "@/core/plantings";
import { turnOverPlantings } from "@/core/bedSpace";
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
import { useWording } from "@/ui/wording";

interface Props extends BedSectionProps {
  onClose: () => void;
}

const SHOWN = 5;

/** What still stands is weighed against what could follow; which day, which crop, what is left. */
export default function TurnOverDialog({ garden, site, bed, day, onClose }: Props) {
  const wording = useWording();
  const [leaves, setLeaves] = useState<Record<string, number>>({});
  const [atHand, setAtHand] = useState(false);
  const [between, setBetween] = useState(false);
  const [cropId, setCropId] = useState<string | null>(null);
  const [typedDate, setTypedDate] = useState<string | null>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const choice = { leaves, atHand, cropId, typedDate };
  const { standing, gives, pulled, found, best, typedDay, chosen } = useTurnOver(
    { garden, site, bed, day },
    choice,
  );
  const leftOf = (planting: Planting) => leaves[planting.id] ?? 0;
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
      units: garden.settings.units,
      bought: atHand,
      newId: () => newId("planting"),
    });
    const done = await gardenStore().dispatch("bed.turnOver", { bedId: bed.id, plantings });
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
  const someLeft = standing.some(({ planting }) => leftOf(planting) > 0);
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
              leave={leftOf(one.planting)}
              onLeave={(count) => setLeaves({ ...leaves, [one.planting.id]: count })}
              onWorth={(worth) => void setWorth(one.planting, worth)}
            />
          ))}
          <FormControlLabel
            control={<Checkbox checked={atHand} onChange={(_event, on) => setAtHand(on)} />}
            label={say.buySeedlings}
          />
          {someLeft && (
            <FormControlLabel
              control={<Checkbox checked={between} onChange={(_event, on) => setBetween(on)} />}
              label={say.alsoPlantBetweenThoseLeft}
            />
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
