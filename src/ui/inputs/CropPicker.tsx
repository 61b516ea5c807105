"use client";

import Autocomplete from "@mui/material/Autocomplete";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Link from "next/link";
import { useMemo, useState } from "react";
import { findCrops } from "@/core/cropNames";
import { CROP_GROUPS, varietyOf, type Crop } from "@/core/crops";
import { setView } from "../viewState";
import { ui as say } from "@/words/en/ui";
import { cropGroups } from "@/words/en/cropGroups";

interface Props {
  crops: ReadonlyMap<string, Crop>;
  cropId: string;
  varietyId: string;
  onChange: (cropId: string, varietyId: string) => void;
}

/** A crop found by typing, in its group, and its variety. */
export function CropPicker({ crops, cropId, varietyId, onChange }: Props) {
  const options = useMemo(() => {
    const order = CROP_GROUPS;
    return [...crops.values()].sort(
      (a, b) => order.indexOf(a.group) - order.indexOf(b.group) || a.name.localeCompare(b.name),
    );
  }, [crops]);
  const crop = crops.get(cropId) ?? null;
  const [typed, setTyped] = useState("");
  const [isMissed, setMissed] = useState(false);
  // What is chosen stands in the field: as long as nothing else is typed, everything is shown.
  const found = useMemo(() => (typed === "" ? null : findCrops(crops, typed)), [crops, typed]);
  return (
    <>
      <Autocomplete
        options={options}
        value={crop}
        getOptionLabel={(one) => one.name}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        onInputChange={(_event, text, reason) => {
          setTyped(reason === "input" ? text : "");
          // The way out stays when the field is left for it.
          if (reason !== "blur" && reason !== "reset") {
            setMissed(
              reason === "input" && text.trim() !== "" && findCrops(crops, text).length === 0,
            );
          }
        }}
        filterOptions={(all) => found?.map((one) => one.crop) ?? all}
        // The likeliest first is another order than by groups.
        groupBy={found ? undefined : (one) => cropGroups[one.group]}
        renderOption={({ key, ...props }, one) => (
          <li key={key} {...props}>
            {one.name}
            <OtherName name={found?.find(({ crop: { id } }) => id === one.id)?.calledToo} />
          </li>
        )}
        noOptionsText={say.noCropByThatName}
        onChange={(_event, chosen) =>
          onChange(chosen?.id ?? "", (chosen && varietyOf(chosen)?.id) ?? "")
        }
        renderInput={(params) => (
          <TextField {...params} label={say.crop} helperText={isMissed && <MakeYourOwn />} />
        )}
      />
      <TextField
        select
        label={say.variety}
        value={crop ? varietyId : ""}
        disabled={!crop}
        onChange={(event) => onChange(cropId, event.target.value)}
      >
        {(crop?.varieties ?? []).map((variety) => (
          <MenuItem key={variety.id} value={variety.id}>
            {variety.name}
          </MenuItem>
        ))}
      </TextField>
    </>
  );
}

/** By which of its other names a crop was found. */
function OtherName({ name }: { name: string | null | undefined }) {
  return name ? <span style={{ color: "var(--ash-text)", marginLeft: 8 }}>{name}</span> : null;
}

/** The way on when no crop goes by what is typed. */
function MakeYourOwn() {
  return (
    <>
      {say.noCropByThatName}{" "}
      <Link href="/seedlings?part=crops" onClick={() => setView({ wish: null, growingNow: null })}>
        {say.makeYourOwnFromASimilarOne}
      </Link>
    </>
  );
}
