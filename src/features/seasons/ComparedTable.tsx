"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useMemo, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import { cropsOf, type Garden } from "@/core/garden";
import { comparedBy, type Compared } from "@/core/seasons";
import { useWording, type LocalWording } from "@/ui/wording";
import { CAUSE_WORDS } from "@/words/en/entries";
import { seasons as say } from "@/words/en/seasons";
import { laterWords } from "./seasonWords";

interface Props {
  garden: Garden;
  rows: readonly Compared[];
  label: string;
  /** What is to come after this day is not late. */
  today: DayNumber;
}

type Grouping = "planting" | "crop" | "bed" | "shelter";
const AT_ONCE = 8;

/** Every planting against its plan, what differed most first; or together by crop, bed or shelter. */
export function ComparedTable({ garden, rows, label, today }: Props) {
  const wording = useWording();
  const [by, setBy] = useState<Grouping>("planting");
  const [isAll, setAll] = useState(false);
  const lines = useMemo(
    () =>
      by === "planting"
        ? rows.map((row) => lineOf(garden, row, today, wording))
        : groupsOf(garden, rows, by, wording),
    [garden, rows, by, today, wording],
  );
  const shown = isAll ? lines : lines.slice(0, AT_ONCE);
  const columns = by === "planting" ? PLANTING_COLUMNS : GROUP_COLUMNS;
  return (
    <Box component="section" aria-label={`${say.against}, ${label}`} sx={{ mt: 2.5 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
        <Box component="h3" sx={{ m: 0, fontSize: 19, fontFamily: "var(--font-heading)" }}>
          {say.against}
        </Box>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label={say.by}
          value={by}
          onChange={(_event, value: Grouping | null) => value && setBy(value)}
        >
          <ToggleButton value="planting">{say.byPlanting}</ToggleButton>
          <ToggleButton value="crop">{say.byCrop}</ToggleButton>
          <ToggleButton value="bed">{say.byBed}</ToggleButton>
          <ToggleButton value="shelter">{say.byShelter}</ToggleButton>
        </ToggleButtonGroup>
      </Box>
      <Box
        sx={{ overflowX: "auto" }}
        tabIndex={0}
        role="group"
        aria-label={`${say.against}, ${label}`}
      >
        <Box
          component="table"
          sx={{
            mt: 0.5,
            borderCollapse: "collapse",
            fontSize: 15,
            width: "100%",
            maxWidth: 1000,
            "& th, & td": {
              textAlign: "left",
              verticalAlign: "top",
              py: 0.5,
              pr: 2,
              borderBottom: "1px solid var(--line)",
            },
            "& thead th": { color: "var(--ash-text)", fontWeight: 400, whiteSpace: "nowrap" },
            "& tbody th": { fontWeight: 600, minWidth: 150 },
          }}
        >
          <thead>
            <tr>
              {columns.map((column) => (
                <th key={column} scope="col">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map(({ key, head, cells }) => (
              <tr key={key}>
                <th scope="row">{head}</th>
                {cells.map((cell, at) => (
                  <td key={at}>{cell}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      {lines.length > shown.length && (
        <Button color="inherit" onClick={() => setAll(true)}>
          {say.showAll({ count: lines.length })}
        </Button>
      )}
    </Box>
  );
}

const PLANTING_COLUMNS = [say.item, say.sown, say.up, say.picked, say.amount, say.losses];
const GROUP_COLUMNS = [say.item, say.picked, say.amount, say.neverPicked];

interface Line {
  key: string;
  head: string;
  cells: string[];
}

function pickedWords(row: Compared, today: DayNumber, wording: LocalWording): string {
  const { isNeverPicked, pickedDays, plannedReadyDay } = row;
  if (isNeverPicked) return say.never;
  const isToCome = pickedDays === null && plannedReadyDay !== null && plannedReadyDay > today;
  return isToCome
    ? say.due({ date: wording.shortDate(plannedReadyDay) })
    : laterWords(pickedDays, wording);
}

function lineOf(garden: Garden, row: Compared, today: DayNumber, wording: LocalWording): Line {
  const bed = garden.beds.get(row.bedId)?.name ?? "";
  return {
    key: row.plantingId,
    head: `${row.name}, ${bed}`,
    cells: [
      laterWords(row.sownDays, wording),
      row.upDays === null ? "" : laterWords(row.upDays, wording),
      pickedWords(row, today, wording),
      row.harvestedG === null && row.pickedDays === null
        ? ""
        : amountWords(row.harvestedG, row.usualG, wording),
      row.losses
        .map(({ share, cause }) =>
          say.lossWords({
            share: `${wording.number(100 * share)}\u00a0%`,
            cause: CAUSE_WORDS[cause],
          }),
        )
        .join(", "),
    ],
  };
}

function groupsOf(
  garden: Garden,
  rows: readonly Compared[],
  by: Exclude<Grouping, "planting">,
  wording: LocalWording,
): Line[] {
  const crops = cropsOf(garden);
  const nameOf = (key: string) => {
    if (by === "crop") return crops.get(key)?.name ?? key;
    if (by === "bed") return garden.beds.get(key)?.name ?? key;
    return garden.shelters.get(key)?.name ?? say.inTheOpen;
  };
  const keyOf = ({ cropId, bedId, shelterId }: Compared) =>
    by === "crop" ? cropId : by === "bed" ? bedId : (shelterId ?? "");
  return comparedBy(rows, keyOf).map(({ key, pickedDays, usualG, harvestedG, neverPicked }) => ({
    key,
    head: nameOf(key),
    cells: [
      laterWords(pickedDays, wording),
      amountWords(harvestedG, usualG, wording),
      neverPicked === 0 ? "" : wording.number(neverPicked),
    ],
  }));
}

function amountWords(harvestedG: number | null, usualG: number, wording: LocalWording): string {
  if (harvestedG === null) return say.unknown;
  return say.ofUsual({
    harvested: wording.weightG(Math.round(harvestedG / 10) * 10),
    usual: wording.weightG(Math.round(usualG / 100) * 100),
  });
}
