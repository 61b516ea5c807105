"use client";

import Box from "@mui/material/Box";
import { DAYS_PER_WEEK, type DayNumber } from "@/core/calendar";
import { FOOD_GROUPS } from "@/core/food";
import type { SupplyWeek } from "@/core/supply";
import { useWording } from "@/ui/wording";
import { Heading } from "./GapList";
import { roughG } from "./weights";
import { foodGroups, larder as say } from "@/words/en/larder";

/** What is left over soon is told; what is far off may still change, weeks. */
const SOON_WEEKS = 10;
/** Less is eaten somehow, kg. */
const LEAST_KG = 1;

/** What comes beyond what is wanted in the next weeks, the most first. */
export function SurplusList({ weeks, day }: { weeks: readonly SupplyWeek[]; day: DayNumber }) {
  const wording = useWording();
  const soon = weeks.slice(0, SOON_WEEKS);
  const found = FOOD_GROUPS.map((group) => {
    const kg = soon.reduce((sum, { byGroup }) => sum + byGroup[group].surplusKg, 0);
    const last = soon.findLast(({ byGroup }) => byGroup[group].surplusKg > 0);
    return { group, kg, untilDay: (last?.weekOf ?? day) + DAYS_PER_WEEK - 1 };
  })
    .filter(({ kg }) => kg >= LEAST_KG)
    .sort((a, b) => b.kg - a.kg);
  if (found.length === 0) return null;
  return (
    <Box component="section" aria-label={say.surplus} sx={{ mt: 3, maxWidth: 860 }}>
      <Heading>{say.surplus}</Heading>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none", fontSize: 16, lineHeight: 1.5 }}>
        {found.map(({ group, kg, untilDay }) => (
          <li key={group}>
            {say.surplusOf({
              group: foodGroups[group],
              weight: wording.weightG(roughG(kg)),
              until: wording.date(untilDay, day),
            })}
          </li>
        ))}
      </Box>
    </Box>
  );
}
