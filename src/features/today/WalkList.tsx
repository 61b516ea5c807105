"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { DayNumber } from "@/core/calendar";
import type { Task } from "@/core/round";
import type { LocalWording } from "@/ui/wording";
import type { Settling } from "./settle";
import type { Stop, Walk } from "./stops";
import { TaskRow } from "./TaskRow";

interface Props {
  walk: Walk;
  chosen: ReadonlySet<string> | null;
  canSettle: boolean;
  day: DayNumber;
  today: DayNumber;
  wording: LocalWording;
  onSettle: (task: Task, settling: Settling) => void;
  onChoose: (task: Task) => void;
}

/** The walk as a path with a stop for each place where something is to be done. */
export function WalkList({ walk, ...rest }: Props) {
  return (
    <>
      <Path title="Before you go out" stops={walk.first} {...rest} />
      <Path title="The walk" stops={walk.beds} {...rest} />
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
      <Box
        component="ol"
        sx={{
          m: 0,
          p: 0,
          pl: { xs: 1.5, sm: 2.5 },
          ml: { xs: 0.75, sm: 1 },
          listStyle: "none",
          // The path itself: footsteps from stop to stop.
          borderLeft: "3px dotted var(--ash)",
        }}
      >
        {stops.map((stop) => (
          <StopItem key={stop.key} stop={stop} {...rest} />
        ))}
      </Box>
    </Box>
  );
}

function StopItem({ stop, chosen, ...rest }: Omit<Props, "walk"> & { stop: Stop }) {
  return (
    <Box
      component="li"
      sx={{
        position: "relative",
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "116px minmax(0, 1fr)" },
        columnGap: 1.5,
        pb: 1,
        mb: 0.5,
        borderBottom: { sm: "1px solid var(--line)" },
      }}
    >
      <Box
        aria-hidden
        sx={{
          position: "absolute",
          left: { xs: -22, sm: -30 },
          top: { xs: 9, sm: 17 },
          width: 17,
          height: 11,
          borderRadius: "2px",
          bgcolor: "var(--moss)",
          border: "2px solid var(--paper)",
        }}
      />
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
            aria-label={`All of ${stop.name}`}
            onClick={() =>
              stop.tasks.forEach((task) => {
                if (!chosen.has(task.id)) rest.onChoose(task);
              })
            }
            sx={{ mt: { sm: 0.5 } }}
          >
            All here
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
}
