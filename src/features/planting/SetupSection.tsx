"use client";

import Box from "@mui/material/Box";
import { z } from "zod";
import type { Planting } from "@/core/garden";
import { setupOperations, usualSetup } from "@/core/bedCare";
import type { Timeline } from "@/core/schedule";
import { gardenStore, useGarden } from "@/store/index";
import { amount, CheckField, NumberField, useKeptFields } from "@/ui/forms";
import { InspectorSection } from "@/ui/frame/index";
import type { SectionProps } from "./section";
import { planting as say } from "@/words/en/planting";
import { told } from "@/ui/wording";
import "@/words/en/facts/bedCare";

const SetupFieldsSchema = z.object({
  shade: z.boolean(),
  netting: z.boolean(),
  waterDays: amount(say.enterTheNumberOfDays0IsNone),
});

interface Props extends SectionProps {
  planting: Planting;
  timeline: Timeline;
}

/** What is set up when the planting comes into its bed: shade by the outlook, netting, watering in. */
export function SetupSection({ site, growing, timeline, planting }: Props) {
  const outlook = useGarden((state) => state.garden.outlook);
  const setup = planting.setup ?? usualSetup(growing, timeline);
  const days = outlook?.outlook.days ?? [];
  const operations = setupOperations(site, growing, timeline, planting.setup, days);
  const form = useKeptFields(
    SetupFieldsSchema,
    { ...setup, shade: setup.shade === "byWeather" },
    async (name, fields) => {
      const value = name === "shade" ? (fields.shade ? "byWeather" : "none") : fields[name];
      const done = await gardenStore().dispatch("planting.edit", {
        id: planting.id,
        setup: { ...setup, [name]: value },
      });
      return done.ok ? null : done.refusal;
    },
  );
  return (
    <InspectorSection title={say.atPlanting}>
      <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 14.5, lineHeight: 1.5 }}>
        {operations.map((one) => (
          <li key={one.kind}>{told(one.words)}</li>
        ))}
        {operations.length === 0 && <li>{say.nothingSetUp}</li>}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", columnGap: 1, mt: 0.5 }}>
        <CheckField {...form.field("shade")} size="small" label={say.shadeIfHot} />
        <CheckField {...form.field("netting")} size="small" label={say.netting} />
        <NumberField
          {...form.field("waterDays")}
          size="small"
          label={say.waterDailyDays}
          sx={{ width: 170 }}
        />
      </Box>
    </InspectorSection>
  );
}
