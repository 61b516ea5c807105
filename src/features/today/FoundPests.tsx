"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { isoDate, type DayNumber } from "@/core/calendar";
import { pests } from "@/core/care";
import type { Task } from "@/core/tasks";
import { gardenStore } from "@/store";
import { tell, tellRefusal } from "@/ui/viewState";
import { today as say } from "@/words/en/today";
import { told } from "@/ui/wording";

interface Props {
  task: Task;
  day: DayNumber;
  today: DayNumber;
}

/** What was found on the look round a bed, said with a tap: it is logged, and asked after again. */
export default function FoundPests({ task, day, today }: Props) {
  const found = async (pestId: string) => {
    const done = await gardenStore().dispatch("log.keep", {
      entries: [
        {
          id: `${task.bedId ?? "garden"}-seen-${pestId}-${isoDate(day)}`,
          on: isoDate(day),
          taskId: null,
          what: { kind: "seen", bedId: task.bedId, plantingId: null, pestId },
          note: "",
        },
      ],
      today: isoDate(today),
    });
    if (!done.ok) return tellRefusal(done);
    tell(
      say.noted({ name: pests.get(pestId)?.name ?? pestId, mild: pests.get(pestId)?.mild ?? "" }),
      "done",
      true,
    );
  };
  return (
    <Box
      role="group"
      aria-label={say.found2}
      sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", my: 0.75 }}
    >
      {say.found}
      {task.pestIds.map((pestId) => (
        <Button
          key={pestId}
          size="small"
          color="inherit"
          variant="outlined"
          aria-label={say.found3({
            name: pests.get(pestId)?.name ?? pestId,
            place: told(task.place),
          })}
          onClick={() => void found(pestId)}
        >
          {pests.get(pestId)?.name ?? pestId}
        </Button>
      ))}
    </Box>
  );
}
