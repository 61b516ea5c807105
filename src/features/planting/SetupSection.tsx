"use client";

import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import type { Planting } from "@/core/garden";
import { setupOperations, usualSetup, type Setup } from "@/core/bedCare";
import type { Timeline } from "@/core/schedule";
import { gardenStore, useGarden } from "@/store/index";
import { InspectorSection } from "@/ui/frame/index";
import { tellRefusal } from "@/ui/viewState";
import { readTyped } from "@/ui/inputs/index";
import type { SectionProps } from "./section";

interface Props extends SectionProps {
  planting: Planting;
  timeline: Timeline;
}

/** What is set up when the planting comes into its bed: shade by the outlook, netting, watering in. */
export function SetupSection({ site, growing, timeline, planting, wording }: Props) {
  const outlook = useGarden((state) => state.garden.outlook);
  const setup = planting.setup ?? usualSetup(growing, timeline);
  const days = outlook?.outlook.days ?? [];
  const operations = setupOperations(site, growing, timeline, planting.setup, days, wording);
  const change = async (some: Partial<Setup>) => {
    const done = await gardenStore().dispatch("planting.edit", {
      id: planting.id,
      setup: { ...setup, ...some },
    });
    if (!done.ok) tellRefusal(done);
  };
  return (
    <InspectorSection title="When it comes into the bed">
      <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 14.5, lineHeight: 1.5 }}>
        {operations.map((one) => (
          <li key={one.kind}>{one.words}</li>
        ))}
        {operations.length === 0 && <li>Nothing is set up.</li>}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", columnGap: 1, mt: 0.5 }}>
        <FormControlLabel
          control={
            <Checkbox
              size="small"
              checked={setup.shade === "byWeather"}
              onChange={(_event, on) => void change({ shade: on ? "byWeather" : "none" })}
            />
          }
          label="Shade by weather"
        />
        <FormControlLabel
          control={
            <Checkbox
              size="small"
              checked={setup.netting}
              onChange={(_event, on) => void change({ netting: on })}
            />
          }
          label="Netting"
        />
        <TextField
          key={setup.waterDays}
          size="small"
          label="Watered daily (days)"
          defaultValue={setup.waterDays}
          onBlur={(event) => {
            const waterDays = readTyped(event.target.value);
            if (event.target.value !== "" && waterDays !== setup.waterDays) {
              void change({ waterDays });
            }
          }}
          slotProps={{ htmlInput: { inputMode: "numeric" } }}
          sx={{ width: 170 }}
        />
      </Box>
    </InspectorSection>
  );
}
