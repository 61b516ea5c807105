"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import type { Bed } from "@/core/garden";
import type { OneMore } from "@/core/frostNight";
import { materials } from "@/core/shelter";
import { gardenStore } from "@/store/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import type { CoveredBeds } from "../stacks";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  group: CoveredBeds;
  more: readonly OneMore[];
  /** Coldest at the crop tonight as it is, °C. */
  nowC: number;
}

/** What one more layer would do tonight and what light it costs; put on or taken off with a tap. */
export function LayersTable({ group, more, nowC }: Props) {
  const wording = useWording();
  /** A cover that is to be put on, or taken off, while the bed is chosen. */
  const [choosing, setChoosing] = useState<(Covering & { anchor: HTMLElement }) | null>(null);
  const cover = async (beds: readonly Bed[], { covers, words }: Covering) => {
    setChoosing(null);
    const done = await gardenStore().dispatch("bed.cover", {
      beds: beds.map(({ id }) => id),
      covers: [...covers],
    });
    if (!done.ok) return tellRefusal(done);
    tell(say.text({ map: beds.map(({ name }) => name).join(", "), words }), "done", true);
  };
  // Several beds lie under the same covers: which of them is meant is asked.
  const ask = (anchor: HTMLElement, covering: Covering) =>
    group.beds.length === 1
      ? void cover(group.beds, covering)
      : setChoosing({ ...covering, anchor });
  const own = group.beds[0]?.covers ?? [];
  const innermost = own.at(-1);
  const several = group.beds.length > 1;
  return (
    <>
      <Box
        component="table"
        className="tabular"
        aria-label={say.addALayer}
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
            <th scope="col">{say.oneMoreInnerLayer}</th>
            <th scope="col">{say.coldestTonight}</th>
            <th scope="col">{say.warmerBy}</th>
            <th scope="col">{say.light}</th>
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
                    aria-label={say.add2({ name })}
                    aria-haspopup={several ? "menu" : undefined}
                    onClick={(event) =>
                      ask(event.currentTarget, {
                        covers: [...own, materialId],
                        words: say.added2({ name }),
                      })
                    }
                  >
                    {say.add}
                    {several && "…"}
                  </Button>
                </td>
              </tr>
            );
          })}
          {innermost && (
            <tr>
              <th scope="row">
                {say.remove({ shortName: materials.get(innermost)?.shortName ?? innermost })}
              </th>
              <td />
              <td />
              <td />
              <td>
                <Button
                  size="small"
                  variant="outlined"
                  color="inherit"
                  aria-haspopup={several ? "menu" : undefined}
                  onClick={(event) =>
                    ask(event.currentTarget, { covers: own.slice(0, -1), words: say.uncovered })
                  }
                >
                  {say.remove2}
                  {several && "…"}
                </Button>
              </td>
            </tr>
          )}
        </tbody>
      </Box>
      {choosing && (
        <Menu anchorEl={choosing.anchor} open onClose={() => setChoosing(null)}>
          {group.beds.map((bed) => (
            <MenuItem key={bed.id} onClick={() => void cover([bed], choosing)}>
              {bed.name}
            </MenuItem>
          ))}
          <MenuItem onClick={() => void cover(group.beds, choosing)}>
            {group.beds.length === 2 ? "both" : say.all2({ bedsCount: group.beds.length })}
          </MenuItem>
        </Menu>
      )}
    </>
  );
}

/** The covers that beds would have of their own, and what is told of it. */
interface Covering {
  covers: readonly string[];
  words: string;
}
