"use client";

import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { bedsInOrder, coversOver, type Bed, type Garden, type Planting } from "@/core/garden";
import { exactM } from "@/core/layout";
import { meaningOfMove, nearestPlace } from "@/core/bedSpace";
import { plantingName } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { coverWords } from "@/words/covers";
import { feet, metres } from "@/core/units";
import { gardenStore } from "@/store/index";
import { FormDialog, readTypedLength } from "@/ui/inputs/index";
import { setView, tell } from "@/ui/viewState";
import { MeaningList } from "./CarriedNote";
import { beds as say } from "@/words/en/beds";
import { told } from "@/ui/wording";

interface Props {
  garden: Garden;
  site: Site;
  planting: Planting;
  onClose: () => void;
}

/** A planting moved by choosing a bed, for keys and thumbs; what it would mean stands below. */
export default function MoveDialog({ garden, site, planting, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const [bedId, setBedId] = useState(planting.bedId);
  const [typed, setTyped] = useState<string | null>(null);
  const [refusal, setRefusal] = useState("");
  const bed = garden.beds.get(bedId) as Bed;
  const near = nearestPlace(site, garden, planting, bed, planting.fromM) ?? 0;
  const number = readTypedLength(typed ?? "", imperial ? "ft" : "m");
  const fromM =
    typed === null || typed.trim() === "" ? near : exactM(imperial ? metres(number) : number);
  const shown = (m: number) => String(Math.round((imperial ? feet(m) : m) * 100) / 100);
  const move = async () => {
    const done = await gardenStore().dispatch("planting.edit", { id: planting.id, bedId, fromM });
    if (!done.ok) return setRefusal(told(done.refusal));
    setView({ selectedBedId: bedId });
    onClose();
    tell(say.movedTo({ bed: bed.name }), "done", true);
  };
  return (
    <FormDialog
      title={say.move3({ plantingName: plantingName(garden, planting) })}
      keepLabel={say.move4}
      refusal={refusal}
      onSubmit={() => void move()}
      onClose={onClose}
    >
      <TextField
        select
        label={say.to2}
        value={bedId}
        onChange={(event) => {
          setBedId(event.target.value);
          setTyped(null);
        }}
      >
        {bedsInOrder(garden).map((one) => (
          <MenuItem key={one.id} value={one.id}>
            {one.name}: {coverWords(coversOver(garden, one))}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        label={say.startsAt({ imperial })}
        value={typed ?? shown(near)}
        onChange={(event) => setTyped(event.target.value)}
      />
      <div aria-live="polite">
        <MeaningList carried={{ meanings: meaningOfMove(site, garden, planting, bed, fromM) }} />
      </div>
    </FormDialog>
  );
}
