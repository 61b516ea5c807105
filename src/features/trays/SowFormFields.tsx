"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { dayNumber } from "@/core/calendar";
import { cautionWords, emergenceAt } from "@/core/crops";
import { cropsOf } from "@/core/garden";
import { cellName, freeCells, type Tray } from "@/core/trays";
import { lotSprouting, seedsIn } from "@/core/seedBox";
import {
  CheckField,
  ChoiceField,
  DateField,
  NumberField,
  readable,
  type useFields,
} from "@/ui/forms";
import { CropPicker } from "@/ui/inputs";
import type { SectionProps } from "@/ui/section";
import { lotsFor, seedsPerCellFor, wholeRows, type SowFields } from "./sowFields";
import { trays as say } from "@/words/en/trays";
import { useWording, type LocalWording } from "@/ui/wording";

interface Props extends SectionProps {
  tray: Tray | null;
  form: ReturnType<typeof useFields<SowFields>>;
}

/** What is sown, from which packet, into which cells, how thick. */
export function SowFormFields({ garden, today, tray, form }: Props) {
  const wording = useWording();
  const { control, set } = form;
  const fields = readable(form.watch());
  const crops = cropsOf(garden);
  const crop = crops.get(fields.cropId);
  const lots = crop ? lotsFor([...garden.seedLots.values()], crop, fields.varietyId, today) : [];
  const lot = lots.find(({ id }) => id === fields.lotId);
  const plantings = [...garden.plantings.values()].filter(
    ({ cropId, method, bought }) =>
      cropId === fields.cropId && method === "transplant" && bought === null,
  );
  const setLot = (lotId: string) => {
    const chosen = lots.find(({ id }) => id === lotId);
    set({ lotId, ...(crop ? { seedsPerCell: seedsPerCellFor(crop, chosen, 1, today) } : {}) });
  };
  const setCrop = (cropId: string, varietyId: string) => {
    const next = crops.get(cropId);
    const first = next && lotsFor([...garden.seedLots.values()], next, varietyId, today)[0];
    const seedsPerCell = next
      ? seedsPerCellFor(next, first, next.tray?.clusterPlants ?? 1, today)
      : 1;
    set({ cropId, varietyId, lotId: first?.id ?? "", plantingId: "", seedsPerCell });
  };
  const number = (name: "cells" | "seedsPerCell", label: string) => (
    <NumberField control={control} name={name} label={label} />
  );
  return (
    <>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 1.5 }}>
        <CropPicker
          crops={crops}
          cropId={fields.cropId}
          varietyId={fields.varietyId}
          onChange={setCrop}
        />
        <TextField
          select
          label={say.from}
          value={fields.lotId}
          onChange={(event) => setLot(event.target.value)}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          {lots.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {say.seeds({
                packedYear: one.packedYear,
                number: crop ? wording.number(seedsIn(crop, one)) : "",
                treated: one.treated,
              })}
            </MenuItem>
          ))}
          <MenuItem value="">{say.seedNotInStock}</MenuItem>
        </TextField>
        <ChoiceField
          control={control}
          name="plantingId"
          label={say.forWord}
          choices={[
            { value: "", words: say.noPlantingYet },
            ...plantings.map((planting) => ({
              value: planting.id,
              words: say.plannedFor({
                name: garden.beds.get(planting.bedId)?.name ?? "",
                date: wording.date(dayNumber(planting.sowOn), today),
              }),
            })),
          ]}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        />
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        {number("cells", say.cellsToSow)}
        <TextField
          select
          label={say.fromCell}
          value={tray && freeCells(tray).includes(fields.fromCell) ? fields.fromCell : ""}
          onChange={(event) => set({ fromCell: Number(event.target.value) })}
        >
          {(tray ? freeCells(tray) : []).map((cell) => (
            <MenuItem key={cell} value={cell}>
              {tray ? cellName(tray, cell) : ""}
            </MenuItem>
          ))}
        </TextField>
        {number("seedsPerCell", say.seedsPerCell)}
      </Box>
      {tray && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          <Button
            size="small"
            color="inherit"
            variant="outlined"
            onClick={() => set({ cells: wholeRows(tray, fields) })}
          >
            {say.wholeRows}
          </Button>
          <Button
            size="small"
            color="inherit"
            variant="outlined"
            onClick={() =>
              set({ cells: freeCells(tray).length, fromCell: freeCells(tray)[0] ?? 0 })
            }
          >
            {say.allFreeCells}
          </Button>
        </Box>
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
        <DateField control={control} name="sownOn" label={say.sownOn} />
        <CheckField control={control} name="labelled" label={say.hasALabel} />
      </Box>
      {crop && (
        <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
          {depthWords(crop.sowing.depthCm, crop.sprouting.light, wording)}{" "}
          {lot && lotWords(lotSprouting(crop, lot, today).share)}{" "}
          {crop.sprouting.heatMatC !== undefined &&
            say.onAHeatMatAtItComesUpInDaysNear({
              temperature: wording.temperature(crop.sprouting.heatMatC),
              days: Math.round(emergenceAt(crop, crop.sprouting.heatMatC).days ?? 0),
            })}
        </Box>
      )}
      {lot?.treated && <Alert severity="warning">{cautionWords("treated-seed")}</Alert>}
    </>
  );
}

function depthWords(depthCm: number, light: string, wording: LocalWording): string {
  return light === "needed"
    ? say.pressTheSeedInAndBarelyCoverItIt
    : say.sowDeep({ distance: wording.distanceCm(depthCm) });
}

function lotWords(share: number): string {
  return say.aboutOf100OfTheseSeedsWill({ share: Math.round(share * 100) });
}
