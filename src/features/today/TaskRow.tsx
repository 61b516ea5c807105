"use client";

import CheckIcon from "@mui/icons-material/Check";
import LaterIcon from "@mui/icons-material/MoreTimeOutlined";
import SkipIcon from "@mui/icons-material/DoNotDisturbOnOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { memo, useId, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import { cautionWords } from "@/core/crops";
import type { Task } from "@/core/tasks";
import { useWording } from "@/ui/wording";
import type { Settling } from "./settle";
import { taskTitle } from "./taskWords";
import { today as say } from "@/words/en/today";
import { lazyPart } from "@/ui/frame";
import { told } from "@/ui/wording";

const FoundPests = lazyPart(() => import("./FoundPests"));

interface Props {
  task: Task;
  /** Told after the title, where the list is not of one place. */
  place?: string | null;
  /** In the choosing of several: whether this one is chosen; null outside of it. */
  chosen: boolean | null;
  /** Days to come are looked at, not ticked. */
  canSettle: boolean;
  day: DayNumber;
  today: DayNumber;
  onSettle: (task: Task, settling: Settling) => void;
  onChoose: (task: Task) => void;
}

/** One task: done with one large tap at its left, later or not at all at its right, more below. */
export const TaskRow = memo(function TaskRow(props: Props) {
  const { task, place = null, chosen, canSettle, day, today } = props;
  const { onSettle, onChoose } = props;
  const [open, setOpen] = useState(false);
  const detailsId = useId();
  const title = taskTitle(task);
  const name =
    place === null ? say.text2({ title, place: told(task.place) }) : say.text2({ title, place });
  return (
    <Box
      component="li"
      sx={{
        display: "grid",
        gridTemplateColumns: "52px minmax(0, 1fr) auto",
        alignItems: "start",
        columnGap: 1,
        borderBottom: "1px dotted var(--line)",
        "&:last-of-type": { borderBottom: 0 },
      }}
    >
      <DoneButton
        name={name}
        chosen={chosen}
        disabled={!canSettle}
        onClick={() => (chosen === null ? onSettle(task, { as: "done" }) : onChoose(task))}
      />
      <Box sx={{ py: 0.75, lineHeight: 1.3, minWidth: 0 }}>
        <Box sx={{ fontSize: 17 }}>
          <b>{title}</b>
          {place !== null && <Box component="span">{say.text3({ place })}</Box>}
          {task.isLate && (
            <Box component="span" sx={{ ml: 1, fontWeight: 700, color: "var(--ember-text)" }}>
              {say.late}
            </Box>
          )}
          {task.howMuch !== null && (
            <Box component="span" sx={{ ml: 1, color: "var(--ash-text)", fontSize: 15.5 }}>
              {told(task.howMuch)}
            </Box>
          )}
        </Box>
        <Box sx={{ fontSize: 15 }}>
          {told(task.reason)} {task.isLate && <b>{told(task.ifLeft)}</b>}{" "}
          <Button
            size="small"
            color="inherit"
            aria-expanded={open}
            aria-controls={detailsId}
            aria-label={say.about({ open, name })}
            onClick={() => setOpen(!open)}
            sx={{
              py: 0,
              minHeight: 24,
              minWidth: 0,
              color: "var(--ash-text)",
              fontSize: 14,
              lineHeight: 1.3,
            }}
          >
            {open ? say.lessWord : say.moreWord}
          </Button>
        </Box>
        {open && (
          <Details
            id={detailsId}
            task={task}
            canSettle={canSettle}
            day={day}
            today={today}
            onSettle={onSettle}
          />
        )}
      </Box>
      {chosen === null && canSettle ? (
        <Box sx={{ display: "flex", flexDirection: { xs: "column", sm: "row" }, pt: 0.5 }}>
          <IconButton
            aria-label={say.snooze2({ name })}
            title={say.snoozeUntilTomorrow}
            onClick={() => onSettle(task, { as: "putOff", days: 1 })}
            sx={SIDE}
          >
            <LaterIcon />
          </IconButton>
          <IconButton
            aria-label={say.skip2({ name })}
            title={say.skipNotDoingIt}
            onClick={() => onSettle(task, { as: "skipped" })}
            sx={SIDE}
          >
            <SkipIcon />
          </IconButton>
        </Box>
      ) : (
        <span />
      )}
    </Box>
  );
});

const SIDE = { width: { xs: 40, sm: 44 }, height: 44, color: "var(--ash-text)" } as const;

function DoneButton(props: {
  name: string;
  chosen: boolean | null;
  disabled: boolean;
  onClick: () => void;
}) {
  const { name, chosen, disabled, onClick } = props;
  const choosing = chosen !== null;
  return (
    <Box
      component="button"
      type="button"
      role={choosing ? "checkbox" : undefined}
      aria-checked={choosing ? chosen : undefined}
      aria-label={choosing ? say.choose({ name }) : say.done3({ name })}
      disabled={disabled}
      onClick={onClick}
      sx={{
        width: 52,
        height: 52,
        p: 0,
        border: 0,
        background: "none",
        display: "grid",
        placeItems: "center",
        cursor: disabled ? "default" : "pointer",
        color: chosen ? "var(--paper)" : "transparent",
        "& > span": {
          width: 34,
          height: 34,
          display: "grid",
          placeItems: "center",
          boxSizing: "border-box",
          borderRadius: choosing ? "4px" : "50% 50% 50% 12%",
          border: disabled ? "2px dashed var(--ash)" : "2.5px solid var(--moss-text)",
          bgcolor: chosen ? "var(--moss-text)" : "transparent",
        },
        "&:hover:not(:disabled) > span": { color: "var(--moss-text)", bgcolor: "var(--selected)" },
        "&:focus-visible": {
          outline: "3px solid var(--ember)",
          outlineOffset: -3,
          borderRadius: 1,
        },
      }}
    >
      <span>
        <CheckIcon />
      </span>
    </Box>
  );
}

function Details(props: {
  id: string;
  task: Task;
  canSettle: boolean;
  day: DayNumber;
  today: DayNumber;
  onSettle: Props["onSettle"];
}) {
  const wording = useWording();
  const { id, task, canSettle, day, today, onSettle } = props;
  const { fromDay, untilDay, endsWhen, ifLeft, more, cautions } = task;
  const window =
    untilDay > fromDay
      ? say.fromTo({ date: wording.date(fromDay), date2: wording.date(untilDay, fromDay) })
      : say.on({ date: wording.date(fromDay) });
  return (
    <Box id={id} sx={{ fontSize: 15, mt: 0.5, mb: 0.5 }}>
      {more.map((line) => (
        <Box key={told(line)} sx={{ mb: 0.5 }}>
          {told(line)}
        </Box>
      ))}
      {canSettle && task.pestIds.length > 0 && <FoundPests task={task} day={day} today={today} />}
      {cautions.map((caution) => (
        <Box key={caution} sx={{ my: 0.5, pl: 1, borderLeft: "4px solid var(--ember)" }}>
          {cautionWords(caution)}
        </Box>
      ))}
      <Box sx={{ color: "var(--ash-text)" }}>
        {say.doneWhenIfLeft({
          window,
          endsWhen: told(endsWhen),
          charAt: told(ifLeft).charAt(0).toLowerCase() + told(ifLeft).slice(1),
        })}
      </Box>
      {canSettle && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 0.75 }}>
          {LATER.map(({ days, words }) => (
            <Button
              key={days}
              size="small"
              color="inherit"
              variant="outlined"
              onClick={() => onSettle(task, { as: "putOff", days })}
            >
              {words}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}

const LATER = [
  { days: 3, words: say.inThreeDays },
  { days: 7, words: say.inAWeek },
] as const;
