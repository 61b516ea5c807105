"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControl from "@mui/material/FormControl";
import FormControlLabel from "@mui/material/FormControlLabel";
import FormLabel from "@mui/material/FormLabel";
import LinearProgress from "@mui/material/LinearProgress";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import { useEffect, useState } from "react";
import type { Garden } from "@/core/garden";
import type { Conflict, SideName } from "@/joining/choices";
import { useGarden } from "@/store/index";
import { told, useWording } from "@/ui/wording";
import { entityName, fieldName, valueWords } from "@/words/fieldWords";
import { imports as importsSay } from "@/words/en/imports";
import { joining as say } from "@/words/en/joining";
import "@/words/en/facts";
import { Compared } from "./Compared";
import { FileLines } from "./FileLines";
import { useJoin, type JoinFound } from "./useJoin";

interface Props {
  file: File;
  onClose: () => void;
}

/** Another device's file on its way in: what comes of it, and what both devices changed. */
export default function JoinDialog({ file, onClose }: Props) {
  const here = useGarden((state) => state.garden);
  const { state, take } = useJoin(file);
  const [sides, setSides] = useState<ReadonlyMap<Conflict, SideName>>(new Map());
  useEffect(() => {
    if (state.step === "done") onClose();
  }, [state.step, onClose]);
  if (state.step === "done") return null;
  const found = state.step === "asking" ? state.found : null;
  const isNothing = found !== null && found.fromB === 0 && found.conflicts.length === 0;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="join-title">
      <DialogTitle id="join-title" sx={{ overflowWrap: "anywhere" }}>
        {say.title({ file: file.name })}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, alignContent: "start" }}>
        {state.step === "reading" && (
          <Box role="status">
            {say.joining}
            <LinearProgress aria-label={say.joining} sx={{ mt: 1.5 }} />
          </Box>
        )}
        {state.step === "failed" && (
          <Alert severity="error" sx={{ "& .MuiAlert-message": { minWidth: 0 } }}>
            <b>{say.failed}</b>
            <FileLines
              lines={state.problems.map(({ path, message }) =>
                path ? `${path}: ${told(message)}` : told(message),
              )}
              more={state.more ? importsSay.thereAreMoreProblems : null}
            />
          </Alert>
        )}
        {found && (
          <Found
            found={found}
            here={here}
            isNothing={isNothing}
            sides={sides}
            onSide={(conflict, side) => setSides(new Map([...sides, [conflict, side]]))}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose} color="inherit">
          {state.step === "failed" || isNothing ? importsSay.close : importsSay.cancel}
        </Button>
        {found && !isNothing && (
          <Button variant="contained" onClick={() => void take(found, sides)}>
            {say.join}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

function Found(props: {
  found: JoinFound;
  here: Garden;
  isNothing: boolean;
  sides: ReadonlyMap<Conflict, SideName>;
  onSide: (conflict: Conflict, side: SideName) => void;
}) {
  const { found, here, isNothing, sides, onSide } = props;
  const { garden, conflicts, mends, left, fromA, fromB, name, compared } = found;
  return (
    <>
      {name !== here.head.name && <Alert severity="warning">{say.otherName({ name })}</Alert>}
      <Box>
        {isNothing ? say.nothingNew : say.comes({ count: fromB })}
        <Compared compared={compared} />
        {!isNothing && fromA > 0 && <Box sx={{ mt: 0.5 }}>{say.stays({ count: fromA })}</Box>}
      </Box>
      {conflicts.length > 0 && (
        <Box component="section" aria-label={say.changedOnBoth} sx={{ display: "grid", gap: 1.5 }}>
          <b>{say.changedOnBoth}</b>
          {conflicts.map((conflict) => (
            <Contested
              key={`${conflict.kind} ${conflict.id} ${conflict.field}`}
              conflict={conflict}
              garden={garden}
              side={sides.get(conflict) ?? conflict.taken}
              onSide={(side) => onSide(conflict, side)}
            />
          ))}
        </Box>
      )}
      {mends.length > 0 && (
        <Box>
          <b>{say.parted}</b>
          <FileLines lines={mends.map(told)} />
        </Box>
      )}
      {left.length > 0 && (
        <Box>
          <b>{say.left}</b>
          <FileLines lines={left.map(told)} />
        </Box>
      )}
    </>
  );
}

function Contested(props: {
  conflict: Conflict;
  garden: Garden;
  side: SideName;
  onSide: (side: SideName) => void;
}) {
  const { conflict, garden, side, onSide } = props;
  const { kind, id, field, a, b } = conflict;
  const wording = useWording();
  const label = `${entityName(garden, kind, id, [a, b])}: ${fieldName(field)}`;
  const words = (value: unknown) => valueWords(garden, field, value, wording);
  return (
    <FormControl>
      <FormLabel id={`join-${kind}-${id}-${field}`} sx={{ fontSize: 16 }}>
        {label}
      </FormLabel>
      <RadioGroup
        aria-labelledby={`join-${kind}-${id}-${field}`}
        value={side}
        onChange={(_event, value) => onSide(value === "b" ? "b" : "a")}
      >
        <FormControlLabel
          value="a"
          control={<Radio />}
          label={say.choice({ side: say.here, value: words(a) })}
        />
        <FormControlLabel
          value="b"
          control={<Radio />}
          label={say.choice({ side: say.there, value: words(b) })}
        />
      </RadioGroup>
    </FormControl>
  );
}
