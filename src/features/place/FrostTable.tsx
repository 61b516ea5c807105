"use client";

import Box from "@mui/material/Box";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { DayNumber, Season } from "@/core/calendar";
import { FROST_THRESHOLDS_C, firstFrostDay, lastFrostDay, type Climate } from "@/core/climate";
import type { LocalWording } from "@/ui/wording";

interface Props {
  climate: Climate;
  season: Season;
  wording: LocalWording;
}

const CHANCES = [
  { chance: 0.1, words: "1 in 10" },
  { chance: 0.2, words: "1 in 5" },
  { chance: 0.5, words: "1 in 2" },
];
const ROWS = [
  { name: "Light frost", thresholdC: FROST_THRESHOLDS_C.light },
  { name: "Killing frost", thresholdC: FROST_THRESHOLDS_C.killing },
  { name: "Hard freeze", thresholdC: FROST_THRESHOLDS_C.hardFreeze },
];

/** By when frost has come in autumn, and after when it still comes in spring, by odds. */
export function FrostTable({ climate, season, wording }: Props) {
  const said = (day: DayNumber | null) => (day === null ? "seldom" : wording.shortDate(day));
  const cell = { px: 1, py: 0.5, fontSize: 13.5, borderColor: "var(--line)" };
  return (
    <Box sx={{ overflowX: "auto" }} tabIndex={0} role="group" aria-label="Frost odds">
      <Table size="small" className="tabular" sx={{ minWidth: 480 }}>
        <TableHead>
          <TableRow>
            <TableCell component="td" sx={cell} />
            <TableCell sx={cell} colSpan={3} align="center">
              has come by
            </TableCell>
            <TableCell sx={cell} colSpan={3} align="center">
              comes again after
            </TableCell>
          </TableRow>
          <TableRow>
            <TableCell sx={cell}>years</TableCell>
            {[0, 1].flatMap((half) =>
              CHANCES.map(({ words }) => (
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
              {CHANCES.map(({ chance }) => (
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
