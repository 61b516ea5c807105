"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useState } from "react";
import { isoDate, dayNumber } from "@/core/calendar";
import { varietyOf } from "@/core/crops";
import { goesIntoBed, type SowingState } from "@/core/propagation";
import { seedlingsIn, type Tray } from "@/core/trays";
import { InspectorSection, lazyPart } from "@/ui/frame/index";
import { BedChoice } from "./BedChoice";
import { HardeningDays } from "./HardeningDays";
import { SowAgain } from "./SowAgain";
import type { SectionProps } from "@/ui/section";
import { send } from "@/ui/send";
import { sowingWords } from "./TrayCard";
import { trays as say } from "@/words/en/trays";
import { useWording } from "@/ui/wording";

const CountDialog = lazyPart(() => import("./CountDialog"));
const PotOnDialog = lazyPart(() => import("./PotOnDialog"));

interface Props extends SectionProps {
  tray: Tray;
  state: SowingState;
}

/** One sowing of a tray: how it stands, its calendar, and what to do with it. */
export function SowingPane(props: Props) {
  const wording = useWording();
  const { tray, state, today, day, garden } = props;
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
    <InspectorSection
      title={say.text2({ crop: crop.name, name: varietyOf(crop, sowing.varietyId)?.name ?? "" })}
    >
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        {say.sown2({ date: wording.date(dayNumber(sowing.sownOn), today) })}
        {sowing.seedsPerCell > 0 && say.perCell({ seedsPerCell: sowing.seedsPerCell })}.{" "}
        {sowingWords(state, day, wording)}.
        {planting && say.forWord2({ name: garden.beds.get(planting.bedId)?.name ?? say.theBed })}
        {state.rootBoundDay <= today && alive !== 0 && (
          <Box component="span" sx={{ color: "var(--ember-text)", fontWeight: 700 }}>
            {" "}
            {say.aLongTimeInCellsCheckTheRootsPotUp}
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
                event.target.checked ? say.labeled({ name }) : say.labelRemoved({ name }),
              )
            }
          />
        }
        label={say.hasALabel}
        slotProps={{ typography: { sx: { fontSize: 14 } } }}
      />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {action(say.count, () => setOpen("count"), alive === null)}
        {crowded &&
          action(
            plantsPerCell === 1 ? say.thinToOne : say.thinTo({ plantsPerCell }),
            () => void send("tray.thin", { ...ids, leave: plantsPerCell }, say.thinned({ name })),
            true,
          )}
        {alive !== null && alive > 0 && action(say.potUpOrDivide, () => setOpen("potOn"))}
        {alive !== null &&
          alive > 0 &&
          action(
            say.transplant,
            () =>
              void send(
                "tray.plantOut",
                { ...ids, cells: null },
                say.transplantedPlants({ name, alive }),
              ),
          )}
        {empty.length > 0 &&
          empty.length < sowing.cells.length &&
          action(
            say.clearEmpty({ emptyCount: empty.length }),
            () =>
              void send(
                "tray.discard",
                { ...ids, cells: empty },
                say.cellsOfAreFreeAgain({ emptyCount: empty.length, name }),
              ),
          )}
        {action(
          say.discard,
          () => void send("tray.discard", { ...ids, cells: null }, say.discarded({ name })),
        )}
      </Box>
      {!planting && props.site && alive !== 0 && goesIntoBed(crop) && (
        <BedChoice {...{ garden, state, today }} site={props.site} />
      )}
      {planting && props.site && (
        <SowAgain {...{ garden, planting, today }} site={props.site} name={crop.name} />
      )}
      {alive !== 0 && goesIntoBed(crop) && <HardeningDays state={state} today={today} />}
      {open === "count" && <CountDialog {...props} onClose={() => setOpen(null)} />}
      {open === "potOn" && <PotOnDialog {...props} onClose={() => setOpen(null)} />}
    </InspectorSection>
  );
}
