"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useMemo } from "react";
import { seedNeeds, type SeedNeed } from "@/core/propagation";
import { seedFact } from "@/core/plantings";
import { whenNeeded } from "@/store/index";
import { downloadText } from "@/ui/download";
import { tell } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { seedBox as say } from "@/words/en/seedBox";
import { useWording, told, type LocalWording } from "@/ui/wording";
import "@/words/en/facts/plantings";

const formatsPart = whenNeeded(() => import("@/core/formats"));

const A_YEAR = 365;

/** What the plan still wants sown, against what is in the box: what to order. */
export default function OrderSection({ garden, today }: SectionProps) {
  const wording = useWording();
  const needs = useMemo(() => seedNeeds(garden, today, today + A_YEAR), [garden, today]);
  const missing = needs.filter((need) => need.toOrder > 0);
  const there = needs.filter((need) => need.toOrder === 0);
  const save = async () => {
    const { writeOrderCsv } = await formatsPart();
    downloadText(
      say.seedOrderCsv({ head: garden.head.name }),
      "text/csv",
      writeOrderCsv(needs, garden.settings.units),
    );
    tell(say.seedOrderSaved);
  };
  if (needs.length === 0) {
    return (
      <Box sx={{ color: "var(--ash-text)", maxWidth: 460 }}>{say.nothingToSowInTheNextYearAdd}</Box>
    );
  }
  return (
    <>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", mb: 1, flexWrap: "wrap" }}>
        <Box sx={{ flex: 1, minWidth: 220, fontSize: 15, color: "var(--ash-text)" }}>
          {say.seedForTheNextYearsSowingsOldSeed}
        </Box>
        <Button variant="outlined" color="inherit" onClick={() => void save()}>
          {say.saveAsASpreadsheetCsv}
        </Button>
      </Box>
      <NeedTable
        title={say.toOrder({ missingCount: missing.length })}
        needs={missing}
        order
        {...{ today, wording }}
      />
      <NeedTable
        title={say.inStock({ thereCount: there.length })}
        needs={there}
        {...{ today, wording }}
      />
    </>
  );
}

function NeedTable(props: {
  title: string;
  needs: readonly SeedNeed[];
  order?: boolean;
  today: number;
  wording: LocalWording;
}) {
  const wording = useWording();
  const { title, needs, order, today } = props;
  const cell = { px: 1, py: 0.75, fontSize: 15, borderColor: "var(--line)" };
  if (needs.length === 0) return null;
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Box component="h2" sx={{ m: 0, mb: 0.5, fontSize: 17 }}>
        {title}
      </Box>
      <Box sx={{ overflowX: "auto" }} tabIndex={0} role="group" aria-label={title}>
        <Table size="small" className="tabular" sx={{ minWidth: 620 }}>
          <TableHead>
            <TableRow>
              {[say.seed, say.sowFrom, say.plants, say.needed, say.usableInStock].map((head) => (
                <TableCell key={head} sx={cell}>
                  {head}
                </TableCell>
              ))}
              {order && <TableCell sx={cell}>{say.order}</TableCell>}
            </TableRow>
          </TableHead>
          <TableBody>
            {needs.map((need) => (
              <TableRow key={`${need.crop.id} ${need.variety.id}`}>
                <TableCell component="th" scope="row" sx={cell}>
                  <b>{need.crop.name}</b>, {need.variety.name}
                </TableCell>
                <TableCell sx={cell}>{wording.date(need.firstSowDay, today)}</TableCell>
                <TableCell sx={cell}>{wording.number(need.plants)}</TableCell>
                <TableCell sx={cell}>{told(seedFact(need.crop, need.seeds))}</TableCell>
                <TableCell sx={cell}>{wording.number(need.worthInBox)}</TableCell>
                {order && (
                  <TableCell sx={{ ...cell, fontWeight: 700 }}>
                    {wording.weightG(need.toOrderGrams)}
                    {need.crop.piece ? `, ${told(seedFact(need.crop, need.toOrder))}` : ""}
                  </TableCell>
                )}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Box>
    </Box>
  );
}
