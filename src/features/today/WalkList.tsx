"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { memo, useId, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Pile, Task } from "@/core/tasks";
import type { Settling } from "./settle";
import type { PileOfStops, Stop } from "./stops";
import { useDrawnSoFar } from "@/ui/drawnSoFar";
import { useOneTabStop } from "@/ui/oneTabStop";
import { TaskRow } from "./TaskRow";
import { today as say } from "@/words/en/today";

interface Props {
  piles: readonly PileOfStops[];
  /** So many tasks are drawn at once; the others follow. */
  firstDrawn: number;
  chosen: ReadonlySet<string> | null;
  canSettle: boolean;
  day: DayNumber;
  today: DayNumber;
  onSettle: (task: Task, settling: Settling) => void;
  onChoose: (task: Task) => void;
}

const TITLES: Readonly<Record<Pile, string>> = {
  today: say.pileToday,
  week: say.pileWeek,
  passing: say.pilePassing,
};

/** A day's tasks by how long they may wait, each pile as a path with a stop for each place. */
export function WalkList({ piles, firstDrawn, ...rest }: Props) {
  const count = piles.reduce((sum, { stops }) => sum + tasksAt(stops), 0);
  const drawn = useDrawnSoFar(count, firstDrawn);
  return pilesWith(piles, drawn).map((pile) => <PilePath key={pile.pile} {...pile} {...rest} />);
}

function tasksAt(stops: readonly Stop[]): number {
  return stops.reduce((sum, { tasks }) => sum + tasks.length, 0);
}

/** The piles with so many tasks of them all, the first first. */
function pilesWith(piles: readonly PileOfStops[], most: number): PileOfStops[] {
  let left = most;
  return piles.map((pile) => {
    const stops: Stop[] = [];
    for (const stop of pile.stops) {
      if (left <= 0) break;
      stops.push({ ...stop, tasks: stop.tasks.slice(0, left) });
      left -= stop.tasks.length;
    }
    return { ...pile, stops };
  });
}

/** Each task's own keys, and the one that chooses all of a stop. */
const ROWS = "ol>li>div,ul>li";

/** So many tasks of the last pile stand open; more would hide that the day is done. */
const MOST_SHOWN = 8;

function PilePath({
  pile,
  stops,
  count,
  minutes,
  ...rest
}: Omit<Props, "piles" | "firstDrawn"> & PileOfStops) {
  const heading = useId();
  const list = useOneTabStop(ROWS);
  const [opened, setOpened] = useState<boolean | null>(null);
  if (count === 0) return null;
  const title = TITLES[pile];
  const canClose = pile === "passing";
  // While several are chosen nothing is out of sight.
  const isOpen = !canClose || rest.chosen !== null || (opened ?? count <= MOST_SHOWN);
  return (
    <Box component="section" aria-labelledby={heading} sx={{ mt: 2.5 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "baseline", columnGap: 1.5 }}>
        <Box
          component="h2"
          id={heading}
          sx={{ m: 0, fontFamily: "var(--font-heading)", fontSize: 22 }}
        >
          {title}
        </Box>
        <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>
          {say.pileSize({ count, minutes })}
        </Box>
        {canClose && rest.chosen === null && (
          <Button
            color="inherit"
            aria-expanded={isOpen}
            aria-label={say.showPile({ pile: title, isOpen })}
            onClick={() => setOpened(!isOpen)}
            sx={{ ml: "auto" }}
          >
            {isOpen ? say.hide : say.show}
          </Button>
        )}
      </Box>
      {isOpen && (
        <Box component="ol" ref={list} sx={{ m: 0, mt: 0.5, p: 0, listStyle: "none" }}>
          {stops.map((stop) => (
            <StopItem key={stop.key} stop={stop} {...rest} />
          ))}
        </Box>
      )}
    </Box>
  );
}

/** By then a stop has been laid out, and keeps its size, ms. */
const RESTS_AFTER_MS = 1500;

/**
 * Has a stop rest where it is out of sight: neither laid out nor drawn, so that a tick elsewhere shows sooner.
 * Not from the start: a size that is only guessed would move what is under a finger.
 */
function restLater(stop: HTMLLIElement | null) {
  if (!stop) return;
  const timer = setTimeout(() => {
    stop.style.contentVisibility = "auto";
  }, RESTS_AFTER_MS);
  return () => clearTimeout(timer);
}

const StopItem = memo(function StopItem(props: StopProps) {
  const { stop, chosen, ...rest } = props;
  return (
    <Box
      component="li"
      ref={restLater}
      sx={{
        position: "relative",
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "116px minmax(0, 1fr)" },
        columnGap: 1.5,
        pl: { xs: 2.75, sm: 4 },
        pb: 1.5,
        // What changes at one stop need not be laid out again at the others.
        contain: "layout style",
        containIntrinsicSize: "auto 160px",
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

interface StopProps extends Omit<Props, "piles" | "firstDrawn"> {
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
