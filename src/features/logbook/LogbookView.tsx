"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useDeferredValue, useMemo, useState } from "react";
import { dayNumber, isIsoDate } from "@/core/calendar";
import type { CommandCall } from "@/core/commands";
import { fact } from "@/core/facts";
import type { LogEntry } from "@/core/log";
import { gardenStore, useToday, useGarden, whenNeeded } from "@/store";
import { downloadText } from "@/ui/download";
import { lazyPart, LogbookSections } from "@/ui/frame";
import { setView, tell, tellRefusal, useView, type LogFilter } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { LogTable } from "./LogTable";
import { PlanAgainstFact } from "./PlanAgainstFact";
import { filtered, logRows, pickedIn, type LogRow } from "./rows";
import { logbook as say } from "@/words/en/logbook";
import { fileWords } from "@/words/fileWords";

const formatsPart = whenNeeded(() => import("@/core/formats"));

const BringInDialog = lazyPart(() => import("./BringInDialog"));
const EntryDialog = lazyPart(() => import("./EntryDialog"));

/** Everything that was written down: to look through, to put right, and against the plan. */
export function LogbookView() {
  const garden = useGarden((state) => state.garden);
  const today = useToday(garden);
  const dateInView = useView((state) => state.dateInView);
  const wording = useWording();
  const filter = useView((state) => state.logFilter);
  const { text, kind, from, until } = filter;
  const setFilter = (some: Partial<LogFilter>) => setView({ logFilter: { ...filter, ...some } });
  const [scroller, setScroller] = useState<HTMLElement | null>(null);
  const [editing, setEditing] = useState<LogEntry | null>(null);
  const bringing = useView((state) => state.bringing);
  const all = useMemo(() => logRows(garden, wording), [garden, wording]);
  const kinds = useMemo(() => [...new Set(all.map((row) => row.kind))].sort(), [all]);
  // Of thousands of entries all words are read: the field goes before the list.
  const looked = useDeferredValue(text);
  const rows = useMemo(
    () =>
      filtered(all, {
        text: looked,
        kind,
        fromDay: isIsoDate(from) ? dayNumber(from) : null,
        untilDay: isIsoDate(until) ? dayNumber(until) : null,
      }),
    [all, looked, kind, from, until],
  );
  const picked = pickedIn(rows);
  const remove = async (gone: readonly LogRow[]) => {
    const nights = gone.flatMap(({ thermometerDayId }) => thermometerDayId ?? []);
    const ids = gone.flatMap(({ key, entry }) => (entry ? [key] : []));
    const calls: CommandCall[] = [
      ...(ids.length > 0 ? [{ name: "log.remove" as const, input: { ids } }] : []),
      ...(nights.length > 0
        ? [{ name: "thermometer.remove" as const, input: { ids: nights } }]
        : []),
    ];
    const label =
      gone.length === 1
        ? fact("commands.removingAnEntry")
        : fact("commands.removingEntries", { idsCount: gone.length });
    const done = await gardenStore().dispatchAll(calls, label);
    if (done.ok) tell(say.entriesRemoved({ count: gone.length }), "done", true);
    else tellRefusal(done);
  };
  const save = async () => {
    const { writeLogCsv } = await formatsPart();
    downloadText(
      say.logCsv({ head: garden.head.name }),
      "text/csv",
      writeLogCsv(garden, fileWords(wording)),
    );
    tell(say.logSaved);
  };
  return (
    <Box
      ref={setScroller}
      sx={{
        height: "100%",
        overflowY: "auto",
        scrollPaddingTop: 48,
        px: { xs: 1.5, md: 2.75 },
        pt: 1.75,
        pb: 4,
      }}
      tabIndex={0}
      role="region"
      aria-label={say.logbook}
    >
      <LogbookSections current="/logbook" />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, alignItems: "center" }}>
        <Typography variant="h1" sx={{ flex: { xs: "1 1 100%", sm: 1 } }}>
          {say.logbook}
        </Typography>
        <Button
          color="inherit"
          variant="outlined"
          disabled={all.length === 0}
          onClick={() => void save()}
        >
          {say.saveCsv}
        </Button>
        <Button
          color="inherit"
          variant="outlined"
          onClick={() => setView({ bringing: { file: null } })}
        >
          {say.bringInATable}
        </Button>
        <Button variant="contained" size="large" onClick={() => setView({ logging: "" })}>
          {say.logSomething}
        </Button>
      </Box>
      {all.length === 0 ? (
        <Box sx={{ mt: 1.5, fontSize: 17, maxWidth: 560 }}>
          {say.nothingLoggedYetTickOffTasksUnder({
            picking: wording.examplePicking,
            isImperial: garden.settings.units === "imperial",
          })}
        </Box>
      ) : (
        <>
          <PlanAgainstFact garden={garden} day={dateInView ?? today} />
          <Box
            role="search"
            aria-label={say.filter}
            sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, mt: 2, alignItems: "center" }}
          >
            <TextField
              size="small"
              label={say.words}
              value={text}
              onChange={(event) => setFilter({ text: event.target.value })}
              placeholder={say.kaleBed3}
              sx={{ width: { xs: "100%", sm: 220 } }}
            />
            <TextField
              select
              size="small"
              label={say.kind}
              value={kinds.includes(kind) ? kind : ""}
              onChange={(event) => setFilter({ kind: event.target.value })}
              slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
              sx={{ width: 170 }}
            >
              <MenuItem value="">{say.all}</MenuItem>
              {kinds.map((one) => (
                <MenuItem key={one} value={one}>
                  {one}
                </MenuItem>
              ))}
            </TextField>
            <DayField label={say.from} value={from} onChange={(day) => setFilter({ from: day })} />
            <DayField
              label={say.until}
              value={until}
              onChange={(day) => setFilter({ until: day })}
            />
            <Box sx={{ fontSize: 15, color: "var(--ash-text)" }} aria-live="polite">
              {countWords(rows.length, all.length)}
              {picked.grams > 0 && say.harvested({ weight: wording.weightG(picked.grams) })}
              {picked.count > 0 && say.pieces({ number: wording.number(picked.count) })}
            </Box>
          </Box>
          <LogTable
            rows={rows}
            today={today}
            scroller={scroller}
            onEdit={setEditing}
            onRemove={(gone) => void remove(gone)}
          />
        </>
      )}
      {bringing && (
        <BringInDialog
          garden={garden}
          today={today}
          file={bringing.file}
          onClose={() => setView({ bringing: null })}
        />
      )}
      {editing && (
        <EntryDialog
          garden={garden}
          entry={editing}
          today={today}
          onClose={() => setEditing(null)}
        />
      )}
    </Box>
  );
}

function DayField(props: { label: string; value: string; onChange: (value: string) => void }) {
  const { label, value, onChange } = props;
  return (
    <TextField
      size="small"
      type="date"
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ inputLabel: { shrink: true } }}
      sx={{ width: 150 }}
    />
  );
}

function countWords(shown: number, all: number): string {
  if (shown === all) return say.entryCount({ all });
  return say.of({ shown, all });
}
