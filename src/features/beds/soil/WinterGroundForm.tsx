"use client";

import Box from "@mui/material/Box";
import { useMemo } from "react";
import { z } from "zod";
import { centimetres, inches, type Units } from "@/core/units";
import { gardenStore } from "@/store";
import { InspectorSection } from "@/ui/frame";
import { amount, CheckField, NumberField, useFields } from "@/ui/forms";
import { SectionForm } from "@/ui/inputs";
import { tellRefusal } from "@/ui/viewState";
import type { BedSectionProps } from "../section";
import { winterGround as say } from "@/words/en/winterGround";

const HALVES = 2;

/** What lies over the bed's soil in winter: roots, cloves and crowns in it are kept by that. */
export function WinterGroundForm({ garden, bed }: Pick<BedSectionProps, "garden" | "bed">) {
  const { units } = garden.settings;
  const schema = useMemo(
    () => z.object({ mulch: amount(say.enterHowDeepTheMulchIs), snowStays: z.boolean() }),
    [],
  );
  const mulchCm = bed.winter?.mulchCm ?? 0;
  const form = useFields(schema, {
    mulch: shownDepth(mulchCm, units),
    snowStays: bed.winter?.snowStays ?? true,
  });
  const { control } = form;
  const keep = form.handleSubmit(async ({ mulch, snowStays }) => {
    const isTouched = mulch !== shownDepth(mulchCm, units);
    const typedCm = units === "imperial" ? centimetres(mulch) : mulch;
    const winter = { mulchCm: isTouched ? typedCm : mulchCm, snowStays };
    const before = { mulchCm, snowStays: bed.winter?.snowStays ?? true };
    if (winter.mulchCm === before.mulchCm && winter.snowStays === before.snowStays) return;
    const done = await gardenStore().dispatch("bed.winter", { bedId: bed.id, winter });
    if (!done.ok) tellRefusal(done);
  });
  const settle = () => void keep();
  return (
    <InspectorSection title={say.overWinter}>
      <SectionForm onSubmit={settle}>
        <NumberField
          control={control}
          name="mulch"
          size="small"
          label={say.mulchOverWinter({ unit: units === "imperial" ? "in" : "cm" })}
          onSettled={settle}
          sx={{ gridColumn: "span 2" }}
        />
        <CheckField
          control={control}
          name="snowStays"
          size="small"
          label={say.snowStays}
          onSettled={settle}
          sx={{ gridColumn: "span 2" }}
        />
      </SectionForm>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>{say.whatLiesOverTheSoilKeeps}</Box>
    </InspectorSection>
  );
}

/** In half centimetres or half inches, as mulch is measured. */
function shownDepth(depthCm: number, units: Units): number {
  const depth = units === "imperial" ? inches(depthCm) : depthCm;
  return Math.round(depth * HALVES) / HALVES;
}
