"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Link from "next/link";
import { DAYS_PER_WEEK, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { useAnswer, useReckoned } from "@/derive";
import { useState, type ReactNode } from "react";
import { useToday } from "@/store/index";
import { PrintFrame } from "@/ui/frame/index";
import { canShareText, share } from "@/ui/share";
import { useView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { SheetPage } from "./SheetPage";
import { sheetOf } from "./sheetStops";
import { keeping as keepingSay } from "@/words/en/keeping";
import { today as say } from "@/words/en/today";

const TITLE = say.weeklySheet;
type Detail = "short" | "full";

/** The week's round on one sheet: boxes to tick, in the order of the walk. */
export function SheetView() {
  const { garden, site } = useReckoned();
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  const wording = useWording();
  const [detail, setDetail] = useState<Detail>("short");
  const controls = (text: string) => (
    <>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={say.detail}
        value={detail}
        onChange={(_event, next: Detail | null) => next && setDetail(next)}
      >
        <ToggleButton value="short">{say.onePage}</ToggleButton>
        <ToggleButton value="full">{say.withReasons}</ToggleButton>
      </ToggleButtonGroup>
      {canShareText() && (
        <Button
          color="inherit"
          variant="outlined"
          disabled={text === ""}
          onClick={() => void share({ title: TITLE, text })}
        >
          {keepingSay.shareList}
        </Button>
      )}
      <Button variant="contained" onClick={() => window.print()} disabled={text === ""}>
        {say.print}
      </Button>
      <Button color="inherit" component={Link} href="/today" prefetch={false}>
        {say.back}
      </Button>
    </>
  );
  const nothing = say.noTasksInTheWeekFrom({ date: wording.date(day) });
  if (!site) {
    return (
      <PrintFrame title={TITLE} controls={controls("")}>
        <Box sx={{ color: "var(--ash-text)" }}>{nothing}</Box>
      </PrintFrame>
    );
  }
  return (
    <Week {...{ garden, site, day, wording, controls, nothing }} withReasons={detail === "full"} />
  );
}

interface WeekProps {
  garden: Garden;
  site: Site;
  day: DayNumber;
  /** What is done with the sheet, given it as text; empty where there is nothing on it. */
  controls: (text: string) => ReactNode;
  nothing: string;
  withReasons: boolean;
}

function Week({ garden, site, day, controls, nothing, withReasons }: WeekProps) {
  const wording = useWording();
  const week = { day, days: DAYS_PER_WEEK };
  const { value, asked } = useAnswer("tasksAhead", week, { garden, site });
  const ahead = value ?? [];
  const text = sheetOf(garden, ahead, asked.day, wording)
    .flatMap(({ name, lines }) => [
      name,
      ...lines.map(({ days, title, howMuch }) =>
        ["☐", days, title, howMuch].filter(Boolean).join(" "),
      ),
    ])
    .join("\n");
  return (
    <PrintFrame title={TITLE} controls={controls(text)}>
      {ahead.length === 0 ? (
        <Box sx={{ color: "var(--ash-text)" }}>{value ? nothing : say.calculating}</Box>
      ) : (
        <SheetPage {...{ garden, ahead, withReasons, wording }} fromDay={asked.day} />
      )}
    </PrintFrame>
  );
}
