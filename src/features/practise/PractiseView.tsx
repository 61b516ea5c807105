"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { freeWinter, lessonOf, type Scenario } from "@/core/practice";
import { practise as say } from "@/words/en/practise";
import { PlayedWinter } from "./PlayedWinter";
import { PractiseStart } from "./PractiseStart";

/** A winter practised in minutes: chosen, decided evening by evening, looked back on. */
export function PractiseView() {
  const [played, setPlayed] = useState<{ scenario: Scenario; run: number } | null>(null);
  const play = (scenario: Scenario) => setPlayed((now) => ({ scenario, run: (now?.run ?? 0) + 1 }));
  return (
    <Box sx={{ height: "100%", display: "flex", flexDirection: "column" }}>
      <Box
        sx={{
          px: { xs: 2, md: 2.75 },
          py: 0.5,
          fontSize: 15.5,
          fontWeight: 600,
          color: "#2a1d10",
          background: "repeating-linear-gradient(115deg, #f6e9c6 0 22px, #ecd9ab 22px 44px)",
          borderBottom: "1px solid var(--line)",
        }}
      >
        {say.untouched}
      </Box>
      <Box
        role="region"
        tabIndex={0}
        aria-label={say.practise}
        sx={{
          flex: 1,
          minHeight: 0,
          overflowY: "auto",
          "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -2 },
        }}
      >
        {played ? (
          <PlayedWinter
            key={`${played.scenario.id} ${played.run}`}
            scenario={played.scenario}
            onPlay={play}
            onLeave={() => setPlayed(null)}
          />
        ) : (
          <PractiseStart
            onLesson={(id) => play(lessonOf(id))}
            onFree={(climate, difficulty, seed) => play(freeWinter(climate, difficulty, seed))}
          />
        )}
      </Box>
    </Box>
  );
}
