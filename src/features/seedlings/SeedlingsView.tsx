"use client";

import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { useReckoned } from "@/derive";
import { useToday } from "@/store";
import { InspectorPanel, lazyPart } from "@/ui/frame";
import { setView, useView, type SeedlingsSection } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { TraysSection } from "@/features/trays";
import { seedlings as say } from "@/words/en/seedlings";

const RoomSection = lazyPart(() => import("@/features/trays/room/RoomSection"));
const SeedBoxSection = lazyPart(() => import("@/features/seedBox/SeedBoxSection"));
const OrderSection = lazyPart(() => import("@/features/seedBox/OrderSection"));
const MixSection = lazyPart(() => import("@/features/seedBox/MixSection"));
const SeedSavingSection = lazyPart(() => import("@/features/seedSaving/SeedSavingSection"));
const CropsSection = lazyPart(() => import("@/features/crops/CropsSection"));
const TrayPane = lazyPart(() => import("@/features/trays/TrayPane"));

const SECTIONS: readonly {
  name: SeedlingsSection;
  label: string;
  draw: (props: SectionProps) => ReactNode;
}[] = [
  { name: "trays", label: say.trays, draw: (props) => <TraysSection {...props} /> },
  { name: "room", label: say.space, draw: (props) => <RoomSection {...props} /> },
  { name: "seeds", label: say.seedBox, draw: (props) => <SeedBoxSection {...props} /> },
  { name: "saving", label: say.ownSeed, draw: (props) => <SeedSavingSection {...props} /> },
  { name: "order", label: say.seedOrder, draw: (props) => <OrderSection {...props} /> },
  { name: "mix", label: say.pottingMixes, draw: (props) => <MixSection {...props} /> },
  { name: "crops", label: say.crops, draw: (props) => <CropsSection {...props} /> },
];

/** From the seed box to planting out: trays, room, seed, mixes, and the crops themselves. */
export function SeedlingsView() {
  const { garden, site } = useReckoned();
  const section = useView((state) => state.seedlingsSection);
  const selectedTrayId = useView((state) => state.selectedTrayId);
  const plantingSelected = useView((state) => state.selectedPlantingId !== null);
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  const shown = SECTIONS.find(({ name }) => name === section) ?? SECTIONS[0];
  const tray = selectedTrayId === null ? undefined : garden.trays.get(selectedTrayId);
  const props: SectionProps = { garden, site, today, day };
  return (
    <Box sx={{ height: "100%", display: "flex" }}>
      <Box
        sx={{
          flex: 1,
          minWidth: 0,
          overflowY: "auto",
          px: { xs: 2, md: 2.75 },
          pt: 1.75,
          pb: 3,
          // What scrolls beside a drawing must be reached by keys.
          "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -2 },
        }}
        tabIndex={0}
        role="region"
        aria-label={say.seedlings}
      >
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", mb: 1.5 }}>
          <Typography variant="h1" sx={{ flex: 1 }}>
            {say.seedlings}
          </Typography>
          <ToggleButtonGroup
            exclusive
            size="small"
            aria-label={say.show}
            value={section}
            onChange={(_event, next: SeedlingsSection | null) => {
              if (next !== null) setView({ seedlingsSection: next, selectedTrayId: null });
            }}
            sx={{ maxWidth: "100%", overflowX: "auto" }}
          >
            {SECTIONS.map(({ name, label }) => (
              <ToggleButton key={name} value={name}>
                {label}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
        {shown?.draw(props)}
      </Box>
      {tray && section === "trays" && !plantingSelected && (
        <Box sx={{ width: { md: 320 }, flex: "none", display: "flex", minHeight: 0 }}>
          <InspectorPanel label={tray.name} onClose={() => setView({ selectedTrayId: null })}>
            <TrayPane key={tray.id} {...props} tray={tray} />
          </InspectorPanel>
        </Box>
      )}
    </Box>
  );
}
