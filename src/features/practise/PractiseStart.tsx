"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { madeUpClimates } from "@/core/climate";
import {
  DIFFICULTIES,
  FREE_CLOTHS,
  LESSON_IDS,
  type Difficulty,
  type LessonId,
} from "@/core/practice";
import { practiceProgress } from "@/store/practiceProgress";
import { useWording } from "@/ui/wording";
import { difficultyNames, lessonTasks, lessonTitles, practise as say } from "@/words/en/practise";

interface Props {
  onLesson: (id: LessonId) => void;
  onFree: (climateId: string, difficulty: Difficulty, seed: number) => void;
}

const GRAMS_PER_KG = 1000;
const MOST_SEED = 9999;

/** The six lessons, and a free winter by climate, cloths and number. */
export function PractiseStart({ onLesson, onFree }: Props) {
  const wording = useWording();
  const [progress] = useState(practiceProgress);
  const [climate, setClimate] = useState(madeUpClimates[0]?.id ?? "");
  const [difficulty, setDifficulty] = useState<Difficulty>("usual");
  const [number, setNumber] = useState("1");
  const seed = Number(number);
  const isRight = Number.isInteger(seed) && seed >= 1 && seed <= MOST_SEED;
  const kg = (value: number) => wording.weightG(value * GRAMS_PER_KG);
  return (
    <Box sx={{ px: { xs: 2, md: 2.75 }, pt: 1.75, pb: 4, maxWidth: 1120 }}>
      <Typography variant="h1">{say.practise}</Typography>
      <Box sx={{ fontSize: 16.5, mt: 0.5, mb: 2 }}>{say.what}</Box>
      <Typography variant="h2">{say.lessons}</Typography>
      <Box
        component="ol"
        sx={{
          m: 0,
          mt: 1,
          p: 0,
          listStyle: "none",
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" },
          columnGap: 4,
        }}
      >
        {LESSON_IDS.map((id, at) => {
          const known = progress[`lesson-${id}`];
          return (
            <Box
              key={id}
              component="li"
              sx={{
                borderTop: "1px solid var(--line)",
                py: 1.25,
                display: "grid",
                gridTemplateColumns: "34px minmax(0, 1fr) auto",
                columnGap: 1,
                alignItems: "center",
              }}
            >
              <Box
                aria-hidden
                sx={{
                  fontFamily: "var(--font-heading)",
                  fontSize: 26,
                  color: "var(--ember-text, var(--text))",
                }}
              >
                {at + 1}
              </Box>
              <Box>
                <Box sx={{ fontSize: 18, fontWeight: 700 }}>{lessonTitles[id]}</Box>
                <Box sx={{ fontSize: 15.5, lineHeight: 1.4 }}>{lessonTasks[id]}</Box>
                {known && (
                  <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
                    {say.best({ kg: kg(known.bestKg), tool: kg(known.toolKg) })}
                  </Box>
                )}
              </Box>
              <Button
                variant={known ? "outlined" : "contained"}
                color={known ? "inherit" : "primary"}
                aria-label={`${known ? say.again : say.start}: ${lessonTitles[id]}`}
                onClick={() => onLesson(id)}
              >
                {known ? say.again : say.start}
              </Button>
            </Box>
          );
        })}
      </Box>
      <Typography variant="h2" sx={{ mt: 3 }}>
        {say.free}
      </Typography>
      <Box sx={{ fontSize: 15.5, mt: 0.5 }}>{say.freeWhat}</Box>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          if (isRight) onFree(climate, difficulty, seed);
        }}
        sx={{ mt: 1.5, display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "flex-start" }}
      >
        <TextField
          select
          size="small"
          label={say.climate}
          value={climate}
          onChange={(event) => setClimate(event.target.value)}
          sx={{ minWidth: 230 }}
        >
          {madeUpClimates.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label={say.difficulty}
          value={difficulty}
          onChange={(_event, value: Difficulty | null) => value && setDifficulty(value)}
        >
          {DIFFICULTIES.map((one) => (
            <ToggleButton key={one} value={one}>
              {say.difficultyWith({ difficulty: difficultyNames[one], count: FREE_CLOTHS[one] })}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <TextField
          size="small"
          label={say.number}
          value={number}
          error={!isRight}
          helperText={isRight ? " " : say.numberFrom}
          slotProps={{ htmlInput: { inputMode: "numeric" } }}
          onChange={(event) => setNumber(event.target.value)}
          sx={{ width: 170 }}
        />
        <Button type="submit" variant="contained" disabled={!isRight} sx={{ minHeight: 40 }}>
          {say.start}
        </Button>
      </Box>
    </Box>
  );
}
