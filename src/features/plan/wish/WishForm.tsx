"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { bedsInOrder, coversOver, cropsOf, type Garden } from "@/core/garden";
import { coverWords } from "@/core/shelter";
import { CropPicker } from "@/ui/inputs/index";
import type { WishFields } from "./wishFields";

interface Props {
  garden: Garden;
  fields: WishFields;
  onFields: (fields: WishFields) => void;
}

/** The wish as a sentence of fields: what, when, where. */
export function WishForm({ garden, fields, onFields }: Props) {
  const crops = cropsOf(garden);
  const set = (some: Partial<WishFields>) => onFields({ ...fields, ...some });
  const dateLabel = { inputLabel: { shrink: true } };
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1.5,
        pt: 1,
        gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1.2fr" },
      }}
    >
      <CropPicker
        crops={crops}
        cropId={fields.cropId}
        varietyId={fields.varietyId}
        onChange={(cropId, varietyId) => set({ cropId, varietyId })}
      />
      <TextField
        select
        label="Where"
        value={fields.bedId}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        onChange={(event) => set({ bedId: event.target.value })}
        sx={{ gridColumn: { xs: "span 2", sm: "auto" } }}
      >
        <MenuItem value="">Anywhere</MenuItem>
        {bedsInOrder(garden).map((bed) => (
          <MenuItem key={bed.id} value={bed.id}>
            {bed.name}: {coverWords(coversOver(garden, bed))}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label="When"
        value={fields.mode}
        onChange={(event) => set({ mode: event.target.value as WishFields["mode"] })}
      >
        <MenuItem value="by">ready by</MenuItem>
        <MenuItem value="between">from … to …</MenuItem>
        <MenuItem value="today">what if I sow today?</MenuItem>
      </TextField>
      {fields.mode !== "today" && (
        <TextField
          label={fields.mode === "by" ? "Ready by" : "From"}
          type="date"
          value={fields.by}
          onChange={(event) => set({ by: event.target.value })}
          slotProps={dateLabel}
        />
      )}
      {fields.mode === "between" && (
        <TextField
          label="To"
          type="date"
          value={fields.until}
          onChange={(event) => set({ until: event.target.value })}
          slotProps={dateLabel}
        />
      )}
    </Box>
  );
}
