"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Task } from "@/core/tasks";
import type { Settling } from "./settle";
import { today as say } from "@/words/en/today";

interface Props {
  tasks: readonly Task[];
  chosen: ReadonlySet<string>;
  onAll: () => void;
  onSettle: (tasks: Task[], settling: Settling) => Promise<void>;
  onStop: () => void;
}

/** What is done with the tasks that are chosen: at the foot of the view, within reach of a thumb. */
export function SeveralBar({ tasks, chosen, onAll, onSettle, onStop }: Props) {
  const some = tasks.filter(({ id }) => chosen.has(id));
  const none = some.length === 0;
  return (
    <Box
      role="toolbar"
      aria-label={say.withSelected}
      sx={{
        position: "sticky",
        bottom: -48,
        mx: { xs: -1.5, md: -2.75 },
        px: { xs: 1.5, md: 2.75 },
        py: 1,
        mt: 2,
        display: "flex",
        flexWrap: "wrap",
        gap: 1,
        alignItems: "center",
        bgcolor: "var(--surface)",
        borderTop: "2px solid var(--moss)",
        zIndex: 2,
      }}
    >
      <Button
        variant="contained"
        size="large"
        disabled={none}
        onClick={() => void onSettle(some, { as: "done" })}
      >
        {none ? say.done : say.done2({ someCount: some.length })}
      </Button>
      <Button
        size="large"
        variant="outlined"
        color="inherit"
        disabled={none}
        onClick={() => void onSettle(some, { as: "putOff", days: 1 })}
      >
        {say.snooze}
      </Button>
      <Button
        size="large"
        variant="outlined"
        color="inherit"
        disabled={none}
        onClick={() => void onSettle(some, { as: "skipped" })}
      >
        {say.skip}
      </Button>
      <Button color="inherit" onClick={onAll}>
        {say.selectAll}
      </Button>
      <Button color="inherit" onClick={onStop}>
        {say.cancel}
      </Button>
    </Box>
  );
}
