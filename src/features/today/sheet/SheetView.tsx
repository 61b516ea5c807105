"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Link from "next/link";
import { useMemo, useState } from "react";
import { siteFor } from "@/core/plantings";
import { tasksAhead } from "@/core/tasks";
import { useToday, useGarden } from "@/store/index";
import { PrintFrame } from "@/ui/frame/index";
import { useView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { SheetPage } from "./SheetPage";

const DAYS_PER_WEEK = 7;
type Detail = "short" | "full";

/** The week's round on one sheet: boxes to tick, in the order of the walk. */
export function SheetView() {
  const garden = useGarden((state) => state.garden);
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  const wording = useWording(garden.settings.units);
  const site = siteFor(garden);
  const [detail, setDetail] = useState<Detail>("short");
  const ahead = useMemo(
    () => (site ? tasksAhead(site, garden, day, DAYS_PER_WEEK, wording) : []),
    [site, garden, day, wording],
  );
  return (
    <PrintFrame
      title="The week's sheet"
      controls={
        <>
          <ToggleButtonGroup
            exclusive
            size="small"
            aria-label="How much is told"
            value={detail}
            onChange={(_event, next: Detail | null) => next && setDetail(next)}
          >
            <ToggleButton value="short">One page</ToggleButton>
            <ToggleButton value="full">With reasons</ToggleButton>
          </ToggleButtonGroup>
          <Button variant="contained" onClick={() => window.print()} disabled={ahead.length === 0}>
            Print
          </Button>
          <Button color="inherit" component={Link} href="/today" prefetch={false}>
            Back
          </Button>
        </>
      }
    >
      {ahead.length === 0 ? (
        <Box sx={{ color: "var(--ash-text)" }}>
          Nothing is asked for in the week from {wording.date(day)}.
        </Box>
      ) : (
        <SheetPage
          garden={garden}
          ahead={ahead}
          fromDay={day}
          withReasons={detail === "full"}
          wording={wording}
        />
      )}
    </PrintFrame>
  );
}
