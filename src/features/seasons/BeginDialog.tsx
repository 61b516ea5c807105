"use client";

import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useState } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { restName } from "@/core/bedSpace";
import type { Told } from "@/core/facts";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import type { Draft, NextSeason } from "@/core/seasons";
import { useLateAnswer } from "@/derive";
import { gardenStore } from "@/store";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import { draftNotes, seasons as say } from "@/words/en/seasons";
import { seasonName } from "./seasonWords";

interface Props {
  garden: Garden;
  site: Site;
  seasonId: string;
  today: DayNumber;
  onClose: () => void;
}

/** The next season as it would begin: every planting and rest a year on, taken or left with a tick. */
export default function BeginDialog({ garden, site, seasonId, today, onClose }: Props) {
  const { value, asked } = useLateAnswer("nextSeason", { seasonId, day: today }, { garden, site });
  const [touched, setTouched] = useState<ReadonlyMap<string, boolean>>(NONE);
  const [refusal, setRefusal] = useState<Told>("");
  const next = asked.seasonId === seasonId ? value : null;
  const isTaken = (id: string, comes: boolean) => touched.get(id) ?? comes;
  const plantings =
    next?.plantings.filter(({ planting, comes }) => isTaken(planting.id, comes)) ?? [];
  const rests = next?.rests.filter(({ rest, comes }) => isTaken(rest.id, comes)) ?? [];
  const title = say.beginTitle({ season: next ? seasonName(next.year) : "" });
  const begin = async () => {
    if (!next || plantings.length + rests.length === 0) return;
    const used = new Set(plantings.map(({ planting }) => planting.successionId));
    const done = await gardenStore().dispatch("season.begin", {
      plantings: plantings.map(({ planting }) => planting),
      rests: rests.map(({ rest }) => rest),
      successions: next.successions.filter(({ id }) => used.has(id)),
    });
    if (!done.ok) return setRefusal(done.refusal);
    tell(say.begun({ season: seasonName(next.year) }), "done", true);
    onClose();
  };
  return (
    <FormDialog
      title={title}
      width="md"
      refusal={refusal}
      keepLabel={say.beginNow({ count: plantings.length })}
      onSubmit={() => void begin()}
      onClose={onClose}
    >
      {next === null ? (
        <Box role="status" sx={{ fontSize: 16 }}>
          {say.reading}
        </Box>
      ) : (
        <Drafts
          garden={garden}
          next={next}
          isTaken={isTaken}
          onTake={(id, taken) => setTouched(new Map([...touched, [id, taken]]))}
        />
      )}
    </FormDialog>
  );
}

const NONE: ReadonlyMap<string, boolean> = new Map();

interface DraftsProps {
  garden: Garden;
  next: NextSeason;
  isTaken: (id: string, comes: boolean) => boolean;
  onTake: (id: string, taken: boolean) => void;
}

function Drafts({ garden, next, isTaken, onTake }: DraftsProps) {
  const wording = useWording();
  const bedName = (id: string) => garden.beds.get(id)?.name ?? id;
  const turned = next.rotations.filter(({ by }) => by > 0);
  const none = next.plantings.every(({ comes }) => !comes) && next.rests.length === 0;
  return (
    <Box>
      <Box sx={{ fontSize: 15.5, mb: 1 }}>{none ? say.nothingToBegin : say.beginWhat}</Box>
      {turned.length > 0 && (
        <Box component="ul" sx={{ m: 0, mb: 1, pl: 2.25, fontSize: 15, color: "var(--ash-text)" }}>
          {turned.map(({ bedIds, by }) => (
            <li key={bedIds[0]}>
              {say.turnedBy({ beds: wording.names(bedIds.map(bedName)), by })}
            </li>
          ))}
        </Box>
      )}
      {next.plantings.map((draft) => (
        <DraftLine
          key={draft.planting.id}
          label={say.draft({
            name: draft.before.name,
            bed: bedName(draft.planting.bedId),
            date: wording.date(dayNumber(draft.planting.sowOn)),
          })}
          notes={noteWords(draft, bedName(draft.before.planting.bedId), wording)}
          taken={isTaken(draft.planting.id, draft.comes)}
          onTake={(taken) => onTake(draft.planting.id, taken)}
        />
      ))}
      {next.rests.length > 0 && (
        <>
          <Box component="h3" sx={{ m: 0, mt: 1.5, fontSize: 17 }}>
            {say.rests}
          </Box>
          {next.rests.map(({ rest, before, comes }) => (
            <DraftLine
              key={rest.id}
              label={say.restDraft({
                name: restName(rest),
                bed: bedName(rest.bedId),
                date: wording.date(dayNumber(rest.fromOn)),
              })}
              notes={[
                ...(before.bedId === rest.bedId
                  ? []
                  : [say.fromBed({ bed: bedName(before.bedId) })]),
                ...(comes ? [] : [draftNotes.noRoom]),
              ]}
              taken={isTaken(rest.id, comes)}
              onTake={(taken) => onTake(rest.id, taken)}
            />
          ))}
        </>
      )}
    </Box>
  );
}

function noteWords(
  { planting, before, notes, soonerDays }: Draft,
  bed: string,
  wording: LocalWording,
) {
  const days = wording.days(Math.abs(soonerDays));
  return [
    ...(before.planting.bedId === planting.bedId ? [] : [say.fromBed({ bed })]),
    ...(soonerDays === 0
      ? []
      : [soonerDays > 0 ? say.sownSooner({ days }) : say.sownLater({ days })]),
    ...notes.map((note) => draftNotes[note]),
  ];
}

interface LineProps {
  label: string;
  notes: readonly string[];
  taken: boolean;
  onTake: (taken: boolean) => void;
}

function DraftLine({ label, notes, taken, onTake }: LineProps) {
  return (
    <FormControlLabel
      sx={{ display: "flex", alignItems: "center", mr: 0, borderBottom: "1px solid var(--line)" }}
      control={<Checkbox checked={taken} onChange={(event) => onTake(event.target.checked)} />}
      label={
        <Box sx={{ fontSize: 16, py: 0.25 }}>
          {label}
          {notes.length > 0 && (
            <Box component="span" sx={{ color: "var(--ash-text)", fontSize: 15 }}>
              {" "}
              ({notes.join("; ")})
            </Box>
          )}
        </Box>
      }
    />
  );
}
