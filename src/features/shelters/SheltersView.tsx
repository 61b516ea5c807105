"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { siteFor, type Site } from "@/core/plan";
import { coverWords } from "@/core/shelter";
import { todayOf, useGarden } from "@/store";
import { useView } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import { ShelterSheet } from "./ShelterSheet";
import { coveredBeds, placeWords } from "./stacks";
import { TonightList } from "./TonightList";

/** What the covers of the garden make of the weather, and what lives through the night under them. */
export function SheltersView() {
  const garden = useGarden((state) => state.garden);
  const day = useView((state) => state.dateInView) ?? todayOf(garden);
  const wording = useWording(garden.settings.units);
  const site = siteFor(garden);
  return (
    <Box sx={{ height: "100%", overflowY: "auto", px: { xs: 2, md: 2.75 }, py: 1.75 }}>
      <Typography variant="h1">Shelters</Typography>
      {site && garden.beds.size > 0 ? (
        <Sheltered garden={garden} site={site} day={day} wording={wording} />
      ) : (
        <Box sx={{ maxWidth: 460, color: "var(--ash-text)", mt: 1 }}>
          {garden.place
            ? "Add beds first: then what covers give them is reckoned here, hour by hour."
            : "Give the place first, then add beds: then what covers give them is reckoned here."}
        </Box>
      )}
    </Box>
  );
}

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  wording: LocalWording;
}

function Sheltered({ garden, site, day, wording }: Props) {
  const groups = coveredBeds(garden);
  const [chosen, setChosen] = useState<string | null>(null);
  // The most covered first: there is most to see.
  const [most] = [...groups].sort((a, b) => b.covers.length - a.covers.length);
  const group = groups.find(({ key }) => key === chosen) ?? most;
  if (!group) return null;
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "230px minmax(0, 1fr)" },
        gap: 2.5,
        mt: 1,
      }}
    >
      <Box
        component="nav"
        aria-label="Covers of the garden"
        sx={{ display: { xs: "flex", md: "block" }, overflowX: "auto", minWidth: 0 }}
      >
        {groups.map((one) => {
          const here = one.key === group.key;
          return (
            <Box
              key={one.key}
              component="button"
              type="button"
              aria-pressed={here}
              onClick={() => setChosen(one.key)}
              sx={{
                font: "inherit",
                color: "inherit",
                textAlign: "left",
                display: "block",
                width: { md: "100%" },
                flex: "none",
                maxWidth: { xs: 220, md: "none" },
                minHeight: 48,
                px: 1.25,
                py: 0.75,
                cursor: "pointer",
                border: 0,
                borderLeft: here ? "3px solid var(--ember)" : "3px solid transparent",
                bgcolor: here ? "var(--selected)" : "transparent",
                fontSize: 14.5,
                lineHeight: 1.4,
              }}
            >
              <b>{coverWords(one.covers)}</b>
              <br />
              <Box component="span" sx={{ color: "var(--ash-text)" }}>
                {placeWords(one)}
              </Box>
            </Box>
          );
        })}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <ShelterSheet
          key={group.key}
          garden={garden}
          site={site}
          group={group}
          day={day}
          wording={wording}
        />
        <TonightList garden={garden} site={site} day={day} wording={wording} />
      </Box>
    </Box>
  );
}
