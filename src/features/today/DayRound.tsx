"use client";

import PrintIcon from "@mui/icons-material/PrintOutlined";
import RouteIcon from "@mui/icons-material/RouteOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import Link from "next/link";
import { useMemo, type ReactNode } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { settledOn, type Task } from "@/core/tasks";
import { lazyPart } from "@/ui/frame";
import { useWording } from "@/ui/wording";
import { LogField } from "./LogField";
import type { Settling } from "./settle";
import { daysWalkOf, type DaysWalk } from "./stops";
import { TonightPanel } from "./TonightPanel";
import { WalkList } from "./WalkList";
import { WeatherLine } from "./WeatherLine";
import { today as say } from "@/words/en/today";

const SettledList = lazyPart(() => import("./SettledList"));

/** As many tasks as a screen has room for. */
const FIRST_DRAWN = 7;

/** Where a day's tasks stand, and are scrolled. */
export function DayRegion({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={{ height: "100%", overflowY: "auto", px: { xs: 1.5, md: 2.75 }, pt: 1.75, pb: 6 }}
      tabIndex={0}
      role="region"
      aria-label={say.todaysTasks}
    >
      {children}
    </Box>
  );
}

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  today: DayNumber;
  /** What the day still asks for. */
  tasks: readonly Task[];
  /** Whether it is known yet what the day asks for. */
  isAnswered: boolean;
  canSettle: boolean;
  /** Wide enough for a column beside the tasks. */
  isWide: boolean;
  /** Ids of the tasks that are chosen, while several are; null otherwise. */
  chosen: ReadonlySet<string> | null;
  onSettle: (task: Task, settling: Settling) => void;
  onChoose: (task: Task) => void;
  onSelect: () => void;
  onOrder: () => void;
}

/** A day's tasks in the order of the walk, with the weather over them and what is done beside them. */
export function DayRound(props: Props) {
  const { garden, site, day, today, tasks, isAnswered, canSettle, isWide, chosen } = props;
  const { onSettle, onChoose, onSelect, onOrder } = props;
  const wording = useWording();
  const walk = useMemo(() => daysWalkOf(garden, tasks, day), [garden, tasks, day]);
  const settled = useMemo(() => settledOn(garden, day), [garden, day]);
  const rows = { chosen, canSettle, day, today, wording, onSettle, onChoose };
  const tools = (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
      {canSettle && tasks.length > 1 && (
        <Button variant="outlined" color="inherit" onClick={onSelect}>
          {chosen ? say.stopSelecting : say.selectSeveral}
        </Button>
      )}
      <Button
        component={Link}
        href="/today/sheet"
        prefetch={false}
        variant="outlined"
        color="inherit"
        startIcon={<PrintIcon />}
      >
        {say.weeklySheet}
      </Button>
      <Button variant="outlined" color="inherit" startIcon={<RouteIcon />} onClick={onOrder}>
        {say.walkingOrder}
      </Button>
    </Box>
  );
  const late = tasks.filter(({ isLate }) => isLate).length;
  return (
    <>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "baseline", columnGap: 2 }}>
        <Typography variant="h1">{day === today ? say.today : wording.longDate(day)}</Typography>
        <Box sx={{ fontSize: 16, color: "var(--ash-text)" }}>{countWords(walk, late)}</Box>
      </Box>
      <WeatherLine garden={garden} site={site} day={day} />
      {!canSettle && (
        <Box sx={{ fontSize: 15, mt: 0.5 }}>{say.expectedTasksIfEverythingBeforeIs}</Box>
      )}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1fr) 340px" },
          columnGap: 4,
          rowGap: 2,
          alignItems: "start",
          mt: 1.5,
        }}
      >
        <Box sx={{ minWidth: 0, maxWidth: 860 }}>
          <TonightPanel
            tasks={walk.tonight}
            firstDrawn={FIRST_DRAWN}
            hasOutlook={garden.outlook !== null || garden.rehearsed !== undefined}
            isToday={day === today}
            {...rows}
          />
          {!isWide && (
            <Box sx={{ mt: 1.5 }}>
              <LogField />
              <Box sx={{ mt: 1 }}>{tools}</Box>
            </Box>
          )}
          <WalkList
            piles={walk.piles}
            firstDrawn={Math.max(0, FIRST_DRAWN - walk.tonight.length)}
            {...rows}
          />
          {isAnswered && tasks.length === 0 && (
            <Box sx={{ fontSize: 17, mt: 2 }}>
              {settled.length > 0 ? say.allDone : say.nothingToDoToday}
            </Box>
          )}
        </Box>
        <Box
          component="section"
          aria-label={say.besideTheTasks}
          sx={{
            display: "grid",
            gap: 2.5,
            position: { lg: "sticky" },
            top: 0,
            maxHeight: { lg: "calc(100dvh - 190px)" },
            overflowY: { lg: "auto" },
          }}
        >
          {isWide && (
            <>
              <LogField />
              {tools}
            </>
          )}
          {settled.length > 0 && (
            <SettledList garden={garden} entries={settled} today={today} isToday={day === today} />
          )}
        </Box>
      </Box>
    </>
  );
}

function countWords({ tonight, piles }: DaysWalk, late: number): string {
  const [today = 0, week = 0, passing = 0] = piles.map(({ count }) => count);
  if (tonight.length + today + week + passing === 0) return "";
  const things = say.piles({ today: tonight.length + today, week, passing });
  return late === 0 ? things : say.late2({ things, late });
}
