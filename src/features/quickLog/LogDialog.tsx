"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useMemo, useRef, useState, type FormEvent } from "react";
import { dayNumber, isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { meantOf, readLine, type Understood } from "@/core/logbook";
import type { Site } from "@/core/growth";
import { gardenStore, newId } from "@/store/index";
import { tell } from "@/ui/viewState";
import { regionOf } from "@/ui/region";
import { LogTaps } from "./LogTaps";
import { UnderstoodList } from "./UnderstoodList";
import { quickLog as say } from "@/words/en/quickLog";
import { told, useWording } from "@/ui/wording";
import "@/words/en/facts/logbook";
import "@/words/en/facts/log";
import "@/words/en/facts/tasks";

interface Props {
  garden: Garden;
  site: Site | null;
  day: DayNumber;
  today: DayNumber;
  startWith: string;
  onClose: () => void;
}

/** A line of the log: typed or tapped together, shown as it is understood, and then kept. */
export default function LogDialog(props: Props) {
  const { garden, site, day, today, startWith, onClose } = props;
  const wording = useWording();
  const [line, setLine] = useState(startWith);
  const [on, setOn] = useState(isoDate(Math.min(day, today)));
  /** Plantings meant instead of the likeliest, by their place in the line. */
  const [meant, setMeant] = useState<ReadonlyMap<number, string>>(new Map());
  const [refusal, setRefusal] = useState("");
  const field = useRef<HTMLInputElement>(null);
  const context = useMemo(
    () =>
      site && isIsoDate(on)
        ? {
            site,
            garden,
            day: dayNumber(on),
            today,
            newId,
            ...regionOf(),
          }
        : null,
    [site, garden, on, today],
  );
  const read = useMemo(
    () => (context && line.trim() !== "" ? readLine(line, context) : null),
    [context, line],
  );
  const understood = useMemo(
    () =>
      read?.ok && context
        ? read.understood.map((one, index) => {
            const plantingId = meant.get(index);
            return plantingId === undefined ? one : meantOf(one, plantingId, context);
          })
        : [],
    [read, meant, context],
  );
  const write = (next: string) => {
    setLine(next);
    setMeant(new Map());
    setRefusal("");
  };
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    if (understood.length === 0) {
      setRefusal(told(read && !read.ok ? read.problem : say.typeWhatHappenedFirst));
      return;
    }
    const done = await gardenStore().dispatch("log.keep", {
      ...parts(understood),
      today: isoDate(today),
    });
    if (!done.ok) return setRefusal(told(done.refusal));
    onClose();
    tell(
      understood.length === 1
        ? say.logged
        : say.entriesLogged({ understoodCount: understood.length }),
      "done",
      true,
    );
  };
  const problem = refusal !== "" ? refusal : read && !read.ok ? told(read.problem) : "";
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="log-dialog-title">
      <form noValidate onSubmit={(event) => void keep(event)} style={{ display: "contents" }}>
        <DialogTitle
          id="log-dialog-title"
          sx={{ fontFamily: "var(--font-heading)", fontWeight: 600, pb: 1 }}
        >
          {say.logSomething}
        </DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 1.5, pt: "8px !important" }}>
          {!context && !site && (
            <Box sx={{ fontSize: 15 }}>{say.setYourLocationFirstEntriesAre}</Box>
          )}
          <TextField
            inputRef={field}
            autoFocus
            label={say.inAFewWords}
            value={line}
            placeholder={say.kale({ picking: wording.examplePicking })}
            onChange={(event) => write(event.target.value)}
            error={problem !== ""}
            helperText={problem !== "" ? problem : say.sowed2RowsSpinachBed735InTheHouse9}
            slotProps={{
              htmlInput: {
                autoComplete: "off",
                autoCapitalize: "none",
                spellCheck: false,
                maxLength: 300,
              },
            }}
          />
          <UnderstoodList
            garden={garden}
            understood={understood}
            day={isIsoDate(on) ? dayNumber(on) : today}
            onMean={(index, plantingId) => setMeant(new Map([...meant, [index, plantingId]]))}
          />
          {site && (
            <LogTaps
              garden={garden}
              site={site}
              day={isIsoDate(on) ? dayNumber(on) : today}
              line={line}
              onLine={(next) => {
                write(next);
                field.current?.focus();
              }}
            />
          )}
          <TextField
            label={say.on}
            type="date"
            size="small"
            value={on}
            onChange={(event) => setOn(event.target.value)}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: isoDate(today) } }}
            sx={{ width: 180 }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose} color="inherit">
            {say.cancel}
          </Button>
          <Button type="submit" variant="contained">
            {say.save}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

function parts(understood: readonly Understood[]) {
  return {
    entries: understood.flatMap(({ entry }) => entry ?? []),
    thermometerDays: understood.flatMap(({ thermometerDay }) => thermometerDay ?? []),
    newPlantings: understood.flatMap(({ newPlanting }) => newPlanting ?? []),
    moves: understood.flatMap(({ move }) => move ?? []),
  };
}
