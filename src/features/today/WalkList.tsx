"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { memo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Task } from "@/core/tasks";
import type { Settling } from "./settle";
import type { Stop, Walk } from "./stops";
import { TaskRow } from "./TaskRow";
import { today as say } from "@/words/en/today";

interface Props {
  walk: Walk;
  chosen: ReadonlySet<string> | null;
  canSettle: boolean;
  day: DayNumber;
  today: DayNumber;
  onSettle: (task: Task, settling: Settling) => void;
  onChoose: (task: Task) => void;
}

/** The walk as a path with a stop for each place where something is to be done. */
export function WalkList({ walk, ...rest }: Props) {
  return (
    <>
      <Path title={say.beforeYouGoOut} stops={walk.first} {...rest} />
      <Path title={say.inWalkingOrder} stops={walk.beds} {...rest} />
    </>
  );
}

function Path({ title, stops, ...rest }: Omit<Props, "walk"> & { title: string; stops: Stop[] }) {
  if (stops.length === 0) return null;
  return (
    <Box component="section" aria-label={title} sx={{ mt: 2.5 }}>
      <Box component="h2" sx={{ m: 0, mb: 0.5, fontFamily: "var(--font-heading)", fontSize: 22 }}>
        {title}
      </Box>
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {stops.map((stop) => (
          <StopItem key={stop.key} stop={stop} {...rest} />
        ))}
      </Box>
    </Box>
  );
}

const StopItem = memo(function StopItem(props: StopProps) {
  const { stop, chosen, ...rest } = props;
  return (
    <Box
      component="li"
      sx={{
        position: "relative",
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "116px minmax(0, 1fr)" },
        columnGap: 1.5,
        pl: { xs: 2.75, sm: 4 },
        pb: 1.5,
        // What changes at one stop need not be laid out again at the others.
        contain: "layout style",
        // The path itself: footsteps from stop to stop, and a mark for this one.
        "&::before": {
          content: '""',
          position: "absolute",
          left: { xs: 6, sm: 8 },
          top: 0,
          bottom: 0,
          borderLeft: "3px dotted var(--ash)",
        },
        "&::after": {
          content: '""',
          position: "absolute",
          left: { xs: 0, sm: 2 },
          top: { xs: 7, sm: 17 },
          width: 13,
          height: 8,
          borderRadius: "2px",
          bgcolor: "var(--moss)",
          border: "2px solid var(--paper)",
        },
      }}
    >
      <Box
        sx={{
          display: { xs: "flex", sm: "block" },
          alignItems: "baseline",
          columnGap: 1,
          pt: { sm: 1.25 },
          lineHeight: 1.3,
        }}
      >
        <Box component="h3" sx={{ m: 0, fontSize: 17.5 }}>
          {stop.name}
        </Box>
        {stop.within !== null && (
          <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>{stop.within}</Box>
        )}
        {chosen !== null && stop.tasks.length > 1 && (
          <Button
            size="small"
            color="inherit"
            variant="outlined"
            aria-label={say.allOf({ stop: stop.name })}
            onClick={() =>
              stop.tasks.forEach((task) => {
                if (!chosen.has(task.id)) rest.onChoose(task);
              })
            }
            sx={{ mt: { sm: 0.5 } }}
          >
            {say.allHere}
          </Button>
        )}
      </Box>
      <Box component="ul" aria-label={stop.name} sx={{ m: 0, p: 0, listStyle: "none" }}>
        {stop.tasks.map((task) => (
          <TaskRow key={task.id} task={task} chosen={chosen && chosen.has(task.id)} {...rest} />
        ))}
      </Box>
    </Box>
  );
}, isAsBefore);

interface StopProps extends Omit<Props, "walk"> {
  stop: Stop;
}

/** A stop whose tasks are the same is not drawn anew when another's are ticked. */
function isAsBefore(before: StopProps, now: StopProps): boolean {
  const { stop: was, ...others } = before;
  const { stop: is, ...rest } = now;
  return (
    was.name === is.name &&
    was.within === is.within &&
    was.tasks.length === is.tasks.length &&
    was.tasks.every((task, index) => task === is.tasks[index]) &&
    Object.entries(rest).every(([name, value]) => others[name as keyof typeof others] === value)
  );
}
