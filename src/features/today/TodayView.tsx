"use client";

import PrintIcon from "@mui/icons-material/PrintOutlined";
import RouteIcon from "@mui/icons-material/RouteOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useAnswer, useReckoned } from "@/derive";
import { useCallback, useMemo, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import { hasBegun, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { isSettled, settledOn, type Task } from "@/core/tasks";
import { useToday } from "@/store";
import { lazyPart } from "@/ui/frame";
import { setView, useView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { LogField } from "./LogField";
import { SettledList } from "./SettledList";
import { SeveralBar } from "./SeveralBar";
import type { Settling } from "./settle";
import { daysWalkOf, type DaysWalk } from "./stops";
import { TonightPanel } from "./TonightPanel";
import { useSettling } from "./useSettling";
import { WalkList } from "./WalkList";
import { WeatherLine } from "./WeatherLine";
import { today as say } from "@/words/en/today";

const StartSteps = lazyPart(() => import("./start/StartSteps"));
const WalkOrderDialog = lazyPart(() => import("./WalkOrderDialog"));

/** What the day asks for: tonight's decisions first, then the walk past the beds. */
export function TodayView() {
  const { garden, site } = useReckoned();
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  const started = site && hasBegun(garden);
  return (
    <Box
      sx={{ height: "100%", overflowY: "auto", px: { xs: 1.5, md: 2.75 }, pt: 1.75, pb: 6 }}
      tabIndex={0}
      role="region"
      aria-label={say.todaysTasks}
    >
      {started ? (
        <Round garden={garden} site={site} day={day} today={today} />
      ) : (
        <StartSteps garden={garden} site={site} today={today} />
      )}
    </Box>
  );
}

const NO_TASKS: readonly Task[] = [];
/** As many tasks as a screen has room for. */
const FIRST_DRAWN = 7;

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  today: DayNumber;
}

function Round({ garden, site, day: wanted, today }: Props) {
  const wording = useWording();
  const router = useRouter();
  // What stands elsewhere on a phone is not drawn twice.
  const isWide = useMediaQuery(useTheme().breakpoints.up("lg"), { noSsr: true });
  const [ordering, setOrdering] = useState(false);
  /** Ids of the tasks that are chosen, while several are; null otherwise. */
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  // The rules are asked in the worker; what is settled goes from the screen at once.
  const { value, asked } = useAnswer("tasks", { day: wanted, today }, { garden, site });
  const all = value ?? NO_TASKS;
  // Another day stands over the tasks when they are that day's.
  const { day } = asked;
  const canSettle = day <= today && wanted <= today;
  // A tap just after midnight is of the new day, also on a row that is still of the old.
  const { leaving, settleNow } = useSettling({ day: wanted, today, wording });
  const tasks = useMemo(
    () =>
      all.filter(
        ({ id, isLate }) =>
          !leaving.has(id) &&
          !isSettled(garden, id, day) &&
          // On a day to come, what is late today is taken as done by then.
          (canSettle || !isLate),
      ),
    [all, leaving, garden, day, canSettle],
  );
  const walk = useMemo(() => daysWalkOf(garden, tasks, day), [garden, tasks, day]);
  const settled = useMemo(() => settledOn(garden, day), [garden, day]);
  const onSettle = useCallback(
    (task: Task, settling: Settling) => {
      if (task.kind === "chooseBed" && settling.as === "done" && task.tray) {
        // It is done by choosing one, not by a tick.
        setView({ seedlingsSection: "trays", selectedTrayId: task.tray.trayId });
        router.push("/seedlings");
      } else void settleNow([task], settling);
    },
    [settleNow, router],
  );
  const onChoose = useCallback((task: Task) => {
    setChosen((before) => {
      const next = new Set(before);
      if (!next.delete(task.id)) next.add(task.id);
      return next;
    });
  }, []);
  const rows = { chosen, canSettle, day, today, wording, onSettle, onChoose };
  const tools = (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
      {canSettle && tasks.length > 1 && (
        <Button
          variant="outlined"
          color="inherit"
          onClick={() => setChosen(chosen ? null : new Set())}
        >
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
      <Button
        variant="outlined"
        color="inherit"
        startIcon={<RouteIcon />}
        onClick={() => setOrdering(true)}
      >
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
          {value && tasks.length === 0 && (
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
          <SettledList garden={garden} entries={settled} today={today} isToday={day === today} />
        </Box>
      </Box>
      {chosen && (
        <SeveralBar
          tasks={tasks}
          chosen={chosen}
          onAll={() => setChosen(new Set(tasks.map(({ id }) => id)))}
          onSettle={async (some, settling) => {
            if (await settleNow(some, settling)) setChosen(null);
          }}
          onStop={() => setChosen(null)}
        />
      )}
      {ordering && <WalkOrderDialog garden={garden} onClose={() => setOrdering(false)} />}
    </>
  );
}

function countWords({ tonight, piles }: DaysWalk, late: number): string {
  const [today = 0, week = 0, passing = 0] = piles.map(({ count }) => count);
  if (tonight.length + today + week + passing === 0) return "";
  const things = say.piles({ today: tonight.length + today, week, passing });
  return late === 0 ? things : say.late2({ things, late });
}
