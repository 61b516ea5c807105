"use client";

import Autocomplete from "@mui/material/Autocomplete";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMemo } from "react";
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
        groupBy={(one) => cropGroups[one.group]}
        getOptionLabel={(one) => one.name}
        isOptionEqualToValue={(a, b) => a.id === b.id}
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
