"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "next/link";
import type { DayNumber } from "@/core/calendar";
import type { Task } from "@/core/tasks";
import { useDrawnSoFar } from "@/ui/drawnSoFar";
import type { Settling } from "./settle";
import { TaskRow } from "./TaskRow";
import { today as say } from "@/words/en/today";
import { told } from "@/ui/wording";
import { keyOf } from "@/core/facts";

interface Props {
  tasks: readonly Task[];
  /** So many are drawn at once; the others follow. */
  firstDrawn: number;
  hasOutlook: boolean;
  isToday: boolean;
  chosen: ReadonlySet<string> | null;
  canSettle: boolean;
  day: DayNumber;
  today: DayNumber;
  onSettle: (task: Task, settling: Settling) => void;
  onChoose: (task: Task) => void;
}

/** What cannot wait until tomorrow: covers, what to shut, pick and carry in before dark. */
export function TonightPanel(props: Props) {
  const { tasks, firstDrawn, hasOutlook, isToday, chosen, ...rest } = props;
  const drawn = useDrawnSoFar(tasks.length, firstDrawn);
  const when = isToday ? say.tonight : say.thatNight;
  return (
    <Box
      component="section"
      aria-label={say.beforeDark}
      sx={{
        borderTop: tasks.length > 0 ? "4px solid var(--ember)" : "4px solid var(--line)",
        bgcolor: tasks.length > 0 ? "var(--selected)" : "transparent",
        px: tasks.length > 0 ? { xs: 1, sm: 1.75 } : 0,
        pt: 1,
        pb: 0.5,
      }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1.5 }}>
        <Box component="h2" sx={{ m: 0, fontFamily: "var(--font-heading)", fontSize: 22 }}>
          {tasks.length > 0 ? say.beforeDark2({ when }) : when}
        </Box>
        <Button
          component={Link}
          href="/shelters"
          prefetch={false}
          size="small"
          color="inherit"
          sx={{ ml: "auto", color: "var(--ash-text)" }}
        >
          {say.seeTonightUnderCovers}
        </Button>
      </Box>
      {tasks.length === 0 ? (
        <Box sx={{ fontSize: 16, pb: 0.5 }}>{say.nothingToCoverCloseOrPick}</Box>
      ) : (
        <Box component="ul" aria-label={say.beforeDark} sx={{ m: 0, p: 0, listStyle: "none" }}>
          {tasks.slice(0, drawn).map((task) => (
            <TaskRow
              key={task.id}
              task={task}
              place={keyOf(task.place) === keyOf(task.subject) ? null : told(task.place)}
              chosen={chosen && chosen.has(task.id)}
              {...rest}
            />
          ))}
        </Box>
      )}
      {!hasOutlook && (
        <Box sx={{ fontSize: 14, color: "var(--ash-text)", pb: 0.5 }}>
          {say.noForecastBasedOnUsualWeatherEnter}
        </Box>
      )}
    </Box>
  );
}
