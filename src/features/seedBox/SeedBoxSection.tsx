"use client";

import AddIcon from "@mui/icons-material/Add";
import WarningIcon from "@mui/icons-material/WarningAmberOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useState } from "react";
import { varietyOf, type Crop } from "@/core/crops";
import { cropsOf } from "@/core/garden";
import { isSpent, lotSprouting, seedsIn, type SeedLot } from "@/core/seedBox";
import { seedFact } from "@/core/plantings";
import { whenNeeded } from "@/store";
import { downloadText } from "@/ui/download";
import { lazyPart } from "@/ui/frame/index";
import type { SectionProps } from "@/ui/section";
import { tell } from "@/ui/viewState";
import { seedBox as say } from "@/words/en/seedBox";
import { useWording, told, type LocalWording } from "@/ui/wording";
import "@/words/en/facts/plantings";

const formatsPart = whenNeeded(() => import("@/core/formats"));
const LotDialog = lazyPart(() => import("./LotDialog"));

/** What seed is there, how old, how well it sprouts, how thick to sow it. */
export default function SeedBoxSection(props: SectionProps) {
  const { garden, today } = props;
  const [editing, setEditing] = useState<SeedLot | "new" | null>(null);
  const crops = cropsOf(garden);
  const lots = [...garden.seedLots.values()]
    .flatMap((lot) => {
      const crop = crops.get(lot.cropId);
      return crop ? [{ lot, crop }] : [];
    })
    .sort((a, b) => a.crop.name.localeCompare(b.crop.name) || a.lot.packedYear - b.lot.packedYear);
  const save = async () => {
    const { writeSeedBoxCsv } = await formatsPart();
    const name = say.seedBoxCsv({ head: garden.head.name });
    downloadText(name, "text/csv", writeSeedBoxCsv(garden));
    tell(say.seedBoxSaved);
  };
  const cell = { px: 1, py: 0.75, fontSize: 15, borderColor: "var(--line)" };
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
        <Box sx={{ overflowX: "auto" }} tabIndex={0} role="group" aria-label={say.seedBox}>
          <Table size="small" className="tabular" sx={{ minWidth: 660 }}>
            <TableHead>
              <TableRow>
                {[say.seed, say.packedFor, say.amount, say.germination, say.sow].map((title) => (
                  <TableCell key={title} sx={cell}>
                    {title}
                  </TableCell>
                ))}
                <TableCell component="td" sx={cell} />
              </TableRow>
            </TableHead>
            <TableBody>
              {lots.map(({ lot, crop }) => (
                <LotRow
                  key={lot.id}
                  lot={lot}
                  crop={crop}
                  today={today}
                  cell={cell}
                  onEdit={() => setEditing(lot)}
                />
              ))}
            </TableBody>
          </Table>
        </Box>
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

function LotRow(props: {
  lot: SeedLot;
  crop: Crop;
  today: number;
  cell: object;
  onEdit: () => void;
}) {
  const wording = useWording();
  const { lot, crop, today, cell } = props;
  const { share, interval, sowThicker } = lotSprouting(crop, lot, today);
  const spent = isSpent(crop, lot, today);
  const name = `${crop.name}, ${varietyOf(crop, lot.varietyId)?.name ?? ""}`;
  return (
    <TableRow>
      <TableCell component="th" scope="row" sx={cell}>
        <b>{crop.name}</b>, {varietyOf(crop, lot.varietyId)?.name}
        {lot.treated && (
          <Box
            component="span"
            sx={{
              display: "flex",
              alignItems: "center",
              gap: 0.5,
              color: "var(--ember-text)",
              fontSize: 14,
            }}
          >
            <WarningIcon fontSize="inherit" aria-hidden /> {say.treatedWearGlovesNeverUseForShoots}
          </Box>
        )}
        {lot.note && (
          <Box component="span" sx={{ display: "block", fontSize: 13.5, color: "var(--ash-text)" }}>
            {lot.note}
          </Box>
        )}
      </TableCell>
      <TableCell sx={cell}>{lot.packedYear}</TableCell>
      <TableCell sx={cell}>
        {lot.amount.unit === "grams"
          ? `${wording.weightG(lot.amount.value)}, ${told(seedFact(crop, seedsIn(crop, lot)))}`
          : told(seedFact(crop, seedsIn(crop, lot)))}
      </TableCell>
      <TableCell sx={cell}>
        {say.about({ share: Math.round(share * 100) })}
        {interval && lot.germinationTest && (
          <Box component="span" sx={{ display: "block", fontSize: 13.5, color: "var(--ash-text)" }}>
            {say.ofTestedBetweenAnd({
              sprouted: lot.germinationTest.sprouted,
              seeds: lot.germinationTest.seeds,
              low: Math.round(interval.low * 100),
              high: Math.round(interval.high * 100),
            })}
          </Box>
        )}
      </TableCell>
      <TableCell sx={cell}>{thickWords(spent, sowThicker, wording)}</TableCell>
      <TableCell sx={cell} align="right">
        <Button
          size="small"
          color="inherit"
          onClick={props.onEdit}
          aria-label={say.edit2({ name, packedYear: lot.packedYear })}
        >
          {say.edit}
        </Button>
      </TableCell>
    </TableRow>
  );
}

function thickWords(spent: boolean, times: number, wording: LocalWording): string {
  if (spent) return say.tooOldTestItOrOrderNew;
  if (times < 1.08) return say.asUsual;
  return say.asThickly({ number: wording.number(times, 1) });
}
