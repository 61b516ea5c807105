"use client";

import Box from "@mui/material/Box";
import type { Happened } from "@/core/practice";
import { useWording } from "@/ui/wording";
import { practise as say } from "@/words/en/practise";
import { happenedWords } from "./happenedWords";

const SHOWN = 9;

/** What came of past evenings, the newest first; what is picked each week is in the sum above. */
export function Ledger({ happened }: { happened: readonly Happened[] }) {
  const wording = useWording();
  const told = happened
    .filter(({ kind }) => kind !== "picked")
    .slice(-SHOWN)
    .reverse();
  if (told.length === 0) return <Box sx={{ fontSize: 15.5 }}>{say.nothingYet}</Box>;
  return (
    <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
      {told.map((one, at) => (
        <Box
          key={`${one.day}${one.kind}${one.bedId}${at}`}
          component="li"
          sx={{ borderTop: "1px solid var(--line)", py: 0.5, fontSize: 15, lineHeight: 1.35 }}
        >
          {happenedWords(one, wording)}
        </Box>
      ))}
    </Box>
  );
}
