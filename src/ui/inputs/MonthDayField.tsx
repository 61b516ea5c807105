"use client";

import Box from "@mui/material/Box";
import FormHelperText from "@mui/material/FormHelperText";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { dayNumberOf, type MonthDay } from "@/core/calendar";
import { ui as say } from "@/words/en/ui";
import { useWording } from "../wording";

interface Props {
  label: string;
  value: MonthDay;
  error?: string;
  onChange: (value: MonthDay) => void;
}

const LEAP_YEAR = 2024;

/** A day of the year without its year: a day and a month, in the locale's names. */
export function MonthDayField({ label, value, error, onChange }: Props) {
  const wording = useWording();
  const [month = 1, dayOfMonth = 1] = value.split("-").map(Number);
  const set = (newMonth: number, newDay: number) => {
    const last = dayNumberOf(LEAP_YEAR, newMonth + 1, 1) - dayNumberOf(LEAP_YEAR, newMonth, 1);
    onChange(`${pad(newMonth)}-${pad(Math.min(newDay, last))}`);
  };
  const days = dayNumberOf(LEAP_YEAR, month + 1, 1) - dayNumberOf(LEAP_YEAR, month, 1);
  return (
    <Box role="group" aria-label={label}>
      <Box sx={{ fontSize: 13, color: "var(--ash-text)", mb: 0.75 }}>{label}</Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "72px 1fr", gap: 1 }}>
        <TextField
          select
          size="small"
          label={say.day}
          value={dayOfMonth}
          error={error !== undefined}
          onChange={(event) => set(month, Number(event.target.value))}
        >
          {Array.from({ length: days }, (_, index) => (
            <MenuItem key={index} value={index + 1}>
              {index + 1}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          size="small"
          label={say.month}
          value={month}
          error={error !== undefined}
          onChange={(event) => set(Number(event.target.value), dayOfMonth)}
        >
          {Array.from({ length: 12 }, (_, index) => (
            <MenuItem key={index} value={index + 1}>
              {wording.month(dayNumberOf(LEAP_YEAR, index + 1, 1))}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      {error !== undefined && <FormHelperText error>{error}</FormHelperText>}
    </Box>
  );
}

function pad(value: number): string {
  return String(value).padStart(2, "0");
}
