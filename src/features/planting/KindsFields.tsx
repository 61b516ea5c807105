"use client";

import DeleteIcon from "@mui/icons-material/DeleteOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { useController, useFieldArray, useWatch, type Control } from "react-hook-form";
import { varietyOf, type Crop } from "@/core/crops";
import { ChoiceField, NumberField } from "@/ui/forms";
import { CropPicker } from "@/ui/inputs/index";
import { useWording } from "@/ui/wording";
import { planting as say } from "@/words/en/planting";
import type { EditFields } from "./editFields";

interface Props {
  control: Control<EditFields>;
  crop: Crop;
  crops: ReadonlyMap<string, Crop>;
}

/** Which kind it is; its row stays where it is, and the focus in it. */
function KindPicker({ control, index, crops }: Omit<Props, "crop"> & { index: number }) {
  const crop = useController({ control, name: `kinds.${index}.cropId` });
  const variety = useController({ control, name: `kinds.${index}.varietyId` });
  return (
    <CropPicker
      crops={crops}
      cropId={crop.field.value}
      varietyId={variety.field.value}
      onChange={(cropId, varietyId) => {
        crop.field.onChange(cropId);
        variety.field.onChange(varietyId);
      }}
    />
  );
}

/** What else is sown in the same sowing, each with its share of the plants. */
export function KindsFields({ control, crop, crops }: Props) {
  const wording = useWording();
  const { fields, append, remove } = useFieldArray({ control, name: "kinds" });
  const typed = useWatch({ control, name: "kinds" });
  const varietyId = useWatch({ control, name: "varietyId" });
  const left =
    100 - typed.reduce((sum, { share }) => sum + (Number.isFinite(share) ? share : 0), 0);
  const add = () => {
    const taken = new Set([varietyId, ...typed.map((kind) => kind.varietyId)]);
    const other = crop.varieties.find(({ id }) => !taken.has(id)) ?? varietyOf(crop);
    append({
      cropId: crop.id,
      varietyId: other?.id ?? "",
      // Half of what the others leave, in whole per cent.
      share: Math.max(1, Math.floor(left / 2)),
    });
  };
  return (
    <Box component="fieldset" sx={{ border: "none", m: 0, p: 0, display: "grid", gap: 1.5 }}>
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontSize: 15, fontWeight: 700 }}>
        {say.severalKinds}
      </Box>
      {fields.map((field, index) => {
        const now = typed[index] ?? field;
        const name = crops.get(now.cropId)?.name ?? "";
        return (
          <Box
            key={field.id}
            sx={{
              display: "grid",
              gridTemplateColumns: "minmax(0, 1fr) 96px 48px",
              gap: 1,
              alignItems: "start",
            }}
          >
            <Box sx={{ display: "grid", gap: 1 }}>
              <KindPicker control={control} index={index} crops={crops} />
            </Box>
            <NumberField control={control} name={`kinds.${index}.share`} label={say.share} />
            <IconButton
              aria-label={say.removeKind({ kind: name })}
              onClick={() => remove(index)}
              sx={{ width: 48, height: 48 }}
            >
              <DeleteIcon />
            </IconButton>
          </Box>
        );
      })}
      {fields.length > 0 && (
        <>
          <Box sx={{ fontSize: 15 }} aria-live="polite">
            {left > 0
              ? say.theRest({ crop: crop.name, share: wording.number(left, 1) })
              : say.sharesLeaveNothing({ crop: crop.name })}
          </Box>
          <ChoiceField
            control={control}
            name="kindsAs"
            label={say.howKindsStand}
            choices={[
              { value: "mixed", words: say.seedMixedTogether },
              { value: "alternating", words: say.stationByStation },
            ]}
          />
        </>
      )}
      <Box>
        <Button variant="outlined" color="inherit" onClick={add} disabled={fields.length >= 11}>
          {say.addAKind}
        </Button>
      </Box>
    </Box>
  );
}
