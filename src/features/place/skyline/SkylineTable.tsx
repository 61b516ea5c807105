"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import FormHelperText from "@mui/material/FormHelperText";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { HorizonSchema, type Horizon } from "@/core/sky";
import { problemsFrom } from "@/core/gardenFile";

interface Props {
  horizon: Horizon;
  onChange: (horizon: Horizon) => void;
}

/** The skyline as typed text: one point a line, direction and height. */
export function SkylineTable({ horizon, onChange }: Props) {
  const shown = horizon
    .map(({ azimuthDeg, elevationDeg }) => `${azimuthDeg} ${elevationDeg}`)
    .join("\n");
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const keep = () => {
    const read = readSkyline(typed ?? shown);
    if (!read.ok) return setProblem(read.problem);
    setProblem(null);
    setTyped(null);
    onChange(read.horizon);
  };
  return (
    <Box sx={{ display: "grid", gap: 1, justifyItems: "start", mt: 2.5 }}>
      <TextField
        label="Points: direction and height in degrees, one a line"
        multiline
        minRows={3}
        maxRows={8}
        fullWidth
        size="small"
        value={typed ?? shown}
        error={problem !== null}
        onChange={(event) => setTyped(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      {problem !== null && (
        <FormHelperText error role="alert">
          {problem}
        </FormHelperText>
      )}
      <Button size="small" variant="outlined" disabled={typed === null} onClick={keep}>
        Keep these points
      </Button>
    </Box>
  );
}

type ReadSkyline = { ok: true; horizon: Horizon } | { ok: false; problem: string };

/** Reads points typed one a line; commas, spaces and degree signs may stand between. */
export function readSkyline(text: string): ReadSkyline {
  const points: { azimuthDeg: number; elevationDeg: number }[] = [];
  for (const [index, line] of text.split("\n").entries()) {
    if (line.trim() === "") continue;
    const numbers = line
      .replace(/[°;]/g, " ")
      .trim()
      .split(/[\s,]+/)
      .map(Number);
    const [azimuthDeg, elevationDeg] = numbers;
    if (
      numbers.length !== 2 ||
      azimuthDeg === undefined ||
      elevationDeg === undefined ||
      numbers.some(Number.isNaN)
    ) {
      return {
        ok: false,
        problem: `Line ${index + 1}: give two numbers, the direction from north and the height, like 180 12.`,
      };
    }
    points.push({ azimuthDeg, elevationDeg });
  }
  const parsed = HorizonSchema.safeParse(points);
  if (parsed.success) return { ok: true, horizon: parsed.data };
  const [problem] = problemsFrom(parsed.error);
  const at = Number(/^\[(\d+)\]/.exec(problem?.path ?? "")?.[1] ?? 0);
  return { ok: false, problem: `Point ${at + 1}: ${problem?.message}` };
}
