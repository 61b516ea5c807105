"use client";

import AddIcon from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import { useReckoned } from "@/derive";
import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Garden } from "@/core/garden";
import { useToday } from "@/store";
import { useSize } from "@/ui/chart";
import { InspectorPanel, lazyPart } from "@/ui/frame";
import { setView, useView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { BedMap } from "./map/BedMap";
import { MapKey } from "./map/MapKey";
import { TraysLine } from "./map/TraysLine";
import type { Wash } from "./map/wash";
import { WashControl } from "./map/WashControl";
import { beds as say } from "@/words/en/beds";

const BedPane = lazyPart(() => import("./BedPane"));
const ShoppingDialog = lazyPart(() => import("./soil/ShoppingDialog"));
const PlotDialog = lazyPart(() => import("./map/PlotDialog"));

/** The beds to scale, with what stands in them on the date in view. */
export function BedsView() {
  const { garden, site } = useReckoned();
  const selectedBedId = useView((state) => state.selectedBedId);
  const plantingSelected = useView((state) => state.selectedPlantingId !== null);
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  const wording = useWording();
  const [attach, { width: roomWidth }] = useSize();
  const [wash, setWash] = useState<Wash>({ by: "sun" });
  const [plotOpen, setPlotOpen] = useState(false);
  const [layingOut, setLayingOut] = useState(false);
  const [shopping, setShopping] = useState(false);
  // On a phone the sheet would lie over what is being laid out: there it comes when it is asked for.
  const narrow = useMediaQuery(useTheme().breakpoints.down("md"));
  const [numbersOpen, setNumbersOpen] = useState(false);
  const paneHidden = layingOut && narrow && !numbersOpen;
  const bed = selectedBedId === null ? undefined : garden.beds.get(selectedBedId);
  return (
    <Box ref={attach} sx={{ height: "100%", display: "flex", "@media print": { height: "auto" } }}>
      <Box sx={{ flex: 1, minWidth: 0, display: "flex", flexDirection: "column" }}>
        <Box
          sx={{
            display: "flex",
            flexWrap: "wrap",
            gap: 1.25,
            alignItems: "center",
            px: { xs: 2, md: 2.75 },
            pt: 1.75,
            pb: 1,
          }}
        >
          <Typography variant="h1" sx={{ mr: "auto" }}>
            {say.beds}
            <Box component="span" sx={{ display: "none", "@media print": { display: "inline" } }}>
              {" "}
              {say.ofOn({ head: garden.head.name, date: wording.date(day) })}
            </Box>
          </Typography>
          {garden.beds.size > 0 && (
            <Box
              sx={{
                display: "flex",
                flexWrap: "wrap",
                gap: { xs: 0.75, md: 1.25 },
                "& button": { whiteSpace: "nowrap", px: { xs: 1.25, md: 1.75 } },
                "@media print": { display: "none" },
              }}
            >
              <ToggleButton
                value="layout"
                selected={layingOut}
                onChange={() => setLayingOut(!layingOut)}
                sx={{
                  px: 1.75,
                  py: 0.75,
                  textTransform: "none",
                  fontWeight: 700,
                  border: "1px solid",
                  borderColor: "var(--text) !important",
                  color: "var(--text)",
                  borderRadius: 2,
                }}
              >
                {say.editLayout}
              </ToggleButton>
              {layingOut && (
                <Button color="inherit" variant="outlined" onClick={() => setPlotOpen(true)}>
                  {say.plotSize}
                </Button>
              )}
              {layingOut && narrow && bed && (
                <Button color="inherit" variant="outlined" onClick={() => setNumbersOpen(true)}>
                  {bed.name}…
                </Button>
              )}
              <Button color="inherit" variant="outlined" onClick={() => setShopping(true)}>
                {say.shoppingList}
              </Button>
              <Button color="inherit" variant="outlined" onClick={() => window.print()}>
                {say.print}
              </Button>
              <Button
                variant="outlined"
                startIcon={<AddIcon />}
                onClick={() => setView({ addingBeds: true })}
              >
                {say.addBeds}
              </Button>
            </Box>
          )}
        </Box>
        {garden.beds.size === 0 ? (
          <NoBeds garden={garden} />
        ) : (
          <>
            <Box
              sx={{ flex: 1, minHeight: 260, "@media print": { height: "220mm", flex: "none" } }}
            >
              <BedMap
                garden={garden}
                site={site}
                day={day}
                selectedBedId={selectedBedId}
                layingOut={layingOut}
                roomWidth={narrow ? 0 : roomWidth}
                wash={wash}
              />
            </Box>
            {site && <WashControl {...{ garden, site, day, wash }} onWash={setWash} />}
            <TraysLine {...{ garden, site, day, today }} />
            <MapKey layingOut={layingOut} by={wash.by} />
          </>
        )}
      </Box>
      {bed && !plantingSelected && !paneHidden && (
        <Box
          sx={{
            width: { md: 320 },
            flex: "none",
            display: "flex",
            minHeight: 0,
            "@media print": { display: "none" },
          }}
        >
          <InspectorPanel
            label={bed.name}
            onClose={() => {
              setNumbersOpen(false);
              if (!layingOut || !narrow) setView({ selectedBedId: null });
            }}
          >
            <BedPane key={bed.id} garden={garden} site={site} bed={bed} day={day} />
          </InspectorPanel>
        </Box>
      )}
      {shopping && <ShoppingDialog garden={garden} day={day} onClose={() => setShopping(false)} />}
      {plotOpen && <PlotDialog garden={garden} onClose={() => setPlotOpen(false)} />}
    </Box>
  );
}

function NoBeds({ garden }: { garden: Garden }) {
  return (
    <Box sx={{ px: { xs: 2, md: 2.75 }, maxWidth: 460 }}>
      <Box sx={{ color: "var(--ash-text)", mb: 2 }}>
        {garden.place ? say.addYourBedsTheyAppearSideBySide : say.setYourLocationFirstThenAddYour}
      </Box>
      <Button variant="contained" onClick={() => setView({ addingBeds: true })}>
        {say.addBeds}
      </Button>
    </Box>
  );
}
