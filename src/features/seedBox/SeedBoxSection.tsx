"use client";

import AddIcon from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useMemo, useState } from "react";
import type { CommandCall } from "@/core/commands";
import { fact } from "@/core/facts";
import { cropsOf, type Garden } from "@/core/garden";
import type { SeedLot } from "@/core/seedBox";
import { gardenStore, whenNeeded } from "@/store";
import { downloadText } from "@/ui/download";
import { lazyPart } from "@/ui/frame/index";
import { useOneTabStop } from "@/ui/oneTabStop";
import type { SectionProps } from "@/ui/section";
import { NARROW, TableTools, TitleCells, useTable } from "@/ui/table";
import { tell, tellRefusal } from "@/ui/viewState";
import { seedBox as say } from "@/words/en/seedBox";
import { CELL, lotColumns, type HeldLot } from "./lotColumns";
import { LotRow } from "./LotRow";

const formatsPart = whenNeeded(() => import("@/core/formats"));
const LotDialog = lazyPart(() => import("./LotDialog"));

/** What seed is there, how old, how well it sprouts, how thick to sow it. */
export default function SeedBoxSection(props: SectionProps) {
  const { garden, today } = props;
  const [editing, setEditing] = useState<SeedLot | "new" | null>(null);
  const lots = useMemo(() => heldLots(garden), [garden]);
  const columns = useMemo(() => lotColumns(today), [today]);
  const table = useTable(lots, columns, lotId, BY_SEED);
  const body = useOneTabStop("tr");
  const remove = async (gone: readonly HeldLot[]) => {
    const calls = gone.map(({ lot }): CommandCall => ({
      name: "seedLot.remove",
      input: { id: lot.id },
    }));
    const done = await gardenStore().dispatchAll(
      calls,
      fact("commands.removingSeeds", { count: gone.length }),
    );
    if (done.ok) tell(say.seedsRemoved({ count: gone.length }), "done", true);
    else tellRefusal(done);
  };
  const save = async () => {
    const { writeSeedBoxCsv } = await formatsPart();
    const name = say.seedBoxCsv({ head: garden.head.name });
    downloadText(name, "text/csv", writeSeedBoxCsv(garden));
    tell(say.seedBoxSaved);
  };
  return (
    <>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", mb: 1, flexWrap: "wrap" }}>
        <Box sx={{ flex: 1, minWidth: 220, color: "var(--ash-text)", fontSize: 15 }}>
          {lots.length === 0
            ? say.noSeedYetAddWhatYouHaveAndThePlan
            : say.oldSeedIsRatedByItsCropsUsualAging}
        </Box>
        {lots.length > 0 && (
          <Button color="inherit" variant="outlined" onClick={() => void save()}>
            {say.saveCsv}
          </Button>
        )}
        <Button
          variant={lots.length === 0 ? "contained" : "outlined"}
          startIcon={<AddIcon />}
          onClick={() => setEditing("new")}
        >
          {say.addSeed2}
        </Button>
      </Box>
      {lots.length > 0 && (
        <>
          <TableTools table={table} onRemove={(gone) => void remove(gone)} />
          <Box sx={{ overflowX: "auto", mt: 1 }} tabIndex={0} role="group" aria-label={say.seedBox}>
            <Table size="small" className="tabular" sx={{ ...NARROW.table, minWidth: { md: 700 } }}>
              <TableHead sx={NARROW.head}>
                <TableRow>
                  <TitleCells table={table} cell={CELL} />
                  <TableCell component="td" sx={CELL} />
                </TableRow>
              </TableHead>
              <TableBody ref={body} sx={NARROW.body}>
                {table.getRowModel().rows.map((row) => (
                  <LotRow
                    key={row.id}
                    row={row}
                    today={today}
                    onEdit={() => setEditing(row.original.lot)}
                  />
                ))}
              </TableBody>
            </Table>
          </Box>
        </>
      )}
      {editing && (
        <LotDialog
          {...props}
          lot={editing === "new" ? null : editing}
          onClose={() => setEditing(null)}
        />
      )}
    </>
  );
}

const BY_SEED = [{ id: "seed", desc: false }];
const lotId = ({ lot }: HeldLot) => lot.id;

/** The packets of known crops, of the same crop the oldest first. */
function heldLots(garden: Garden): HeldLot[] {
  const crops = cropsOf(garden);
  return [...garden.seedLots.values()]
    .flatMap((lot) => {
      const crop = crops.get(lot.cropId);
      return crop ? [{ lot, crop }] : [];
    })
    .sort((a, b) => a.lot.packedYear - b.lot.packedYear);
}
