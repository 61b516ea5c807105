"use client";

import Box from "@mui/material/Box";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { DayNumber, Season } from "@/core/calendar";
import { FROST_THRESHOLDS_C, firstFrostDay, lastFrostDay, type Climate } from "@/core/climate";
import { useWording } from "@/ui/wording";
import { place as say } from "@/words/en/place";

interface Props {
  climate: Climate;
  season: Season;
}

/** Years in ten by which the first frost has come, and in which one still comes after the date. */
const CHANCES = [
  { chance: 0.1, words: "1" },
  { chance: 0.2, words: "2" },
  { chance: 0.5, words: "5" },
  { chance: 0.8, words: "8" },
  { chance: 0.9, words: "9" },
];
/** Spring the other way round, so that both halves run with the calendar. */
const LATEST_FIRST = [...CHANCES].reverse();
const ROWS = [
  { name: say.lightFrost, thresholdC: FROST_THRESHOLDS_C.light },
  { name: say.killingFrost2, thresholdC: FROST_THRESHOLDS_C.killing },
  { name: say.hardFreeze, thresholdC: FROST_THRESHOLDS_C.hardFreeze },
];

/** By when frost has come in autumn, and after when it still comes in spring, by odds. */
export function FrostTable({ climate, season }: Props) {
  const wording = useWording();
  const said = (day: DayNumber | null) => (day === null ? "seldom" : wording.shortDate(day));
  const cell = {
    px: 0.5,
    py: 0.5,
    fontSize: 13,
    whiteSpace: "nowrap",
    borderColor: "var(--line)",
  };
  return (
    <Box sx={{ overflowX: "auto" }} tabIndex={0} role="group" aria-label={say.frostOdds}>
      <Table size="small" className="tabular" sx={{ minWidth: 700 }}>
        <TableHead>
          <TableRow>
            <TableCell component="td" sx={cell} />
            <TableCell sx={cell} colSpan={5} align="center">
              {say.firstBy}
            </TableCell>
            <TableCell sx={cell} colSpan={5} align="center">
              {say.lastSpringFrostOrLater}
            </TableCell>
          </TableRow>
          <TableRow>
            <TableCell sx={cell}>{say.yearsIn10}</TableCell>
            {[CHANCES, LATEST_FIRST].flatMap((chances, half) =>
              chances.map(({ words }) => (
                <TableCell key={`${half}${words}`} sx={cell} align="right">
                  {words}
                </TableCell>
              )),
            )}
          </TableRow>
        </TableHead>
        <TableBody>
          {ROWS.map(({ name, thresholdC }) => (
            <TableRow key={name}>
              <TableCell component="th" scope="row" sx={{ ...cell, whiteSpace: "nowrap" }}>
                {name}, {wording.temperature(thresholdC, 1)}
              </TableCell>
              {CHANCES.map(({ chance }) => (
                <TableCell key={`first${chance}`} sx={cell} align="right">
                  {said(firstFrostDay(climate, season, thresholdC, chance))}
                </TableCell>
              ))}
              {LATEST_FIRST.map(({ chance }) => (
                <TableCell key={`last${chance}`} sx={cell} align="right">
                  {said(lastFrostDay(climate, season, thresholdC, chance))}
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
