"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import { bedsFor, tooSoonWords } from "@/core/bedSpace";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import type { SowingState } from "@/core/propagation";
import { seedlingsIn } from "@/core/trays";
import { newId } from "@/store";
import { send } from "@/ui/send";
import { told, useWording } from "@/ui/wording";
import { bedChoice as say } from "@/words/en/bedChoice";
import "@/words/en/facts/bedSpace";

interface Props {
  garden: Garden;
  site: Site;
  state: SowingState;
  today: number;
}

/** So many beds are told at first. */
const FEW = 4;

/** The beds that have room for the seedlings of a tray that were sown for none; one tap chooses. */
export function BedChoice({ garden, site, state, today }: Props) {
  const wording = useWording();
  const [all, setAll] = useState(false);
  const { sowing, tray, crop, plantOutDay } = state;
  const beds = useMemo(
    () => bedsFor(site, garden, sowing, state, today, newId("planting")),
    [site, garden, sowing, state, today],
  );
  const seedlings = seedlingsIn(sowing) ?? sowing.cells.length * state.plantsPerCell;
  const title = say.whichBed({ name: crop.name.toLowerCase() });
  const shown = all ? beds : beds.slice(0, FEW);
  return (
    <Box role="group" aria-label={title} sx={{ mt: 1.5, fontSize: 14 }}>
      <Box component="h3" sx={{ m: 0, fontSize: 15 }}>
        {title}
      </Box>
      <Box sx={{ mb: 0.75 }}>
        {beds.length === 0
          ? say.nowhere
          : say.noBedYet({ date: plantOutDay <= today ? null : wording.date(plantOutDay, today) })}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {shown.map(({ bed, planting, timeline, plants, tooSoon }) => (
          <Box component="li" key={bed.id} sx={{ mb: 1 }}>
            <Button
              size="small"
              variant="outlined"
              aria-label={say.plantInto({ bed: bed.name })}
              onClick={() =>
                void send(
                  "tray.chooseBed",
                  { trayId: tray.id, sowingId: sowing.id, planting },
                  say.chosen({ name: crop.name, bed: bed.name }),
                )
              }
            >
              {bed.name}
            </Button>{" "}
            {say.room({
              plants,
              of: seedlings,
              ready: timeline.readyDay === null ? null : wording.date(timeline.readyDay, today),
            })}
            {tooSoon && (
              <Box sx={{ color: "var(--ember-text)" }}>{told(tooSoonWords(tooSoon))}</Box>
            )}
          </Box>
        ))}
      </Box>
      {beds.length > shown.length && (
        <Button size="small" color="inherit" onClick={() => setAll(true)}>
          {say.moreBeds({ count: beds.length - shown.length })}
        </Button>
      )}
    </Box>
  );
}
