"use client";

import Box from "@mui/material/Box";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { kindAmounts, kindTimelines, seedFact, type PlantingState } from "@/core/plantings";
import { InspectorSection } from "@/ui/frame/index";
import { told, useWording } from "@/ui/wording";
import { planting as say } from "@/words/en/planting";
import "@/words/en/facts/plantings";

interface Props {
  garden: Garden;
  site: Site;
  state: PlantingState;
}

/** What is sown together, each kind with its own date, seed and yield; nothing for a single kind. */
export function KindsSection({ garden, site, state }: Props) {
  const wording = useWording();
  const { planting } = state;
  if (!planting.mix) return null;
  const amounts = kindAmounts(garden, planting);
  const lives = kindTimelines(garden, site, state);
  const title = planting.mix.as === "mixed" ? say.mixedSeed : say.plantedInTurn;
  return (
    <InspectorSection title={title}>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none", fontSize: 14, lineHeight: 1.45 }}>
        {amounts.map((kind, index) => {
          const { crop, variety } = kind.growing;
          const readyDay = lives[index]?.timeline.readyDay ?? null;
          return (
            <Box
              component="li"
              // The same kind may stand there twice.
              key={`${index} ${crop.id} ${variety.id}`}
              sx={{ py: 0.5, borderTop: index === 0 ? "none" : "1px solid var(--line)" }}
            >
              <b>
                {say.kindShare({
                  crop: crop.name,
                  variety: variety.name,
                  share: wording.number(kind.share * 100),
                })}
              </b>
              <br />
              {readyDay === null
                ? say.kindNotReady
                : say.kindReady({ date: wording.date(readyDay) })}
              {say.kindAmounts({
                plants: wording.number(kind.plants),
                seed: planting.bought ? "" : told(seedFact(crop, kind.seeds)),
                weight: wording.weightG(kind.seedGrams),
                yields: wording.weightG(kind.yieldKg * 1000),
              })}
            </Box>
          );
        })}
      </Box>
    </InspectorSection>
  );
}
