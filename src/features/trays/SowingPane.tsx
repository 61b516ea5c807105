"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useState } from "react";
import { isoDate, dayNumber } from "@/core/calendar";
import { varietyOf } from "@/core/crops";
import type { SowingState } from "@/core/propagation";
import { seedlingsIn, type Tray } from "@/core/trays";
import { InspectorSection, lazyPart } from "@/ui/frame/index";
import { HardeningDays } from "./HardeningDays";
import type { SectionProps } from "@/ui/section";
import { send } from "@/ui/send";
import { sowingWords } from "./TrayCard";

const CountDialog = lazyPart(() => import("./CountDialog"));
const PotOnDialog = lazyPart(() => import("./PotOnDialog"));

interface Props extends SectionProps {
  tray: Tray;
  state: SowingState;
}

/** One sowing of a tray: how it stands, its calendar, and what to do with it. */
export function SowingPane(props: Props) {
  const { tray, state, today, day, wording, garden } = props;
  const { sowing, crop, plantsPerCell } = state;
  const [open, setOpen] = useState<"count" | "potOn" | null>(null);
  const alive = seedlingsIn(sowing);
  const ids = { trayId: tray.id, sowingId: sowing.id, on: isoDate(today) };
  const empty = sowing.cells.filter((_, index) => sowing.seedlings?.[index] === 0);
  const crowded = sowing.seedlings?.some((count) => count > plantsPerCell) ?? false;
  const planting = garden.plantings.get(sowing.plantingId ?? "");
  const name = crop.name.toLowerCase();
  const action = (label: string, run: () => void, contained = false) => (
    <Button
      size="small"
      variant={contained ? "contained" : "outlined"}
      color={contained ? "primary" : "inherit"}
      onClick={run}
    >
      {label}
    </Button>
  );
  return (
    <InspectorSection title={`${crop.name}, ${varietyOf(crop, sowing.varietyId)?.name ?? ""}`}>
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        Sown {wording.date(dayNumber(sowing.sownOn), today)}
        {sowing.seedsPerCell > 0 && `, ${sowing.seedsPerCell} a cell`}.{" "}
        {sowingWords(state, day, wording)}.
        {planting && ` For ${garden.beds.get(planting.bedId)?.name ?? "the bed"}.`}
        {state.rootBoundDay <= today && alive !== 0 && (
          <Box component="span" sx={{ color: "var(--ember-text)", fontWeight: 700 }}>
            {" "}
            Long in its cells: look at the roots. Pot on, leggy ones deeper, or plant out.
          </Box>
        )}
      </Box>
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={sowing.labelled}
            onChange={(event) =>
              void send(
                "tray.label",
                { trayId: tray.id, sowingId: sowing.id, labelled: event.target.checked },
                event.target.checked ? `The ${name} has its label.` : `The ${name} has no label.`,
              )
            }
          />
        }
        label="has a label"
        slotProps={{ typography: { sx: { fontSize: 14 } } }}
      />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {action("Count…", () => setOpen("count"), alive === null)}
        {crowded &&
          action(
            plantsPerCell === 1 ? "Thin to one" : `Thin to ${plantsPerCell}`,
            () =>
              void send("tray.thin", { ...ids, leave: plantsPerCell }, `The ${name} is thinned.`),
            true,
          )}
        {alive !== null && alive > 0 && action("Pot on or split…", () => setOpen("potOn"))}
        {alive !== null &&
          alive > 0 &&
          action(
            "Plant out",
            () =>
              void send(
                "tray.plantOut",
                { ...ids, cells: null },
                `The ${name} is planted out: ${alive} plants.`,
              ),
          )}
        {empty.length > 0 &&
          empty.length < sowing.cells.length &&
          action(
            `Clear ${empty.length} empty`,
            () =>
              void send(
                "tray.discard",
                { ...ids, cells: empty },
                `${empty.length} cells of ${name} are free again.`,
              ),
          )}
        {action(
          "Discard",
          () => void send("tray.discard", { ...ids, cells: null }, `The ${name} is discarded.`),
        )}
      </Box>
      {alive !== 0 && <HardeningDays state={state} today={today} wording={wording} />}
      {open === "count" && <CountDialog {...props} onClose={() => setOpen(null)} />}
      {open === "potOn" && <PotOnDialog {...props} onClose={() => setOpen(null)} />}
    </InspectorSection>
  );
}
