"use client";

import Box from "@mui/material/Box";
import type { Crop } from "@/core/crops";
import type { Bed, Planting } from "@/core/garden";
import { amountsFor, standOf } from "@/core/plan";
import { InspectorSection } from "@/ui/frame";
import type { LocalWording } from "@/ui/wording";

interface Props {
  planting: Planting;
  bed: Bed;
  crop: Crop;
  wording: LocalWording;
}

/** Plants and seed for the stretch of bed, as a sum that can be checked. */
export function AmountsSection({ planting, bed, crop, wording }: Props) {
  const amounts = amountsFor(standOf(planting, bed), crop, planting.method);
  const { number } = wording;
  return (
    <InspectorSection title="Amounts">
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        {number(amounts.rows)} {amounts.rows === 1 ? "row" : "rows"} ×{" "}
        {wording.lengthM(planting.lengthM)}, {wording.distanceCm(planting.inRowCm)} apart:{" "}
        <b>{number(amounts.plants)} plants</b>. {number(amounts.seeds)} seeds with losses;{" "}
        {wording.weightG(amounts.seedGrams)}. Sow {wording.distanceCm(crop.sowing.depthCm)} deep.
      </Box>
    </InspectorSection>
  );
}
