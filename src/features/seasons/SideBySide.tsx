"use client";

import Box from "@mui/material/Box";
import { useMemo } from "react";
import { cropsOf, type Garden, type KeptSeason } from "@/core/garden";
import { comparedIn } from "@/core/seasons";
import { useWording } from "@/ui/wording";
import { seasons as say } from "@/words/en/seasons";
import { seasonName } from "./seasonWords";

/** The closed seasons beside each other: of each crop the first picking and what was weighed. */
export function SideBySide({ garden, closed }: { garden: Garden; closed: readonly KeptSeason[] }) {
  const wording = useWording();
  const crops = cropsOf(garden);
  const columns = useMemo(() => closed.map((kept) => ({ kept, rows: comparedIn(kept) })), [closed]);
  const cropIds = [...new Set(columns.flatMap(({ rows }) => rows.map(({ cropId }) => cropId)))]
    .map((id) => ({ id, name: crops.get(id)?.name ?? id }))
    .sort((a, b) => (a.name < b.name ? -1 : 1));
  return (
    <Box component="section" aria-label={say.sideBySide} sx={{ mt: 3 }}>
      <Box
        component="h2"
        sx={{ m: 0, fontSize: 21, fontFamily: "var(--font-heading)", fontWeight: 500 }}
      >
        {say.sideBySide}
      </Box>
      <Box sx={{ overflowX: "auto" }} tabIndex={0} role="group" aria-label={say.sideBySide}>
        <Box
          component="table"
          sx={{
            borderCollapse: "collapse",
            fontSize: 15,
            "& th, & td": {
              textAlign: "left",
              py: 0.4,
              pr: 3,
              borderBottom: "1px solid var(--line)",
              whiteSpace: "nowrap",
            },
          }}
        >
          <thead>
            <tr>
              <th scope="col">{say.byCrop}</th>
              {columns.map(({ kept }) => (
                <th key={kept.id} scope="col">
                  {seasonName(kept.year)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {cropIds.map(({ id, name }) => (
              <tr key={id}>
                <th scope="row">{name}</th>
                {columns.map(({ kept, rows }) => {
                  const of = rows.filter(({ cropId }) => cropId === id);
                  const picked = of.flatMap(({ pickedDay }) => pickedDay ?? []);
                  const grams = of.reduce((sum, { harvestedG }) => sum + (harvestedG ?? 0), 0);
                  return (
                    <td key={kept.id}>
                      {of.length === 0
                        ? say.cellNone
                        : picked.length === 0
                          ? say.cellNever
                          : [
                              grams > 0 ? wording.weightG(Math.round(grams / 10) * 10) : null,
                              say.cellPicked({
                                date: wording.shortDate(Math.min(...picked)),
                              }),
                            ]
                              .filter((part) => part !== null)
                              .join(", ")}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </Box>
  );
}
