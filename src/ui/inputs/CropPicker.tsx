"use client";

import Autocomplete from "@mui/material/Autocomplete";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Link from "next/link";
import { useMemo } from "react";
import { findCrops, otherNamesOf } from "@/core/cropNames";
import { CROP_GROUPS, varietyOf, type Crop } from "@/core/crops";
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
  return (
    <>
      <Autocomplete
        options={options}
        value={crop}
        getOptionLabel={(one) => one.name}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        filterOptions={(all, { inputValue }) =>
          // What is chosen stands in the field: then everything is shown.
          inputValue === "" || inputValue === crop?.name
            ? all
            : findCrops(crops, inputValue).map((found) => found.crop)
        }
        groupBy={(one) => cropGroups[one.group]}
        renderOption={({ key, ...props }, one, { inputValue }) => (
          <li key={key} {...props}>
            {one.name}
            <OtherName crop={one} typed={inputValue} />
          </li>
        )}
        noOptionsText={
          <>
            {say.noCropByThatName}{" "}
            <Link href="/seedlings?part=crops" onMouseDown={(event) => event.preventDefault()}>
              {say.makeYourOwnFromASimilarOne}
            </Link>
          </>
        }
        onChange={(_event, chosen) =>
          onChange(chosen?.id ?? "", (chosen && varietyOf(chosen)?.id) ?? "")
        }
        renderInput={(params) => <TextField {...params} label={say.crop} />}
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
function OtherName({ crop, typed }: { crop: Crop; typed: string }) {
  const wanted = typed.trim().toLowerCase();
  if (wanted === "" || crop.name.toLowerCase().includes(wanted)) return null;
  const name = otherNamesOf(crop.id).find((one) => one.toLowerCase().includes(wanted));
  return name === undefined ? null : (
    <span style={{ color: "var(--ash-text)", marginLeft: 8 }}>{name}</span>
  );
}
