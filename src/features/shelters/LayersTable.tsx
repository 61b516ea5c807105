"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { OneMore } from "@/core/plan";
import { materials } from "@/core/shelter";
import { gardenStore } from "@/store";
import { tell, tellRefusal } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import { placeWords, type CoveredBeds } from "./stacks";

interface Props {
  group: CoveredBeds;
  more: readonly OneMore[];
  /** Coldest at the crop tonight as it is, °C. */
  nowC: number;
  wording: LocalWording;
}

/** What one more layer would do tonight and what light it costs; put on or taken off with a tap. */
export function LayersTable({ group, more, nowC, wording }: Props) {
  const cover = async (covers: readonly string[], words: string) => {
    const done = await gardenStore().dispatch("bed.cover", {
      beds: group.beds.map(({ id }) => id),
      covers: [...covers],
    });
    if (!done.ok) return tellRefusal(done);
    tell(`${placeWords(group)}: ${words}.`, "done", true);
  };
  const own = group.beds[0]?.covers ?? [];
  const innermost = own.at(-1);
  return (
    <Box
      component="table"
      className="tabular"
      aria-label="One more layer"
      sx={{
        borderCollapse: "collapse",
        fontSize: 15,
        my: 1.5,
        "& th, & td": { textAlign: "left", pr: 2.5, py: 0.5, borderTop: "1px solid var(--line)" },
        "& thead th": { borderTop: 0, color: "var(--ash-text)", fontWeight: 400, fontSize: 14 },
        "& thead td": { borderTop: 0 },
      }}
    >
      <thead>
        <tr>
          <th scope="col">one more layer inside</th>
          <th scope="col">coldest tonight</th>
          <th scope="col">gains</th>
          <th scope="col">light left</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {more.map(({ materialId, moreC, lightShare }) => {
          const name = materials.get(materialId)?.name ?? materialId;
          return (
            <tr key={materialId}>
              <th scope="row">{name}</th>
              <td>{wording.temperature(nowC + moreC)}</td>
              <td>
                {moreC >= 0 ? "+" : "−"}
                {wording.degrees(Math.round(Math.abs(moreC) * 10) / 10)}
              </td>
              <td>{Math.round(lightShare * 100)} %</td>
              <td>
                <Button
                  size="small"
                  variant="outlined"
                  color="inherit"
                  aria-label={`Put it on: ${name}`}
                  onClick={() => void cover([...own, materialId], `${name} is on`)}
                >
                  Put it on
                </Button>
              </td>
            </tr>
          );
        })}
        {innermost && (
          <tr>
            <th scope="row">Without the {materials.get(innermost)?.shortName ?? innermost}</th>
            <td />
            <td />
            <td />
            <td>
              <Button
                size="small"
                variant="outlined"
                color="inherit"
                onClick={() => void cover(own.slice(0, -1), "uncovered")}
              >
                Take it off
              </Button>
            </td>
          </tr>
        )}
      </tbody>
    </Box>
  );
}
