"use client";

import Box from "@mui/material/Box";
import { z } from "zod";
import type { Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { layoutOf } from "@/core/bedSpace";
import { feet, metres } from "@/core/units";
import { gardenStore } from "@/store/index";
import { amount, LengthField, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { beds as say } from "@/words/en/beds";

interface Props {
  garden: Garden;
  onClose: () => void;
}

const PlotFieldsSchema = z.object({
  length: amount(say.enterTheLengthOfThePlot),
  width: amount(say.enterTheWidthOfThePlot),
  bearing: amount(say.enterTheCompassBearingOfUp0IsNorth),
});

/** The plot's size, and which way is up. */
export default function PlotDialog({ garden, onClose }: Props) {
  const imperial = garden.settings.units === "imperial";
  const layout = layoutOf(garden);
  const { plot } = layout;
  const long = (value: number) => Math.round((imperial ? feet(value) : value) * 10) / 10;
  const form = useFields(PlotFieldsSchema, {
    length: long(plot.lengthM),
    width: long(plot.widthM),
    bearing: plot.upBearingDeg,
  });
  const { control } = form;
  const keep = form.handleSubmit(async (fields) => {
    const done = await gardenStore().dispatch("layout.set", {
      plot: {
        id: "plot",
        lengthM: exactM(imperial ? metres(fields.length) : fields.length),
        widthM: exactM(imperial ? metres(fields.width) : fields.width),
        upBearingDeg: fields.bearing,
      },
      beds: [...layout.beds].map(([id, { xM, yM, angleDeg }]) => ({
        id,
        position: { xM, yM, angleDeg },
      })),
      shelters: [...layout.shelters].map(([id, outline]) => ({ id, outline })),
    });
    if (!done.ok) return form.refuse(done.refusal);
    onClose();
    tell(say.plotSaved, "done", true);
  });
  const unit = imperial ? "ft" : "m";
  return (
    <FormDialog
      title={say.plot}
      refusal={form.refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        <LengthField
          unit={unit}
          control={control}
          name="length"
          label={say.lengthAlongTheBottom({ unit })}
        />
        <LengthField
          unit={unit}
          control={control}
          name="width"
          label={say.widthUpTheMap({ unit })}
        />
      </Box>
      <NumberField control={control} name="bearing" label={say.compassBearingOfUp0IsNorth} />
    </FormDialog>
  );
}
