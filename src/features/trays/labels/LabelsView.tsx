"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Link from "next/link";
import { useMemo, useState } from "react";
import { cropsOf } from "@/core/garden";
import { finalSpacing, plantingLabels } from "@/core/plantings";
import { trayLabels } from "@/core/trays";
import { useToday, useGarden, whenNeeded } from "@/store/index";
import { downloadText } from "@/ui/download";
import { PrintFrame } from "@/ui/frame/index";
import { tell, useView } from "@/ui/viewState";
import { LabelPage, type LabelShape } from "./LabelPage";
import { trayAgain as again } from "@/words/en/trayAgain";
import { trays as say } from "@/words/en/trays";

const formatsPart = whenNeeded(() => import("@/core/formats"));

/** Those of the tray that was looked at, of all trays, or of what is sown soon. */
type Source = "tray" | "trays" | "plantings";

const WEEKS_BACK_DAYS = 14;
const AHEAD_DAYS = 60;

/** Labels to print and cut, for trays or for what is sown soon; and as a table for other printers. */
export function LabelsView() {
  const garden = useGarden((state) => state.garden);
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  const [shape, setShape] = useState<LabelShape>("sheet");
  const trayId = useView((state) => state.selectedTrayId);
  const tray = garden.trays.get(trayId ?? "");
  const [source, setSource] = useState<Source>(tray ? "tray" : "trays");
  const labels = useMemo(() => {
    if (source === "plantings")
      return plantingLabels(garden, day - WEEKS_BACK_DAYS, day + AHEAD_DAYS);
    const crops = cropsOf(garden);
    return trayLabels(
      source === "tray" && tray ? [tray] : [...garden.trays.values()],
      (id) => crops.get(id),
      (plantingId) => finalSpacing(garden, plantingId),
      (lotId) => garden.seedLots.get(lotId ?? "")?.treated ?? false,
    );
  }, [garden, source, tray, day]);
  const save = async () => {
    const { writeLabelsCsv } = await formatsPart();
    downloadText(
      say.labelsCsv({ head: garden.head.name }),
      "text/csv",
      writeLabelsCsv(labels, garden.settings.units),
    );
    tell(say.labelsSaved);
  };
  return (
    <PrintFrame
      title={say.labels2}
      controls={
        <>
          <ToggleButtonGroup
            exclusive
            size="small"
            aria-label={say.labelsFor}
            value={source}
            onChange={(_event, next: Source | null) => next && setSource(next)}
          >
            {tray && <ToggleButton value="tray">{again.thisTray}</ToggleButton>}
            <ToggleButton value="trays">{say.trays}</ToggleButton>
            <ToggleButton value="plantings">{say.currentSowings}</ToggleButton>
          </ToggleButtonGroup>
          <ToggleButtonGroup
            exclusive
            size="small"
            aria-label={say.format}
            value={shape}
            onChange={(_event, next: LabelShape | null) => next && setShape(next)}
          >
            <ToggleButton value="sheet">{say.sheet}</ToggleButton>
            <ToggleButton value="strip">{say.strips}</ToggleButton>
          </ToggleButtonGroup>
          <Button
            color="inherit"
            variant="outlined"
            onClick={() => void save()}
            disabled={labels.length === 0}
          >
            {say.saveCsv}
          </Button>
          <Button variant="contained" onClick={() => window.print()} disabled={labels.length === 0}>
            {say.print}
          </Button>
          <Button color="inherit" component={Link} href="/seedlings" prefetch={false}>
            {say.back}
          </Button>
        </>
      }
    >
      {labels.length === 0 ? (
        <Box sx={{ color: "var(--ash-text)" }}>
          {source === "trays"
            ? say.noTraysSownYetSoNothingToLabel
            : say.nothingSownAroundThisDateMoveThe}
        </Box>
      ) : (
        <LabelPage labels={labels} shape={shape} />
      )}
    </PrintFrame>
  );
}
