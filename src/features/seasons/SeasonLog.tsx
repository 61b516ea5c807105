"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { subjectOf } from "@/core/logbook";
import type { KeptSeason } from "@/core/garden";
import { gardenOfSeason } from "@/core/learn";
import { whenNeeded } from "@/store";
import { downloadText } from "@/ui/download";
import { told, useWording } from "@/ui/wording";
import { amountWords, kindWords } from "@/words/en/entries";
import { seasons as say } from "@/words/en/seasons";
import { fileWords } from "@/words/fileWords";
import { seasonName } from "./seasonWords";
import "@/words/en/facts/tasks";
import "@/words/en/facts/logbook";

const formatsPart = whenNeeded(() => import("@/core/formats"));
const AT_ONCE = 40;

/** What was written down in a closed season, the first first; saved as a table, too. */
export function SeasonLog({ kept, today }: { kept: KeptSeason; today: DayNumber }) {
  const wording = useWording();
  const [open, setOpen] = useState(false);
  const [most, setMost] = useState(AT_ONCE);
  const then = useMemo(() => gardenOfSeason(kept), [kept]);
  const entries = useMemo(
    () => [...kept.entries].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0)),
    [kept],
  );
  const save = async () => {
    const { writeLogCsv } = await formatsPart();
    const name = say.logFile({ season: seasonName(kept.year).replace("/", "-") });
    downloadText(name, "text/csv", writeLogCsv(then, fileWords(wording)));
  };
  const label = say.logOf({ count: entries.length });
  return (
    <Box component="section" aria-label={label} sx={{ mt: 2.5 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        <Button
          variant="outlined"
          color="inherit"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {label}
        </Button>
        <Button color="inherit" onClick={() => void save()}>
          {say.saveLog}
        </Button>
      </Box>
      {open && (
        <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.25, fontSize: 15, lineHeight: 1.5 }}>
          {entries.slice(0, most).map((entry) => {
            const { subject, place } = subjectOf(then, entry);
            return (
              <li key={entry.id}>
                {[
                  wording.date(dayNumber(entry.on), today),
                  kindWords(entry.what),
                  told(subject),
                  told(place),
                  amountWords(entry, wording),
                  entry.note,
                ]
                  .filter((part) => part !== "")
                  .join(", ")}
              </li>
            );
          })}
        </Box>
      )}
      {open && entries.length > most && (
        <Button color="inherit" onClick={() => setMost(entries.length)}>
          {say.showAll({ count: entries.length })}
        </Button>
      )}
    </Box>
  );
}
