"use client";

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import {
  isSownByWeight,
  kindAmounts,
  plantingAmounts,
  amountsFor,
  amountSums,
  blockShortfall,
  seedFact,
  spacingEffectFact,
  expectedYieldKg,
  groundM2,
  type PlantingState,
} from "@/core/plantings";
import { boxAmounts } from "@/core/propagation";
import { InspectorSection } from "@/ui/frame/index";
import { useWording } from "@/ui/wording";
import { planting as say, sumName } from "@/words/en/planting";
import { told } from "@/ui/wording";
import "@/words/en/facts/plantings";

interface Props {
  garden: Garden;
  today: DayNumber;
  state: PlantingState;
}

/** Plants, seed and cells for the stretch of bed, each as a sum that can be checked. */
export function AmountsSection({ garden, today, state }: Props) {
  const wording = useWording();
  const { planting, stand, growing, usualYieldKg } = state;
  const { crop } = growing;
  const leftKg = expectedYieldKg(state, today);
  // By what will come up where and when it is sown.
  const amounts = plantingAmounts(garden, planting) ?? amountsFor(stand, crop, planting.method);
  const kinds = kindAmounts(garden, planting);
  const areaM2 = groundM2(stand);
  const short = blockShortfall(stand, crop, amounts);
  const effect = spacingEffectFact(planting.spacingFactor);
  const fromBox = planting.bought ? null : boxAmounts(garden, planting, today);
  const { number, weightG } = wording;
  return (
    <InspectorSection title={say.amounts}>
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        <b>{say.plants({ number: number(amounts.plants) })}</b>
        {planting.bought &&
          say.toBuy({
            count: number(amounts.plants),
            weeks: Math.round(planting.bought.ageDays / 7),
          })}
        {!planting.bought && amounts.cells !== null && (
          <>{say.cells({ number: number(amounts.cells) })}</>
        )}
        {!planting.bought &&
          kinds.length === 1 &&
          say.sowingOf({
            seed: told(seedFact(crop, amounts.seeds)),
            weight: weightG(amounts.seedGrams),
            distance: wording.distanceCm(crop.sowing.depthCm),
          })}
        {say.usualYieldOf({ weight: weightG(usualYieldKg * 1000) })}
        {leftKg < usualYieldKg && <>{say.afterLosses({ weight: weightG(leftKg * 1000) })}</>}.
      </Box>
      {!planting.bought && kinds.length === 1 && isSownByWeight(growing) && (
        <Box sx={{ fontSize: 14, mt: 0.5 }}>
          {say.overArea({
            weight: weightG(amounts.seedGrams),
            area: wording.areaM2(areaM2),
            rate: wording.ratePerM2(amounts.seedGrams / areaM2),
          })}
        </Box>
      )}
      {fromBox && (
        <Box sx={{ fontSize: 14, mt: 0.5 }}>
          {say.fromThePacketAboutGermination({
            packedYear: fromBox.lot.packedYear,
            share: Math.round(fromBox.share * 100),
            seed: told(seedFact(crop, fromBox.seeds)),
            weight: weightG(fromBox.seeds / crop.sowing.seedsPerGram),
            isEnough: fromBox.isEnough,
          })}
          {fromBox.lot.treated && say.treatedSeedWearGlovesAndWashYour}
        </Box>
      )}
      <Box component="details" sx={{ fontSize: 14, mt: 0.5 }}>
        <Box component="summary" sx={{ cursor: "pointer" }}>
          {say.calculation}
        </Box>
        <Box component="dl" sx={{ m: 0, mt: 0.5 }}>
          {amountSums(stand, crop, amounts).map((sum) => (
            <Box key={sum.code} sx={{ display: "grid", gridTemplateColumns: "76px 1fr", py: 0.25 }}>
              <Box component="dt" sx={{ color: "var(--ash-text)" }}>
                {sumName(sum.code)}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {told(sum)}
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
      {effect && (
        <Box sx={{ fontSize: 14, mt: 0.5 }}>
          {say.comparedWithUsualSpacing({ effect: told(effect) })}
        </Box>
      )}
      {short && (
        <Box sx={{ fontSize: 14, mt: 0.5, color: "var(--ember-text)" }}>
          <b>{say.blockTooSmall}</b>{" "}
          {say.pollinatedByWindPlantAtLeastRowsOf({
            rows: short.rows,
            length: wording.lengthM(short.lengthM),
          })}
        </Box>
      )}
    </InspectorSection>
  );
}
