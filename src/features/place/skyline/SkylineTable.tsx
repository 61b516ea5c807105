"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import { problemsFrom } from "@/core/gardenFile";
import { HorizonSchema, type Horizon } from "@/core/sky";
import { useFields, WordsField } from "@/ui/forms";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";
import "@/words/en/facts/sky";

interface Props {
  horizon: Horizon;
  onChange: (horizon: Horizon) => void;
}

/** The skyline as typed text: one point a line, direction and height. */
export function SkylineTable({ horizon, onChange }: Props) {
  const shown = horizon
    .map(({ azimuthDeg, elevationDeg }) => say.text({ azimuthDeg, elevationDeg }))
    .join("\n");
  const form = useFields(SkylineFieldsSchema, { points: shown });
  const keep = form.handleSubmit(({ points }) => {
    const read = readSkyline(points);
    if (!read.ok) return;
    form.settle({ points });
    onChange(read.horizon);
  });
  return (
    <Box
      component="form"
      noValidate
      aria-label={say.theSkylineInNumbers}
      onSubmit={(event) => void keep(event)}
      sx={{ display: "grid", gap: 1, justifyItems: "start", mt: 2.5 }}
    >
      <WordsField
        control={form.control}
        name="points"
        label={say.pointsDirectionAndHeightInDegrees}
        multiline
        helperText={say.onePointALine}
        minRows={3}
        maxRows={8}
        fullWidth
        size="small"
        slotProps={{ inputLabel: { shrink: true }, formHelperText: { role: "alert" } }}
      />
      <Button size="small" type="submit" variant="outlined" disabled={!form.formState.isDirty}>
        {say.savePoints}
      </Button>
    </Box>
  );
}

const SkylineFieldsSchema = z.object({
  points: z.string().superRefine((points, told) => {
    const read = readSkyline(points);
    if (!read.ok) told.addIssue(read.problem);
  }),
});

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
        problem: say.lineEnterTwoNumbersDirectionFrom({ index: index + 1 }),
      };
    }
    points.push({ azimuthDeg, elevationDeg });
  }
  const parsed = HorizonSchema.safeParse(points);
  if (parsed.success) return { ok: true, horizon: parsed.data };
  const [problem] = problemsFrom(parsed.error);
  const at = Number(/^\[(\d+)\]/.exec(problem?.path ?? "")?.[1] ?? 0);
  return {
    ok: false,
    problem: say.pointWord({ number: at + 1, problem: problem ? told(problem.message) : "" }),
  };
}
