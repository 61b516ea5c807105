"use client";

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import {
  amountsFor,
  amountSums,
  blockShortfall,
  seedWords,
  spacingEffectWords,
  expectedYieldKg,
  type PlantingState,
} from "@/core/plantings";
import { boxAmounts } from "@/core/propagation";
import { InspectorSection } from "@/ui/frame/index";
import type { LocalWording } from "@/ui/wording";

interface Props {
  garden: Garden;
  today: DayNumber;
  state: PlantingState;
  wording: LocalWording;
}

/** Plants, seed and cells for the stretch of bed, each as a sum that can be checked. */
export function AmountsSection({ garden, today, state, wording }: Props) {
  const { planting, stand, growing, usualYieldKg } = state;
  const { crop } = growing;
  const leftKg = expectedYieldKg(state, today);
  const amounts = amountsFor(stand, crop, planting.method);
  const short = blockShortfall(stand, crop, amounts);
  const effect = spacingEffectWords(planting.spacingFactor);
  const fromBox = boxAmounts(garden, planting, stand, crop, today);
  const { number, weightG } = wording;
  return (
    <InspectorSection title="Amounts">
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        <b>{number(amounts.plants)} plants</b>
        {amounts.cells !== null && <>, {number(amounts.cells)} cells</>}:{" "}
        {seedWords(crop, amounts.seeds, number)} with losses, {weightG(amounts.seedGrams)}. Sow{" "}
        {wording.distanceCm(crop.sowing.depthCm)} deep. Usually gives about{" "}
        {weightG(usualYieldKg * 1000)} in all
        {leftKg < usualYieldKg && <>; by what its losses have left, {weightG(leftKg * 1000)}</>}.
      </Box>
      {fromBox && (
        <Box sx={{ fontSize: 14, mt: 0.5 }}>
          From the packet of {fromBox.lot.packedYear}, of which about{" "}
          {Math.round(fromBox.share * 100)} % sprout: {seedWords(crop, fromBox.seeds, number)},{" "}
          {weightG(fromBox.seeds / crop.sowing.seedsPerGram)}
          {fromBox.isEnough ? "." : "; it does not hold as many."}
          {fromBox.lot.treated && " Treated seed: gloves, and wash after."}
        </Box>
      )}
      <Box component="details" sx={{ fontSize: 14, mt: 0.5 }}>
        <Box component="summary" sx={{ cursor: "pointer" }}>
          The sums
        </Box>
        <Box component="dl" sx={{ m: 0, mt: 0.5 }}>
          {amountSums(stand, crop, amounts, wording).map(({ what, sum }) => (
            <Box key={what} sx={{ display: "grid", gridTemplateColumns: "76px 1fr", py: 0.25 }}>
              <Box component="dt" sx={{ color: "var(--ash-text)" }}>
                {what}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {sum}
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
      {effect && <Box sx={{ fontSize: 14, mt: 0.5 }}>Against the book: {effect}</Box>}
      {short && (
        <Box sx={{ fontSize: 14, mt: 0.5, color: "var(--ember-text)" }}>
          <b>Too small a block.</b> Wind carries the pollen: at least {short.rows} rows of{" "}
          {wording.lengthM(short.lengthM)}, side by side, or the cobs stay patchy.
        </Box>
      )}
    </InspectorSection>
  );
}
