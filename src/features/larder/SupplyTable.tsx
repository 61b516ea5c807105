"use client";

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { SupplyWeek } from "@/core/supply";
import { useWording } from "@/ui/wording";
import { larder as say } from "@/words/en/larder";

/** The chart as numbers, week by week. */
export default function SupplyTable({
  weeks,
  day,
}: {
  weeks: readonly SupplyWeek[];
  day: DayNumber;
}) {
  const wording = useWording();
  const weight = (kg: number) => (kg < 0.005 ? "–" : wording.weightG(Math.round(kg * 100) * 10));
  return (
    <Box
      component="table"
      className="tabular"
      aria-label={say.chart}
      sx={{
        borderCollapse: "collapse",
        fontSize: 15,
        "& th, & td": { textAlign: "right", px: 1.25, py: 0.4, borderTop: "1px solid var(--line)" },
        "& th:first-of-type": { textAlign: "left", fontWeight: 400, pl: 0 },
        "& thead th": { color: "var(--ash-text)", fontWeight: 400, borderTop: 0 },
      }}
    >
      <thead>
        <tr>
          {[say.weekOf, say.wanted, say.fromBeds, say.fromStore, say.short].map((words) => (
            <th key={words} scope="col">
              {words}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {weeks.map(({ weekOf, needKg, harvestKg, storeKg, gapKg }) => (
          <tr key={weekOf}>
            <th scope="row">{wording.date(weekOf, day)}</th>
            <td>{weight(needKg)}</td>
            <td>{weight(harvestKg.p50)}</td>
            <td>{weight(storeKg)}</td>
            <td>{weight(gapKg)}</td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
