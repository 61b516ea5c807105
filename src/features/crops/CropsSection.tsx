"use client";

import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { findCrops } from "@/core/cropNames";
import { CROP_GROUPS, type Crop } from "@/core/crops";
import { cropsOf } from "@/core/garden";
import { CropPage } from "./CropPage";
import type { SectionProps } from "@/ui/section";
import { setView, useView } from "@/ui/viewState";
import { crops as say } from "@/words/en/crops";
import { cropGroups } from "@/words/en/cropGroups";

/** What is read about first. */
const FIRST_CROP = "spinach";

/** The library to leaf through, and a page for each crop; the grower's own among them. */
export default function CropsSection(props: SectionProps) {
  const { garden } = props;
  const crops = cropsOf(garden);
  const [typed, setTyped] = useState("");
  const cropId = useView((state) => state.cropId) ?? FIRST_CROP;
  const groups = useMemo(() => groupsOf(crops, typed), [crops, typed]);
  const crop = crops.get(cropId) ?? crops.values().next().value;
  const found = groups.reduce((sum, group) => sum + group.crops.length, 0);
  return (
    <Box
      sx={{
        display: "grid",
        gap: { xs: 2, md: 3.5 },
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "230px minmax(0, 1fr)" },
      }}
    >
      <Box>
        <TextField
          size="small"
          fullWidth
          label={say.searchCrops({ cropsCount: crops.size })}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Box
          sx={{ maxHeight: { xs: 220, md: "none" }, overflowY: "auto", mt: 1 }}
          tabIndex={0}
          role="region"
          aria-label={say.crops}
        >
          {found === 0 && (
            <Box sx={{ fontSize: 14, color: "var(--ash-text)", mt: 1 }}>
              {say.noCropByThatNameOpenASimilarOneAnd}
            </Box>
          )}
          {groups.map((group) => (
            <Box key={group.title} sx={{ mt: 1 }}>
              <Box component="h2" sx={{ m: 0, fontSize: 13, color: "var(--ash-text)" }}>
                {group.title}
              </Box>
              <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
                {group.crops.map((one) => (
                  <li key={one.id}>
                    <Box
                      component="button"
                      type="button"
                      onClick={() => setView({ cropId: one.id })}
                      aria-current={one.id === crop?.id ? "true" : undefined}
                      sx={{
                        font: "inherit",
                        fontSize: 15,
                        textAlign: "left",
                        width: "100%",
                        border: 0,
                        px: 1,
                        py: 0.4,
                        cursor: "pointer",
                        borderRadius: 1,
                        color: "var(--text)",
                        bgcolor: one.id === crop?.id ? "var(--selected)" : "transparent",
                        fontWeight: one.id === crop?.id ? 700 : 400,
                        "&:focus-visible": { outline: "2px solid var(--ember)" },
                      }}
                    >
                      {one.name}
                      {garden.ownCrops.has(one.id) ? " (ours)" : ""}
                    </Box>
                  </li>
                ))}
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
      {crop && (
        <CropPage key={crop.id} {...props} crop={crop} onCrop={(id) => setView({ cropId: id })} />
      )}
    </Box>
  );
}

function groupsOf(crops: ReadonlyMap<string, Crop>, typed: string) {
  const wanted = typed.trim().toLowerCase();
  const called = new Set(findCrops(crops, typed).map(({ crop }) => crop.id));
  const fits = (crop: Crop) =>
    wanted === "" ||
    called.has(crop.id) ||
    `${crop.latinName} ${crop.family}`.toLowerCase().includes(wanted);
  return CROP_GROUPS.map((id) => ({
    title: cropGroups[id],
    crops: [...crops.values()].filter((crop) => crop.group === id && fits(crop)),
  })).filter((group) => group.crops.length > 0);
}
