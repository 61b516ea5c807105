"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { RehearsalReport } from "@/core/winter";
import { lookAtWinter } from "@/derive/rehearsal";
import { tell } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { rehearse as say } from "@/words/en/rehearse";

const GRAMS_PER_KG = 1000;

async function look(winter: number) {
  if (!(await lookAtWinter(winter))) tell(say.cannotSee, "refused");
}

/** The cold winter, a middling and a kind one, or any: to look at the garden in it. */
export function WinterPick({ report }: { report: RehearsalReport }) {
  const wording = useWording();
  const [number, setNumber] = useState("");
  const { told, winters } = report;
  if (!told) return null;
  const chosen = Number(number);
  const isOne = Number.isInteger(chosen) && chosen >= 1 && chosen <= winters;
  const wrong = number !== "" && !isOne;
  return (
    <Box component="section">
      <Typography variant="h2">{say.threeWinters}</Typography>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {(["cold", "middling", "kind"] as const).map((which) => {
          const { winter, coldestC, totalKg } = told[which];
          return (
            <Box
              key={which}
              component="li"
              sx={{
                display: "flex",
                flexWrap: "wrap",
                alignItems: "center",
                gap: 1,
                borderTop: "1px solid var(--line)",
                py: 0.75,
              }}
            >
              <Box sx={{ flex: "1 1 220px" }}>
                <Box sx={{ fontSize: 17, fontWeight: 700 }}>{say[which]}</Box>
                <Box sx={{ fontSize: 15 }}>
                  {say.told({
                    winter: winter + 1,
                    coldest: wording.temperature(coldestC),
                    kg: wording.weightG(totalKg * GRAMS_PER_KG),
                  })}
                </Box>
              </Box>
              <Button variant="outlined" color="inherit" onClick={() => void look(winter)}>
                {say.see}
              </Button>
            </Box>
          );
        })}
      </Box>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          if (isOne) void look(chosen - 1);
        }}
        sx={{ display: "flex", gap: 1, alignItems: "flex-start", mt: 1 }}
      >
        <TextField
          size="small"
          label={say.anyWinter}
          value={number}
          error={wrong}
          helperText={wrong ? say.anyFrom({ winters }) : " "}
          slotProps={{ htmlInput: { inputMode: "numeric" } }}
          onChange={(event) => setNumber(event.target.value)}
        />
        <Button
          type="submit"
          variant="outlined"
          color="inherit"
          disabled={!isOne}
          sx={{ minHeight: 40 }}
        >
          {say.see}
        </Button>
      </Box>
    </Box>
  );
}
